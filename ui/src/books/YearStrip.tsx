import { monthName as called } from '../kit/words';
import Box from '@mui/material/Box';
import { useInk } from '../charts/Chart';
import type { HandbookPage } from '../api/client';

const initials = 'J F M A M J J A S O N D'.split(' ');

/** A crop's year, or years: for each of its sowings when it is sown, blooms and is ripe, each on a line of its own. */
export function YearStrip({ year }: { year: HandbookPage['year'] }) {
  const { ink, faint, quiet } = useInk();
  const years = Math.ceil(Math.max(...year.map(({ to }) => to)) / 12);
  const months = years * 12;
  const x = (month: number) => `${(month / months) * 100}%`;
  const row = 30;
  const gap = 12;
  const top = (i: number) => i * row + (year[i]?.sowing ?? 0) * gap;
  const height = top(year.length - 1) + row;
  const label = 74;
  return (
    <Box
      role="img"
      aria-label={year
        .map(({ said, from, to }) => `${said}: ${monthName(from)} to ${monthName(to - 0.01)}`)
        .join('; ')}
      sx={{ position: 'relative', pl: `${label}px`, my: 2, fontVariantNumeric: 'tabular-nums' }}
    >
      {year.map(({ what, sowing, said }, i) => (
        <Box
          key={`${sowing}${what}`}
          sx={{ position: 'absolute', left: 0, top: top(i) + 2, fontWeight: 700 }}
        >
          {said}
        </Box>
      ))}
      <svg width="100%" height={height + 28} style={{ display: 'block', overflow: 'visible' }}>
        {Array.from({ length: months + 1 }, (_, i) => (
          <line
            key={i}
            x1={x(i)}
            x2={x(i)}
            y1={0}
            y2={height}
            stroke={i % 12 === 0 ? ink : quiet}
            strokeWidth={i % 12 === 0 ? 2 : 1}
          />
        ))}
        {year.map(({ what, sowing, from, to }, i) => (
          <rect
            key={`${sowing}${what}`}
            x={x(from)}
            width={`${((to - from) / months) * 100}%`}
            y={top(i) + 5}
            height={row - 12}
            fill={what === 'sow' ? ink : what === 'bloom' ? quiet : faint}
            stroke={ink}
            strokeWidth={2}
          />
        ))}
        {Array.from({ length: months }, (_, i) =>
          years > 2 && i % 3 !== 0 ? null : (
            <text key={i} x={x(i + 0.5)} y={height + 20} fontSize={15} textAnchor="middle" fill={faint}>
              {initials[i % 12]}
            </text>
          ),
        )}
      </svg>
    </Box>
  );
}

const monthName = (month: number) =>
  called(Math.floor(month) % 12) + (month >= 12 ? ` of year ${Math.floor(month / 12) + 1}` : '');
