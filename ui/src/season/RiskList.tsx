import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Plan } from '../api/client';
import { Empty } from '../kit/Section';

const words = { act: 'Act', watch: 'Watch', clear: 'Clear', information: 'Mixing' } as const;

/** What would cross, the most at risk first; each a sentence with its figure and the reason. */
export function RiskList({ plan, onChoose }: { plan: Plan; onChoose: (id: string) => void }) {
  if (plan.content.plantings.length === 0)
    return (
      <Empty>
        Nothing is planned yet. Add a planting: from its crop, its day of sowing and its spot come its bloom,
        its ripe seed, and what it would cross with.
      </Empty>
    );
  const told = plan.risks.filter(({ verdict }) => verdict !== 'clear');
  const clear = plan.risks.filter(({ verdict }) => verdict === 'clear');
  const nameOf = ({ planting }: Plan['risks'][number]) =>
    plan.plantings.find(({ id }) => id === planting)?.variety ?? '';
  return (
    <>
      {plan.risks.length === 0 && (
        <Empty>Nothing is kept for seed in this plan, so nothing can be spoilt.</Empty>
      )}
      {told.length > 0 && (
        <p style={{ marginTop: 0 }}>
          A cross would show in the next generation, not in this year’s fruit (grains of maize and peas
          excepted). The shares are of seed, by a simple model; three times more or less is usual.
        </p>
      )}
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {told.map((risk) => (
          <Box
            component="li"
            key={risk.planting}
            sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, py: 1 })}
          >
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'start' }}>
              <Box sx={{ flex: 1 }}>
                <Box
                  component="span"
                  sx={(t) => ({
                    fontWeight: 700,
                    color: risk.verdict === 'act' ? t.vars?.palette.error.main : undefined,
                  })}
                >
                  {words[risk.verdict]}.{' '}
                </Box>
                <b>{risk.sentence}</b> {risk.because}
                {risk.sources.length > 1 && (
                  <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
                    {risk.sources.slice(1).map((source) => (
                      <li key={source.id}>{source.sentence}</li>
                    ))}
                  </Box>
                )}
              </Box>
              <Button size="small" variant="text" onClick={() => onChoose(risk.planting)}>
                Change
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
      {clear.length > 0 && (
        <Box sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, py: 1 })}>
          <b>Clear.</b> Nothing would cross to speak of with {clear.map(nameOf).join(', ')}.
        </Box>
      )}
      {plan.remarks.length > 0 && (
        <Box component="section" aria-label="Worth knowing" sx={{ mt: 2 }}>
          <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
            Worth knowing
          </Box>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {plan.remarks.map(({ sentence }) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </Box>
        </Box>
      )}
    </>
  );
}
