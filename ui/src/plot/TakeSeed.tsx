import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { Link } from 'react-router';
import { NoneKept } from '../api/entries';
import { Refused, type ShelfRow } from '../api/client';
import { useLook } from '../api/look';
import { useRecord } from '../api/outbox';
import { useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Section, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { plural } from '../kit/words';
import { seedDrafts, worthTaking } from './shelf';
import { v7 } from 'uuid';

/** From open fruit to the bench: as one lot, or as a lot of each, at once. */
export function TakeSeed({ row }: { row: ShelfRow }) {
  const frame = useFrame();
  const say = useSay();
  const { at } = useLook();
  const open = row.fruits.filter((fruit) => fruit.open);
  const [left, setLeft] = useState<number[]>([]);
  const [asked, setAsked] = useState('');
  const worth = worthTaking(open).map(({ number }) => number);
  const isTaken = (number: number) => worth.includes(number) !== left.includes(number);
  const taken = open.filter(({ number }) => isTaken(number));
  const save = useRecord(({ each, evenSo }: { each: boolean; evenSo: boolean }) => ({
    title: `Seed of fruit, ${row.tag.code}`,
    at: window.location.pathname,
    act: v7(),
    whole: true,
    drafts: seedDrafts(row, taken, each, frame.data?.now ?? '', evenSo),
  }));
  const [each, setEach] = useState(false);
  if (open.length === 0) return null;
  const take = async (evenSo: boolean) => {
    setAsked('');
    try {
      const saved = await save.mutateAsync({ each, evenSo });
      say(`Kept. ${saved.said}`, saved.entry);
      setLeft([]);
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      const said = error instanceof NoneKept ? error.answers.flatMap((one) => Object.values(one.errors)) : [];
      setAsked(said[0] ?? error.message);
    }
  };
  return (
    <Section title="Take the seed out">
      <Box sx={{ maxWidth: '46em', mb: 1 }}>
        {row.wet
          ? 'It goes to the bench as fruit that is opened: to ferment, or to be rinsed.'
          : 'It goes to the bench, to be shaken out.'}{' '}
        <Box component={Link} to={at('/bench')} sx={{ color: 'inherit' }}>
          To the bench
        </Box>
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {open.map((fruit) => (
          <li key={fruit.number}>
            <FormControlLabel
              sx={{ minHeight: 48 }}
              control={
                <Checkbox
                  checked={isTaken(fruit.number)}
                  onChange={() =>
                    setLeft(
                      left.includes(fruit.number)
                        ? left.filter((one) => one !== fruit.number)
                        : [...left, fruit.number],
                    )
                  }
                />
              }
              label={[
                `Fruit ${fruit.number}`,
                ...(fruit.plant === '' ? [] : [`plant ${fruit.plant}`]),
                ...(fruit.found === '' ? [] : [fruit.found]),
              ].join(', ')}
            />
          </li>
        ))}
      </Box>
      {taken.length > 1 && (
        <FormControlLabel
          control={<Checkbox checked={each} onChange={() => setEach(!each)} />}
          label="A lot of each, so that it is known by its fruit"
        />
      )}
      {asked !== '' && <Trouble>{asked}</Trouble>}
      <Waiting write={save} typed={false} />
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button
          variant="contained"
          disabled={taken.length === 0 || save.isPending}
          onClick={() => void take(asked !== '')}
        >
          {asked !== ''
            ? 'Take it all the same'
            : each && taken.length > 1
              ? `Take it out: ${plural(taken.length, 'lot')}`
              : `Take it out of ${plural(taken.length, 'fruit')}`}
        </Button>
      </Box>
    </Section>
  );
}
