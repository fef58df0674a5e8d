import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Rota } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards } from '../api/queries';
import { Empty, Section, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { Waiting } from '../kit/Waiting';
import { pageOfCode } from '../record/things';
import { intoPlan, useRotaWrite } from './useRota';

type Row = Rota['now'][number];

/** What is to be grown for seed this year, the most pressing first, each with its reasons; and what can wait, how long. */
export function NowList({ rota }: { rota: Rota }) {
  const { season } = useSpoken();
  const year = rota.seasons[0] ?? 0;
  const pressing = rota.now.filter(({ when }) => when === 'now');
  const later = rota.now.filter(({ when }) => when === 'later');
  const waiting = rota.now.filter(({ when }) => when === 'wait');
  const toPlan = pressing.filter((row) => !row.is_planned);
  const plan = useRotaWrite(intoPlan);
  const say = useSay();
  const mayPlan = may(usePresent(), 'keeper');
  const take = (rows: Row[]) =>
    void afterwards(plan.mutateAsync({ year, lines: rows.map(({ id }) => id), apart: rows.length > 1 }), () =>
      say(`In the plan of ${season(year)}: ${rows.map(({ name }) => name).join(', ')}`),
    );
  return (
    <Box sx={{ maxWidth: 900 }}>
      {plan.error !== null && <Trouble>{plan.error.message}</Trouble>}
      <Waiting write={plan} />
      <Section
        title={`To be grown for seed in ${season(year)}`}
        action={
          mayPlan && toPlan.length > 1 ? (
            <Button onClick={() => take(toPlan)} disabled={plan.isPending} sx={noPaper}>
              All {toPlan.length} into the plan
            </Button>
          ) : undefined
        }
      >
        {rota.now.length === 0 && (
          <Empty>
            There is no seed to keep going yet. A line comes here when seed of its variety is in the store, on
            the racks or on the bench.
          </Empty>
        )}
        {rota.now.length > 0 && pressing.length === 0 && (
          <Empty>Nothing has to be grown for seed in {season(year)}: all of it can wait.</Empty>
        )}
        <Rows label="To be grown">
          {pressing.map((row) => (
            <OneLine key={row.id} row={row}>
              {row.is_planned ? (
                <Link to={`/plot/plan/${year}`}>In the plan of {season(year)}</Link>
              ) : (
                mayPlan && (
                  <Button
                    onClick={() => take([row])}
                    disabled={plan.isPending}
                    aria-label={`${row.name} into the plan of ${season(year)}`}
                  >
                    Into the plan
                  </Button>
                )
              )}
            </OneLine>
          ))}
        </Rows>
      </Section>
      {later.length > 0 && (
        <Section title={`Pressing, and not in this year’s rota, ${later.length}`}>
          <Rows label="Pressing, and not in this year’s rota">
            {later.map((row) => (
              <OneLine key={row.id} row={row} />
            ))}
          </Rows>
        </Section>
      )}
      {waiting.length > 0 && (
        <Section title={`Can wait, ${waiting.length}`}>
          <Rows label="Can wait">
            {waiting.map((row) => (
              <OneLine key={row.id} row={row} />
            ))}
          </Rows>
        </Section>
      )}
    </Box>
  );
}

const noPaper = { '@media print': { display: 'none' } } as const;

const Rows = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <Box component="ul" aria-label={label} sx={{ listStyle: 'none', m: 0, p: 0 }}>
    {children}
  </Box>
);

function OneLine({ row, children }: { row: Row; children?: React.ReactNode }) {
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: 'minmax(0, 1fr) auto' },
        columnGap: 2,
        rowGap: 0.5,
        alignItems: 'center',
        py: 1,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        '&:first-of-type': { borderTop: 0 },
        breakInside: 'avoid',
      })}
    >
      <Box>
        <Box>
          <strong>{row.name}</strong>, {row.crop_name}
          {row.lot !== null && (
            <>
              {' · sow from '}
              <Link to={pageOfCode(row.lot)}>{row.lot}</Link>
            </>
          )}
        </Box>
        <Box>{[...row.reasons, row.waits].join(' ')}</Box>
        {row.stands !== '' && !row.is_planned && <Box sx={{ fontWeight: 700 }}>{row.stands}</Box>}
      </Box>
      <Box sx={noPaper}>{children}</Box>
    </Box>
  );
}
