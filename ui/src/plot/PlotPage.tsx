import Box from '@mui/material/Box';
import { useParams } from 'react-router';
import { Overview } from '../shell/Overview';
import { PlaceHead, type Way } from '../shell/PlaceHead';
import { ThingList } from '../shell/ThingList';
import { TwoPanes } from '../kit/TwoPanes';
import { useLook } from '../api/look';
import { useSpoken } from '../kit/spoken';
import { PlantingSheet } from './PlantingSheet';
import { SeasonMap } from './SeasonMap';
import { Begin } from '../record/Begin';
import type { Round } from '../api/client';
import { rounds } from './rounds';
import { may, usePresent } from '../api/present';
import { useFrame } from '../api/queries';
import { usePlans } from '../season/usePlan';

/** The ways to the plan of the season that goes on, and of the one that is ahead of the day looked at. */
function usePlanWays(): Way[] {
  const plans = usePlans();
  const frame = useFrame();
  const { season, seasonOf } = useSpoken();
  if (plans.data === undefined || frame.data === undefined) return [];
  const now = seasonOf(frame.data.on);
  return [...(plans.data.includes(now) ? [now] : []), now + 1].map((year) => ({
    label: plans.data.includes(year) ? `The plan for ${season(year)}` : `Plan ${season(year)}`,
    to: `/plot/plan/${year}`,
  }));
}

export function PlotPage() {
  const { code } = useParams();
  const { at, on } = useLook();
  const plans = usePlanWays();
  // Who only looks is led nowhere where nothing but a form stands.
  const mayRecord = may(usePresent(), 'helper');
  const ways = [
    ...(on === undefined && mayRecord ? [{ label: 'New planting', to: at('/plot/new') }] : []),
    ...(Object.keys(rounds) as Round['which'][]).map((round) => ({
      label: rounds[round],
      to: at(`/plot/round/${round}`),
    })),
    { label: 'On the shelf', to: at('/plot/shelf') },
    ...plans,
    { label: 'Over the years', to: '/plot/rota' },
  ];
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead name="plot" ways={ways} />
          <ThingList place="plot" />
        </>
      }
      overview={
        <>
          <PlaceHead name="plot" ways={ways} wide />
          <Box sx={{ px: 2 }}>
            <SeasonMap />
          </Box>
          <Overview place="plot" />
        </>
      }
      sheet={
        code === undefined ? null : code === 'new' ? (
          <Begin subject="planting" title="New planting" to="plot" />
        ) : (
          <PlantingSheet key={code} code={code} />
        )
      }
      hint="Choose a tag to see the planting, or sow a new one."
    />
  );
}
