import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { Link } from 'react-router';
import { Refused, type Rota, type RotaLine } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards } from '../api/queries';
import { Caution, Section, Trouble } from '../kit/Section';
import { TextInput } from '../kit/fields';
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
  const name = line.name || line.crop_name;
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

type Texts = {
  not_before: string;
  preferred: string;
  weight: string;
  plants: string;
  hours: string;
  uses: string;
  promised: string;
  sent: string;
};

const fields: [keyof Texts, string, string, string][] = [
  ['not_before', 'Not before', '', 'A year, as 2029'],
  ['preferred', 'Rather in', '', 'Years, as 2028 2031: chosen where it costs nothing'],
  ['weight', 'Its loss counts', 'times', 'Left empty, twice where it is the last lot of its kind'],
  ['plants', 'Plants of a growing', 'plants', 'Left empty, as many as keep the variety as it is'],
  ['hours', 'Hours of a season', 'h', 'Keeping it apart comes on top'],
  ['uses', 'Seeds used a year besides', 'seeds', 'For food, gifts and tests, as you expect it'],
  ['promised', 'Promised to', '', ''],
  ['sent', 'Grown by another keeper', '', 'Who grows it: it has no part in the rota then'],
];

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
  const text = (value: number | string | null | undefined) =>
    value === undefined || value === null || value === 0 ? '' : String(value);
  const start: Texts = {
    not_before: text(wish.not_before),
    preferred: (wish.preferred ?? []).join(' '),
    weight: text(wish.weight),
    plants: text(wish.plants),
    hours: text(wish.hours),
    uses: text(wish.uses),
    promised: wish.promised ?? '',
    sent: wish.sent ?? '',
  };
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState(start);
  const [letGo, setLetGo] = useState(wish.let_go === true);
  const refused = error instanceof Refused ? error : undefined;
  if (!open)
    return (
      <Button variant="text" sx={{ px: 0, mt: 1 }} onClick={() => setOpen(true)}>
        What you want of it …
      </Button>
    );
  const keep = () =>
    onKeep(
      {
        ...(Object.fromEntries(
          Object.entries(typed).map(([key, value]) => [key, value.trim() === '' ? null : value.trim()]),
        ) as Partial<LineWish>),
        preferred: typed.preferred.split(/[\s,;]+/).filter(Boolean) as unknown as number[],
        promised: typed.promised.trim(),
        sent: typed.sent.trim(),
        let_go: letGo,
      },
      'what is wanted of it',
    );
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
      sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}
    >
      {fields.map(([key, label, unit, hint]) => (
        <TextInput
          key={key}
          label={label}
          unit={unit}
          hint={hint}
          value={typed[key]}
          onChange={(value) => setTyped({ ...typed, [key]: value })}
        />
      ))}
      <FormControlLabel
        control={<Checkbox checked={letGo} onChange={(_, on) => setLetGo(on)} />}
        label="Not kept for seed"
      />
      {error !== null && <Trouble>{Object.values(refused?.fields ?? {})[0] ?? error.message}</Trouble>}
      <Box>
        <Button type="submit" variant="contained" disabled={busy}>
          Keep
        </Button>
      </Box>
    </Box>
  );
}
