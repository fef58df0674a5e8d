import type { RackRoom } from '../../api/client';
import { useInk } from '../../charts/Chart';
import { useSpoken } from '../../kit/spoken';

const WIDTH = 280;
const HEIGHT = 84;

/** The humidity of a place day by day: from its least to its greatest, with its mean; the line is at 35 %. */
export function AirOfDays({ days, name }: { days: RackRoom['days']; name: string }) {
  const { ink, faint, alarm } = useInk();
  const { shortDay } = useSpoken();
  const [first, last] = [days[0], days[days.length - 1]];
  if (first === undefined || last === undefined) return null;
  const x = (i: number) => ((i + 0.5) / days.length) * WIDTH;
  const y = (rh: number) => HEIGHT - 4 - (rh / 100) * (HEIGHT - 8);
  return (
    <>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        role="img"
        aria-label={`Humidity of ${name}, ${shortDay(first.day)} to ${shortDay(last.day)}: ${Math.round(first.mean)} % at first, ${Math.round(last.mean)} % last.`}
        style={{ display: 'block', maxWidth: 420 }}
      >
        <rect x="0" y="0" width={WIDTH} height={HEIGHT} fill="none" stroke={faint} />
        <path d={`M0 ${y(35)}H${WIDTH}`} stroke={alarm} strokeWidth="2" strokeDasharray="7 5" />
        {days.map((day, i) => (
          <g key={day.day}>
            <path d={`M${x(i)} ${y(day.low)}V${y(day.high)}`} stroke={ink} strokeWidth="3" />
            <circle cx={x(i)} cy={y(day.mean)} r="4" fill={ink} />
          </g>
        ))}
      </svg>
      <span>{`${shortDay(first.day)} to ${shortDay(last.day)}, 0 to 100 % RH; red at 35 %`}</span>
    </>
  );
}
