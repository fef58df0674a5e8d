import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import { lazy, Suspense, type ComponentType } from 'react';
import { useIsLong } from './Waiting';

/** The shape of what comes, where it will be; after a while it says what it waits for. */
export function Coming({ lines = 3, height = 24 }: { lines?: number; height?: number }) {
  const long = useIsLong(true);
  return (
    <Box aria-busy="true" sx={{ py: 1 }}>
      {long && <p role="status">Waiting for the server …</p>}
      <Box aria-hidden="true">
        {Array.from({ length: lines }, (_, line) => (
          <Skeleton
            key={line}
            variant="rectangular"
            animation={false}
            height={height}
            // Ragged, as text is.
            width={`${[100, 92, 97, 84][line % 4] ?? 100}%`}
            sx={{ mb: 1.25, borderRadius: 1 }}
          />
        ))}
      </Box>
    </Box>
  );
}

/** What is large and not wanted on every page comes when it is gone to. */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  shape: { lines?: number; height?: number } = {},
): ComponentType<P> {
  const Loaded = lazy(async () => ({ default: await load() }));
  return function Later(props: P) {
    return (
      <Suspense fallback={<Coming {...shape} />}>
        <Loaded {...props} />
      </Suspense>
    );
  };
}
