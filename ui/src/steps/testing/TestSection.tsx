import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Lot, Test } from '../../api/client';
import { IntervalBar } from './IntervalBar';
import { TestChart } from './TestChart';
import { Section } from '../../kit/Section';
import { useLook } from '../../shell/look';
import { RecordForm } from '../../record/RecordForm';
import { day } from '../../kit/words';

export function TestSection({ test, lot }: { test: Test; lot: Lot }) {
  const sown = test.seeds * test.replicates;
  const set = test.replicates === 1 ? `${test.seeds} seeds` : `${test.replicates} × ${test.seeds} seeds`;
  return (
    <Section
      title={
        test.ended === null ? `Germination test, day ${test.day}` : `Germination test of ${day(test.started)}`
      }
    >
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
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, mb: 1 })}>
        {set} in a {test.method}, {test.temperature} °C, set {day(test.started)}. {test.germinated} up
        {test.abnormal > 0 && `, ${test.abnormal} abnormal`}
        {test.ended === null && `, ${test.undecided} undecided`} of {sown}.
      </Box>
      {test.ended === null && <Counting test={test} lot={lot} />}
      {test.rate !== null && test.low !== null && test.high !== null && (
        <IntervalBar rate={test.rate} low={test.low} high={test.high} marks={[test.poor, test.good]} />
      )}
      <TestChart test={test} />
    </Section>
  );
}

function Counting({ test, lot }: { test: Test; lot: Lot }) {
  const [act, setAct] = useState<'test_counted' | 'test_ended' | null>(null);
  const { on } = useLook();
  if (on !== undefined) return null;
  if (act === null) {
    return (
      <Box sx={{ display: 'flex', gap: 1, my: 1.5 }}>
        <Button variant="contained" onClick={() => setAct('test_counted')}>
          Count seedlings
        </Button>
        {test.counts.length > 0 && <Button onClick={() => setAct('test_ended')}>End the test</Button>}
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
        {act === 'test_counted'
          ? 'New seedlings since the last count'
          : 'End the test: what has not come up counts as dead'}
      </Box>
      <RecordForm
        key={act}
        onto={{ code: lot.tag.code, as: 'lot' }}
        offer={{
          kind: act,
          title: act === 'test_counted' ? 'Seedlings counted' : 'Test ended',
          cautions: [],
        }}
        crop={lot.crop}
        test={test}
        onDone={() => setAct(null)}
        onCancel={() => setAct(null)}
      />
    </Box>
  );
}
