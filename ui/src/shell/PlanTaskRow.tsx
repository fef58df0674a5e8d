import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { PlanTask } from '../api/client';
import { sowing } from '../record/sowing';
import { v7 } from 'uuid';
import { Refused } from '../api/client';
import { useRecord } from '../api/outbox';
import { useLook } from '../api/look';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { useSpoken } from '../kit/spoken';
import { PutOff, PutOffSowing } from './PutOff';

/** What the plan asks is done by recording it; what is not done is put off, dropped, or said to be done. */
function Step({ task }: { task: PlanTask }) {
  const { step } = task;
  if (step === null) return null;
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mt: 0.5 }}>
      {step.payload === null ? (
        <Button component={Link} to={`/plot/${step.code}`} aria-label={`${task.do}: record it`}>
          {step.act}
        </Button>
      ) : (
        <OneTap task={task} step={{ ...step, payload: step.payload }} />
      )}
      <PutOff
        task={{
          kind: step.put_off,
          do: task.do,
          about: null,
          opens: '',
          of: step.planting,
          subject: 'planting',
        }}
      />
    </Box>
  );
}

type Known = NonNullable<PlanTask['step']>;

function OneTap({
  task,
  step,
}: {
  task: PlanTask;
  step: Known & { payload: NonNullable<Known['payload']> };
}) {
  const frame = useFrame();
  const say = useSay();
  const write = useRecord(() => ({
    title: task.do,
    drafts: [
      {
        id: v7(),
        kind: step.kind,
        about: { subject: 'planting', id: step.planting },
        happened_at: (frame.data?.now ?? '').slice(0, 16),
        payload: step.payload,
        even_so: false,
      },
    ],
  }));
  return (
    <>
      <Button
        disabled={write.isPending}
        aria-label={`${task.do}: done today`}
        onClick={() =>
          void afterwards(write.mutateAsync(undefined), (saved) =>
            say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry),
          )
        }
      >
        {step.act}: done today
      </Button>
      {write.error instanceof Refused && <Trouble>{write.error.message}</Trouble>}
      <Waiting write={write} />
    </>
  );
}

/** From when to when, with the year where it is another than this one. */
function within(shortDay: (at: string) => string, from: string, to: string | null, now = from): string {
  const last = to ?? from;
  const year = last.slice(0, 4) === now.slice(0, 4) ? '' : ` ${last.slice(0, 4)}`;
  return `${shortDay(from)}${to === null ? '' : ` to ${shortDay(to)}`}${year}`;
}

/** A task of a season's plan: when, what, and why. */
export function PlanTaskRow({ task }: { task: PlanTask }) {
  const { on } = useLook();
  const frame = useFrame();
  const { shortDay } = useSpoken();
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '130px 1fr' },
        columnGap: 2,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        py: 0.75,
      })}
    >
      <Box component="span">
        <Box>{within(shortDay, task.on, task.until, frame.data?.now)}</Box>
        <Box
          sx={(t) => ({
            fontWeight: task.state === 'late' ? 700 : undefined,
            color: task.state === 'late' ? t.vars?.palette.error.main : t.vars?.palette.text.secondary,
          })}
        >
          {task.away}
        </Box>
      </Box>
      <span>
        <b>{task.do}.</b> {task.why}
        {task.sow !== null && (
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mt: 0.5 }}>
            <Button
              component={Link}
              to={sowing({ planned: `plan:${task.planting}`, ...task.sow, packet: task.sow.container })}
              aria-label={`${task.do}: record it`}
            >
              Sow it
            </Button>
            {on === undefined && <PutOffSowing year={task.year} planting={task.planting} what={task.do} />}
            <span>{task.sow.said}</span>
          </Box>
        )}
        {on === undefined && <Step task={task} />}
      </span>
    </Box>
  );
}
