import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { useId, type ReactNode } from 'react';
import type { Reckoning } from '../../api/client';
import { capital, ReckonerInput } from './ReckonerInput';
import { inputsTaken, type Typed } from './typed';

const columns = {
  display: 'grid',
  columnGap: 2,
  rowGap: 2,
  // Beside the answer there is room for one.
  gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', md: '1fr', xl: '1fr 1fr' },
  alignItems: 'start',
} as const;

/** The inputs of a question; where something can be told in several ways, the choice stands before its inputs. */
export function ReckonerInputs({
  reckoning,
  ways,
  typed,
  errors,
  under,
  onWay,
  onType,
}: {
  reckoning: Reckoning;
  ways: number[];
  typed: Typed;
  errors: Record<string, string>;
  under: { key: string; line: ReactNode } | undefined;
  onWay: (choice: number, way: number) => void;
  onType: (key: string, value: string) => void;
}) {
  const taken = inputsTaken(reckoning, ways);
  const choiceOf = (key: string) =>
    reckoning.alternatives.findIndex((a) => a.ways.some(({ inputs }) => inputs.includes(key)));
  const field = (key: string) => {
    const input = taken.find((i) => i.key === key);
    return (
      input && (
        <Box key={key}>
          <ReckonerInput
            input={input}
            needed={input.needed}
            value={typed[key] ?? ''}
            error={errors[key]}
            onChange={(value) => onType(key, value)}
          />
          {under?.key === key && under.line}
        </Box>
      )
    );
  };
  // In the order of the definition, each choice where its first input would stand.
  const said = new Set<number>();
  return (
    <Box sx={{ ...columns, mb: 2.5, '@media print': { rowGap: 0.5 } }}>
      {reckoning.inputs.map(({ key }) => {
        const choice = choiceOf(key);
        if (choice < 0) return field(key);
        if (said.has(choice)) return null;
        said.add(choice);
        const alternatives = reckoning.alternatives[choice];
        if (alternatives === undefined) return null;
        const way = ways[choice] ?? 0;
        return (
          <Box key={alternatives.label} sx={{ gridColumn: '1 / -1' }}>
            <Choice
              label={capital(alternatives.label)}
              ways={alternatives.ways.map(({ label }) => label)}
              taken={way}
              onTake={(to) => onWay(choice, to)}
            />
            <Box sx={columns}>{(alternatives.ways[way]?.inputs ?? []).map(field)}</Box>
          </Box>
        );
      })}
    </Box>
  );
}

function Choice({
  label,
  ways,
  taken,
  onTake,
}: {
  label: string;
  ways: string[];
  taken: number;
  onTake: (way: number) => void;
}) {
  const id = useId();
  return (
    <Box sx={{ mb: 0.5 }}>
      <Box id={id} sx={{ fontWeight: 700 }}>
        {label}
      </Box>
      <RadioGroup row aria-labelledby={id} value={taken} onChange={(_, value) => onTake(Number(value))}>
        {ways.map((way, i) => (
          <FormControlLabel key={way} value={i} control={<Radio color="primary" />} label={way} />
        ))}
      </RadioGroup>
    </Box>
  );
}
