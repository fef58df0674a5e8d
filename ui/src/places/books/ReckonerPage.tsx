import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Refused, type ReckoningInput } from '../../api/client';
import { useCrops, useReckoned, useReckonings } from '../../api/queries';
import { Facts, Section, Trouble } from '../../kit/Section';
import { Labelled, TextInput } from '../../record/FieldInput';

const hints: Partial<Record<ReckoningInput['type'], string>> = {
  numbers: 'with commas between them',
  integers: 'with commas between them',
  rows: 'commas within a row, a semicolon between rows',
  segments: 'days:moisture:temperature, commas between stores',
};

/** One question, worked: its inputs stand in the address, so the page can be sent or printed with its answer. */
export function ReckonerPage({ name }: { name: string }) {
  const reckonings = useReckonings();
  const crops = useCrops();
  const [params, setParams] = useSearchParams();
  const reckoning = reckonings.data?.find((r) => r.name === name);
  const inputs = reckoning?.inputs ?? [];
  // What is typed shows at once; the address follows it.
  const [typed, setTyped] = useState<Record<string, string>>(() => Object.fromEntries(params));
  const given = Object.fromEntries(
    inputs
      .map(({ key, type }): [string, string] => [key, sent(type, typed[key] ?? '')])
      .filter(([, value]) => value !== ''),
  );
  const ready =
    reckoning !== undefined && inputs.every(({ key, required }) => !required || given[key] !== undefined);
  const answer = useReckoned(name, given, ready);
  const refused = ready && answer.error instanceof Refused ? answer.error : undefined;
  const known = inputs.some(({ key }) => refused?.fields[key] !== undefined);
  if (reckonings.data === undefined) return null;
  if (reckoning === undefined) return <Trouble>There is no reckoner of that name.</Trouble>;
  const set = (key: string, value: string) => {
    const next = { ...typed, [key]: value };
    setTyped(next);
    // The whole of what is typed, not a change to the address: two changes at once would lose one.
    setParams(Object.fromEntries(Object.entries(next).filter(([, text]) => text !== '')), { replace: true });
  };

  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component={Link} to="/books/reckoners" sx={{ color: 'inherit', display: 'inline-block', py: 1 }}>
        All quick reckoners
      </Box>
      <Typography variant="h1" sx={{ mb: 2 }}>
        {reckoning.question}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          alignItems: 'start',
          mb: 2,
        }}
      >
        {inputs.map((input) =>
          input.type === 'crop' ? (
            <Labelled key={input.key} label={capital(input.label)} error={refused?.fields[input.key]}>
              {({ id }) => (
                <Select
                  fullWidth
                  displayEmpty
                  value={typed[input.key] ?? ''}
                  onChange={(event) => set(input.key, event.target.value)}
                  inputProps={{ id }}
                  SelectDisplayProps={{ 'aria-label': capital(input.label) }}
                >
                  <MenuItem value="">none chosen</MenuItem>
                  {(crops.data ?? []).map((crop) => (
                    <MenuItem key={crop.key} value={crop.key}>
                      {crop.name}
                    </MenuItem>
                  ))}
                </Select>
              )}
            </Labelled>
          ) : (
            <TextInput
              key={input.key}
              label={capital(input.label)}
              required={input.required}
              error={refused?.fields[input.key]}
              hint={hints[input.type] ?? (input.required ? undefined : optional(input))}
              value={typed[input.key] ?? ''}
              unit={input.type === 'share' ? '%' : input.unit}
              inputMode="decimal"
              onChange={(value) => set(input.key, value)}
            />
          ),
        )}
      </Box>
      {refused !== undefined && !known && <Trouble>{refused.message}</Trouble>}
      <Section title="Answer">
        {answer.data !== undefined && ready && answer.error === null ? (
          <Facts
            facts={answer.data.figures.map(({ label, said }): [string, string] => [capital(label), said])}
          />
        ) : (
          !ready && <span>Fill in what is marked, and the answer stands here.</span>
        )}
      </Section>
      <Box component="details">
        <Box
          component="summary"
          sx={{ cursor: 'pointer', fontWeight: 700, minHeight: 44, display: 'flex', alignItems: 'center' }}
        >
          How it is reckoned
        </Box>
        <p style={{ marginTop: 0 }}>{reckoning.source}</p>
        <p>
          At the command line: <code>php artisan marrow:reckon {reckoning.name}</code>
        </p>
      </Box>
    </Box>
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** A share is typed in per cent and sent as a share; a decimal comma is the decimal mark where a single figure is wanted. */
function sent(type: ReckoningInput['type'], typed: string): string {
  const text = typed.trim();
  if (type === 'number' || type === 'integer') return text.replace(',', '.');
  if (type !== 'share') return text;
  const percent = Number(text.replace(',', '.'));
  return text === '' || Number.isNaN(percent) ? text : String(Number((percent / 100).toPrecision(12)));
}

function optional(input: ReckoningInput): string | undefined {
  if (input.default === null) return undefined;
  return `${input.type === 'share' ? `${Number((Number(input.default) * 100).toPrecision(12))} %` : input.default} if left out`;
}
