import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';

/** ms after which somebody wonders. */
const WONDER = 2_000;

/** Whether something has gone on for longer than one waits without a word. */
export function useIsLong(going: boolean): boolean {
  const [long, setLong] = useState(false);
  useEffect(() => {
    if (!going) return;
    const timer = setTimeout(() => setLong(true), WONDER);
    return () => {
      clearTimeout(timer);
      setLong(false);
    };
  }, [going]);
  return going && long;
}

/** What is being kept and is not yet: why, and that nothing is lost. Where nothing was typed, it is a wish that waits. */
export function Waiting({
  write,
  typed = true,
  onHandOver,
}: {
  write: { isPending: boolean; failureReason: Error | null };
  typed?: boolean;
  /** goes on to something else while it waits */
  onHandOver?: () => void;
}) {
  const long = useIsLong(write.isPending);
  const isStuck = write.isPending && (write.failureReason !== null || long);
  const handOver = useRef(onHandOver);
  useEffect(() => {
    handOver.current = onHandOver;
  });
  useEffect(() => {
    // In the garden nobody waits at a form for the network.
    if (write.isPending && !navigator.onLine) handOver.current?.();
  }, [write.isPending, write.failureReason]);
  if (!isStuck) return null;
  return (
    <Box
      role="status"
      sx={(t) => ({ borderLeft: `6px solid ${t.vars?.palette.caution.main}`, pl: 1.5, py: 0.5, my: 1.5 })}
    >
      <b>{typed ? 'Not kept yet.' : 'Not done yet.'}</b>{' '}
      {write.failureReason?.message ?? 'The server has not answered.'}{' '}
      {typed ? 'What you typed stays here and is sent again by itself.' : 'It is tried again by itself.'}
      {onHandOver !== undefined && (
        <Button variant="text" onClick={onHandOver}>
          Go on meanwhile
        </Button>
      )}
    </Box>
  );
}
