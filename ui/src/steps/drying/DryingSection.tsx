import Box from '@mui/material/Box';
import type { Drying } from '../../api/client';
import { DryingChart } from './DryingChart';
import { Facts, Section } from '../../kit/Section';
import { grams, moisture } from '../../kit/words';

export function DryingSection({ drying }: { drying: Drying }) {
  const last = drying.weighings[drying.weighings.length - 1];
  return (
    <Section title="Drying">
      <Box sx={{ fontWeight: 700, fontSize: '1.0625rem', maxWidth: '42em' }}>{drying.sentence}</Box>
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, mb: 1.5, maxWidth: '46em' })}>
        {drying.ground}
      </Box>
      <Facts
        facts={[
          ...(drying.moisture === null
            ? []
            : ([['Moisture', moisture(drying.moisture)]] as [string, string][])),
          ...(last === undefined ? [] : ([['Last weighed', grams(last.grams)]] as [string, string][])),
          ...(drying.target_grams === null || drying.verdict === 'dry_enough'
            ? []
            : ([['Jar it at', grams(drying.target_grams)]] as [string, string][])),
        ]}
      />
      <Box sx={{ mt: 1 }}>
        <DryingChart drying={drying} />
      </Box>
    </Section>
  );
}
