import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { Link, useNavigate, useParams } from 'react-router';
import { Coming } from '../kit/Coming';
import { Trouble } from '../kit/Section';
import { places } from '../shell/places';
import { Chances } from './Chances';
import { Collisions } from './Collisions';
import { NowList } from './NowList';
import { useRota } from './useRota';
import { YearsView } from './YearsView';

const views = { now: 'This year', years: 'The years', chances: 'How sure' };

/** Which line is grown for seed in which year: this year's list, the years ahead, and how sure it is. */
export function RotaPage() {
  const { view: asked = 'now' } = useParams();
  const view = asked in views ? asked : 'now';
  const navigate = useNavigate();
  const found = useRota();
  const { rota, work } = found;
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mb: 1 }}>
        <Box sx={{ width: 10, height: 34, bgcolor: places.plot.enamel }} />
        <Typography variant="h1">Seed over the years</Typography>
        <Box sx={{ flex: 1 }} />
        <Button component={Link} to="/plot" variant="text" sx={onDesk}>
          To the plot
        </Button>
        <Button onClick={() => window.print()} sx={onDesk}>
          Print
        </Button>
      </Box>
      <Tabs
        value={view}
        onChange={(_, to: string) => void navigate(to === 'now' ? '/plot/rota' : `/plot/rota/${to}`)}
        aria-label="Seed over the years"
        sx={{ mb: 1.5, '@media print': { display: 'none' } }}
      >
        {Object.entries(views).map(([value, label]) => (
          <Tab key={value} value={value} label={label} />
        ))}
      </Tabs>
      {found.looking && (
        <Box role="status" sx={{ maxWidth: 520, mb: 2, '@media print': { display: 'none' } }}>
          <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', gap: 2 }}>
            <span>{rota === undefined ? 'Looking for the best years …' : `Still looking. ${rota.sure}`}</span>
            <Button variant="text" onClick={found.stop}>
              Stop
            </Button>
          </Box>
          <LinearProgress
            variant="determinate"
            value={Math.round(100 * found.share)}
            aria-label="How far it is"
          />
        </Box>
      )}
      {found.error !== null && <Trouble>{found.error.message}</Trouble>}
      {found.stopped && rota === undefined && <p>Stopped before anything was found.</p>}
      {rota === undefined && found.error === null && !found.stopped && !found.looking && (
        <Coming lines={6} height={48} />
      )}
      {rota !== undefined && (
        <>
          {view !== 'chances' && <Collisions rota={rota} />}
          {view === 'now' && <NowList rota={rota} />}
          {view === 'years' && <YearsView rota={rota} work={work} />}
          {view === 'chances' && <Chances rota={rota} work={found.looking ? undefined : work} />}
        </>
      )}
    </Box>
  );
}

const onDesk = { display: { xs: 'none', sm: 'inline-flex' }, '@media print': { display: 'none' } } as const;
