import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { FieldInput, startOf, type Field, type Value } from './fields';

export type Values = Record<string, Value>;

/** What was refused of a field, or of one of the figures in it. */
export function errorOf(key: string, errors: Record<string, string>): string | undefined {
  return Object.entries(errors).find(([path]) => path === key || path.startsWith(`${key}.`))?.[1];
}

/** The fields of a form side by side, with whatever else is asked after them. */
export function FieldGrid({
  fields,
  values,
  errors,
  onChange,
  children,
}: {
  fields: Field[];
  values: Values;
  errors: Record<string, string>;
  onChange: (values: Values) => void;
  children?: ReactNode;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fill, minmax(210px, 1fr))' },
        gap: 2,
        alignItems: 'start',
        my: 1.5,
      }}
    >
      {fields
        .filter(({ hidden }) => !hidden)
        .map((field) => (
          <Box
            key={field.key}
            sx={field.type === 'prose' || field.count !== null ? { gridColumn: '1 / -1' } : undefined}
          >
            <FieldInput
              field={field}
              value={values[field.key] ?? startOf(field)}
              error={errorOf(field.key, errors)}
              onChange={(value) => onChange({ ...values, [field.key]: value })}
            />
          </Box>
        ))}
      {children}
    </Box>
  );
}

/** What is sent of a form: every field, as it was typed. */
export const typedOf = (fields: Field[], values: Values): Record<string, string> =>
  Object.fromEntries(fields.map((field) => [field.key, String(values[field.key] ?? startOf(field))]));
