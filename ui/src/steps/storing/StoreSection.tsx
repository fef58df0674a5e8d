import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Store } from '../../api/client';
import { useFrame } from '../../api/queries';
import { later } from '../../kit/Coming';
import { Facts, Section, Trouble } from '../../kit/Section';

const ForecastChart = later(async () => (await import('./ForecastChart')).ForecastChart, {
  lines: 1,
  height: 260,
});

export function StoreSection({ store, code }: { store: Store; code: string }) {
  const frame = useFrame();
  const { forecast } = store;
  return (
    <Section
      title="In store"
      action={
        <Button component={Link} to={`/tags/${code}`}>
          Print its tags
        </Button>
      }
    >
      {forecast !== null && (
        <>
          <Box sx={{ fontWeight: 700, fontSize: '1.0625rem' }}>{forecast.sentence}</Box>
          <Box sx={{ mb: 1.5 }}>{forecast.range}</Box>
        </>
      )}
      {store.no_forecast !== null && <Trouble>{store.no_forecast}</Trouble>}
      <Facts facts={store.facts} />
      {forecast !== null && frame.data !== undefined && (
        <>
          <Box sx={{ mt: 2 }}>
            <ForecastChart forecast={forecast} on={frame.data.on} />
          </Box>
          <Box component="details" sx={{ mt: 1 }}>
            <Box
              component="summary"
              sx={{
                cursor: 'pointer',
                fontWeight: 700,
                minHeight: 44,
                display: 'flex',
                alignItems: 'center',
              }}
            >
              What this rests on
            </Box>
            <Box component="ul" sx={{ mt: 0, pl: 3 }}>
              {forecast.ground.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
          </Box>
        </>
      )}
    </Section>
  );
}
