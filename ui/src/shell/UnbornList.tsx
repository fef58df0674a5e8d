import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { PlaceName } from '../api/client';
import { unbornPage, useUnborn, type Unborn } from '../api/pending';

/** Where a thing that waits will stand: what is picked lies on the bench, what came from elsewhere in store. */
const placeOf = ({ subject, begins }: Unborn): PlaceName =>
  subject === 'planting' ? 'plot' : begins.planting ? 'bench' : 'store';

/** What was begun without network, above the list that it will stand in. */
export function UnbornList({ place }: { place: PlaceName }) {
  const waiting = useUnborn().filter((thing) => placeOf(thing) === place);
  if (waiting.length === 0) return null;
  return (
    <Box component="ul" aria-label="Not sent yet" sx={{ listStyle: 'none', m: 0, mb: 1, p: 0 }}>
      {waiting.map(({ id, title }) => (
        <Box component="li" key={id}>
          <Box
            component={Link}
            to={unbornPage(id)}
            sx={(t) => ({
              display: 'block',
              color: 'inherit',
              textDecoration: 'none',
              borderLeft: `6px solid ${t.vars?.palette.caution.main}`,
              pl: 1.5,
              py: 1,
            })}
          >
            <b>{title}</b>, not sent yet
          </Box>
        </Box>
      ))}
    </Box>
  );
}
