import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api, take, type Variety } from '../api/client';
import { useFamilyOfVariety } from '../api/family';
import { afterwards, useVarieties, useWrite } from '../api/queries';
import { ChoiceInput, TextInput } from '../kit/fields';
import { SaveAs } from '../kit/SaveAs';
import { Empty, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';
import { FamilyTold } from '../lots/FamilyOf';
import { VarietyForm } from '../record/VarietyForm';

/** Every variety of the garden, to be renamed, put to another crop, or found to be another one that is here. */
export function VarietiesBook() {
  const varieties = useVarieties();
  const [find, setFind] = useState('');
  const [adding, setAdding] = useState(false);
  if (varieties.error !== null) return <Trouble>{varieties.error.message}</Trouble>;
  const all = varieties.data ?? [];
  const words = find.toLowerCase().split(/\s+/);
  const found = all.filter(({ name, crop_name, latin }) =>
    words.every((word) => `${name} ${crop_name} ${latin}`.toLowerCase().includes(word)),
  );
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0 }}>
        Varieties
      </Box>
      {adding ? (
        <VarietyForm onSaved={() => setAdding(false)} onCancel={() => setAdding(false)} />
      ) : (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'end', mb: 2, flexWrap: 'wrap' }}>
          <Box sx={{ flex: 1 }}>
            <TextInput label="Only those with" value={find} onChange={setFind} />
          </Box>
          <Button onClick={() => setAdding(true)}>Add a variety</Button>
          {found.length > 0 && (
            <SaveAs
              title="Varieties"
              table={() => [
                ['Crop', 'Latin name', 'Variety', 'What it is', 'Note'],
                ...found.map(({ crop_name, latin, name, type, generation, note }) => [
                  crop_name,
                  latin,
                  name,
                  generation === '' ? type.replace('_', '-') : generation,
                  note,
                ]),
              ]}
            />
          )}
        </Box>
      )}
      {found.length === 0 && <Empty>No variety is called that.</Empty>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {found.map((variety) => (
          <Line
            key={variety.id}
            variety={variety}
            others={all.filter((other) => other.crop === variety.crop && other.id !== variety.id)}
          />
        ))}
      </Box>
    </Box>
  );
}

function Line({ variety, others }: { variety: Variety; others: Variety[] }) {
  const [act, setAct] = useState<'change' | 'merge' | 'family' | null>(null);
  if (act === 'change')
    return (
      <li>
        <VarietyForm variety={variety} onSaved={() => setAct(null)} onCancel={() => setAct(null)} />
      </li>
    );
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
        alignItems: 'center',
        py: 0.5,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
      })}
    >
      <Box sx={{ flex: 1, minWidth: 220 }}>
        <b>{variety.name}</b>
        {variety.generation !== '' && ` ${variety.generation}`}, {variety.crop_name},{' '}
        <em lang="la">{variety.latin}</em>
        {variety.note !== '' && (
          <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{variety.note}</Box>
        )}
      </Box>
      <Button variant="text" onClick={() => setAct('change')} aria-label={`Change ${variety.name}`}>
        Change
      </Button>
      <Button
        variant="text"
        onClick={() => setAct(act === 'family' ? null : 'family')}
        aria-expanded={act === 'family'}
        aria-label={`Family of ${variety.name}`}
      >
        Family
      </Button>
      {others.length > 0 && (
        <Button
          variant="text"
          onClick={() => setAct('merge')}
          aria-label={`Merge ${variety.name} into another`}
        >
          It is another one
        </Button>
      )}
      {act === 'family' && <FamilyOfVariety variety={variety} />}
      {act === 'merge' && <Merge variety={variety} others={others} onClose={() => setAct(null)} />}
    </Box>
  );
}

/** All lots of it, what they came from and what came of them. */
function FamilyOfVariety({ variety }: { variety: Variety }) {
  const family = useFamilyOfVariety(variety.id);
  return (
    <Box sx={{ width: '100%', pb: 2 }}>
      {family.error !== null && <Trouble>{family.error.message}</Trouble>}
      {family.data !== undefined && (
        <>
          <p>{family.data.said}</p>
          <FamilyTold family={family.data} says={`The family of ${variety.name}`} />
        </>
      )}
    </Box>
  );
}

/** Two names for one variety: everything of the one becomes the other's. */
function Merge({ variety, others, onClose }: { variety: Variety; others: Variety[]; onClose: () => void }) {
  const [into, setInto] = useState('');
  const say = useSay();
  const merge = useWrite(() =>
    take(api.POST('/varieties/{id}/merge', { params: { path: { id: variety.id } }, body: { into } })),
  );
  return (
    <Box sx={{ width: '100%', display: 'flex', gap: 1, alignItems: 'end', flexWrap: 'wrap', pb: 1 }}>
      <Box sx={{ minWidth: 240 }}>
        <ChoiceInput
          label={`${variety.name} is the same as`}
          hint={`Plantings, lots and figures of ${variety.name} become that one’s; the name ${variety.name} is then gone.`}
          options={[
            { key: '', label: 'choose which' },
            ...others.map(({ id, name }) => ({ key: id, label: name })),
          ]}
          value={into}
          onChange={setInto}
        />
      </Box>
      <Button
        variant="contained"
        disabled={merge.isPending || into === ''}
        onClick={() => void afterwards(merge.mutateAsync(undefined), (saved) => say(saved.said))}
      >
        Make them one
      </Button>
      <Button variant="text" onClick={onClose}>
        Cancel
      </Button>
      <Waiting write={merge} />
      {merge.error !== null && <Trouble>{merge.error.message}</Trouble>}
    </Box>
  );
}
