import Box from '@mui/material/Box';
import dayjs from 'dayjs';
import { weekday } from '../../kit/words';
import { useSpoken } from '../../kit/spoken';
import type { Vessel } from '../../api/client';
import { useInk } from '../../charts/Chart';

/** What stands in a jar or a bowl, in time: working, the window in which to end it, and too late; with where it is now. */
export function VesselBar({ vessel, now }: { vessel: Vessel; now: string }) {
  const { ink, faint, quiet, alarm } = useInk();
  const { shortDay, hour } = useSpoken();
  // A rule of thumb is not good to the minute.
  const toTheHour = (at: string) => {
    const said = dayjs(at).add(30, 'minute').startOf('hour').format('YYYY-MM-DDTHH:mm');
    return `${weekday(said).slice(0, 3)} ${shortDay(said)} ${hour(said)}`;
  };
  const start = dayjs(vessel.started);
  const ended = vessel.ended ?? now;
  // Where nobody knows by when, it goes on for as long as it has.
  const last = dayjs(vessel.latest ?? (dayjs(ended).isAfter(start) ? ended : start.add(12, 'hour')));
  const end = last.add(last.diff(start) * 0.18, 'millisecond');
  const x = (at: string | dayjs.Dayjs) =>
    Math.max(0, Math.min(1, dayjs(at).diff(start) / end.diff(start))) * 100;
  const [early, late, here] = [x(vessel.opens), vessel.latest === null ? 100 : x(vessel.latest), x(ended)];
  const usual = vessel.usual === null ? null : x(vessel.usual);
  const marks = [
    ...(early > 0 ? [{ word: 'look from', at: vessel.opens }] : [{ word: 'since', at: vessel.started }]),
    ...(vessel.usual === null ? [] : [{ word: 'usually ready', at: vessel.usual }]),
    ...(vessel.latest === null ? [] : [{ word: `${vessel.end} by`, at: vessel.latest }]),
  ];
  return (
    <Box
      role="img"
      aria-label={`${marks.map(({ word, at }) => `${word} ${toTheHour(at)}`).join(', ')}.`}
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
          {vessel.ended === null ? 'now' : vessel.end}
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
        {usual !== null && (
          <line
            x1={`${usual}%`}
            x2={`${usual}%`}
            y1="6"
            y2="34"
            stroke={ink}
            strokeWidth="2"
            strokeDasharray="4 3"
          />
        )}
        <line x1={`${here}%`} x2={`${here}%`} y1="0" y2="40" stroke={ink} strokeWidth="5" />
      </svg>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' }, gap: 0.5, mt: 0.5 }}>
        {marks.map(({ word, at }) => (
          <span key={word}>
            {word} <b>{toTheHour(at)}</b>
          </span>
        ))}
      </Box>
    </Box>
  );
}
