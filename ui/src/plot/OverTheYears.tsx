import Box from '@mui/material/Box';
import type { Walk } from '../api/client';
import { Section } from '../kit/Section';

/** What became of each trait since the variety was first walked. */
export function OverTheYears({ years }: { years: Walk['years'] }) {
  if (years.length === 0) return null;
  return (
    <Box sx={{ '@media print': { display: 'none' } }}>
      <Section title="Over the years">
        {years.map(({ trait, lines }) => (
          <Box key={trait} sx={{ mb: 1.5 }}>
            <b>{trait}</b>
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
          </Box>
        ))}
        <Box sx={(t) => ({ fontSize: '0.875rem', color: t.vars?.palette.text.secondary, maxWidth: '46em' })}>
          Mean with the limits in which it lies 95 times in 100. One year against another may be the weather
          and the ground: a gain shows where it goes on over several.
        </Box>
      </Section>
    </Box>
  );
}
