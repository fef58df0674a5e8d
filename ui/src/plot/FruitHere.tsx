import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Refused, type Draft, type Fruit, type Offer, type ShelfRow } from '../api/client';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame } from '../api/queries';
import { FruitDrawing } from '../charts/FruitDrawing';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { RecordForm } from '../record/RecordForm';
import { places } from '../shell/places';
import { ofPlanting } from './ofPlanting';

const STATES = [
  ['sound', 'Sound'],
  ['stalk_off', 'Stalk off'],
  ['cracked', 'Cracked'],
  ['soft', 'Soft'],
  ['leaking', 'Leaking'],
] as const;

const OFF = [
  ['rotten', 'Rotten'],
  ['gnawed', 'Gnawed'],
  ['eaten', 'Eaten'],
  ['given', 'Given away'],
] as const;

/** The fruit in hand: what it is like is one press, and the next one follows. */
export function FruitHere({
  row,
  fruit,
  fixed,
  onNext,
}: {
  row: ShelfRow;
  fruit: Fruit;
  fixed: boolean;
  onNext: () => void;
}) {
  const frame = useFrame();
  const say = useSay();
  const [form, setForm] = useState<'fruit_cut' | 'fruit_tasted' | 'off' | null>(null);
  const called = `fruit ${fruit.code}`;
  const save = useRecord((drafts: Draft[]) => ({
    title: `Fruit ${fruit.code}`,
    at: window.location.pathname,
    drafts,
  }));
  const tell = (kind: string, fields: Record<string, unknown>) =>
    void afterwards(save.mutateAsync([ofPlanting(row.id, kind, frame.data?.now ?? '', fields)]), (saved) => {
      say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry);
      onNext();
    });
  const others = row.fruits.filter(({ open, number }) => !open && number !== fruit.number);
  const offer = row.offers.find(({ kind }) => kind === form);
  return (
    <Box
      role="group"
      aria-label={`Fruit ${fruit.number}`}
      sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, pt: 1.5 })}
    >
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <FruitDrawing shape={row.shape} fruit={fruit} fill={places.plot.enamel} size={112} />
        <Box sx={{ minWidth: 0 }}>
          <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
            Fruit {fruit.code}
          </Box>
          <Box sx={(t) => ({ fontWeight: 700, color: fruit.soon ? t.vars?.palette.error.main : undefined })}>
            {[...(fruit.state === 'sound' || fruit.open ? [] : [fruit.state_said]), fruit.next].join(': ')}
          </Box>
          <Box>
            {[
              ...(fruit.plant === '' ? [] : [`plant ${fruit.plant}`]),
              ...(fruit.weighs === '' ? [] : [fruit.weighs]),
              ...(fruit.lies === '' ? [] : [fruit.lies]),
            ].join(' · ')}
          </Box>
          <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{fruit.picked}</Box>
          {fruit.found !== '' && <Box>{fruit.found}</Box>}
        </Box>
      </Box>
      {!fixed && form === null && (
        <>
          {!fruit.open && (
            <Keys label="How it is">
              {STATES.map(([how, words]) => (
                <Button
                  key={how}
                  variant={how === 'sound' ? 'contained' : 'outlined'}
                  disabled={save.isPending}
                  onClick={() => tell('fruit_seen', { fruits: [fruit.number], how })}
                >
                  {words}
                </Button>
              ))}
            </Keys>
          )}
          <Keys label="What is done with it">
            {fruit.open ? (
              <Button variant="outlined" onClick={() => setForm('fruit_tasted')}>
                Say how it tastes
              </Button>
            ) : (
              <Button variant="outlined" onClick={() => setForm('fruit_cut')}>
                Cut it open
              </Button>
            )}
            <Button variant="outlined" onClick={() => setForm('off')}>
              Take it off …
            </Button>
            {!fruit.open && others.length > 0 && (
              <Button
                variant="text"
                disabled={save.isPending}
                onClick={() =>
                  tell('fruit_seen', {
                    fruits: [fruit, ...others].map(({ number }) => number),
                    how: 'sound',
                  })
                }
              >
                All of them sound
              </Button>
            )}
          </Keys>
        </>
      )}
      {form === 'off' && (
        <Keys label="Why it comes off">
          {OFF.map(([why, words]) => (
            <Button
              key={why}
              variant="outlined"
              disabled={save.isPending}
              onClick={() => tell('fruit_off', { fruits: [fruit.number], why })}
            >
              {words}
            </Button>
          ))}
          <Button variant="text" onClick={() => setForm(null)}>
            Leave it there
          </Button>
        </Keys>
      )}
      {offer !== undefined && (
        <Box
          sx={(t) => ({
            my: 2,
            border: `2px solid ${t.vars?.palette.rule}`,
            borderRadius: `${t.shape.borderRadius}px`,
            p: 2,
            bgcolor: t.vars?.palette.background.paper,
          })}
        >
          <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
            {offer.act}
          </Box>
          <RecordForm
            happening={{
              ...offer,
              called,
              fields: offer.fields.map((field) => asOf(field, fruit.number)),
              about: { subject: 'planting', id: row.id },
            }}
            onDone={() => setForm(null)}
            onCancel={() => setForm(null)}
          />
        </Box>
      )}
      {save.error instanceof Refused && <Trouble>{save.error.message}</Trouble>}
      <Waiting write={save} typed={false} />
    </Box>
  );
}

/** Which fruit it is nobody is asked. */
const asOf = (field: Offer['fields'][number], number: number) =>
  field.key === 'fruit' ? { ...field, hidden: true, usual: String(number) } : field;

function Keys({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
        my: 1.5,
        '& .MuiButton-root': { minHeight: { xs: 56, md: 44 } },
      }}
    >
      {children}
    </Box>
  );
}
