import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useState, type RefObject } from 'react';
import type { IntakeColumn } from '../api/client';
import { useCrops, useIntakeForm, useStorePlaces, useVarieties, useWhich } from '../api/queries';
import { TextInput } from '../kit/fields';
import { completeCrop, completeText, type Completed } from './complete';
import { Completing } from './Completing';
import { isEmpty, type Cells, type StockLine } from './lines';

/** In the order in which a packet is read; the last three stay as they were for the next. */
const FIRST = ['crop', 'variety', 'year', 'amount', 'from', 'container', 'place'];

/** Told of a few packets only. */
const MORE = [
  'germinates',
  'tested_on',
  'type',
  'packed_for',
  'how',
  'packet',
  'came_on',
  'treated',
  'terms',
  'note',
];

/** One packet, written in one line: Tab goes on, Enter ends it. */
export function LineEntry({
  cells,
  changing,
  lines,
  firstRef,
  onChange,
  onDone,
  onCancel,
}: {
  cells: Cells;
  /** whether a line that stands below is being changed */
  changing: boolean;
  lines: StockLine[];
  firstRef: RefObject<HTMLInputElement | null>;
  onChange: (cells: Cells) => void;
  onDone: (cells: Cells) => void;
  onCancel: () => void;
}) {
  const form = useIntakeForm();
  const complete = useCompletions(cells, lines);
  const [more, setMore] = useState(false);
  const columns = new Map((form.data?.columns ?? []).map((column) => [column.key, column]));
  const shown = more || MORE.some((key) => (cells[key] ?? '') !== '');
  const set = (key: string, text: string) => onChange({ ...cells, [key]: text });
  const done = (change: Cells = {}) => {
    const all = { ...cells, ...change };
    if (!isEmpty(all)) onDone(all);
  };
  const input = (key: string) => {
    const column: IntakeColumn = columns.get(key) ?? { key, label: key, hint: '' };
    const completed = complete[key];
    return completed !== undefined ? (
      <Completing
        key={key}
        label={column.label}
        value={cells[key] ?? ''}
        complete={completed}
        onChange={(text) => set(key, text)}
        onEnter={(text) => done({ [key]: text })}
        inputRef={key === FIRST[0] ? firstRef : undefined}
      />
    ) : (
      <TextInput
        key={key}
        label={column.label}
        hint={FIRST.includes(key) ? undefined : column.hint}
        value={cells[key] ?? ''}
        onChange={(text) => set(key, text)}
      />
    );
  };
  if (form.data === undefined) return null;
  return (
    <Box
      component="form"
      noValidate
      aria-label={changing ? 'Change a packet' : 'A packet'}
      onSubmit={(event) => {
        event.preventDefault();
        done();
      }}
    >
      <Box
        sx={{
          display: 'grid',
          gap: 1,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: '1fr 1fr',
            md: '1.5fr 1.8fr 0.9fr 0.9fr 1.3fr 1.2fr 1.3fr',
          },
        }}
      >
        {FIRST.map(input)}
      </Box>
      {shown && (
        <Box
          sx={{
            display: 'grid',
            gap: 1,
            mt: 1,
            gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(5, 1fr)' },
          }}
        >
          {MORE.map(input)}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button type="submit" variant={changing ? 'contained' : 'outlined'}>
          {changing ? 'Change it' : 'Next packet'}
        </Button>
        {changing && (
          <Button variant="text" onClick={onCancel}>
            Leave it as it was
          </Button>
        )}
        {!shown && (
          <Button variant="text" onClick={() => setMore(true)}>
            More to tell
          </Button>
        )}
        <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
          Tab goes on, Enter ends the packet; from whom, container and place stay for the next.
        </Box>
      </Box>
    </Box>
  );
}

/** What each cell is completed from: the handbook, the garden, and the lines written before. */
function useCompletions(cells: Cells, lines: StockLine[]): Record<string, (typed: string) => Completed> {
  const crops = useCrops().data;
  const which = useWhich().data;
  const varieties = useVarieties().data;
  const places = useStorePlaces().data;
  const form = useIntakeForm().data;
  const crop = cells['crop'] ?? '';
  return useMemo(() => {
    const written = (key: string) => lines.map((line) => line.cells[key] ?? '').filter((text) => text !== '');
    const once = (...texts: string[][]) => [...new Set(texts.flat())];
    const several = new Set((which ?? []).flatMap(({ names }) => names));
    const named = (varieties ?? []).filter(
      ({ crop_name }) => crop === '' || crop_name.toLowerCase() === crop.trim().toLowerCase(),
    );
    const from = once(form?.sources ?? [], written('from'));
    const place = once(
      (places ?? []).map(({ name }) => name),
      written('place'),
    );
    return {
      crop: (typed: string) => completeCrop(crops ?? [], several, typed),
      variety: (typed: string) =>
        typed.trim() === ''
          ? { options: [], sure: false }
          : completeText(
              named.map(({ name }) => name),
              typed,
              false,
            ),
      from: (typed: string) => completeText(from, typed, false),
      container: (typed: string) => completeText(form?.containers ?? [], typed, true),
      place: (typed: string) => completeText(place, typed, false),
      how: (typed: string) => completeText(form?.hows ?? [], typed, true),
    };
  }, [crops, which, varieties, places, form, lines, crop]);
}
