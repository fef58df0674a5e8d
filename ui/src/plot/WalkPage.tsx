import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Planting } from '../api/client';
import { useLook } from '../api/look';
import { usePlanting } from '../api/queries';
import { ComingTags } from '../shell/ComingThings';
import { Trouble } from '../kit/Section';
import { firstLeft } from './walk';
import { WalkPaper } from './WalkPaper';
import { WalkPlant } from './WalkPlant';
import { OverTheYears } from './OverTheYears';
import { TakeOver } from './TakeOver';
import { WhoIsKept } from './WhoIsKept';

/** Along a row with a phone, a plant a screen: what is struck out, what the others are like, and who of them becomes a parent. */
export function WalkPage() {
  const { code = '' } = useParams();
  const planting = usePlanting(code);
  const { at } = useLook();
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 860, '@media print': { p: 0, color: '#000' } }}>
      <Box
        component={Link}
        to={at(`/plot/${code}`)}
        sx={{ color: 'inherit', '@media print': { display: 'none' } }}
      >
        To {code}
      </Box>
      {planting.error !== null && <Trouble>{planting.error.message}</Trouble>}
      {planting.data === undefined && planting.error === null && <ComingTags many={3} />}
      {planting.data !== undefined && <Walked planting={planting.data} code={code} />}
    </Box>
  );
}

function Walked({ planting, code }: { planting: Planting; code: string }) {
  const { at, on } = useLook();
  const { walk } = planting;
  const [here, setHere] = useState(() => firstLeft(walk.plants, walk.there));
  const last = walk.there ?? Math.max(0, ...walk.plants.map(({ number }) => number)) + 1;
  return (
    <>
      <Typography variant="h1" sx={{ mt: 1 }}>
        {planting.tag.variety}: the walk
      </Typography>
      <Box sx={{ maxWidth: '46em', mb: 1 }}>
        Chosen by {walk.traits.map(({ name }) => name).join(', ')}.{' '}
        {on === undefined && (
          <Box
            component={Link}
            to={at(`/plot/${code}#record-traits_chosen`)}
            sx={{ color: 'inherit', '@media print': { display: 'none' } }}
          >
            Choose by something else
          </Box>
        )}
      </Box>
      {on === undefined && walk.last !== null && <TakeOver planting={planting} last={walk.last} />}
      {on === undefined && (
        <Box sx={{ '@media print': { display: 'none' } }}>
          <WalkPlant
            key={here}
            planting={planting}
            number={here}
            last={last}
            go={(number) => setHere(Math.min(Math.max(1, number), Math.max(last, 1)))}
          />
        </Box>
      )}
      <Box
        component={Link}
        to={at(`/plot/tasting/${code}`)}
        sx={{ color: 'inherit', display: 'inline-block', py: 1, '@media print': { display: 'none' } }}
      >
        Taste them blind
      </Box>
      <WhoIsKept planting={planting} go={setHere} />
      <OverTheYears years={walk.years} />
      <WalkPaper walk={walk} />
      <Button
        variant="text"
        sx={{ mt: 2, '@media print': { display: 'none' } }}
        onClick={() => window.print()}
      >
        Print it, with room to pencil in
      </Button>
    </>
  );
}
