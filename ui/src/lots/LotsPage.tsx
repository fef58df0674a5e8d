import { useParams } from 'react-router';
import type { PlaceName } from '../api/client';
import { PlaceHead } from '../shell/PlaceHead';
import { ThingList } from '../shell/ThingList';
import { TwoPanes } from '../kit/TwoPanes';
import { LotSheet } from './LotSheet';

type LotPlace = Exclude<PlaceName, 'plot'>;

const empties: Record<LotPlace, string> = {
  bench:
    'Nothing is being cleaned. A lot comes to the bench when you record a picking from a planting on the Plot.',
  racks: 'Nothing is drying. Seed comes to the racks when it is clean and you record that it was spread.',
  trays: 'No germination test is running. Start one from the worksheet of any clean lot.',
  store: 'The store is empty. Seed comes here when it is dry and you record what it was put into.',
};

export function LotsPage({ place }: { place: LotPlace }) {
  const { code } = useParams();
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name={place} />
          <ThingList place={place} empty={empties[place]} />
        </>
      }
      sheet={code === undefined ? null : <LotSheet key={code} code={code} place={place} />}
      hint="Choose a tag to see its worksheet."
    />
  );
}
