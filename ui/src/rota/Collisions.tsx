import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Rota, RotaMoved } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards, useKeepSetting, useSettings } from '../api/queries';
import { Section, Trouble } from '../kit/Section';
import { TextInput } from '../kit/fields';
import { useSay } from '../kit/Said';
import { saveWish, useRotaWrite } from './useRota';
import { withLine, wishOf } from './wishes';

type Collision = RotaMoved['collisions'][number];
type Way = Collision['ways'][number];

const settings: Record<string, string> = { area_m2: 'rota_area', hours: 'rota_hours', cages: 'rota_cages' };

/** Where pins do not go together: whose needs collide, and what could be given up, each with its price. */
export function Collisions({ rota }: { rota: Rota }) {
  if (rota.fits) return null;
  return (
    <Box role="alert" sx={{ maxWidth: 900 }}>
      <Section title="What is pinned does not go together">
        <WaysOut rota={rota} collisions={rota.collisions} />
      </Section>
    </Box>
  );
}

/** Ways out that are shown at once. */
const FIRST = 3;

/** What collides, and what helps, once each: the same helps against several. */
export function WaysOut({ rota, collisions }: { rota: Rota; collisions: Collision[] }) {
  const [all, setAll] = useState(false);
  const ways = [
    ...new Map(collisions.flatMap((collision) => collision.ways).map((way) => [way.says, way])).values(),
  ].sort((a, b) => a.price - b.price);
  return (
    <>
      {collisions.map(({ says }) => (
        <Trouble key={says}>{says}</Trouble>
      ))}
      {ways.length > 0 && (
        <Box
          component="ul"
          aria-label="What could be given up"
          sx={{ listStyle: 'none', m: 0, p: 0, '@media print': { display: 'none' } }}
        >
          {(all ? ways : ways.slice(0, FIRST)).map((way) => (
            <WayOut key={way.says} rota={rota} way={way} />
          ))}
        </Box>
      )}
      {!all && ways.length > FIRST && (
        <Button
          variant="text"
          sx={{ px: 0, '@media print': { display: 'none' } }}
          onClick={() => setAll(true)}
        >
          All {ways.length} ways out
        </Button>
      )}
    </>
  );
}

/** One way out, carried out in a press; who the other keeper is, is asked first. */
function WayOut({ rota, way }: { rota: Rota; way: Way }) {
  const [asking, setAsking] = useState(false);
  const [who, setWho] = useState('');
  const say = useSay();
  const mayChange = may(usePresent(), 'keeper');
  const write = useRotaWrite(saveWish(rota.version));
  const resource = way.resource ?? '';
  const key = settings[resource] ?? 'rota_area';
  const limits = useSettings();
  const set = useKeepSetting(key);
  const line = way.line ?? '';
  const was = wishOf(rota, line);
  const keep = (change: Parameters<typeof withLine>[2]) =>
    void afterwards(write.mutateAsync({ wish: withLine(rota.wish, line, change), said: way.says }), () =>
      say(way.says),
    );
  const more = () => {
    const now = limits.data
      ?.flatMap((section) => section.settings)
      .find(({ field }) => field.key === key)?.typed;
    void afterwards(
      set.mutateAsync({
        value: String(Math.round((Number(now ?? 0) + way.amount) * 100) / 100),
        evenSo: false,
      }),
      () => say(way.says),
    );
  };
  const take = () => {
    if (way.give_up === 'unpin' || way.give_up === 'stored')
      keep({ pinned: (was.pinned ?? []).filter((year) => year !== way.year) });
    if (way.give_up === 'allow')
      keep({ forbidden: (was.forbidden ?? []).filter((year) => year !== way.year) });
    if (way.give_up === 'let_go') keep({ let_go: true });
    if (way.give_up === 'fewer') {
      const plants = rota.lines.find(({ id }) => id === line)?.plants ?? 2;
      keep({ plants: Math.max(1, Math.floor(plants / 2)) });
    }
    if (way.give_up === 'sent') setAsking(true);
    if (way.give_up === 'more') more();
  };
  return (
    <Box
      component="li"
      sx={(t) => ({
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        py: 0.75,
        '&:first-of-type': { borderTop: 0 },
      })}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
        <Box sx={{ flex: 1, minWidth: 220 }}>
          <strong>{way.says}</strong>: {way.price_said}
        </Box>
        {mayChange && (
          <Button onClick={take} disabled={write.isPending} aria-label={`Do so: ${way.says}`}>
            Do so
          </Button>
        )}
      </Box>
      {asking && (
        <Box
          component="form"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            if (who.trim() !== '') keep({ sent: who.trim() });
          }}
          sx={{ display: 'flex', gap: 1, alignItems: 'end', mt: 1, flexWrap: 'wrap' }}
        >
          <Box sx={{ width: 280 }}>
            <TextInput label="Who grows it" value={who} onChange={setWho} />
          </Box>
          <Button type="submit" variant="contained" disabled={who.trim() === ''}>
            Send it there
          </Button>
        </Box>
      )}
      {write.error !== null && <Trouble>{write.error.message}</Trouble>}
      {set.error !== null && <Trouble>{set.error.message}</Trouble>}
    </Box>
  );
}
