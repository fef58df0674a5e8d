import Checkbox from '@mui/material/Checkbox';
import type { Ticks } from './ticking';

/** Ticks a line of a list; with Shift, all from the one ticked before. */
export function TickBox({ code, order, ticks }: { code: string; order: string[]; ticks: Ticks }) {
  return (
    <Checkbox
      checked={ticks.codes.includes(code)}
      onChange={(event) => {
        const { nativeEvent } = event;
        ticks.tick(code, order, nativeEvent instanceof MouseEvent && nativeEvent.shiftKey);
      }}
      slotProps={{ input: { 'aria-label': `Tick ${code}` } }}
      sx={{ p: 0, '& svg': { fontSize: 20 } }}
    />
  );
}
