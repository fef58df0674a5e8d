import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { v5 } from 'uuid';
import { NoneKept } from '../api/entries';
import { Refused, type ShelfRow } from '../api/client';
import { useRecord } from '../api/outbox';
import { useFrame } from '../api/queries';
import { DayInput } from '../kit/DayInput';
import { useDraft } from '../kit/draft';
import { FieldGrid, type Values } from '../kit/FieldGrid';
import { TextInput } from '../kit/fields';
import { FormFrame } from '../kit/FormFrame';
import { Resumed } from '../kit/Resumed';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { useSpoken } from '../kit/spoken';
import { Waiting } from '../kit/Waiting';
import { plural } from '../kit/words';
import { laidDrafts, type Laid } from './shelf';

const EMPTY: Laid = { plant: '', weighs: '' };

type Typed = { when: string; shared: Values; lines: Laid[] };

const text = (value: Values[string] | undefined) => (typeof value === 'string' ? value : '');

/** Fruit that is brought in, a line each: it is numbered on from the last, and kept as one act. */
export function LayFruit({ row }: { row: ShelfRow }) {
  const [open, setOpen] = useState(row.fruits.length === 0);
  if (!open)
    return (
      <Button variant="outlined" onClick={() => setOpen(true)}>
        Lay fruit on the shelf
      </Button>
    );
  return <Form row={row} onDone={() => setOpen(false)} />;
}

function Form({ row, onDone }: { row: ShelfRow; onDone: () => void }) {
  const { moment } = useSpoken();
  const frame = useFrame();
  const say = useSay();
  const [trouble, setTrouble] = useState<Record<string, string>>({});
  const shared = (row.offers.find(({ kind }) => kind === 'fruit_shelved')?.fields ?? []).filter(
    ({ key, seldom }) => (key === 'stalk' || key === 'place_id') && !seldom,
  );
  const draft = useDraft<Typed>(
    `shelve:${row.id}:${row.next}`,
    () => ({ when: moment(frame.data?.now ?? ''), shared: {}, lines: [EMPTY, EMPTY, EMPTY] }),
    { title: `Fruit on the shelf, ${row.tag.code}`, at: window.location.pathname },
  );
  const { when, lines } = draft.values;
  const given = (key: string) =>
    text(draft.values.shared[key] ?? shared.find((field) => field.key === key)?.usual ?? '');
  const made = laidDrafts(row, lines, when, { stalk: given('stalk'), place_id: given('place_id') });
  const save = useRecord(() => ({
    title: `Fruit on the shelf, ${row.tag.code}`,
    form: draft.name,
    at: window.location.pathname,
    drafts: made.map((one, i) => ({ ...one, id: v5(`fruit ${i}`, draft.id) })),
    ...(made.length > 1 && { act: draft.id, whole: true }),
  }));
  const change = (i: number, line: Laid) => {
    const next = lines.map((one, n) => (n === i ? line : one));
    // There is always an empty one to go on with.
    draft.set({ lines: i === lines.length - 1 ? [...next, EMPTY] : next });
  };
  const keep = async () => {
    setTrouble({});
    if (made.length === 0) {
      setTrouble({ all: 'Say of one fruit at least which plant it is of, or what it weighs.' });
      return;
    }
    try {
      const saved = await save.mutateAsync(undefined);
      draft.clear();
      say(`Kept. ${saved.said}`, saved.entry);
      onDone();
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      const said =
        error instanceof NoneKept
          ? (error.answers.find((one) => Object.keys(one.errors).length > 0)?.errors ?? {})
          : error.fields;
      setTrouble(Object.keys(said).length === 0 ? { all: error.message } : said);
    }
  };
  return (
    <FormFrame
      label="Lay fruit on the shelf"
      refused={Object.keys(trouble).length > 0 ? trouble : undefined}
      busy={save.isPending}
      onSubmit={() => void keep()}
      onLeave={onDone}
    >
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        Lay fruit on the shelf
      </Box>
      <Resumed draft={draft} />
      <FieldGrid
        fields={shared}
        values={draft.values.shared}
        errors={trouble}
        onChange={(values) => draft.set({ shared: values })}
      >
        <DayInput
          label="Picked"
          hours
          value={when}
          error={trouble['happened_at']}
          onChange={(typed) => draft.set({ when: typed })}
        />
      </FieldGrid>
      {lines.map((line, i) => (
        <Box
          // Lines are only ever added at the end.
          key={i}
          role="group"
          aria-label={`Fruit ${row.next + i}`}
          sx={{ display: 'grid', gridTemplateColumns: '44px 1fr 1fr', gap: 1, alignItems: 'end', mb: 1 }}
        >
          <Box sx={{ fontWeight: 700, pb: 1.25 }}>{row.next + i}</Box>
          <TextInput
            label="Off plant"
            hidden={i > 0}
            value={line.plant}
            onChange={(plant) => change(i, { ...line, plant })}
          />
          <TextInput
            label="It weighs"
            hidden={i > 0}
            unit="g"
            value={line.weighs}
            onChange={(weighs) => change(i, { ...line, weighs })}
          />
        </Box>
      ))}
      {Object.entries(trouble)
        .filter(([key]) => key !== 'happened_at' && !shared.some((field) => field.key === key))
        .map(([key, said]) => (
          <Trouble key={key}>{said}</Trouble>
        ))}
      <Waiting write={save} />
      <Box sx={{ display: 'flex', gap: 1, my: 2 }}>
        <Button type="submit" variant="contained" disabled={save.isPending}>
          {save.isPending ? 'Keeping …' : `Lay ${plural(Math.max(1, made.length), 'fruit')} there`}
        </Button>
        <Button variant="text" onClick={onDone}>
          Not now
        </Button>
      </Box>
    </FormFrame>
  );
}
