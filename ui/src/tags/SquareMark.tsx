import { useMemo } from 'react';
import encodeQR from 'qr';

/** The white that must stand around a mark, in its own squares. */
const QUIET = 2;

/** The square mark of a tag, black on white whatever the screen's colours are. */
export function SquareMark({ text, mm }: { text: string; mm: number }) {
  const rows = useMemo(() => squares(text), [text]);
  const size = rows.length + 2 * QUIET;
  return (
    <svg
      role="img"
      aria-label="Square mark, to be read by a camera"
      viewBox={`${-QUIET} ${-QUIET} ${size} ${size}`}
      shapeRendering="crispEdges"
      style={{ width: `${mm}mm`, height: `${mm}mm`, display: 'block', flexShrink: 0 }}
    >
      <rect x={-QUIET} y={-QUIET} width={size} height={size} fill="#fff" />
      <path
        fill="#000"
        d={rows.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ''))).join('')}
      />
    </svg>
  );
}

/** The squares of a mark, row by row; true is dark. */
export const squares = (text: string): boolean[][] => encodeQR(text, 'raw', { ecc: 'medium', border: 0 });
