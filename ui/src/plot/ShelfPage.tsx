import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link, useParams } from 'react-router';
import { useLook } from '../api/look';
import { may, usePresent } from '../api/present';
import { useShelf } from '../api/queries';
import { Empty, Trouble } from '../kit/Section';
import { ComingTags } from '../shell/ComingThings';
import { FruitRow } from './FruitRow';
import { LayFruit } from './LayFruit';

/** Fruit that lies until its seed is ripe: looked over one by one, opened, tasted, and its seed taken out. */
export function ShelfPage() {
  const { code = '' } = useParams();
  const shelf = useShelf(code);
  const { at, on } = useLook();
  const mayRecord = may(usePresent(), 'helper') && on === undefined;
  const rows = shelf.data?.rows;
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 860 }}>
      <Box component={Link} to={at(code === '' ? '/plot' : `/plot/${code}`)} sx={{ color: 'inherit' }}>
        {code === '' ? 'To the plot' : `To ${code}`}
      </Box>
      <Typography variant="h1" sx={{ mt: 1, mb: 1 }}>
        On the shelf
      </Typography>
      {shelf.error !== null && <Trouble>{shelf.error.message}</Trouble>}
      {rows === undefined && shelf.error === null && <ComingTags many={3} />}
      {rows?.length === 0 && (
        <Empty>
          No fruit lies on the shelf. On the page of a planting whose fruit ripens its seed lying, as squash
          and melon, press Its fruit on the shelf.
        </Empty>
      )}
      {rows?.map((row) => (
        <Box key={row.id}>
          <FruitRow row={row} fixed={!mayRecord} />
          {code !== '' && row.closed === '' && mayRecord && <LayFruit key={row.next} row={row} />}
        </Box>
      ))}
    </Box>
  );
}
