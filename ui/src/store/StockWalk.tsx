import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { v7 } from 'uuid';
import { Refused, type Draft, type HeldLot } from '../api/client';
import { Asked } from '../api/entries';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Caution, Section, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { TextInput } from '../kit/fields';
import { roughly } from './roughly';
import { plural } from '../kit/words';

/** What was found of one packet: there, not there, or another number of seeds; its entry keeps its id however often it is sent. */
type Found = { there: 'yes' | 'no' | ''; seeds: string; reason: string; id: string };

const nothing = (): Found => ({ there: '', seeds: '', reason: '', id: v7() });

const key = (lot: HeldLot) => `${lot.lot} ${lot.container}`;

/** A walk along what should be there: a tick for what is, a figure or a reason for what differs. All of it is kept together. */
export function StockWalk({ lots, onDone }: { lots: HeldLot[]; onDone: () => void }) {
  const frame = useFrame();
  const say = useSay();
  const [found, setFound] = useState<Record<string, Found>>({});
  const of = (lot: HeldLot) => found[key(lot)] ?? nothing();
  const looked = lots.filter((lot) => of(lot).there !== '' || of(lot).seeds.trim() !== '');
  const set = (lot: HeldLot, change: Partial<Found>) =>
    setFound((was) => ({ ...was, [key(lot)]: { ...(was[key(lot)] ?? nothing()), ...change } }));
  const save = useRecord((evenSo: boolean) => ({
    title: 'Stock-taking',
    drafts: looked.map((lot): Draft => {
      const { there, seeds, reason, id } = of(lot);
      const { seeds: many, about } = roughly(seeds);
      return {
        id,
        about: { subject: 'lot', id: lot.lot },
        kind: 'seen',
        happened_at: frame.data?.now ?? '',
        payload: {
          container: lot.container,
          gone: there === 'no',
          seeds: there === 'no' ? null : many,
          about: there !== 'no' && about,
          reason,
        } as never,
        even_so: evenSo,
      };
    }),
  }));
  const keep = (evenSo: boolean) =>
    void afterwards(save.mutateAsync(evenSo), () => {
      say(`Kept: stock taken of ${plural(looked.length, 'packet')}.`);
      onDone();
    });
  // Of which packet it is that something is asked or refused; the others are as good as they were.
  const at = (lot: HeldLot) =>
    save.error instanceof Refused &&
    save.error.draft !== undefined &&
    save.error.draft === found[key(lot)]?.id
      ? save.error
      : undefined;
  const wrong = lots.find((lot) => at(lot) !== undefined);
  return (
    <Section title="Stock-taking">
      <p style={{ maxWidth: '46em', marginTop: 0 }}>
        Walk along it and say of each whether it is there. Where there is another number of seeds, write that,
        and why if you know; “about 12” will do. What lies here and is not on the list is found by{' '}
        <Link to="/read">its tag</Link> and moved here, or <Link to="/store/stock">written down</Link> if
        nobody ever did.
      </p>
      <Box component="ul" aria-label="What should be there" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {lots.map((lot) => {
          const { there, seeds, reason } = of(lot);
          const name = `${lot.tag.code} ${lot.tag.variety}`;
          const trouble = at(lot);
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
                    error={trouble instanceof Asked ? undefined : trouble?.message}
                    unit="seeds"
                    value={there === 'no' ? '' : seeds}
                    onChange={(text) => set(lot, { seeds: text, there: there === 'no' ? '' : there })}
                  />
                </Box>
              </Box>
              {trouble instanceof Asked && <Caution>{trouble.message}</Caution>}
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
      {wrong !== undefined && (
        <Trouble>
          Nothing is kept yet: look at {wrong.tag.code} {wrong.tag.variety}, {wrong.kind}.
        </Trouble>
      )}
      {save.error !== null && wrong === undefined && (
        <Trouble>{save.error instanceof Refused ? save.error.message : 'That could not be kept.'}</Trouble>
      )}
      <Waiting write={save} />
      <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button
          variant="contained"
          disabled={looked.length === 0 || save.isPending}
          onClick={() => keep(false)}
        >
          Keep what was found
        </Button>
        {save.error instanceof Asked && (
          <Button disabled={save.isPending} onClick={() => keep(true)}>
            It was so all the same
          </Button>
        )}
        <Button
          onClick={() =>
            setFound((was) =>
              Object.fromEntries(
                lots.map((lot) => [
                  key(lot),
                  {
                    ...(was[key(lot)] ?? nothing()),
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
          Cancel
        </Button>
        <span>
          {looked.length} of {lots.length} looked at
        </span>
      </Box>
    </Section>
  );
}
