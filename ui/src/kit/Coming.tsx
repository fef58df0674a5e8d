import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import { useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { useIsLong } from './Waiting';

export interface Shape {
  lines?: number;
  /** px of a line */
  height?: number;
  /** whether it stands for a page, which has a margin of its own */
  page?: boolean;
}

/** The shape of what comes, where it will be; after a while it says what it waits for. */
export function Coming({
  lines = 3,
  height = 24,
  page = false,
  children,
}: Shape & { /** its very shape, where that is not of lines */ children?: ReactNode }) {
  const long = useIsLong(true);
  return (
    <Box aria-busy="true" sx={page ? { p: 2 } : { py: 1 }}>
      {long && <p role="status">Waiting for the server …</p>}
      <Box aria-hidden="true">
        {children ??
          Array.from({ length: lines }, (_, line) => (
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

/** What is large and not wanted on every page comes when it is gone to, and is drawn as soon as it is there: what React
 * itself waits for (lazy, Suspense) it holds back for a third of a second once it has shown that it waits. */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  shape: Shape = {},
  meanwhile?: ReactNode,
): (props: P) => ReactNode {
  const kept: { component?: ComponentType<P> } = {};
  return function Later(props: P) {
    const [Loaded, setLoaded] = useState(() => kept.component);
    const [failure, setFailure] = useState<Error>();
    useEffect(() => {
      if (Loaded !== undefined) return;
      let gone = false;
      load().then(
        (component) => {
          kept.component = component;
          if (!gone) setLoaded(() => component);
        },
        (cause: unknown) => {
          if (!gone) setFailure(cause instanceof Error ? cause : new Error(String(cause)));
        },
      );
      return () => {
        gone = true;
      };
    }, [Loaded]);
    if (failure !== undefined) throw failure;
    return Loaded === undefined ? (meanwhile ?? <Coming {...shape} />) : <Loaded {...props} />;
  };
}
