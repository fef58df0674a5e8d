import { useQueryClient } from '@tanstack/react-query';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Answered } from '../api/client';
import { useResumed, watch } from '../api/outbox';
import { drop, useUnsent } from '../kit/draft';
import { useSay } from '../kit/Said';

/** What was pressed before the page was loaded anew, or without network, and was not answered: it is sent by itself, and what became of it is said. */
export function Resumed() {
  const client = useQueryClient();
  const say = useSay();
  const waiting = useResumed();
  const [all, setAll] = useState(false);
  const going = waiting.filter(({ error }) => error === null);
  const arrived = useRef<Answered[]>([]);
  useEffect(
    () =>
      watch(client, (saved, { form }) => {
        if (form !== undefined) drop(form);
        arrived.current.push(saved);
      }),
    [client],
  );
  useEffect(() => {
    // Of a walk's worth it is said once, when the last of it has come.
    const [one, ...more] = arrived.current;
    if (going.length > 0 || one === undefined) return;
    if (more.length === 0) say(`Kept. ${one.adrift ?? one.said}`, one.entry);
    else say(saidOfMany(arrived.current));
    arrived.current = [];
  }, [going.length, say]);
  if (waiting.length === 0) return null;
  // What was refused wants somebody to read it; of what only waits a count is enough, once there is more than one.
  const shown = waiting.filter(({ error }) => error !== null || all || going.length === 1);
  return (
    <Box
      role="region"
      aria-label="Waits to be sent"
      sx={(t) => ({ px: 2, py: 0.5, borderBottom: `2px solid ${t.vars?.palette.caution.main}` })}
    >
      {going.length > 1 && (
        <Box sx={{ display: 'flex', alignItems: 'center', columnGap: 1, flexWrap: 'wrap' }}>
          <span>
            <b>{going.length} entries wait to be sent.</b>{' '}
            {going.find(({ why }) => why !== null)?.why?.message} They go by themselves.
          </span>
          <Button variant="text" aria-expanded={all} onClick={() => setAll(!all)}>
            {all ? 'Only their number' : 'Which …'}
          </Button>
        </Box>
      )}
      {shown.map(({ id, title, at, error, why, leave }) => (
        <Box key={id} sx={{ display: 'flex', alignItems: 'center', columnGap: 1, flexWrap: 'wrap' }}>
          <span>
            <b>{error === null ? 'Waits to be sent:' : 'Was not kept:'}</b>{' '}
            {at === undefined ? (
              title
            ) : (
              <Box component={Link} to={at} sx={{ color: 'inherit' }}>
                {title}
              </Box>
            )}
            . {error?.message ?? why?.message ?? ''} {error === null && 'It is sent again by itself.'}
          </span>
          <Leave press={leave} of={title} act={error === null ? 'Do not send it' : 'I have read it'} />
        </Box>
      ))}
    </Box>
  );
}

function saidOfMany(arrived: Answered[]): string {
  const adrift = arrived.filter(({ adrift }) => adrift !== null).length;
  return `Kept: ${arrived.length} entries that waited.${
    adrift === 0 ? '' : ` ${adrift} of them do not fit yet, and want a decision: Today says which.`
  }`;
}

const Leave = ({ press, of, act }: { press: () => void; of: string; act: string }) => (
  <Button variant="text" onClick={press} aria-label={`${act}: ${of}`}>
    {act}
  </Button>
);

/** What was typed into a form that is no longer open stays until it is kept or dropped; it is told of wherever one is. */
export function NotKept() {
  const unsent = useUnsent();
  if (unsent.length === 0) return null;
  return (
    <Box
      role="region"
      aria-label="Not kept yet"
      sx={(t) => ({ px: 2, py: 0.5, borderBottom: `2px solid ${t.vars?.palette.caution.main}` })}
    >
      {unsent.slice(0, 5).map(({ name, title, at }) => (
        <Box
          key={name}
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 1,
            flexWrap: 'wrap',
            '& a': { color: 'inherit' },
          }}
        >
          <span>
            <b>Not kept yet:</b> {title}
          </span>
          <Button component={Link} to={at} variant="text" aria-label={`Go on: ${title}`}>
            Go on
          </Button>
          <Button variant="text" onClick={() => drop(name)} aria-label={`Drop: ${title}`}>
            Drop it
          </Button>
        </Box>
      ))}
      {unsent.length > 5 && <span>and {unsent.length - 5} more</span>}
    </Box>
  );
}
