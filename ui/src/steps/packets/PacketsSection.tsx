import { useSpoken } from '../../kit/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Lot, Packet, Packets } from '../../api/client';
import { useLook } from '../../api/look';
import { Caution, Facts, Section } from '../../kit/Section';
import { sowing } from '../../record/sowing';
import { Offers } from '../../record/Offers';

/** What of a lot is put by: a packet for each year's sowing, and a reserve. */
export function PacketsSection({ packets, lot }: { packets: Packets; lot: Lot }) {
  return (
    <Section
      title={packets.title}
      action={
        packets.packets.length > 0 && (
          <Button component={Link} to={`/tags/${lot.tag.code}?sorts=packet`}>
            Print their tags
          </Button>
        )
      }
    >
      <Facts facts={packets.facts} />
      <Box component="ul" aria-label="Packets" sx={{ listStyle: 'none', m: 0, mt: 1.5, p: 0 }}>
        {packets.packets.map((packet) => (
          <Line key={packet.id} packet={packet} lot={lot} />
        ))}
      </Box>
    </Section>
  );
}

function Line({ packet, lot }: { packet: Packet; lot: Lot }) {
  const { on } = useLook();
  const { season } = useSpoken();
  const [open, setOpen] = useState(false);
  return (
    <Box component="li" sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, py: 0.75 })}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="b" sx={{ minWidth: '4.2em' }}>
          {season(packet.year)}
        </Box>
        <Box sx={{ flex: '1 1 16em' }}>
          <Box
            component="span"
            sx={(t) => (packet.empty ? { color: t.vars?.palette.text.secondary } : { fontWeight: 700 })}
          >
            {packet.said}
          </Box>
          <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
            {packet.alive !== '' && `, ${packet.alive}`}
            {!packet.empty && ` · ${packet.path}`}
            {` · ${packet.code}`}
          </Box>
        </Box>
        {on === undefined && !packet.empty && (
          <Button
            component={Link}
            to={sowing({
              planned: packet.id,
              variety: lot.variety,
              lot: lot.id,
              packet: packet.id,
              seeds: packet.seeds,
              plants: packet.plants,
            })}
            aria-label={`Sow ${packet.code}`}
          >
            Sow it
          </Button>
        )}
        {on === undefined && packet.offers.length > 0 && (
          <Button
            aria-expanded={open}
            aria-label={`What to do with ${packet.code}`}
            onClick={() => setOpen(!open)}
          >
            {open ? 'Cancel' : 'Take, move'}
          </Button>
        )}
      </Box>
      {packet.remark !== '' && <Caution>{packet.remark}</Caution>}
      {open && (
        <Offers
          about={{ subject: 'lot', id: lot.id }}
          offers={packet.offers}
          most={Infinity}
          onDone={() => setOpen(false)}
        />
      )}
    </Box>
  );
}
