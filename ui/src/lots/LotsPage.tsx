import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import type { LotPlace } from '../shell/places';
import { Overview } from '../shell/Overview';
import { PlaceHead } from '../shell/PlaceHead';
import { ThingList } from '../shell/ThingList';
import { TwoPanes } from '../kit/TwoPanes';
import { Begin } from '../record/Begin';
import { useLook } from '../api/look';
import { LotSheet } from './LotSheet';

export function LotsPage({ place }: { place: LotPlace }) {
  const { code } = useParams();
  const { at, on } = useLook();
  const head = (
    <PlaceHead
      name={place}
      action={
        place === 'store' &&
        on === undefined && (
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button component={Link} to="/store/where">
              Where is it
            </Button>
            <Button component={Link} to="/store/stock">
              Take stock
            </Button>
            <Button component={Link} to="/store/swap">
              To swap
            </Button>
            <Button component={Link} to="/read">
              Read a tag
            </Button>
            <Button component={Link} to={at('/store/new')}>
              Seed from elsewhere
            </Button>
          </Box>
        )
      }
    />
  );
  return (
    <TwoPanes
      list={
        <>
          {head}
          <ThingList place={place} />
        </>
      }
      overview={
        <>
          {head}
          <Overview place={place} />
        </>
      }
      sheet={
        code === undefined ? null : place === 'store' && code === 'new' ? (
          <Begin subject="lot" title="Seed from elsewhere" to="bench" />
        ) : (
          <LotSheet key={code} code={code} place={place} />
        )
      }
      hint="Choose a tag to see its worksheet."
    />
  );
}
