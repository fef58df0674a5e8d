import { dayOfYear } from '../kit/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { v7 } from 'uuid';
import type { Plan, PlanContent, Refused } from '../api/client';
import { useCrops } from '../api/queries';
import { Section, Trouble } from '../kit/Section';
import { ChoiceInput, TextInput } from '../kit/fields';

type Row = Record<string, string>;
type Part = 'beds' | 'barriers' | 'sources';

/** The ground, the beds, what stands between, and what flowers around: typed in metres. */
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
  const { content } = plan;
  const crops = useCrops();
  const [ground, setGround] = useState<Row>(() => ({
    ...texts(content.ground),
    last_frost: dayOfYear(`2001-${content.ground.last_frost}`),
    first_frost: dayOfYear(`2001-${content.ground.first_frost}`),
  }));
  const [isolation, setIsolation] = useState<Row>(() => ({
    ...texts(content.isolation),
    allowed: String(content.isolation.allowed * 100),
  }));
  const [rows, setRows] = useState<Record<Part, Row[]>>(() => ({
    beds: content.beds.map(texts),
    barriers: content.barriers.map(texts),
    sources: content.sources.map(texts),
  }));
  const error = (path: string) => refused?.fields[path];
  const field = (value: string, label: string, path: string, set: (to: string) => void, unit?: string) => (
    <TextInput
      label={label}
      value={value}
      error={error(path)}
      unit={unit}
      onChange={set}
      inputMode="decimal"
    />
  );
  const of = (row: Row, key: string) => row[key] ?? '';
  const cell = (part: Part, i: number, key: string, label: string, unit?: string) =>
    field(of(rows[part][i] ?? {}, key), label, `${part}.${i}.${key}`, (to) => change(part, i, key, to), unit);
  const change = (part: Part, i: number, key: string, to: string) =>
    setRows({ ...rows, [part]: rows[part].map((row, j) => (j === i ? { ...row, [key]: to } : row)) });
  const add = (part: Part, row: Row) => setRows({ ...rows, [part]: [...rows[part], { id: v7(), ...row }] });
  const drop = (part: Part, i: number) => setRows({ ...rows, [part]: rows[part].filter((_, j) => j !== i) });
  const part = (name: Part, cells: (row: Row, i: number) => ReactNode, more: Row, label: string) => (
    <>
      {rows[name].map((row, i) => (
        <Box
          key={of(row, 'id')}
          sx={(t) => ({
            display: 'grid',
            gap: 1,
            gridTemplateColumns: 'repeat(auto-fill, minmax(130px, 1fr))',
            alignItems: 'end',
            borderBottom: `1px solid ${t.vars?.palette.quiet}`,
            pb: 1,
            mb: 1,
          })}
        >
          {cells(row, i)}
          <Button variant="text" onClick={() => drop(name, i)}>
            Take away
          </Button>
        </Box>
      ))}
      <Button onClick={() => add(name, more)}>{label}</Button>
    </>
  );
  const known = Object.keys(refused?.fields ?? {}).some((path) =>
    /^(ground|isolation|beds|barriers|sources)/.test(path),
  );
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const percent = Number(of(isolation, 'allowed').replace(',', '.'));
        // Figures go as they were typed: the server says what is wrong with them, in words.
        onSave(
          {
            ...content,
            ground: { ...ground, north: whole(of(ground, 'north')), wind: whole(of(ground, 'wind')) },
            isolation: {
              ...isolation,
              allowed: Number.isNaN(percent) ? of(isolation, 'allowed') : percent / 100,
            },
            ...rows,
          } as unknown as PlanContent,
          'Changed the garden',
        );
      }}
    >
      <Section title="The ground">
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
          {field(
            of(ground, 'width'),
            'Width',
            'ground.width',
            (to) => setGround({ ...ground, width: to }),
            'm',
          )}
          {field(
            of(ground, 'depth'),
            'Depth',
            'ground.depth',
            (to) => setGround({ ...ground, depth: to }),
            'm',
          )}
          {field(
            of(ground, 'north'),
            'North, from the top',
            'ground.north',
            (to) => setGround({ ...ground, north: to }),
            '°',
          )}
          {field(
            of(ground, 'wind'),
            'Wind comes from',
            'ground.wind',
            (to) => setGround({ ...ground, wind: to }),
            '°',
          )}
          {field(of(ground, 'last_frost'), 'Last frost', 'ground.last_frost', (to) =>
            setGround({ ...ground, last_frost: to }),
          )}
          {field(of(ground, 'first_frost'), 'First frost', 'ground.first_frost', (to) =>
            setGround({ ...ground, first_frost: to }),
          )}
        </Box>
      </Section>
      <Section title="How strictly">
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
          <ChoiceInput
            label="Distances of"
            options={[
              { key: 'home', label: 'a home gardener' },
              { key: 'careful', label: 'a careful keeper' },
              { key: 'grower', label: 'a seed grower' },
            ]}
            value={of(isolation, 'standard')}
            onChange={(to) => setIsolation({ ...isolation, standard: String(to) })}
          />
          <ChoiceInput
            label="Climate"
            options={[
              { key: 'temperate', label: 'temperate' },
              { key: 'tropical', label: 'tropical' },
            ]}
            value={of(isolation, 'climate')}
            onChange={(to) => setIsolation({ ...isolation, climate: String(to) })}
          />
          {field(
            of(isolation, 'allowed'),
            'Crossed seed put up with',
            'isolation.allowed',
            (to) => setIsolation({ ...isolation, allowed: to }),
            '%',
          )}
          {field(
            of(isolation, 'behind_barrier'),
            'Pollen past a hedge, share',
            'isolation.behind_barrier',
            (to) => setIsolation({ ...isolation, behind_barrier: to }),
          )}
        </Box>
      </Section>
      <Section title="Beds">
        {part(
          'beds',
          (_, i) => (
            <>
              {cell('beds', i, 'name', 'Name')}
              {cell('beds', i, 'x', 'From the left', 'm')}
              {cell('beds', i, 'y', 'From the top', 'm')}
              {cell('beds', i, 'width', 'Wide', 'm')}
              {cell('beds', i, 'depth', 'Deep', 'm')}
            </>
          ),
          { name: '', x: '0', y: '0', width: '4', depth: '1.2' },
          'Add a bed',
        )}
      </Section>
      <Section title="Hedges and buildings">
        {part(
          'barriers',
          (row, i) => (
            <>
              {cell('barriers', i, 'name', 'Name')}
              <ChoiceInput
                label="What"
                options={[
                  { key: 'hedge', label: 'a hedge' },
                  { key: 'building', label: 'a building' },
                ]}
                value={of(row, 'kind')}
                onChange={(to) => change('barriers', i, 'kind', String(to))}
              />
              {cell('barriers', i, 'x1', 'From, left', 'm')}
              {cell('barriers', i, 'y1', 'From, top', 'm')}
              {cell('barriers', i, 'x2', 'To, left', 'm')}
              {cell('barriers', i, 'y2', 'To, top', 'm')}
            </>
          ),
          { name: '', kind: 'hedge', x1: '0', y1: '0', x2: String(content.ground.width), y2: '0' },
          'Add a hedge or a building',
        )}
      </Section>
      <Section title="What flowers around">
        {part(
          'sources',
          (row, i) => (
            <>
              {cell('sources', i, 'name', 'What or whose')}
              <ChoiceInput
                label="Crop"
                options={(crops.data ?? []).map(({ key, name }) => ({ key, label: name }))}
                value={crops.data === undefined ? '' : of(row, 'crop')}
                error={error(`sources.${i}.crop`)}
                onChange={(to) => change('sources', i, 'crop', String(to))}
              />
              {cell('sources', i, 'x', 'From the left', 'm')}
              {cell('sources', i, 'y', 'From the top', 'm')}
              {cell('sources', i, 'plants', 'Plants')}
              {cell('sources', i, 'first_bloom', 'First bloom')}
              {cell('sources', i, 'last_bloom', 'Last bloom')}
            </>
          ),
          {
            name: '',
            crop: '',
            x: '',
            y: '',
            width: '0',
            depth: '0',
            plants: '',
            first_bloom: '',
            last_bloom: '',
          },
          'Add a neighbour’s planting',
        )}
      </Section>
      {refused !== undefined && !known && <Trouble>{refused.message}</Trouble>}
      {known && <Trouble>Something above cannot be so: it says what, at its field.</Trouble>}
      <Button type="submit" variant="contained" disabled={busy}>
        Keep the garden
      </Button>
    </Box>
  );
}

const texts = (part: object): Row =>
  Object.fromEntries(
    Object.entries(part).map(([key, value]) => [
      key,
      value === null || value === undefined ? '' : String(value),
    ]),
  );

const whole = (text: string): unknown => (/^\d+$/.test(text.trim()) ? Number(text) : text);
