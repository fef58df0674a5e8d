import Box from '@mui/material/Box';
import { useEffect, type ReactNode } from 'react';
import { useRefusalInView } from './refusal';

/**
 * A form that was opened by a button: the keyboard comes with it, what was refused is brought before the eyes, and Escape
 * leaves it with what was typed kept.
 */
export function FormFrame({
  label,
  refused,
  busy,
  onSubmit,
  onLeave,
  children,
}: {
  label: string;
  /** another for each refusal; undefined while nothing is refused */
  refused: object | undefined;
  busy: boolean;
  onSubmit: () => void;
  onLeave?: () => void;
  children: ReactNode;
}) {
  const form = useRefusalInView(refused);
  // The button that opened it is gone, and with it where the keyboard was.
  useEffect(() => {
    if (document.activeElement === document.body) form.current?.focus({ preventScroll: true });
  }, [form]);
  return (
    <Box
      component="form"
      ref={form}
      noValidate
      tabIndex={-1}
      aria-label={label}
      sx={{
        '&:focus': { outline: 'none' },
        // On a phone whatever is touched is as large as a wet finger.
        '& .MuiButton-root, & .MuiFormControlLabel-root, & .MuiInputBase-root': {
          minHeight: { xs: 56, md: 'auto' },
        },
      }}
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape' && !event.defaultPrevented && !busy) onLeave?.();
      }}
    >
      {children}
    </Box>
  );
}
