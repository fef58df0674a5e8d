import Box from '@mui/material/Box';
import { percent } from '../kit/words';
import { useInk } from './Chart';

/** A share (or a difference of shares) with the range in which the real one likely lies, on a scale with the marks that matter. */
export function IntervalBar({
  rate,
  low,
  high,
  marks,
  from = 0,
  to = 1,
}: {
  rate: number;
  low: number;
  high: number;
  marks: number[];
  from?: number;
  to?: number;
}) {
  const { ink, faint, quiet } = useInk();
  const x = (share: number) => `${((share - from) / (to - from)) * 100}%`;
  return (
    <Box
      role="img"
      aria-label={`${percent(rate)}, likely ${percent(low)} to ${percent(high)}`}
      sx={{ maxWidth: 560, mx: 2 }}
    >
      <svg
        width="100%"
        height="62"
        style={{ overflow: 'visible', display: 'block', fontVariantNumeric: 'tabular-nums' }}
      >
        <line x1="0" x2="100%" y1="22" y2="22" stroke={ink} strokeWidth="2" />
        {[from, to, ...marks].map((mark) => (
          <g key={mark}>
            <line x1={x(mark)} x2={x(mark)} y1="14" y2="32" stroke={faint} strokeWidth="2" />
            <text x={x(mark)} y="52" fontSize="15" textAnchor="middle" fill={faint}>
              {percent(mark)}
            </text>
          </g>
        ))}
        <rect
          x={x(low)}
          width={`${((high - low) / (to - from)) * 100}%`}
          y="15"
          height="14"
          fill={quiet}
          stroke={ink}
          strokeWidth="2"
        />
        <circle cx={x(rate)} cy="22" r="8" fill={ink} />
      </svg>
    </Box>
  );
}
