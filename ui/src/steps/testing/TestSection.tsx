import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Test } from '../../api/client';
import { IntervalBar } from '../../charts/IntervalBar';
import { later } from '../../kit/Coming';
import { Section } from '../../kit/Section';
import { useLook } from '../../api/look';
import { RecordForm } from '../../record/RecordForm';

const TestChart = later(async () => (await import('./TestChart')).TestChart, { lines: 1, height: 260 });

export function TestSection({ test, lot }: { test: Test; lot: string }) {
  return (
    <Section title={test.title}>
      <Box sx={{ fontWeight: 700, fontSize: '1.0625rem', maxWidth: '42em' }}>{test.sentence}</Box>
      {[test.sowing, test.agreement, test.speed].map(
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
      {test.ended === null && <Counting test={test} lot={lot} />}
      {test.rate !== null && test.low !== null && test.high !== null && (
        <IntervalBar rate={test.rate} low={test.low} high={test.high} marks={[test.poor, test.good]} />
      )}
      <TestChart test={test} />
    </Section>
  );
}

function Counting({ test, lot }: { test: Test; lot: string }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const { on } = useLook();
  if (on !== undefined) return null;
  const offer = test.offers.find(({ kind }) => kind === chosen);
  if (offer === undefined) {
    return (
      <Box sx={{ display: 'flex', gap: 1, my: 1.5 }}>
        {test.offers.map(({ kind, act }, i) => (
          <Button key={kind} variant={i === 0 ? 'contained' : 'outlined'} onClick={() => setChosen(kind)}>
            {act}
          </Button>
        ))}
      </Box>
    );
  }
  return (
    <Box
      sx={(t) => ({
        my: 2,
        border: `2px solid ${t.vars?.palette.rule}`,
        p: 2,
        bgcolor: t.vars?.palette.background.paper,
      })}
    >
      <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
        {offer.kind === 'test_ended'
          ? 'End the test: what has not come up counts as dead'
          : 'New seedlings since the last count'}
      </Box>
      <RecordForm
        key={offer.kind}
        happening={{ ...offer, about: { subject: 'lot', id: lot } }}
        onDone={() => setChosen(null)}
        onCancel={() => setChosen(null)}
      />
    </Box>
  );
}
