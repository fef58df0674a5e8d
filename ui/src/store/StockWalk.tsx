import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { v7 } from 'uuid';
import { Refused, type Draft, type HeldLot } from '../api/client';
import { recordAll } from '../api/entries';
import { afterwards, useFrame, useWrite } from '../api/queries';
import { useSay } from '../kit/Said';
import { Section, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { TextInput } from '../kit/fields';
import { plural } from '../kit/words';

/** What was found of one packet: there, not there, or another number of seeds. */
type Found = { there: 'yes' | 'no' | ''; seeds: string; reason: string };

const nothing: Found = { there: '', seeds: '', reason: '' };

const key = (lot: HeldLot) => `${lot.lot} ${lot.container}`;

/** A walk along what should be there: a tick for what is, a figure or a reason for what differs. All of it is kept together. */
export function StockWalk({ lots, onDone }: { lots: HeldLot[]; onDone: () => void }) {
  const frame = useFrame();
  const say = useSay();
  const [found, setFound] = useState<Record<string, Found>>({});
  const of = (lot: HeldLot) => found[key(lot)] ?? nothing;
  const looked = lots.filter((lot) => of(lot).there !== '' || of(lot).seeds.trim() !== '');
  const set = (lot: HeldLot, change: Partial<Found>) =>
    setFound((was) => ({ ...was, [key(lot)]: { ...(was[key(lot)] ?? nothing), ...change } }));
  const save = useWrite(() =>
    recordAll(
      looked.map((lot): Draft => {
        const { there, seeds, reason } = of(lot);
        return {
          id: v7(),
          about: { subject: 'lot', id: lot.lot },
          kind: 'seen',
          happened_at: frame.data?.now ?? '',
          payload: {
            container: lot.container,
            gone: there === 'no',
            seeds: there === 'no' ? null : seeds.trim(),
            reason,
          } as never,
          even_so: true,
        };
      }),
    ),
  );
  return (
    <Section title="Stock-taking">
      <p style={{ maxWidth: '46em', marginTop: 0 }}>
        Walk along it and say of each whether it is there. Where there is another number of seeds, write that,
        and why if you know.
      </p>
      <Box component="ul" aria-label="What should be there" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {lots.map((lot) => {
          const { there, seeds, reason } = of(lot);
          const name = `${lot.tag.code} ${lot.tag.variety}`;
          const differs = there === 'no' || seeds.trim() !== '';
          return (
            <Box
              component="li"
              key={key(lot)}
              sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, py: 0.75 })}
            >
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
                <Box sx={{ flex: '1 1 240px', minWidth: 0 }}>
                  {lot.tag.code} <b>{lot.tag.variety}</b>, {lot.tag.crop.toLowerCase()}
                  <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                    {lot.path} · {lot.kind} · {lot.amount}
                  </Box>
                </Box>
                <Button
                  variant={there === 'yes' ? 'contained' : 'outlined'}
                  aria-pressed={there === 'yes'}
                  aria-label={`${name} is there`}
                  onClick={() => set(lot, { there: there === 'yes' ? '' : 'yes' })}
                >
                  There
                </Button>
                <Button
                  variant={there === 'no' ? 'contained' : 'outlined'}
                  aria-pressed={there === 'no'}
                  aria-label={`${name} is not there`}
                  onClick={() => set(lot, { there: there === 'no' ? '' : 'no' })}
                >
                  Not there
                </Button>
                <Box sx={{ width: 120 }}>
                  <TextInput
                    hidden
                    label={`Seeds of ${name}`}
                    inputMode="numeric"
                    unit="seeds"
                    value={there === 'no' ? '' : seeds}
                    onChange={(text) => set(lot, { seeds: text, there: there === 'no' ? '' : there })}
                  />
                </Box>
              </Box>
              {differs && (
                <Box sx={{ maxWidth: 480, mt: 0.5 }}>
                  <TextInput
                    label={`Why ${name} differs`}
                    value={reason}
                    onChange={(text) => set(lot, { reason: text })}
                  />
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
      {save.error !== null && (
        <Trouble>{save.error instanceof Refused ? save.error.message : 'That could not be kept.'}</Trouble>
      )}
      <Waiting write={save} />
      <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button
          variant="contained"
          disabled={looked.length === 0 || save.isPending}
          onClick={() =>
            void afterwards(save.mutateAsync(undefined), () => {
              say(`Kept: stock taken of ${plural(looked.length, 'packet')}.`);
              onDone();
            })
          }
        >
          Keep what was found
        </Button>
        <Button
          onClick={() =>
            setFound((was) =>
              Object.fromEntries(
                lots.map((lot) => [
                  key(lot),
                  {
                    ...(was[key(lot)] ?? nothing),
                    there: was[key(lot)]?.there === 'no' ? 'no' : 'yes',
                  } as Found,
                ]),
              ),
            )
          }
        >
          All others are there
        </Button>
        <Button variant="text" onClick={onDone}>
          Leave it
        </Button>
        <span>
          {looked.length} of {lots.length} looked at
        </span>
      </Box>
    </Section>
  );
}
