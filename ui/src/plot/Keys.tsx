import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';

/** A row of keys, under what they say when that is not plain from them. */
export function Keys({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box role="group" aria-label={label === '' ? undefined : label} sx={{ my: 1.25 }}>
      {label !== '' && <Box sx={{ fontWeight: 700, mb: 0.5 }}>{label}</Box>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>{children}</Box>
    </Box>
  );
}

/** A key that stays down. */
export function Key({
  on,
  name,
  onPress,
  children,
}: {
  on: boolean;
  name?: string;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <Button
      variant={on ? 'contained' : 'outlined'}
      aria-pressed={on}
      aria-label={name}
      sx={{ minWidth: 56 }}
      onClick={onPress}
    >
      {children}
    </Button>
  );
}
