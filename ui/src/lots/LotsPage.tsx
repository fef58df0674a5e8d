import Box from '@mui/material/Box';
import { useParams } from 'react-router';
import type { LotPlace } from '../shell/places';
import { Overview } from '../shell/Overview';
import { PlaceHead, type Way } from '../shell/PlaceHead';
import { ThingList } from '../shell/ThingList';
import { TwoPanes } from '../kit/TwoPanes';
import { Begin } from '../record/Begin';
import { useLook } from '../api/look';
import { may, usePresent } from '../api/present';
import { later } from '../kit/Coming';
import { AtAGlance } from './AtAGlance';
import { LotSheet } from './LotSheet';

const RacksAtAGlance = later(async () => (await import('../steps/drying/RacksAtAGlance')).RacksAtAGlance, {
  lines: 3,
  height: 84,
});

const TraysAtAGlance = later(async () => (await import('../steps/testing/TraysAtAGlance')).TraysAtAGlance, {
  lines: 2,
  height: 84,
});

/** How seed begins that was picked from no planting written down here, by where the hand is that has it. */
const begins = {
  store: { title: 'Seed from elsewhere', says: '', usual: {} },
  bench: {
    title: 'In hand, to be cleaned',
    says: 'Fruit, pods or seed, from wherever. Say what it is of and when it came; what is done with it next, and until when, follows.',
    usual: { uncleaned: true },
  },
};

export function LotsPage({ place }: { place: LotPlace }) {
  const { code } = useParams();
  const { at, on } = useLook();
  const present = usePresent();
  const mayRecord = may(present, 'helper');
  // Who only looks is led nowhere where nothing but a form stands.
  const leads: Partial<Record<LotPlace, Way[]>> = {
    bench: mayRecord ? [{ label: 'Seed or fruit in hand', to: at('/bench/new') }] : [],
    store: [
      { label: 'Where is it', to: '/store/where' },
      ...(may(present, 'keeper') ? [{ label: 'Take stock', to: '/store/stock' }] : []),
      { label: 'To swap', to: '/store/swap' },
      { label: 'Read a tag', to: '/read' },
      ...(mayRecord ? [{ label: 'Seed from elsewhere', to: at('/store/new') }] : []),
    ],
  };
  const ways = on === undefined ? (leads[place] ?? []) : [];
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name={place} ways={ways} />
          {/* On a phone what is next stands before all else, and the rest below the list; where there are two panes, in the other. */}
          {on === undefined && code === undefined && place !== 'store' && (
            <Box sx={{ display: { md: 'none' } }}>
              <AtAGlance place={place} only="next" />
            </Box>
          )}
          <ThingList place={place} />
          {on === undefined && code === undefined && place !== 'store' && (
            <Box sx={{ display: { md: 'none' } }}>
              <AtAGlance place={place} only="rest" />
              {place === 'racks' && <RacksAtAGlance />}
              {place === 'trays' && <TraysAtAGlance />}
            </Box>
          )}
        </>
      }
      overview={
        <>
          <PlaceHead name={place} ways={ways} wide />
          <Overview place={place} />
          {on === undefined && place !== 'store' && <AtAGlance place={place} />}
          {place === 'racks' && <RacksAtAGlance />}
          {place === 'trays' && <TraysAtAGlance />}
        </>
      }
      sheet={
        code === undefined ? null : code === 'new' && (place === 'store' || place === 'bench') ? (
          <Begin
            key={place}
            subject="lot"
            title={begins[place].title}
            says={begins[place].says}
            usual={begins[place].usual}
            to="bench"
          />
        ) : (
          <LotSheet key={code} code={code} place={place} />
        )
      }
      hint="Choose a tag to see its worksheet."
    />
  );
}
