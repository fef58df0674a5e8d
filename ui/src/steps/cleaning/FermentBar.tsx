import Box from '@mui/material/Box';
import dayjs from 'dayjs';
import { weekday } from '../../kit/words';
import { useSpoken } from '../../kit/spoken';
import type { Ferment } from '../../api/client';
import { useInk } from '../../charts/Chart';

/** A ferment in time: working, the window in which to pour off, and too late; with where it is now. */
export function FermentBar({ ferment, now }: { ferment: Ferment; now: string }) {
  const { ink, faint, quiet, alarm } = useInk();
  const { shortDay, hour } = useSpoken();
  // A rule of thumb is not good to the minute.
  const toTheHour = (at: string) => {
    const said = dayjs(at).add(30, 'minute').startOf('hour').format('YYYY-MM-DDTHH:mm');
    return `${weekday(said).slice(0, 3)} ${shortDay(said)} ${hour(said)}`;
  };
  const start = dayjs(ferment.started);
  const latest = dayjs(ferment.latest);
  const end = latest.add(latest.diff(start) * 0.18, 'millisecond');
  const x = (at: string | dayjs.Dayjs) =>
    Math.max(0, Math.min(1, dayjs(at).diff(start) / end.diff(start))) * 100;
  const [early, usual, late, here] = [
    x(ferment.earliest),
    x(ferment.typical),
    x(ferment.latest),
    x(ferment.poured_off ?? now),
  ];
  return (
    <Box
      role="img"
      aria-label={`Look from ${toTheHour(ferment.earliest)}, usually ready ${toTheHour(ferment.typical)}, poured off by ${toTheHour(ferment.latest)}.`}
      sx={{ maxWidth: 720, my: 1 }}
    >
      <Box sx={{ position: 'relative', height: 26, color: faint }}>
        <Box
          component="span"
          sx={{
            position: 'absolute',
            left: `${here}%`,
            transform: here > 80 ? 'translateX(-100%)' : here > 10 ? 'translateX(-50%)' : undefined,
            color: ink,
            fontWeight: 700,
            whiteSpace: 'nowrap',
          }}
        >
          {ferment.poured_off === null ? 'now' : 'poured off'}
        </Box>
      </Box>
      <svg width="100%" height="40" style={{ display: 'block', overflow: 'visible' }}>
        <rect x="0" width={`${early}%`} y="6" height="28" fill="none" stroke={ink} strokeWidth="2" />
        <rect
          x={`${early}%`}
          width={`${late - early}%`}
          y="6"
          height="28"
          fill={quiet}
          stroke={ink}
          strokeWidth="2"
        />
        <rect
          x={`${late}%`}
          width={`${100 - late}%`}
          y="6"
          height="28"
          fill={alarm}
          stroke={ink}
          strokeWidth="2"
        />
        <line
          x1={`${usual}%`}
          x2={`${usual}%`}
          y1="6"
          y2="34"
          stroke={ink}
          strokeWidth="2"
          strokeDasharray="4 3"
        />
        <line x1={`${here}%`} x2={`${here}%`} y1="0" y2="40" stroke={ink} strokeWidth="5" />
      </svg>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' }, gap: 0.5, mt: 0.5 }}>
        <span>
          look from <b>{toTheHour(ferment.earliest)}</b>
        </span>
        <span>
          usually ready <b>{toTheHour(ferment.typical)}</b>
        </span>
        <span>
          poured off by <b>{toTheHour(ferment.latest)}</b>
        </span>
      </Box>
    </Box>
  );
}
