import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { FieldInput, startOf, type Field, type Value } from './fields';

export type Values = Record<string, Value>;

/** What was refused of a field, or of one of the figures in it. */
export function errorOf(key: string, errors: Record<string, string>): string | undefined {
  return Object.entries(errors).find(([path]) => path === key || path.startsWith(`${key}.`))?.[1];
}

/** Those that are asked for at once, and those behind a button until they hold something or something is wrong with them. */
export function parted(
  fields: Field[],
  values: Values,
  errors: Record<string, string>,
): { often: Field[]; seldom: Field[]; told: boolean } {
  const seldom = fields.filter((field) => field.seldom && !field.hidden);
  const told = seldom.some(
    (field) =>
      errorOf(field.key, errors) !== undefined ||
      (values[field.key] ?? startOf(field)).toString() !== startOf(field).toString(),
  );
  return { often: fields.filter((field) => !field.seldom && !field.hidden), seldom, told };
}

/** The fields of a form side by side, with whatever else is asked after them. */
export function FieldGrid({
  fields,
  values,
  errors,
  onChange,
  least = 210,
  children,
}: {
  fields: Field[];
  values: Values;
  errors: Record<string, string>;
  onChange: (values: Values) => void;
  /** px, the least width of a column; in a narrow one stands a figure, and what is longer takes two */
  least?: number;
  children?: ReactNode;
}) {
  const [opened, setOpened] = useState(false);
  const { often, seldom, told } = parted(fields, values, errors);
  // Once opened it stays so: a field that is emptied must not vanish from under the hand.
  if (told && !opened) setOpened(true);
  const narrow = least < 150;
  const columns = `repeat(auto-fill, minmax(${least}px, 1fr))`;
  const cell = (field: Field) => (
    <Box key={field.key} sx={{ gridColumn: spanOf(field, narrow) }}>
      <FieldInput
        field={field}
        value={values[field.key] ?? startOf(field)}
        error={errorOf(field.key, errors)}
        onChange={(value) => onChange({ ...values, [field.key]: value })}
      />
    </Box>
  );
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: narrow ? columns : '1fr', sm: columns },
        gap: narrow ? 1 : 2,
        alignItems: 'start',
        my: narrow ? 0.5 : 1.5,
      }}
    >
      {often.map(cell)}
      {children}
      {seldom.length > 0 &&
        (opened ? (
          seldom.map(cell)
        ) : (
          <Button sx={{ gridColumn: '1 / -1', justifySelf: 'start' }} onClick={() => setOpened(true)}>
            More to tell
          </Button>
        ))}
    </Box>
  );
}

const figures = new Set(['number', 'integer', 'share']);

/** What is long has the room it needs. */
function spanOf(field: Field, narrow: boolean): string {
  if (field.type === 'prose' || field.count !== null) return '1 / -1';
  return narrow && !figures.has(field.type) ? 'span 2' : 'span 1';
}

/** What is sent where much is kept as it was: a field that was not touched goes back as it came, not as it was shown. */
export const changedOf = (
  fields: Field[],
  values: Values,
  shown: Values,
  kept: object,
): Record<string, unknown> =>
  Object.fromEntries(
    fields.map((field) => {
      const { key } = field;
      const value = values[key] ?? shown[key] ?? startOf(field);
      return [key, value === shown[key] && key in kept ? kept[key as keyof object] : value];
    }),
  );

/** What is refused below a path, by what comes after it. */
export const errorsAt = (path: string, errors: Record<string, string>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(errors)
      .filter(([at]) => at.startsWith(`${path}.`))
      .map(([at, says]) => [at.slice(path.length + 1), says]),
  );

/** What is sent of a form: every field, as it was typed. */
export const typedOf = (fields: Field[], values: Values): Record<string, string> =>
  Object.fromEntries(fields.map((field) => [field.key, String(values[field.key] ?? startOf(field))]));
