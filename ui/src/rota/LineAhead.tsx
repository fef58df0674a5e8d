import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { Refused, type Rota, type RotaLine } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards, useForm } from '../api/queries';
import { Caution, Section, Trouble } from '../kit/Section';
import { FieldInput, sentOf, startOf, type Field, type Value } from '../kit/fields';
import { useRefusalInView } from '../kit/refusal';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { Waiting } from '../kit/Waiting';
import { pageOfCode } from '../record/things';
import { saveWish, useRotaWrite } from './useRota';
import { withLine, wishOf, type LineWish } from './wishes';

/** One line over the years: why it is grown when it is, and what is wanted of it. */
export function LineAhead({
  rota,
  line,
  isTold,
  onMove,
}: {
  rota: Rota;
  line: RotaLine;
  /** whether its sentence stands above it already */
  isTold: boolean;
  onMove: (from: number | null, to: number | null) => void;
}) {
  const { season } = useSpoken();
  const write = useRotaWrite(saveWish(rota.version));
  const say = useSay();
  const { name } = line;
  const wish = wishOf(rota, line.id);
  const mayChange = may(usePresent(), 'keeper');
  const keep = (change: Partial<LineWish>, said: string) =>
    void afterwards(
      write.mutateAsync({ wish: withLine(rota.wish, line.id, change), said: `${name}: ${said}` }),
      () => say(`${name}: ${said}`),
    );
  const grown = new Set(line.growings.map(({ sow }) => sow));
  return (
    <Section title={name}>
      {!isTold && <Box sx={{ mb: 1 }}>{line.told}</Box>}
      {line.cannot !== null && <Caution>{line.cannot}</Caution>}
      <Box sx={{ mb: 1 }}>
        Seed of{' '}
        {line.lots.map((code, i) => (
          <span key={code}>
            {i > 0 && ', '}
            <Link to={pageOfCode(code)}>{code}</Link>
          </span>
        ))}
        {line.lots.length === 0 && 'no lot'}
        {line.sowings !== null &&
          `, enough for ${line.sowings === 1 ? 'one growing' : line.sowings > 20 ? 'as many growings as you want' : `${line.sowings} growings`}`}
        . A growing: {line.plants} {line.plants === 1 ? 'plant' : 'plants'}, {line.area_m2} m², {line.hours} h
        {line.stands > 1 ? ` in each of ${line.stands} seasons` : ''}
        {line.cages > 0 && `, ${line.cages} ${line.cages === 1 ? 'cage' : 'cages'}`}.
      </Box>
      {line.standing !== null && (
        <Box sx={{ mb: 0.75 }}>
          <Link to={pageOfCode(line.standing)}>{line.standing}</Link> stands for seed: until it has given,
          nothing else of it is sown.
        </Box>
      )}
      {line.growings.map((growing) => (
        <Box key={growing.sow} sx={{ mb: 0.75 }}>
          <strong>
            {season(growing.sow)}
            {growing.harvest !== growing.sow && `, seed in ${season(growing.harvest)}`}
          </strong>
          : {growing.why}
        </Box>
      ))}
      {mayChange && (
        <Box
          component="fieldset"
          sx={{ border: 0, m: 0, p: 0, mt: 1, display: 'flex', flexWrap: 'wrap', gap: 0.5 }}
        >
          <Box component="legend" sx={{ fontWeight: 700, p: 0, mb: 0.5 }}>
            Grow it in
          </Box>
          {rota.seasons.map((year) => (
            <Button
              key={year}
              sx={{ minWidth: 0, px: 1 }}
              variant={grown.has(year) ? 'contained' : 'outlined'}
              aria-pressed={grown.has(year)}
              onClick={() => (grown.has(year) ? onMove(year, null) : onMove(null, year))}
            >
              {season(year)}
            </Button>
          ))}
        </Box>
      )}
      {mayChange && <Wishes wish={wish} busy={write.isPending} error={write.error} onKeep={keep} />}
      <Waiting write={write} />
    </Section>
  );
}

/** What is wanted of it, by the fields that the server declares; what is pinned and ruled out is shown above. */
function Wishes({
  wish,
  busy,
  error,
  onKeep,
}: {
  wish: LineWish;
  busy: boolean;
  error: Error | null;
  onKeep: (change: Partial<LineWish>, said: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState<Record<string, Value>>({});
  const form = useForm('rota.line');
  const fields = (form.data ?? []).filter(({ hidden }) => !hidden);
  const refused = error instanceof Refused ? error : undefined;
  const element = useRefusalInView(refused);
  if (!open)
    return (
      <Button variant="text" sx={{ px: 0, mt: 1 }} onClick={() => setOpen(true)}>
        What you want of it …
      </Button>
    );
  const at = (key: string) =>
    Object.entries(refused?.fields ?? {}).find(([path]) => path.endsWith(`.${key}`))?.[1];
  return (
    <Box
      component="form"
      ref={element}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const sent = fields.map((field) => [
          field.key,
          sentOf(field, typed[field.key] ?? stands(wish, field)),
        ]);
        onKeep(Object.fromEntries(sent) as Partial<LineWish>, 'what is wanted of it');
      }}
      sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}
    >
      {fields.map((field) => (
        <FieldInput
          key={field.key}
          field={field}
          value={typed[field.key] ?? stands(wish, field)}
          error={at(field.key)}
          onChange={(value) => setTyped({ ...typed, [field.key]: value })}
        />
      ))}
      {error !== null && fields.every(({ key }) => at(key) === undefined) && (
        <Trouble>{error.message}</Trouble>
      )}
      <Box>
        <Button type="submit" variant="contained" disabled={busy || fields.length === 0}>
          Keep
        </Button>
      </Box>
    </Box>
  );
}

/** What was wanted so far, as a field shows it. */
function stands(wish: LineWish, field: Field): Value {
  const value = wish[field.key as keyof LineWish];
  if (Array.isArray(value)) return value.map(String);
  if (typeof value === 'boolean') return value;
  return value === undefined || value === null ? startOf(field) : String(value);
}
