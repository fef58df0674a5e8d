import Box from '@mui/material/Box';
import type { Drying } from '../../api/client';
import { later } from '../../kit/Coming';
import { Facts, Section } from '../../kit/Section';

const DryingChart = later(async () => (await import('./DryingChart')).DryingChart, { lines: 1, height: 260 });

export function DryingSection({ drying }: { drying: Drying }) {
  return (
    <Section title="Drying">
      <Box sx={{ fontWeight: 700, fontSize: '1.0625rem', maxWidth: '42em' }}>{drying.sentence}</Box>
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, mb: 1.5, maxWidth: '46em' })}>
        {drying.ground}
      </Box>
      {drying.says.map((says) => (
        <Box key={says} sx={{ mb: 0.75, maxWidth: '46em' }}>
          {says}
        </Box>
      ))}
      <Facts facts={drying.facts} />
      {drying.chart !== null && (
        <Box sx={{ mt: 1 }}>
          <DryingChart chart={drying.chart} />
        </Box>
      )}
    </Section>
  );
}
