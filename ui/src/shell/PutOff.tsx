import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ComponentProps } from 'react';
import { v7 } from 'uuid';
import { api, Refused, take, type Task } from '../api/client';
import { useRecord } from '../api/outbox';
import { afterwards, useFrame, useWrite } from '../api/queries';
import { useLook } from '../api/look';
import { DayInput } from '../kit/DayInput';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';

type How = 'later' | 'done' | 'next_year' | 'hours';

/** By how much it can be put off. */
const hows: Record<Task['waits'], How[]> = {
  season: ['done', 'next_year', 'later'],
  days: ['done', 'later'],
  hours: ['done', 'hours'],
};

/** What is due, as far as it matters for putting it off. */
type Due = Pick<Task, 'kind' | 'do' | 'about' | 'subject' | 'of' | 'opens'> & Partial<Pick<Task, 'waits'>>;

/** What becomes of something that is due and is not done by recording it: later, done already, not this year. */
export function PutOff({ task }: { task: Due }) {
  const frame = useFrame();
  const say = useSay();
  const write = useRecord(({ how, until }: { how: How; until: string }) => ({
    title: `Not now: ${task.do}`,
    drafts: [
      {
        id: v7(),
        kind: 'put_off',
        about: { subject: task.subject, id: task.of },
        happened_at: (frame.data?.now ?? '').slice(0, 16),
        payload: {
          task: task.kind,
          about: task.about ?? '',
          what: task.do,
          opens: task.opens.slice(0, 16),
          how: how === 'hours' ? 'later' : how,
          ...(how === 'later' ? { until } : {}),
          ...(how === 'hours' ? { hours: Number(until) } : {}),
        },
        even_so: false,
      },
    ],
  }));
  return (
    <NotNow
      what={task.do}
      // What is being lost waits for hours, not for a season.
      hows={hows[task.waits ?? 'season']}
      write={write}
      keep={(how, until, done) =>
        void afterwards(write.mutateAsync({ how, until }), (saved) => {
          say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry);
          done();
        })
      }
    />
  );
}

/** A sowing of the plan: later, or not this year. The plan is changed, and takes it back. */
export function PutOffSowing({ year, planting, what }: { year: number; planting: string; what: string }) {
  const say = useSay();
  const write = useWrite((until: string) =>
    take(
      api.POST('/plans/{year}/plantings/{planting}/put-off', {
        params: { path: { year, planting } },
        body: { until },
      }),
    ),
  );
  return (
    <NotNow
      what={what}
      hows={['next_year', 'later']}
      write={write}
      keep={(how, until, done) =>
        void afterwards(write.mutateAsync(how === 'later' ? until : ''), (saved) => {
          say(saved.said);
          done();
        })
      }
    />
  );
}

function NotNow({
  what,
  hows,
  write,
  keep,
}: {
  what: string;
  hows: How[];
  write: ComponentProps<typeof Waiting>['write'] & { isPending: boolean; error: Error | null };
  keep: (how: How, until: string, done: () => void) => void;
}) {
  const [open, setOpen] = useState(false);
  const [until, setUntil] = useState('');
  const { on } = useLook();
  // A day looked ahead to is none to say what was done on.
  if (on !== undefined) return null;
  if (!open) {
    return (
      <Button
        variant="text"
        aria-label={`Not now: ${what}`}
        // As high as a thumb, without pushing apart the lines that it stands in.
        sx={{ my: '-10px', minHeight: 44, color: 'text.secondary', fontWeight: 500 }}
        onClick={() => setOpen(true)}
      >
        Not now …
      </Button>
    );
  }
  const choose = (how: How) => keep(how, until, () => setOpen(false));
  const error =
    write.error instanceof Refused ? (write.error.fields['until'] ?? write.error.message) : undefined;
  return (
    <Box role="group" aria-label={`What becomes of it: ${what}`} sx={{ my: 0.75, flexBasis: '100%' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-end' }}>
        {hows.includes('done') && (
          <Button disabled={write.isPending} onClick={() => choose('done')}>
            Done already
          </Button>
        )}
        {hows.includes('next_year') && (
          <Button disabled={write.isPending} onClick={() => choose('next_year')}>
            Not this year
          </Button>
        )}
        {hows.includes('hours') &&
          ([3, 12, 24] as const).map((hours) => (
            <Button
              key={hours}
              disabled={write.isPending}
              onClick={() => keep('hours', String(hours), () => setOpen(false))}
            >
              {hours === 24 ? 'Tomorrow' : `In ${hours} hours`}
            </Button>
          ))}
        {hows.includes('later') && (
          <>
            <Box sx={{ width: 170 }}>
              <DayInput label="Later, on" value={until} error={error} onChange={setUntil} />
            </Box>
            <Button disabled={write.isPending || until === ''} onClick={() => choose('later')}>
              Later
            </Button>
          </>
        )}
        <Button variant="text" onClick={() => setOpen(false)}>
          Cancel
        </Button>
      </Box>
      <Waiting write={write} />
    </Box>
  );
}
