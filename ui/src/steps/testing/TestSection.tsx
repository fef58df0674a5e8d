import Box from '@mui/material/Box';
import type { Test } from '../../api/client';
import { IntervalBar } from '../../charts/IntervalBar';
import { later } from '../../kit/Coming';
import { Section } from '../../kit/Section';
import { useLook } from '../../api/look';
import { Offers } from '../../record/Offers';

const TestChart = later(async () => (await import('./TestChart')).TestChart, { lines: 1, height: 260 });

export function TestSection({ test, lot }: { test: Test; lot: string }) {
  const { on } = useLook();
  return (
    <Section title={test.title}>
      <Box sx={{ fontWeight: 700, fontSize: '1.0625rem', maxWidth: '42em' }}>{test.sentence}</Box>
      {[test.beside, test.rest, test.sowing, test.agreement, test.speed].map(
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
          about={{ subject: 'lot', id: lot }}
          offers={test.offers}
          headings={{
            test_counted: 'New seedlings since the last count',
            test_ended: 'End the test: what has not come up counts as dead, but for what is hard or firm',
            dish_lost: 'Leave a dish out: dropped, dried out or eaten empty',
          }}
          most={Infinity}
        />
      )}
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
