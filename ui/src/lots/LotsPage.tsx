import { useParams } from 'react-router';
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
  const ways =
    place === 'store' && on === undefined
      ? [
          { label: 'Where is it', to: '/store/where' },
          { label: 'Take stock', to: '/store/stock' },
          { label: 'To swap', to: '/store/swap' },
          { label: 'Read a tag', to: '/read' },
          { label: 'Seed from elsewhere', to: at('/store/new') },
        ]
      : [];
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name={place} ways={ways} />
          <ThingList place={place} />
        </>
      }
      overview={
        <>
          <PlaceHead name={place} ways={ways} wide />
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
