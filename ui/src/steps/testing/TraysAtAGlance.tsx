import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Dish, Tray } from '../../api/client';
import { useLook } from '../../api/look';
import { useTrays } from '../../api/queries';
import { useInk } from '../../charts/Chart';
import { Section } from '../../kit/Section';
import { percent } from '../../kit/words';

/** Every test that runs as its dishes, seed by seed, and what wants testing next with what it costs. */
export function TraysAtAGlance() {
  const trays = useTrays();
  const { at } = useLook();
  if (trays.data === undefined) return null;
  const { tests, next, beside } = trays.data;
  return (
    <Box sx={{ px: 2, pb: 3 }}>
      {tests.length > 0 && (
        <Section title="Dish by dish">
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 2 }}>
            {tests.map((test, i) => (
              <Box component="li" key={`${test.code} ${i}`}>
                <Box component={Link} to={at(`/trays/${test.code}`)} sx={{ color: 'inherit' }}>
                  <b>{test.code}</b> {test.variety}
                  {test.group === '' ? '' : `: ${test.group}`}
                </Box>{' '}
                {test.said}
                <Box sx={{ fontWeight: 700, fontSize: '1.125rem' }}>{test.next}</Box>
                <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-end', gap: 1.5, mt: 0.5 }}>
                  {test.dishes.map((dish, d) => (
                    <DishDrawing key={d} dish={dish} number={d + 1} />
                  ))}
                  <CurveDrawing tray={test} />
                </Box>
              </Box>
            ))}
          </Box>
          <Box sx={(t) => ({ fontSize: '0.875rem', color: t.vars?.palette.text.secondary, mt: 1 })}>
            A square a seed: full when it is up, crossed out when it is dead or abnormal, empty while nobody
            knows. Beside them what is up day by day, dotted as fresh sound seed usually comes.
          </Box>
        </Section>
      )}
      {beside.length > 0 && (
        <Section title="Side by side">
          {beside.map((line) => (
            <Box key={line} sx={{ maxWidth: '46em' }}>
              {line}
            </Box>
          ))}
        </Section>
      )}
      {next.length > 0 && (
        <Section title="What wants testing next">
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5 }}>
            {next.map(({ code, variety, when, costs }) => (
              <li key={code}>
                <Box component={Link} to={at(`/store/${code}`)} sx={{ color: 'inherit' }}>
                  <b>{code}</b> {variety}
                </Box>
                , {when}: {costs}
              </li>
            ))}
          </Box>
        </Section>
      )}
    </Box>
  );
}

const SEED = 9;
/** Seeds to a row. */
const ROW = 10;

function DishDrawing({ dish, number }: { dish: Dish; number: number }) {
  const { ink, faint } = useInk();
  const seeds = dish.up + dish.dead + dish.open;
  const rows = Math.max(1, Math.ceil(seeds / ROW));
  return (
    <svg
      width={Math.min(ROW, seeds) * SEED + 2}
      height={rows * SEED + 2}
      role="img"
      aria-label={`Dish ${number}: ${dish.up} up, ${dish.dead} dead or abnormal, ${dish.open} open.`}
    >
      {Array.from({ length: seeds }, (_, i) => {
        const [x, y] = [(i % ROW) * SEED + 1, Math.floor(i / ROW) * SEED + 1];
        const up = i < dish.up;
        const dead = !up && i < dish.up + dish.dead;
        return (
          <g key={i}>
            <rect
              x={x + 1}
              y={y + 1}
              width={SEED - 2}
              height={SEED - 2}
              fill={up ? ink : 'none'}
              stroke={up ? ink : faint}
            />
            {dead && <path d={`M${x + 1} ${y + 1}l${SEED - 2} ${SEED - 2}`} stroke={ink} strokeWidth="2" />}
          </g>
        );
      })}
    </svg>
  );
}

const WIDE = 140;
const HIGH = 44;

/** What is up by each count, against what is usual, small. */
function CurveDrawing({ tray }: { tray: Tray }) {
  const { ink, faint } = useInk();
  const last = Math.max(1, tray.usual.length - 1, ...tray.days);
  const point = (day: number, share: number) => `${(day / last) * WIDE},${HIGH - share * (HIGH - 2) - 1}`;
  const up = [0, ...tray.days].map((day, i) => point(day, i === 0 ? 0 : (tray.shares[i - 1] ?? 0)));
  return (
    <svg
      width={WIDE + 2}
      height={HIGH}
      role="img"
      aria-label={`Up by day: ${tray.days.map((day, i) => `day ${day} ${percent(tray.shares[i] ?? 0)}`).join(', ') || 'nothing counted yet'}.`}
    >
      <path d={`M0 ${HIGH - 1}H${WIDE}M0 1V${HIGH}`} stroke={faint} fill="none" />
      <polyline
        points={tray.usual.map((share, day) => point(day, share)).join(' ')}
        fill="none"
        stroke={faint}
        strokeDasharray="2 4"
      />
      {up.length > 1 && <polyline points={up.join(' ')} fill="none" stroke={ink} strokeWidth="2" />}
    </svg>
  );
}
