import Button from '@mui/material/Button';
import { v7 } from 'uuid';
import type { Task } from '../api/client';
import { useLook } from '../api/look';
import { useRecord } from '../api/outbox';
import { may, usePresent } from '../api/present';
import { afterwards, useFrame } from '../api/queries';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';

/** What is due and needs nothing told but that it was done: recorded in a tap. */
export function TapDone({ task }: { task: Task }) {
  const frame = useFrame();
  const say = useSay();
  const { on } = useLook();
  const mayRecord = may(usePresent(), 'helper');
  const { tap } = task;
  const write = useRecord(() => ({
    title: task.do,
    drafts: [
      {
        id: v7(),
        kind: tap?.kind ?? '',
        about: { subject: task.subject, id: task.of },
        happened_at: (frame.data?.now ?? '').slice(0, 16),
        payload: (tap === null || tap.field === '' ? {} : { [tap.field]: task.about ?? '' }) as Record<
          string,
          never
        >,
        even_so: false,
      },
    ],
  }));
  // A day looked ahead to is none to say what was done on.
  if (tap === null || on !== undefined || !mayRecord || task.state === 'ahead') return null;
  return (
    <>
      <Button
        variant="outlined"
        aria-label={`${tap.act}: ${task.name}`}
        disabled={write.isPending}
        sx={{ my: '-8px', minHeight: 44 }}
        onClick={() =>
          void afterwards(write.mutateAsync(undefined), (saved) =>
            say(`Kept. ${saved.adrift ?? saved.said}`, saved.entry),
          )
        }
      >
        {tap.act}
      </Button>
      <Waiting write={write} />
    </>
  );
}
