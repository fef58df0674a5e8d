import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import { Overview } from '../shell/Overview';
import { PlaceHead } from '../shell/PlaceHead';
import { ThingList } from '../shell/ThingList';
import { TwoPanes } from '../kit/TwoPanes';
import { useLook } from '../api/look';
import { PlantingSheet } from './PlantingSheet';
import { SeasonMap } from './SeasonMap';
import { Begin } from '../record/Begin';
import { useFrame } from '../api/queries';
import { usePlans } from '../season/usePlan';

/** The ways to the plan of the season that goes on, and of the one that is ahead of the day looked at. */
function PlanLink() {
  const plans = usePlans();
  const frame = useFrame();
  if (plans.data === undefined || frame.data === undefined) return null;
  const now = Number(frame.data.on.slice(0, 4));
  const years = [...(plans.data.includes(now) ? [now] : []), now + 1];
  return (
    <Box sx={{ px: 2, pb: 1, display: 'flex', gap: 1 }}>
      {years.map((year) => (
        <Button key={year} component={Link} to={`/plot/plan/${year}`} sx={{ flex: 1 }}>
          {plans.data.includes(year) ? `The plan for ${year}` : `Plan ${year}`}
        </Button>
      ))}
    </Box>
  );
}

/** The walks through the garden, for a phone or on paper. */
function RoundLinks() {
  const { at } = useLook();
  return (
    <Box
      component="nav"
      aria-label="Rounds"
      sx={{ px: 2, pb: 1, display: 'flex', gap: 2, flexWrap: 'wrap', '& a': { color: 'inherit', py: 0.5 } }}
    >
      <Link to={at('/plot/round/evening')}>This evening</Link>
      <Link to={at('/plot/round/morning')}>The morning</Link>
      <Link to={at('/plot/round/looking-over')}>Looking over</Link>
    </Box>
  );
}

export function PlotPage() {
  const { code } = useParams();
  const { at, on } = useLook();
  const head = (
    <PlaceHead
      name="plot"
      action={
        on === undefined && (
          <Button component={Link} to={at('/plot/new')}>
            New planting
          </Button>
        )
      }
    />
  );
  return (
    <TwoPanes
      list={
        <>
          {head}
          <PlanLink />
          <RoundLinks />
          <ThingList place="plot" />
        </>
      }
      overview={
        <>
          {head}
          <Box sx={{ maxWidth: 320 }}>
            <PlanLink />
          </Box>
          <RoundLinks />
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
