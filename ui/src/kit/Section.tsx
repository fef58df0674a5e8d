import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useId, type ReactNode } from 'react';

/** A part of a worksheet, ruled off from the one before. */
export function Section({
  title,
  children,
  action,
}: {
  title: string;
  children: ReactNode;
  action?: ReactNode;
}) {
  const id = useId();
  return (
    <Box
      component="section"
      aria-labelledby={id}
      sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, pt: 1.5, pb: 2.5 })}
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', justifyContent: 'space-between', gap: 2, mb: 1 }}>
        <Typography variant="h2" id={id}>
          {title}
        </Typography>
        {action}
      </Box>
      {children}
    </Box>
  );
}

/** Short facts in a row, each under its name. */
export function Facts({ facts }: { facts: { label: string; said: ReactNode }[] }) {
  return (
    <Box component="dl" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, rowGap: 1, m: 0 }}>
      {facts.map(({ label: name, said: value }) => (
        <Box key={name}>
          <Box component="dt" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
            {name}
          </Box>
          <Box component="dd" sx={{ m: 0, fontWeight: 700 }}>
            {value}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** A caution where the hand is about to act: the alarm colour's quieter sibling. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <Box
      role="note"
      sx={(t) => ({
        borderLeft: `6px solid ${t.vars?.palette.caution.main}`,
        bgcolor: t.vars?.palette.caution.ground,
        color: t.vars?.palette.caution.main,
        px: 1.5,
        py: 0.75,
        my: 1,
      })}
    >
      {children}
    </Box>
  );
}

/** What was refused, or could not be read. */
export function Trouble({ children }: { children: ReactNode }) {
  return (
    <Box
      role="alert"
      sx={(t) => ({
        border: `2px solid ${t.vars?.palette.error.main}`,
        color: t.vars?.palette.error.main,
        borderRadius: `${t.shape.borderRadius}px`,
        fontWeight: 700,
        px: 1.5,
        py: 1,
        my: 1,
      })}
    >
      {children}
    </Box>
  );
}

/** An empty place says what belongs there and how it gets there. */
export function Empty({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={(t) => ({ color: t.vars?.palette.text.secondary, py: 3, maxWidth: '34em', fontSize: '1.0625rem' })}
    >
      {children}
    </Box>
  );
}
