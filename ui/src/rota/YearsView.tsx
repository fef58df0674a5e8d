import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Theme } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import type { Rota } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards } from '../api/queries';
import { Empty, Section, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { Waiting } from '../kit/Waiting';
import { GivenEachYear } from './GivenEachYear';
import { LineAhead } from './LineAhead';
import { MoveTold } from './MoveTold';
import { agreeOn, intoPlan, useRotaWrite } from './useRota';
import { YearsInWords } from './YearsInWords';
import { YearsTable, type Moving } from './YearsTable';

/** The lines by the years: how their seed ages, when each is grown, and what moving one costs. */
export function YearsView({ rota, work }: { rota: Rota; work: string | undefined }) {
  const [chosen, choose] = useState<string | null>(null);
  const [moving, setMoving] = useState<Moving | null>(null);
  const line = rota.lines.find(({ id }) => id === chosen);
  // Where there is no room for a table it is told in words, and what is known of a line stands below it.
  const isNarrow = useMediaQuery((theme: Theme) => theme.breakpoints.down('sm'));
  if (rota.lines.length === 0)
    return (
      <Empty>
        There is no seed to keep going yet. A line stands here when seed of its variety is in the store, on
        the racks or on the bench.
      </Empty>
    );
  const ahead = (
    <>
      {moving !== null && work !== undefined && (
        <MoveTold
          key={`${moving.line} ${moving.from} ${moving.to}`}
          rota={rota}
          work={work}
          moving={moving}
          onDone={() => setMoving(null)}
        />
      )}
      {line !== undefined && (
        <LineAhead
          key={`${line.id} ${rota.version}`}
          rota={rota}
          line={line}
          isTold={isNarrow}
          onMove={(from, to) => setMoving({ line: line.id, from, to })}
        />
      )}
    </>
  );
  return (
    <>
      <Box sx={{ maxWidth: '50em', mb: 1 }}>
        {rota.told} {rota.sure}
      </Box>
      <Changes rota={rota} />
      <Box
        sx={{
          display: 'grid',
          columnGap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 380px' },
          alignItems: 'start',
          '@media print': { display: 'block' },
        }}
      >
        <Box>
          <Box sx={{ display: { xs: 'none', sm: 'block' }, '@media print': { display: 'block' } }}>
            <YearsTable rota={rota} chosen={chosen} onChoose={choose} moving={moving} onMove={setMoving} />
          </Box>
          {isNarrow && (
            <YearsInWords rota={rota} chosen={chosen} onChoose={choose}>
              {ahead}
            </YearsInWords>
          )}
        </Box>
        <Box sx={{ position: { lg: 'sticky' }, top: { lg: 16 }, '@media print': { display: 'none' } }}>
          {!isNarrow && ahead}
          {!isNarrow && line === undefined && moving === null && (
            <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
              Choose a line to see why it is grown when it is. A growing is dragged to another year, or moved
              with the arrow keys; what that costs is said before anything is kept.
            </Box>
          )}
          <Acts rota={rota} work={work} />
        </Box>
      </Box>
      <GivenEachYear key={rota.version} rota={rota} />
      <NotInIt rota={rota} />
    </>
  );
}

/** The rota is gone by from here on, and next year's part of it goes into the plan. */
function Acts({ rota, work }: { rota: Rota; work: string | undefined }) {
  const { season } = useSpoken();
  const say = useSay();
  const year = rota.seasons[0] ?? 0;
  const agree = useRotaWrite(agreeOn(work ?? ''));
  const plan = useRotaWrite(intoPlan);
  const lines = rota.lines
    .filter(({ growings }) => growings.some(({ sow }) => sow === year))
    .map(({ id }) => id);
  const planned = new Set(rota.now.filter((row) => row.is_planned).map(({ id }) => id));
  const left = lines.filter((id) => !planned.has(id));
  if (!may(usePresent(), 'keeper') || !rota.fits) return null;
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', my: 2 }}>
      {left.length > 0 && (
        <Button
          variant="contained"
          disabled={plan.isPending}
          onClick={() =>
            void afterwards(plan.mutateAsync({ year, lines: left, apart: true }), () =>
              say(`${left.length} lines are in the plan of ${season(year)}`),
            )
          }
        >
          Take {season(year)} into the plan
        </Button>
      )}
      <Button
        disabled={agree.isPending || work === undefined}
        onClick={() =>
          void afterwards(agree.mutateAsync(undefined), () => say('This rota is gone by from now on'))
        }
      >
        Go by this rota
      </Button>
      {plan.error !== null && <Trouble>{plan.error.message}</Trouble>}
      {agree.error !== null && <Trouble>{agree.error.message}</Trouble>}
      <Waiting write={plan} />
    </Box>
  );
}

function Changes({ rota }: { rota: Rota }) {
  const { season } = useSpoken();
  if (rota.agreed === null) return null;
  return (
    <Section title={`Since you agreed on a rota, ${rota.agreed}`}>
      {rota.changes.length === 0 && (
        <Box>
          Nothing has changed of what its lines can be counted on for in {season(rota.seasons[0] ?? 0)}.
        </Box>
      )}
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {rota.changes.map((change) => (
          <li key={change.id}>
            <strong>{change.name}</strong>: {change.says} {change.by.join('; ')}
          </li>
        ))}
      </Box>
    </Section>
  );
}

function NotInIt({ rota }: { rota: Rota }) {
  if (rota.apart.length === 0) return null;
  const whys = [...new Set(rota.apart.map(({ why }) => why))];
  return (
    <Section title={`Not in the rota, ${rota.apart.length}`}>
      {whys.map((why) => (
        <Box key={why} sx={{ mb: 0.5 }}>
          <strong>{why}</strong>{' '}
          {rota.apart
            .filter((line) => line.why === why)
            .map(({ name }) => name)
            .join(', ')}
        </Box>
      ))}
    </Section>
  );
}
