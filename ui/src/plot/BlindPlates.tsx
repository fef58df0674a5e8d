import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Refused, type Tasting, type Tastings } from '../api/client';
import { Asked } from '../api/entries';
import { keeper } from '../api/keeper';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useDraft } from '../kit/draft';
import { errorOf } from '../kit/FieldGrid';
import { TextInput } from '../kit/fields';
import { FormFrame } from '../kit/FormFrame';
import { Resumed } from '../kit/Resumed';
import { useSay } from '../kit/Said';
import { Section, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { plural } from '../kit/words';
import { Key, Keys } from './Keys';
import { ofPlanting } from './ofPlanting';

const MARKS = [1, 2, 3, 4, 5];

type Scored = { taster: string; marks: (number | null)[] };

/** The plates as they stand on the table: everybody's marks on their own phone, or off their paper; nobody is told which is which. */
export function BlindPlates({ of, tasting, fixed }: { of: Tastings; tasting: Tasting; fixed: boolean }) {
  const frame = useFrame();
  const say = useSay();
  const { plates, tasters } = tasting;
  const empty = { taster: tasters.length === 0 ? keeper() : '', marks: plates.map(() => null) };
  const draft = useDraft<Scored>(`tasting:${tasting.id}:${tasters.length}`, () => empty, {
    title: `Marks, ${of.tag.code}`,
    at: window.location.pathname,
  });
  const { taster, marks } = draft.values;
  const save = useRecord((evenSo: boolean) => ({
    title: `Marks, ${of.tag.code}`,
    form: draft.name,
    at: window.location.pathname,
    drafts: [
      ofPlanting(
        of.id,
        'tasting_scored',
        frame.data?.now ?? '',
        { tasting: tasting.id, taster, scores: marks },
        { id: draft.id, evenSo },
      ),
    ],
  }));
  const unblind = useRecord(() => ({
    title: `Tasting unblinded, ${of.tag.code}`,
    at: window.location.pathname,
    drafts: [ofPlanting(of.id, 'tasting_unblinded', frame.data?.now ?? '', { tasting: tasting.id })],
  }));
  const [pressed, setPressed] = useState(false);
  const left = unmarked(plates, marks);
  const refused = save.error instanceof Refused ? save.error : undefined;
  return (
    <>
      <Box sx={{ '@media print': { display: 'none' } }}>
        <Section
          title={tasting.set}
          action={
            <Button variant="text" onClick={() => window.print()}>
              Print the numbers
            </Button>
          }
        >
          <Box sx={{ maxWidth: '46em' }}>
            {[
              ...tasting.said,
              `In this order on the table, alike, and no word until all have scored. ${
                tasters.length === 0 ? 'Nobody has scored it yet.' : `Scored by ${tasters.join(', ')}.`
              }`,
            ].join(' ')}
          </Box>
          {!fixed && (
            <FormFrame
              label="Marks"
              refused={refused}
              busy={save.isPending}
              onSubmit={() => {
                setPressed(true);
                if (left === '')
                  void afterwards(save.mutateAsync(save.error instanceof Asked), (saved) => {
                    draft.clear();
                    setPressed(false);
                    say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry);
                  });
              }}
            >
              <Resumed draft={draft} />
              <Box sx={{ maxWidth: 320, my: 1 }}>
                <TextInput
                  label="Who tasted"
                  value={taster}
                  error={refused === undefined ? undefined : errorOf('taster', refused.fields)}
                  onChange={(typed) => draft.set({ taster: typed })}
                />
              </Box>
              {plates.map(({ number }, i) => (
                <Keys key={number} label={`Plate ${number}`}>
                  {MARKS.map((mark) => (
                    <Key
                      key={mark}
                      on={marks[i] === mark}
                      name={`Plate ${number}: ${mark}`}
                      onPress={() =>
                        draft.set({
                          marks: marks.map((one, p) => (p === i ? (one === mark ? null : mark) : one)),
                        })
                      }
                    >
                      {mark}
                    </Key>
                  ))}
                </Keys>
              ))}
              {pressed && left !== '' && <Trouble>{left}</Trouble>}
              {refused !== undefined && errorOf('taster', refused.fields) === undefined && (
                <Trouble>{errorOf('scores', refused.fields) ?? refused.message}</Trouble>
              )}
              <Waiting write={save} />
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 2 }}>
                <Button type="submit" variant="contained" disabled={save.isPending}>
                  {save.error instanceof Asked ? 'It was so all the same' : 'Keep these marks'}
                </Button>
                {tasters.length > 0 && (
                  <Button
                    variant="outlined"
                    disabled={unblind.isPending}
                    onClick={() =>
                      void afterwards(unblind.mutateAsync(undefined), (saved) =>
                        say(`Kept. ${saved.said}`, saved.entry),
                      )
                    }
                  >
                    All have scored: see which was which
                  </Button>
                )}
              </Box>
              {unblind.error instanceof Refused && <Trouble>{unblind.error.message}</Trouble>}
            </FormFrame>
          )}
        </Section>
      </Box>
      <Paper tasting={tasting} code={of.tag.code} />
    </>
  );
}

/** Which plates a taster has left out; '' where none is. */
function unmarked(plates: Tasting['plates'], marks: (number | null)[]): string {
  const left = plates.filter((_, i) => (marks[i] ?? null) === null).map(({ number }) => number);
  if (left.length === 0) return '';
  const said = left.length === 1 ? `plate ${left.join('')} has` : `plates ${left.join(', ')} have`;
  return `There were ${plural(plates.length, 'plate')}, and ${plates.length - left.length} were scored: ${said} no mark yet.`;
}

/** To cut out for the plates, and a sheet to pencil marks in. */
function Paper({ tasting, code }: { tasting: Tasting; code: string }) {
  const cell = { border: '0.3mm solid #000', p: '2mm', textAlign: 'left' as const };
  return (
    <Box sx={{ display: 'none', '@media print': { display: 'block' } }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(4, 1fr)' }}>
        {tasting.plates.map(({ number }) => (
          <Box
            key={number}
            sx={{
              border: '0.3mm dashed #000',
              textAlign: 'center',
              py: '8mm',
              fontSize: '40pt',
              fontWeight: 800,
            }}
          >
            {number}
          </Box>
        ))}
      </Box>
      <Box
        component="table"
        sx={{ mt: '8mm', borderCollapse: 'collapse', width: '100%', breakInside: 'avoid', fontSize: '11pt' }}
      >
        <caption style={{ textAlign: 'left', paddingBottom: '2mm' }}>
          {code}. {tasting.set}. Marks from 1, poor, to 5, as good as it gets.
        </caption>
        <thead>
          <tr>
            <Box component="th" sx={cell}>
              Who tasted
            </Box>
            {tasting.plates.map(({ number }) => (
              <Box component="th" key={number} sx={cell}>
                {number}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {[1, 2, 3, 4, 5, 6].map((row) => (
            <tr key={row}>
              <Box component="td" sx={{ ...cell, width: '40mm', height: '10mm' }} />
              {tasting.plates.map(({ number }) => (
                <Box component="td" key={number} sx={cell} />
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
