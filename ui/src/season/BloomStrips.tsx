import Box from '@mui/material/Box';
import useMediaQuery from '@mui/material/useMediaQuery';
import dayjs from 'dayjs';
import type { Plan } from '../api/client';
import { useInk } from '../charts/Chart';
import { monthName } from '../kit/words';
import { useSpoken } from '../kit/spoken';

const NAMES = 130;
const NEVER = '9999-12-31';

/**
 * When each planting blooms and ripens, a line each; days on which it would be crossed are marked in its line. Every
 * planting has a line to be chosen by: on the plan, drawn to scale, a small one is less than a finger wide.
 */
export function BloomStrips({
  plan,
  chosen,
  onChoose,
}: {
  plan: Plan;
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const { shortDay } = useSpoken();
  const { ink, faint, quiet, alarm } = useInk();
  const finger = useMediaQuery('(pointer: coarse), (max-width: 600px)');
  const row = finger ? 44 : 26;
  const down = (row - 26) / 2;
  const out = new Set(plan.content.plantings.filter((p) => p.out).map((p) => p.id));
  const rows = plan.plantings
    .filter((course) => !out.has(course.id))
    .sort((a, b) => (a.bloom_first ?? NEVER).localeCompare(b.bloom_first ?? NEVER));
  if ((rows[0]?.bloom_first ?? null) === null) return null;
  const ends = rows.map((course) => course.ripe_to ?? course.bloom_last ?? '');
  const start = dayjs(rows[0]?.bloom_first).startOf('month');
  const end = dayjs([...ends].sort().pop()).endOf('month');
  const days = Math.max(30, end.diff(start, 'day'));
  const at = (day: string | null) => `${(dayjs(day).diff(start, 'day') / days) * 100}%`;
  const wide = (from: string | null, to: string | null) =>
    `${((dayjs(to).diff(dayjs(from), 'day') + 1) / days) * 100}%`;
  const months = Array.from({ length: Math.ceil(days / 28) + 1 }, (_, i) => start.add(i, 'month')).filter(
    (m) => m.isBefore(end),
  );
  return (
    <Box sx={{ mt: 2, maxWidth: 980 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        Bloom and ripe seed
      </Box>
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, mb: 1 })}>
        filled: in bloom; open: seed ripens; the bar below: blooms with something that would cross it
      </Box>
      <Box sx={{ position: 'relative', pl: `${NAMES}px` }}>
        {rows.map((course, i) => (
          <Box
            key={course.id}
            component="button"
            type="button"
            onClick={() => onChoose(course.id)}
            sx={(t) => ({
              position: 'absolute',
              left: 0,
              top: i * row,
              width: NAMES - 8,
              height: row,
              p: 0,
              border: 0,
              textAlign: 'left',
              whiteSpace: 'nowrap',
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              font: 'inherit',
              fontWeight: chosen === course.id ? 700 : 400,
              color: 'inherit',
              cursor: 'pointer',
              bgcolor: chosen === course.id ? t.vars?.palette.quiet : 'transparent',
            })}
          >
            {course.variety}
          </Box>
        ))}
        <svg width="100%" height={rows.length * row + 22} style={{ display: 'block', overflow: 'visible' }}>
          {months.map((month) => (
            <g key={month.format()}>
              <line
                x1={at(month.format('YYYY-MM-DD'))}
                x2={at(month.format('YYYY-MM-DD'))}
                y1={0}
                y2={rows.length * row}
                stroke={quiet}
                strokeWidth={2}
              />
              <text x={at(month.format('YYYY-MM-DD'))} y={rows.length * row + 17} fontSize={14} fill={faint}>
                {monthName(month.month()).slice(0, 3)}
              </text>
            </g>
          ))}
          {rows.map((course, i) => {
            const risks =
              plan.risks.find((r) => r.planting === course.id && r.verdict === 'act')?.sources ?? [];
            if (course.bloom_first === null) {
              return (
                <text key={course.id} x={4} y={i * row + row / 2 + 5} fontSize={14} fill={faint}>
                  not in bloom this year
                </text>
              );
            }
            return (
              <g
                key={course.id}
                transform={`translate(0 ${i * row + down})`}
                role="img"
                aria-label={`${course.variety} blooms ${shortDay(course.bloom_first)} to ${shortDay(course.bloom_last ?? '')}`}
              >
                {course.ripe_from !== null && (
                  <rect
                    x={at(course.ripe_from)}
                    width={wide(course.ripe_from, course.ripe_to)}
                    y={6}
                    height={11}
                    fill="none"
                    stroke={faint}
                    strokeWidth={2}
                  />
                )}
                <rect
                  x={at(course.bloom_first)}
                  width={wide(course.bloom_first, course.bloom_last)}
                  y={4}
                  height={15}
                  fill={ink}
                />
                {risks
                  .filter(({ verdict, from, to }) => verdict === 'act' && from !== null && to !== null)
                  .map((risk) => (
                    <rect
                      key={risk.id}
                      x={at(risk.from)}
                      width={wide(risk.from, risk.to)}
                      y={20}
                      height={4}
                      fill={alarm}
                    />
                  ))}
              </g>
            );
          })}
        </svg>
      </Box>
    </Box>
  );
}
