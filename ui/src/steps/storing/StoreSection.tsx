import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { InContainer, Store } from '../../api/client';
import { useFrame } from '../../api/queries';
import { later } from '../../kit/Coming';
import { Facts, Section, Trouble } from '../../kit/Section';
import { useLook } from '../../api/look';
import { DampLadder } from './DampLadder';
import { Offers } from '../../record/Offers';

const ForecastChart = later(async () => (await import('./ForecastChart')).ForecastChart, {
  lines: 1,
  height: 260,
});

export function StoreSection({ store, code, lot }: { store: Store; code: string; lot: string }) {
  const frame = useFrame();
  const { forecast } = store;
  return (
    <Section
      title="In store"
      action={
        <Button component={Link} to={`/tags/${code}?sorts=outside,inside`}>
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
      {store.inside !== null && store.inside.damp !== 'dry' && store.inside.damp !== 'freezes' && (
        <DampLadder inside={store.inside} />
      )}
      <Facts facts={store.facts} />
      {(store.containers.length > 1 || store.containers.some(({ cold }) => cold !== null)) && (
        <Containers containers={store.containers} lot={lot} />
      )}
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

/** Each of the containers that it lies in, with what can be done with that one alone. */
function Containers({ containers, lot }: { containers: InContainer[]; lot: string }) {
  const { on } = useLook();
  return (
    <Box
      component="ul"
      aria-label="The containers it lies in"
      sx={{ listStyle: 'none', m: 0, mt: 1.5, p: 0 }}
    >
      {containers.map((one, i) => (
        <Box
          component="li"
          key={i}
          sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, pt: 0.75 })}
        >
          <b>{one.amount}</b> in a {one.kind}, {one.path}
          {one.moisture !== '' && `, at ${one.moisture} moisture`}
          {one.cold !== null && (
            <Box component="b" sx={(t) => ({ color: t.vars?.palette.error.main })}>
              {' '}
              · leave it shut until {one.cold}
            </Box>
          )}
          {on === undefined && containers.length > 1 && (
            <Offers about={{ subject: 'lot', id: lot }} offers={one.offers} leading={false} />
          )}
        </Box>
      ))}
    </Box>
  );
}
