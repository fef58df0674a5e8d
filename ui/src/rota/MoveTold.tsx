import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Rota } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards } from '../api/queries';
import { Section, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { Waiting } from '../kit/Waiting';
import { WaysOut } from './Collisions';
import { saveWish, useMoved, useRotaWrite } from './useRota';
import { movedTo } from './wishes';
import type { Moving } from './YearsTable';

/** What a growing that is moved would cost, and whether it is kept so. */
export function MoveTold({
  rota,
  work,
  moving,
  onDone,
}: {
  rota: Rota;
  work: string;
  moving: Moving;
  onDone: () => void;
}) {
  const { season } = useSpoken();
  const say = useSay();
  const moved = useMoved({ work, ...moving });
  const write = useRotaWrite(saveWish(rota.version));
  const line = rota.lines.find(({ id }) => id === moving.line);
  const name = line?.name ?? '';
  const title =
    moving.to === null
      ? `${name} not in ${season(moving.from ?? 0)}`
      : `${name} in ${season(moving.to)}${moving.from === null ? '' : `, not in ${season(moving.from)}`}`;
  const keep = () =>
    void afterwards(
      write.mutateAsync({ wish: movedTo(rota.wish, moving.line, moving.from, moving.to), said: title }),
      () => {
        say(`${title}: pinned`);
        onDone();
      },
    );
  const { data } = moved;
  return (
    <Box aria-live="polite">
      <Section title={title}>
        {moved.error !== null && <Trouble>{moved.error.message}</Trouble>}
        {data === undefined && moved.error === null && <Box>Reckoning what it costs …</Box>}
        {data !== undefined && <Box sx={{ mb: 1 }}>{data.says}</Box>}
        {moved.isLooking && <Box sx={{ mb: 1 }}>Looking for ways out …</Box>}
        {data !== undefined && data.collisions.length > 0 && (
          <WaysOut rota={rota} collisions={data.collisions} />
        )}
        {data !== undefined && data.with_room !== null && (
          <Box sx={{ mb: 1 }}>
            Where the others make room it fits: <strong>{data.with_room}</strong>.
          </Box>
        )}
        {write.error !== null && <Trouble>{write.error.message}</Trouble>}
        <Waiting write={write} />
        <Box sx={{ display: 'flex', gap: 1 }}>
          {may(usePresent(), 'keeper') && data !== undefined && (
            <Button variant="contained" onClick={keep} disabled={write.isPending}>
              {moving.to === null
                ? 'Leave it out'
                : data.fits
                  ? 'Keep it there'
                  : data.with_room !== null
                    ? 'The others make room'
                    : 'Keep it all the same'}
            </Button>
          )}
          <Button onClick={onDone}>As it was</Button>
        </Box>
      </Section>
    </Box>
  );
}
