import { keys } from '../api/keys';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import LinearProgress from '@mui/material/LinearProgress';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Plan, RemedyWish } from '../api/client';
import { afterwards } from '../api/queries';
import { Empty, Section, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { TextInput } from '../kit/fields';
import { useIsLong } from '../kit/Waiting';
import { Stopped, stopWork } from '../api/works';
import { findRemedies } from './findRemedies';
import { applyRemedy, usePlanWrite } from './usePlan';

const choices: [keyof Omit<RemedyWish, 'shift_days'>, string][] = [
  ['move', 'move plantings'],
  ['cage', 'put up cages'],
  ['alternate', 'open cages in turn, one a day'],
  ['bag', 'bag flowers and pollinate by hand'],
  ['leave_out', 'leave a variety out this year'],
];

/** What can be done about crossing, for the garden as a whole and within what the keeper is ready to do. */
export function RemedyPanel({ plan }: { plan: Plan }) {
  const [days, setDays] = useState('28');
  const [ready, setReady] = useState<Omit<RemedyWish, 'shift_days'>>({
    move: true,
    cage: true,
    alternate: true,
    bag: true,
    leave_out: true,
  });
  const wish: RemedyWish = { ...ready, shift_days: days.trim() === '' ? 0 : Number(days) };
  const say = useSay();
  const [work, setWork] = useState({ id: '', share: 0 });
  const key = keys.remedies(plan.year, plan.version, wish);
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) => findRemedies(plan.year, wish, signal, setWork),
    retry: false,
    refetchOnWindowFocus: false,
  });
  const long = useIsLong(found.isFetching);
  const stopped = found.error instanceof Stopped;
  const queries = useQueryClient();
  const apply = usePlanWrite(applyRemedy(plan));
  const nothing =
    found.data?.ways.every(({ steps }) => steps.length === 0) === true && found.data.obstacles.length === 0;
  return (
    <Box>
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 1.5 }}>
        <Box component="legend" sx={{ fontWeight: 700, p: 0 }}>
          I am ready to
        </Box>
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          {choices.map(([key, label]) => (
            <FormControlLabel
              key={key}
              control={
                <Checkbox checked={ready[key]} onChange={(_, on) => setReady({ ...ready, [key]: on })} />
              }
              label={label}
            />
          ))}
        </Box>
        <Box sx={{ maxWidth: 320 }}>
          <TextInput
            label="Sow earlier or later by up to"
            unit="days"
            inputMode="numeric"
            value={days}
            onChange={setDays}
          />
        </Box>
      </Box>
      {found.error !== null && !stopped && <Trouble>{found.error.message}</Trouble>}
      {apply.error !== null && <Trouble>{apply.error.message}</Trouble>}
      {found.isFetching ? (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, my: 1.5 }}>
          <span role="status">Looking for ways …</span>
          {long && (
            <>
              <LinearProgress
                variant="determinate"
                aria-label="How far the search is, at the most"
                value={work.share * 100}
                sx={{ flex: 1, maxWidth: 240, height: 8 }}
              />
              <Button
                onClick={() => void stopWork(work.id).finally(() => queries.cancelQueries({ queryKey: key }))}
              >
                Stop looking
              </Button>
            </>
          )}
        </Box>
      ) : (
        found.data === undefined &&
        (found.error === null || stopped) && (
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, my: 1.5 }}>
            <span role="status">Stopped. Nothing was changed.</span>
            <Button onClick={() => void found.refetch()}>Look again</Button>
          </Box>
        )
      )}
      {nothing && <Empty>Nothing needs doing: every planting kept for seed is within its share.</Empty>}
      {found.data?.obstacles.map((obstacle) => (
        <Trouble key={obstacle}>{obstacle}</Trouble>
      ))}
      {!nothing &&
        found.data?.ways.map((way) => (
          <Section
            key={way.key}
            title={way.title}
            action={
              <Button
                variant="contained"
                disabled={apply.isPending}
                sx={{ whiteSpace: 'nowrap', flexShrink: 0 }}
                onClick={() =>
                  void afterwards(apply.mutateAsync({ ...wish, way: way.key }), () =>
                    say('Carried out in the plan. It can be taken back at the top.'),
                  )
                }
              >
                Do this
              </Button>
            }
          >
            <div>{way.asks}</div>
            <Box component="ul" sx={{ m: 0, my: 0.75, pl: 2.5 }}>
              {way.steps.map(({ sentence }) => (
                <li key={sentence}>{sentence}</li>
              ))}
            </Box>
            <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{way.sure}</Box>
          </Section>
        ))}
    </Box>
  );
}
