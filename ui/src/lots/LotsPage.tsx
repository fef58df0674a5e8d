import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import type { LotPlace } from '../shell/places';
import { PlaceHead } from '../shell/PlaceHead';
import { ThingList } from '../shell/ThingList';
import { TwoPanes } from '../kit/TwoPanes';
import { Begin } from '../record/Begin';
import { useLook } from '../api/look';
import { LotSheet } from './LotSheet';

export function LotsPage({ place }: { place: LotPlace }) {
  const { code } = useParams();
  const { at, on } = useLook();
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead
            name={place}
            action={
              place === 'store' &&
              on === undefined && (
                <>
                  <Button component={Link} to="/store/stock">
                    Take stock
                  </Button>
                  <Button component={Link} to={at('/store/new')}>
                    Seed from elsewhere
                  </Button>
                </>
              )
            }
          />
          <ThingList place={place} />
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
