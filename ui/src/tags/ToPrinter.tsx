import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { v7 } from 'uuid';
import { api, Refused, take, type PaperTag, type PrintJob } from '../api/client';
import { usePrintJobs, useSettings, useWrite } from '../api/queries';
import { Caution, Trouble } from '../kit/Section';
import { plural } from '../kit/words';
import { squares } from './SquareMark';

/** ms until labels that wait are sent again. */
const AGAIN = 5_000;

/** Sends the tags to the label printer, where there is one, and says what has become of what was sent. */
export function ToPrinter({
  tags,
  codes,
  place,
  sorts,
}: {
  tags: PaperTag[];
  codes: string;
  place: string;
  sorts: string;
}) {
  const settings = useSettings();
  const jobs = usePrintJobs();
  const address = settings.data
    ?.flatMap(({ settings }) => settings)
    .find(({ field }) => field.key === 'label_printer')?.typed;
  const [last, setLast] = useState<string | null>(null);
  const print = useWrite((id: string) =>
    take(
      api.POST('/print-jobs', {
        body: {
          id,
          codes,
          place,
          sorts,
          squares: Object.fromEntries(
            tags.map(({ mark }) => [mark, squares(mark).map((row) => row.map(Number).join(''))]),
          ),
        },
      }),
    ),
  );
  const shown = jobs.data?.filter(({ id, waits }) => waits || id === last) ?? [];
  if (settings.data === undefined) return null;
  return (
    <Box sx={{ mt: 1.5 }}>
      {address ? (
        <Button
          disabled={tags.length === 0 || print.isPending}
          onClick={() => {
            const id = v7();
            setLast(id);
            print.mutate(id);
          }}
        >
          {print.isPending ? 'Sending …' : `${plural(tags.length, 'label')} to the label printer`}
        </Button>
      ) : (
        <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
          A label printer on the network can print them, too: its address is a{' '}
          <Box component={Link} to="/books/settings" sx={{ color: 'inherit' }}>
            setting
          </Box>
          .
        </Box>
      )}
      {print.error instanceof Refused && <Trouble>{print.error.message}</Trouble>}
      <Box aria-live="polite">
        {shown.map((job) => (
          <Job key={job.id} job={job} />
        ))}
      </Box>
    </Box>
  );
}

function Job({ job }: { job: PrintJob }) {
  const send = useWrite(() =>
    take(api.POST('/print-jobs/{id}/send', { params: { path: { id: job.id } }, body: {} })),
  );
  const drop = useWrite(() =>
    take(api.POST('/print-jobs/{id}/drop', { params: { path: { id: job.id } }, body: {} })),
  );
  const { mutate } = send;
  useEffect(() => {
    if (!job.waits) return;
    const timer = window.setInterval(() => mutate(undefined), AGAIN);
    return () => window.clearInterval(timer);
  }, [job.waits, mutate]);
  if (!job.waits)
    return (
      <Box sx={{ mt: 1 }}>
        {job.title}. {job.said}
      </Box>
    );
  return (
    <Caution>
      <b>{job.title}.</b> {job.said}
      {send.error !== null && <Trouble>{send.error.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
        <Button disabled={send.isPending} onClick={() => mutate(undefined)}>
          Send again now
        </Button>
        <Button variant="text" disabled={drop.isPending} onClick={() => drop.mutate(undefined)}>
          Cancel
        </Button>
      </Box>
    </Caution>
  );
}
