import { useInk } from './Chart';

type Point = { hours: number; value: number | null; low: number; high: number };

/** Days behind and ahead that are drawn. */
const BEHIND = 14;
const AHEAD = 14;
const WIDTH = 280;
const HEIGHT = 84;

/** A way to dry, small: what was known as dots, how it goes on as a band, where it is to get to as a line; the upright is now. */
export function WayToDry({
  measured,
  course,
  target,
  most,
  says,
}: {
  measured: Point[];
  course: Point[];
  target: number | null;
  /** of the upright scale, the same for all that stand beside one another */
  most: number;
  says: string;
}) {
  const { ink, quiet, alarm, faint } = useInk();
  const x = (hours: number) => ((hours / 24 + BEHIND) / (BEHIND + AHEAD)) * WIDTH;
  const y = (figure: number) => HEIGHT - 4 - (Math.min(figure, most) / most) * (HEIGHT - 8);
  const within = (p: Point) => p.hours / 24 >= -BEHIND && p.hours / 24 <= AHEAD;
  const band = course.filter(within);
  const line = (points: [number, number][]) =>
    points.map(([px, py], i) => `${i === 0 ? 'M' : 'L'}${px.toFixed(1)} ${py.toFixed(1)}`).join('');
  const dots = measured.filter(within);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={says}
      style={{ display: 'block', maxWidth: 420 }}
    >
      <rect x="0" y="0" width={WIDTH} height={HEIGHT} fill="none" stroke={faint} strokeWidth="1" />
      {band.length > 1 && (
        <>
          <path
            d={`${line(band.map((p) => [x(p.hours), y(p.high)]))}${line(
              band.toReversed().map((p) => [x(p.hours), y(p.low)]),
            ).replace('M', 'L')}Z`}
            fill={quiet}
          />
          <path
            d={line(band.map((p) => [x(p.hours), y(p.value ?? p.high)]))}
            fill="none"
            stroke={ink}
            strokeWidth="2"
            strokeDasharray="5 4"
          />
        </>
      )}
      {target !== null && (
        <path
          d={`M0 ${y(target)}H${WIDTH}`}
          stroke={alarm}
          strokeWidth="2"
          strokeDasharray="7 5"
          fill="none"
        />
      )}
      <path d={`M${x(0)} 0V${HEIGHT}`} stroke={ink} strokeWidth="1.5" />
      <path
        d={line(dots.filter((p) => p.value !== null).map((p) => [x(p.hours), y(p.value ?? 0)]))}
        fill="none"
        stroke={ink}
        strokeWidth="2"
      />
      {dots.map((p) => (
        <g key={p.hours}>
          {p.high > p.low && (
            <path d={`M${x(p.hours)} ${y(p.low)}V${y(p.high)}`} stroke={ink} strokeWidth="3" />
          )}
          {p.value !== null && <circle cx={x(p.hours)} cy={y(p.value)} r="4" fill={ink} />}
        </g>
      ))}
    </svg>
  );
}
