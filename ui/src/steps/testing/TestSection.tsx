import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Lot, Test } from '../../api/client';
import { IntervalBar } from '../../charts/IntervalBar';
import { later } from '../../kit/Coming';
import { Section } from '../../kit/Section';
import { useLook } from '../../api/look';
import { Offers } from '../../record/Offers';
import { sowing } from '../../record/sowing';

const TestChart = later(async () => (await import('./TestChart')).TestChart, { lines: 1, height: 260 });

export function TestSection({ test, lot }: { test: Test; lot: Lot }) {
  const { on } = useLook();
  return (
    <Section title={test.title}>
      <Box sx={{ fontWeight: 700, fontSize: '1.0625rem', maxWidth: '42em' }}>{test.sentence}</Box>
      {[test.beside, test.rest, test.otherwise, test.sowing, test.agreement, test.speed].map(
        (line) =>
          line !== null && (
            <Box
              key={line}
              sx={(t) => ({
                maxWidth: '46em',
                color: line === test.agreement && !test.agrees ? t.vars?.palette.caution.main : undefined,
              })}
            >
              {line}
            </Box>
          ),
      )}
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, mb: 1 })}>{test.set}</Box>
      {test.ended === null && on === undefined && (
        <Offers
          about={{ subject: 'lot', id: lot.id }}
          offers={test.offers}
          headings={{
            test_counted: 'New seedlings since the last count',
            test_ended: 'End the test: what has not come up counts as dead, but for what is hard or firm',
            test_warmed: 'Taken out of the cold: its days are counted from then on',
            test_wetted: 'Looked at, and wetted where it had dried',
            dish_lost: 'Leave a dish out: dropped, dried out or eaten empty',
          }}
          most={Infinity}
        />
      )}
      {on === undefined && <WhatFollows test={test} lot={lot} />}
      {test.rate !== null && test.low !== null && test.high !== null && (
        <IntervalBar rate={test.rate} low={test.low} high={test.high} marks={[test.poor, test.good]} />
      )}
      <TestChart test={test} />
      {test.counts.length > 0 && (
        <Box sx={(t) => ({ fontSize: '0.875rem', color: t.vars?.palette.text.secondary })}>
          Dotted: as fresh sound seed of this crop usually comes up, by an assumed pace.
        </Box>
      )}
      {test.ended === null && (
        <Box component="details" sx={{ mt: 1, maxWidth: '46em' }}>
          <summary>How it is done</summary>
          <ol style={{ marginTop: 4, paddingLeft: '1.4em' }}>
            {test.steps.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </Box>
      )}
    </Section>
  );
}

/** From what it says to what is done: in a tap. */
function WhatFollows({ test, lot }: { test: Test; lot: Lot }) {
  const { at } = useLook();
  const code = lot.tag.code;
  const known = { planned: `test:${test.id}`, variety: lot.variety, lot: lot.id };
  const links = [
    ...(test.leads
      ? [
          { to: sowing(known), act: test.verdict === 'poor' ? 'Grow it out' : 'Sow it' },
          { to: at(`/store/portion/${code}`), act: 'Fill packets by it' },
          { to: at('/plot/plan'), act: 'To the plan' },
        ]
      : []),
    ...(test.sprouts > 0
      ? [
          {
            to: sowing({ ...known, planned: `sprouts:${test.id}`, plants: test.sprouts, sprouts: 1 }),
            act: test.sprouts === 1 ? 'Pot the sprout on' : `Pot ${test.sprouts} sprouts on`,
          },
        ]
      : []),
    ...(test.ended === null ? [{ to: at(`/trays/sheet/${code}`), act: 'Count on paper' }] : []),
  ];
  if (links.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1 }}>
      {links.map(({ to, act }) => (
        <Button key={act} component={Link} to={to}>
          {act}
        </Button>
      ))}
    </Box>
  );
}
