import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import type { PlaceName } from '../api/client';
import { PlaceHead } from '../shell/PlaceHead';
import { ThingList } from '../shell/ThingList';
import { TwoPanes } from '../kit/TwoPanes';
import { Begin } from '../record/Begin';
import { useLook } from '../api/look';
import { LotSheet } from './LotSheet';

type LotPlace = Exclude<PlaceName, 'plot'>;

const empties: Record<LotPlace, string> = {
  bench:
    'Nothing is being cleaned. A lot comes to the bench when you record a picking from a planting on the Plot.',
  racks: 'Nothing is drying. Seed comes to the racks when it is clean and you record that it was spread.',
  trays: 'No germination test is running. Start one from the worksheet of any clean lot.',
  store:
    'The store is empty. Seed comes here when it is dry and you record what it was put into; what you have already comes in with Seed from elsewhere.',
};

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
                <Button component={Link} to={at('/store/new')}>
                  Seed from elsewhere
                </Button>
              )
            }
          />
          <ThingList place={place} empty={empties[place]} />
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
