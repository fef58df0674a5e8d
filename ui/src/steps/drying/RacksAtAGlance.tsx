import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { RackLot, RackRoom } from '../../api/client';
import { useLook } from '../../api/look';
import { useRacks } from '../../api/queries';
import { WayToDry } from '../../charts/WayToDry';
import { Section } from '../../kit/Section';
import { AirOfDays } from './AirOfDays';

/** Damper than this nothing is told apart, per cent. */
const DAMPEST = 30;
const LEAST = 15;

/** All that dries beside one another, what is known of it, and the air it lies in. */
export function RacksAtAGlance() {
  const racks = useRacks();
  const { at } = useLook();
  if (racks.data === undefined || racks.data.lots.length === 0) return null;
  const { lots, rooms } = racks.data;
  const known = lots.flatMap(({ chart }) => chart?.measured.map(({ high }) => high) ?? []);
  const most = Math.min(DAMPEST, Math.max(LEAST, ...known) * 1.1);
  return (
    <Box sx={{ px: 2, pb: 3 }}>
      <Section title="On the way to dry">
        <Box
          component="ul"
          sx={{
            listStyle: 'none',
            m: 0,
            p: 0,
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fill, minmax(240px, 1fr))',
            columnGap: 3,
            rowGap: 2,
          }}
        >
          {lots.map((lot) => (
            <Box component="li" key={lot.code} sx={{ minWidth: 0 }}>
              <Box component={Link} to={at(`/racks/${lot.code}`)} sx={{ color: 'inherit' }}>
                <b>{lot.code}</b> {lot.variety}
              </Box>
              {lot.chart === null ? (
                <Nothing lot={lot} />
              ) : (
                <WayToDry
                  measured={lot.chart.measured}
                  course={lot.chart.course}
                  target={lot.chart.target}
                  most={most}
                  says={`${lot.variety}: ${lot.chart.says}`}
                />
              )}
              <Box sx={{ fontWeight: 700 }}>{lot.is}</Box>
              <Says>{[lot.rests, lot.jar ?? lot.place].filter((part) => part !== null).join(' · ')}</Says>
            </Box>
          ))}
        </Box>
        <Says>
          Two weeks behind and two ahead, moisture from 0 to {Math.round(most)} %; dots what was weighed or
          read, the band how it goes on, red where a jar may be closed.
        </Says>
      </Section>
      {rooms.length > 0 && <Rooms rooms={rooms} />}
    </Box>
  );
}

function Rooms({ rooms }: { rooms: RackRoom[] }) {
  return (
    <Section title="The air there">
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(240px, 1fr))',
          columnGap: 3,
          rowGap: 2,
        }}
      >
        {rooms.map((room) => (
          <Box key={room.id}>
            <Box component={Link} to={`/store/where/${room.id}`} sx={{ color: 'inherit', fontWeight: 700 }}>
              {room.name}
            </Box>
            <Box>{room.says}</Box>
            {room.days.length > 1 ? (
              <AirOfDays days={room.days} name={room.name} />
            ) : (
              <Says>No logger there: as it was written down.</Says>
            )}
          </Box>
        ))}
      </Box>
    </Section>
  );
}

function Nothing({ lot }: { lot: RackLot }) {
  return (
    <Says>{lot.jar === null ? 'Nothing to draw yet: weigh it, try it or read a jar.' : 'Shut in.'}</Says>
  );
}

function Says({ children }: { children: React.ReactNode }) {
  return (
    <Box sx={(t) => ({ fontSize: '0.875rem', color: t.vars?.palette.text.secondary, mt: 0.25 })}>
      {children}
    </Box>
  );
}
