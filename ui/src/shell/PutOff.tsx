import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { v7 } from 'uuid';
import { Refused, type Task } from '../api/client';
import { record } from '../api/entries';
import { afterwards, useFrame, useWrite } from '../api/queries';
import { useLook } from '../api/look';
import { DayInput } from '../kit/DayInput';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';

type How = 'later' | 'done' | 'next_year';

/** What becomes of something that is due and is not done by recording it: later, done already, not this year. */
export function PutOff({
  task,
}: {
  task: Pick<Task, 'kind' | 'do' | 'about' | 'of'> & { tag: { subject: 'lot' | 'planting' } };
}) {
  const [open, setOpen] = useState(false);
  const { on } = useLook();
  // A day looked ahead to is none to say what was done on.
  if (on !== undefined || task.kind === 'settle') return null;
  return open ? (
    <Choices task={task} onLeave={() => setOpen(false)} />
  ) : (
    <Button
      size="small"
      variant="text"
      aria-label={`Not now: ${task.do}`}
      sx={{ ml: -1, color: 'text.secondary' }}
      onClick={() => setOpen(true)}
    >
      Not now …
    </Button>
  );
}

function Choices({ task, onLeave }: { task: Parameters<typeof PutOff>[0]['task']; onLeave: () => void }) {
  const frame = useFrame();
  const say = useSay();
  const [until, setUntil] = useState('');
  const write = useWrite((how: How) =>
    record({
      id: v7(),
      kind: 'put_off',
      about: { subject: task.tag.subject, id: task.of },
      happened_at: (frame.data?.now ?? '').slice(0, 16),
      payload: {
        task: task.kind,
        about: task.about ?? '',
        what: task.do,
        how,
        ...(how === 'later' ? { until } : {}),
      },
      even_so: false,
    }),
  );
  const keep = (how: How) =>
    void afterwards(write.mutateAsync(how), (saved) => {
      say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry);
      onLeave();
    });
  const error =
    write.error instanceof Refused ? (write.error.fields['until'] ?? write.error.message) : undefined;
  return (
    <Box role="group" aria-label={`What becomes of it: ${task.do}`} sx={{ mt: 0.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-end' }}>
        <Button disabled={write.isPending} onClick={() => keep('done')}>
          Done already
        </Button>
        <Button disabled={write.isPending} onClick={() => keep('next_year')}>
          Not this year
        </Button>
        <Box sx={{ width: 170 }}>
          <DayInput label="Later, on" value={until} error={error} onChange={setUntil} />
        </Box>
        <Button disabled={write.isPending || until === ''} onClick={() => keep('later')}>
          Later
        </Button>
        <Button variant="text" onClick={onLeave}>
          Leave it
        </Button>
      </Box>
      <Waiting write={write} />
    </Box>
  );
}
