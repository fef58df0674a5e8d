import Box from '@mui/material/Box';
import type { Plan } from '../api/client';
import { useFrame } from '../api/queries';
import { useInk } from '../charts/Chart';
import { percent } from '../kit/words';
import { useSpoken } from '../kit/spoken';
import { places } from '../shell/places';
import { usePlan, usePlans } from '../season/usePlan';
import { bloomingOn } from './seasonMap';

const WIDTH = 620;
const PAD = 14;

/** So many pairs are named; the plan has the rest. */
const MOST = 6;

/** The season's map: what of it blooms on the day that is looked at, and which of that could cross. */
export function SeasonMap() {
  const frame = useFrame();
  const plans = usePlans();
  const day = frame.data?.on ?? '';
  const { seasonOf } = useSpoken();
  const year = seasonOf(day);
  return plans.data?.includes(year) === true ? <OfYear year={year} day={day} /> : null;
}

function OfYear({ year, day }: { year: number; day: string }) {
  const plan = usePlan(year);
  if (plan.data === undefined || plan.data.year !== year) return null;
  return <Drawn plan={plan.data} day={day} />;
}

function Drawn({ plan, day }: { plan: Plan; day: string }) {
  const { day: dayWords, metres } = useSpoken();
  const ink = useInk();
  const { ground, beds, plantings } = plan.content;
  const { blooming, crossing } = bloomingOn(plan, day);
  const ids = new Set(blooming.map(({ id }) => id));
  const scale = (WIDTH - 2 * PAD) / ground.width;
  const px = (metres: number) => PAD + metres * scale;
  const spot = new Map(plantings.map((planting) => [planting.id, planting.spot]));
  const nameOf = (id: string) => plan.plantings.find((planting) => planting.id === id)?.variety ?? '';
  return (
    <Box component="section" aria-label="The season’s map" sx={{ my: 1.5 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1.4fr 1fr' }, gap: 2 }}>
        <svg
          viewBox={`0 0 ${WIDTH} ${ground.depth * scale + 2 * PAD}`}
          width="100%"
          role="img"
          aria-label={`The garden, ${metres(ground.width)} by ${metres(ground.depth)}, with what blooms on ${dayWords(day)}`}
          style={{ display: 'block', maxHeight: 320 }}
        >
          <rect
            x={px(0)}
            y={px(0)}
            width={ground.width * scale}
            height={ground.depth * scale}
            fill={ink.ground}
            stroke={ink.ink}
            strokeWidth={2}
          />
          {beds.map((bed) => (
            <rect
              key={bed.id}
              x={px(bed.x)}
              y={px(bed.y)}
              width={bed.width * scale}
              height={bed.depth * scale}
              fill={ink.quiet}
              fillOpacity={0.5}
            />
          ))}
          {plantings
            .filter(({ out }) => !out)
            .map(({ id, spot: at }) => (
              <rect
                key={id}
                x={px(at.x)}
                y={px(at.y)}
                width={at.width * scale}
                height={at.depth * scale}
                fill={ids.has(id) ? places.plot.enamel : ink.ground}
                stroke={ids.has(id) ? ink.ink : ink.faint}
                strokeWidth={ids.has(id) ? 2 : 1}
              >
                <title>{nameOf(id)}</title>
              </rect>
            ))}
          {crossing.map(({ kept, source }) => {
            const [a, b] = [spot.get(kept), spot.get(source)];
            return (
              a !== undefined &&
              b !== undefined && (
                <line
                  key={`${kept} ${source}`}
                  x1={px(a.x + a.width / 2)}
                  y1={px(a.y + a.depth / 2)}
                  x2={px(b.x + b.width / 2)}
                  y2={px(b.y + b.depth / 2)}
                  stroke={ink.alarm}
                  strokeWidth={3}
                />
              )
            );
          })}
          {blooming.map(({ id, variety }, index) => {
            const at = spot.get(id);
            return (
              at !== undefined && (
                <text
                  key={id}
                  x={Math.min(WIDTH - 70, px(at.x + at.width / 2))}
                  // Names of neighbours stand above and below in turn, or they would run into each other.
                  y={index % 2 === 0 ? px(at.y) - 4 : px(at.y + at.depth) + 14}
                  fontSize={14}
                  fontWeight={700}
                  textAnchor="middle"
                  fill={ink.ink}
                  stroke={ink.ground}
                  strokeWidth={4}
                  paintOrder="stroke"
                >
                  {variety}
                </text>
              )
            );
          })}
        </svg>
        <Box>
          <Box sx={{ fontWeight: 700 }}>{`By the plan, in bloom on ${dayWords(day)}`}</Box>
          <Box>{blooming.length === 0 ? 'Nothing.' : blooming.map(({ variety }) => variety).join(', ')}</Box>
          <Box sx={{ fontWeight: 700, mt: 1.5 }}>Could cross that day</Box>
          {crossing.length === 0 ? (
            <Box>Nothing.</Box>
          ) : (
            <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
              {crossing.slice(0, MOST).map(({ kept, source, name, share }) => (
                <li key={`${kept} ${source}`}>{`${nameOf(kept)} with ${name}: ${percent(share)}`}</li>
              ))}
              {crossing.length > MOST && <li>{`and ${crossing.length - MOST} more, in the plan`}</li>}
            </Box>
          )}
          {crossing.length > 0 && (
            <Box sx={{ color: 'text.secondary' }}>of its seed, over the whole season, as it is planned</Box>
          )}
        </Box>
      </Box>
    </Box>
  );
}
