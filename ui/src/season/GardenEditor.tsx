import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { v7 } from 'uuid';
import type { Plan, PlanContent, Refused } from '../api/client';
import { useForms } from '../api/queries';
import { changedOf, errorsAt, FieldGrid, type Values } from '../kit/FieldGrid';
import { startOf } from '../kit/fields';
import { Section, Trouble } from '../kit/Section';

type One = 'ground' | 'isolation';
type Many = 'beds' | 'barriers' | 'sources';
type Row = { id: string; typed: Values };

const ones: { part: One; title: string }[] = [
  { part: 'ground', title: 'The ground' },
  { part: 'isolation', title: 'How strictly' },
];

const manys: { part: Many; form: string; title: string; add: string }[] = [
  { part: 'beds', form: 'plan.bed', title: 'Beds', add: 'Add a bed' },
  {
    part: 'barriers',
    form: 'plan.barrier',
    title: 'Hedges and buildings',
    add: 'Add a hedge or a building',
  },
  {
    part: 'sources',
    form: 'plan.source',
    title: 'What flowers around',
    add: 'Add a neighbour’s planting',
  },
];

/** The ground, the beds, what stands between, and what flowers around. What is asked of each, the server says. */
export function GardenEditor({
  plan,
  refused,
  busy,
  onSave,
}: {
  plan: Plan;
  refused: Refused | undefined;
  busy: boolean;
  onSave: (content: PlanContent, said: string) => void;
}) {
  const { content, typed: shown } = plan;
  const forms = useForms(['plan.ground', 'plan.isolation', ...manys.map(({ form }) => form)]);
  const [single, setSingle] = useState<Record<One, Values>>({
    ground: shown.ground,
    isolation: shown.isolation,
  });
  const [rows, setRows] = useState<Record<Many, Row[]>>(() => ({
    beds: rowsOf(content.beds, shown.beds),
    barriers: rowsOf(content.barriers, shown.barriers),
    sources: rowsOf(content.sources, shown.sources),
  }));
  const errors = refused?.fields ?? {};
  const known = Object.keys(errors).some((path) =>
    [...ones, ...manys].some(({ part }) => path.startsWith(`${part}.`)),
  );
  const setRow = (part: Many, id: string, typed: Values) =>
    setRows({ ...rows, [part]: rows[part].map((row) => (row.id === id ? { id, typed } : row)) });
  const sent = (): PlanContent =>
    ({
      ...content,
      ...Object.fromEntries(
        ones.map(({ part }) => [
          part,
          changedOf(forms[`plan.${part}`] ?? [], single[part], shown[part], content[part]),
        ]),
      ),
      ...Object.fromEntries(
        manys.map(({ part, form }) => [
          part,
          rows[part].map(({ id, typed }) => {
            const at = content[part].findIndex((kept) => kept.id === id);
            return {
              ...changedOf(forms[form] ?? [], typed, shown[part][at] ?? {}, content[part][at] ?? {}),
              id,
            };
          }),
        ]),
      ),
    }) as PlanContent;
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onSave(sent(), 'Changed the garden');
      }}
    >
      {ones.map(({ part, title }) => (
        <Section key={part} title={title}>
          <FieldGrid
            least={120}
            fields={forms[`plan.${part}`] ?? []}
            values={single[part]}
            errors={errorsAt(part, errors)}
            onChange={(values) => setSingle({ ...single, [part]: values })}
          />
        </Section>
      ))}
      {manys.map(({ part, form, title, add }) => (
        <Section key={part} title={title}>
          {rows[part].map(({ id, typed }, i) => (
            <Box key={id} sx={(t) => ({ borderBottom: `1px solid ${t.vars?.palette.quiet}`, pb: 1, mb: 1 })}>
              <FieldGrid
                least={120}
                fields={forms[form] ?? []}
                values={typed}
                errors={errorsAt(`${part}.${i}`, errors)}
                onChange={(values) => setRow(part, id, values)}
              />
              <Button
                variant="text"
                onClick={() => setRows({ ...rows, [part]: rows[part].filter((row) => row.id !== id) })}
              >
                Take away
              </Button>
            </Box>
          ))}
          <Button
            onClick={() => {
              const fields = (forms[form] ?? []).map((field) => [field.key, startOf(field)] as const);
              setRows({ ...rows, [part]: [...rows[part], { id: v7(), typed: Object.fromEntries(fields) }] });
            }}
          >
            {add}
          </Button>
        </Section>
      ))}
      {refused !== undefined && !known && <Trouble>{refused.message}</Trouble>}
      {known && <Trouble>Something above cannot be so: it says what, at its field.</Trouble>}
      <Button type="submit" variant="contained" disabled={busy}>
        Keep the garden
      </Button>
    </Box>
  );
}

const rowsOf = (kept: { id: string }[], shown: Values[]): Row[] =>
  kept.map(({ id }, i) => ({ id, typed: shown[i] ?? {} }));
