import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useFrame, useLines } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Section, Trouble } from '../kit/Section';
import { useSpoken } from '../kit/spoken';

/** What can be written in the line, an example of each. */
export function LinesBook() {
  const lines = useLines();
  const frame = useFrame();
  const { day, hour } = useSpoken();
  const now = frame.data?.now ?? '';
  if (lines.error !== null) return <Trouble>{lines.error.message}</Trouble>;
  const steps = [...new Set((lines.data ?? []).map(({ step }) => step))];
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Typography variant="h1" sx={{ mb: 1 }}>
        The line
      </Typography>
      <Box sx={{ maxWidth: '46em', mb: 2 }}>
        <p>
          What was done is written in the field at the top (press <b>/</b>, on a phone the square key): of
          what, and what. It says back what it understood; Enter keeps it. Order is free, and a slip of one
          letter is forgiven but in names and figures.
        </p>
        <ul>
          <li>
            Several at once: <code>L7 L9 L12 rh 38</code>. Several records: with <code>;</code> between them.
          </li>
          <li>
            On an open sheet its code need not be written; a variety of which there is one lot goes by its
            name.
          </li>
          <li>
            When, if it was not just now: <code>yesterday</code>, <code>Monday</code>, <code>3 days ago</code>
            , <code>{now === '' ? '' : day(now)}</code>, with <code>{now === '' ? '' : hour(now)}</code>{' '}
            behind it.
          </li>
          <li>
            Any field by its own name: <code>it weighs = 41.2 g</code>; words in quotes are kept as they are.
          </li>
        </ul>
      </Box>
      {lines.data === undefined && <Coming lines={12} />}
      {steps.map((step) => (
        <Section key={step} title={step}>
          <Box component="dl" sx={{ m: 0 }}>
            {(lines.data ?? [])
              .filter((line) => line.step === step)
              .map(({ kind, title, called, example }) => (
                <Box
                  key={kind}
                  sx={(t) => ({
                    display: 'grid',
                    gridTemplateColumns: { xs: '1fr', sm: '2fr 3fr' },
                    columnGap: 2,
                    borderTop: `1px solid ${t.vars?.palette.quiet}`,
                    py: 0.75,
                  })}
                >
                  <Box component="dt" sx={{ fontWeight: 700 }}>
                    {title}
                  </Box>
                  <Box component="dd" sx={{ m: 0 }}>
                    <code>{example}</code>
                    {called.length > 0 && (
                      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                        also: {called.join(', ')}
                      </Box>
                    )}
                  </Box>
                </Box>
              ))}
          </Box>
        </Section>
      ))}
    </Box>
  );
}
