import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import InputAdornment from '@mui/material/InputAdornment';
import MenuItem from '@mui/material/MenuItem';
import OutlinedInput from '@mui/material/OutlinedInput';
import Select from '@mui/material/Select';
import Typography from '@mui/material/Typography';
import { ReadsContext, type Read } from './reads';
import { DayInput } from './DayInput';
import { createContext, useContext, useId, type ReactNode, useState } from 'react';

/** Read out, but not seen. */
export const visuallyHidden = {
  position: 'absolute',
  width: '1px',
  height: '1px',
  overflow: 'hidden',
  clipPath: 'inset(50%)',
  whiteSpace: 'nowrap',
} as const;

export type Value = string | boolean | string[];

/** What is asked, as the server declares it; a field is declared once, there. */
export type Field = {
  key: string;
  type: string;
  label: string;
  unit: string;
  required: boolean;
  /** what it is when nothing else is said */
  usual: string | null;
  hint: string;
  options: { key: string; label: string }[];
  /** how many figures it takes, where it takes several */
  count: number | null;
  /** whether more can be added to them */
  grows: boolean;
  /** what a reference points at */
  of: string;
  /** not asked on a screen */
  hidden: boolean;
  /** asked for behind a button of its own */
  seldom: boolean;
  /** the unit by which an instrument can fill it */
  reads?: string | null;
  /** each of many things has its own */
  own: boolean;
};

export type FieldInputProps = {
  field: Field;
  value: Value;
  error?: string;
  /** whether its name is only read out: it stands above the column */
  bare?: boolean;
  onChange: (value: Value) => void;
};

/** How one chooses what a field refers to, by the name of the thing: this package knows none of them. */
export type ReferenceInputs = Record<string, (props: FieldInputProps) => ReactNode>;

const References = createContext<ReferenceInputs>({});
export const ReferenceInputsProvider = References.Provider;

/** What a field starts with. */
export function startOf(field: Field): Value {
  if (field.type === 'flag') return field.usual === 'true';
  if (field.count !== null) return Array.from({ length: field.count }, () => field.usual ?? '');
  return field.usual ?? '';
}

/** What is sent: an empty line of a growing list is no figure; all else goes as it was typed, for the server to read. */
export function sentOf(field: Field, value: Value): unknown {
  return Array.isArray(value) && field.grows ? value.filter((item) => item.trim() !== '') : value;
}

/** A field with its name above it, its unit in it, and what is wrong with it below. */
export function Labelled({
  label,
  error,
  hint,
  required = false,
  hidden = false,
  children,
}: {
  label: string;
  error?: string;
  hint?: string;
  required?: boolean;
  /** whether its name is only for those who cannot see what it stands beside */
  hidden?: boolean;
  children: (ids: { id: string; describedBy: string }) => ReactNode;
}) {
  const id = useId();
  const describedBy = `${id}-says`;
  return (
    <Box>
      <Box
        component="label"
        htmlFor={id}
        sx={hidden ? visuallyHidden : { display: 'block', fontWeight: 700, mb: 0.5 }}
      >
        {label}
        {required && <span aria-hidden="true"> *</span>}
      </Box>
      {children({ id, describedBy })}
      <Box id={describedBy}>
        {error !== undefined ? (
          <Box role="alert" sx={(t) => ({ color: t.vars?.palette.error.main, fontWeight: 700, mt: 0.5 })}>
            {error}
          </Box>
        ) : (
          hint !== undefined && (
            <Box sx={(t) => ({ color: t.vars?.palette.text.secondary, mt: 0.5 })}>{hint}</Box>
          )
        )}
      </Box>
    </Box>
  );
}

/** One line (or more) of typed text under its label. */
export function TextInput({
  value,
  onChange,
  unit,
  inputMode,
  lines = 1,
  autoComplete,
  action,
  ...labelled
}: {
  label: string;
  error?: string;
  hint?: string;
  required?: boolean;
  hidden?: boolean;
  value: string;
  onChange: (value: string) => void;
  unit?: string;
  inputMode?: 'numeric' | 'decimal';
  lines?: number;
  autoComplete?: string;
  /** stands within it, behind its unit */
  action?: ReactNode;
}) {
  return (
    <Labelled {...labelled}>
      {({ id, describedBy }) => (
        <OutlinedInput
          fullWidth
          id={id}
          error={labelled.error !== undefined}
          value={value}
          autoComplete={autoComplete}
          multiline={lines > 1}
          minRows={lines > 1 ? lines : undefined}
          onChange={(event) => onChange(event.target.value)}
          inputProps={{ inputMode, 'aria-describedby': describedBy }}
          endAdornment={
            unit === undefined && action === undefined ? undefined : (
              <InputAdornment position="end">
                {unit}
                {action}
              </InputAdornment>
            )
          }
        />
      )}
    </Labelled>
  );
}

export function FieldInput(props: FieldInputProps) {
  const { field, value, error, bare = false, onChange } = props;
  const Reference = useContext(References)[field.type === 'reference' ? field.of : field.type];
  const reads = useContext(ReadsContext);
  if (field.type === 'flag') {
    return (
      <>
        <FormControlLabel
          control={
            <Checkbox
              checked={value === true}
              onChange={(event) => onChange(event.target.checked)}
              slotProps={{ input: { 'aria-invalid': error !== undefined } }}
            />
          }
          label={
            <>
              {field.label}
              {field.hint !== '' && (
                <Typography variant="body2" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                  {field.hint}
                </Typography>
              )}
            </>
          }
        />
        {error !== undefined && (
          <Box role="alert" sx={(t) => ({ color: t.vars?.palette.error.main })}>
            {error}
          </Box>
        )}
      </>
    );
  }
  if (field.count !== null || field.grows) {
    return (
      <ListInput
        field={field}
        value={Array.isArray(value) ? value : []}
        error={error}
        bare={bare}
        onChange={onChange}
      />
    );
  }
  if (Reference !== undefined) return <Reference {...props} />;
  if (field.type === 'choice') {
    return (
      <ChoiceInput
        label={field.label}
        hint={field.hint === '' ? undefined : field.hint}
        options={field.options}
        value={String(value)}
        error={error}
        onChange={onChange}
      />
    );
  }
  if (field.type === 'date') {
    return (
      <DayInput
        label={field.label}
        error={error}
        hint={field.hint === '' ? undefined : field.hint}
        required={field.required}
        value={String(value)}
        onChange={onChange}
      />
    );
  }
  if (field.reads && reads.units.includes(field.reads)) {
    return <ReadInput {...props} unit={field.reads} />;
  }
  return (
    <TextInput
      label={field.label}
      hidden={bare}
      error={error}
      hint={field.hint === '' || bare ? undefined : field.hint}
      required={field.required}
      value={String(value)}
      onChange={onChange}
      unit={field.unit === '' ? undefined : field.unit}
      inputMode={inputModes[field.type]}
      lines={field.type === 'prose' ? 3 : 1}
    />
  );
}

/** Asks the nearest instrument, and keeps what it said. */
function useReading(unit: string, onRead: (value: string) => void) {
  const { read } = useContext(ReadsContext);
  const [said, setSaid] = useState<Read | null>(null);
  const [asking, setAsking] = useState(false);
  const ask = async () => {
    setAsking(true);
    try {
      const answer = await read(unit);
      setSaid(answer);
      if (answer.value !== null) onRead(answer.value);
    } catch (trouble) {
      setSaid({ value: null, said: trouble instanceof Error ? trouble.message : 'It does not answer.' });
    } finally {
      setAsking(false);
    }
  };
  return { said, asking, ask: () => void ask(), typed: () => setSaid(null) };
}

function ReadButton({ asking, ask }: { asking: boolean; ask: () => void }) {
  return (
    <Button variant="text" size="small" disabled={asking} onClick={ask} aria-label="Read by an instrument">
      {asking ? '…' : 'Read'}
    </Button>
  );
}

const saidBy = (said: Read | null) => (said !== null && said.value !== null ? `Read by ${said.said}` : '');
const ailing = (said: Read | null) => (said !== null && said.value === null ? said.said : undefined);

/** A figure that an instrument can fill in: by its button, or by the key = in the field. What it said, or why not, stands below. */
function ReadInput({
  field,
  value,
  error,
  bare = false,
  onChange,
  unit,
}: FieldInputProps & { unit: string }) {
  const reading = useReading(unit, onChange);
  return (
    <TextInput
      label={field.label}
      hidden={bare}
      error={error ?? ailing(reading.said)}
      hint={[bare ? '' : field.hint, saidBy(reading.said)].filter(Boolean).join('. ')}
      required={field.required}
      value={String(value)}
      onChange={(typed) => {
        if (typed.endsWith('=')) return reading.ask();
        reading.typed();
        onChange(typed);
      }}
      unit={field.unit === '' ? undefined : field.unit}
      inputMode={inputModes[field.type]}
      action={<ReadButton {...reading} />}
    />
  );
}

/** One of a few. */
export function ChoiceInput({
  label,
  hint,
  options,
  value,
  error,
  onChange,
}: {
  label: string;
  hint?: string;
  options: { key: string; label: string }[];
  value: string;
  error?: string;
  onChange: (value: string) => void;
}) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      {({ id, describedBy }) => (
        <Select
          fullWidth
          id={`${id}-select`}
          value={value}
          error={error !== undefined}
          onChange={(event) => onChange(String(event.target.value))}
          inputProps={{ id, 'aria-describedby': describedBy }}
          SelectDisplayProps={{ 'aria-label': label }}
        >
          {options.map((option) => (
            <MenuItem key={option.key} value={option.key}>
              {option.label}
            </MenuItem>
          ))}
        </Select>
      )}
    </Labelled>
  );
}

const inputModes: Record<string, 'numeric' | 'decimal'> = {
  integer: 'numeric',
  number: 'decimal',
  share: 'decimal',
};

/** So many figures a list that grows takes. */
const MOST = 8;

function ListInput({
  field,
  value,
  error,
  bare,
  onChange,
}: {
  field: Field;
  value: string[];
  error?: string;
  bare: boolean;
  onChange: (value: string[]) => void;
}) {
  const id = useId();
  const { units } = useContext(ReadsContext);
  const reading = useReading(field.reads ?? '', (read) => onChange(filled(value, read, field.grows)));
  const wrong = error ?? ailing(reading.said);
  const hint = [bare ? '' : field.hint, saidBy(reading.said)].filter(Boolean).join('. ');
  // What is said of the list is said of each of its fields.
  const says = [hint !== '' && `${id}-hint`, wrong !== undefined && `${id}-error`].filter(Boolean).join(' ');
  return (
    <Box sx={{ gridColumn: '1 / -1' }}>
      <Box component="fieldset" aria-describedby={says || undefined} sx={{ border: 0, p: 0, m: 0 }}>
        <Box component="legend" sx={bare ? visuallyHidden : { fontWeight: 700, mb: 0.5, p: 0 }}>
          {field.label}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {value.map((item, index) => (
            <OutlinedInput
              // The place in the list is what it is: the third dish stays the third dish.
              key={index}
              sx={{ width: 112 }}
              error={wrong !== undefined}
              value={item}
              onChange={(event) => onChange(value.map((old, i) => (i === index ? event.target.value : old)))}
              inputProps={{
                inputMode: 'decimal',
                'aria-label': value.length > 1 ? `${field.label} ${index + 1}` : field.label,
                'aria-describedby': says || undefined,
              }}
              startAdornment={
                value.length > 1 ? <InputAdornment position="start">{index + 1}</InputAdornment> : undefined
              }
              endAdornment={
                field.unit !== '' ? <InputAdornment position="end">{field.unit}</InputAdornment> : undefined
              }
            />
          ))}
          {field.reads && units.includes(field.reads) && <ReadButton {...reading} />}
          {field.grows && value.length < MOST && (
            <Button onClick={() => onChange([...value, ''])}>One more</Button>
          )}
        </Box>
      </Box>
      {hint !== '' && (
        <Box id={`${id}-hint`} sx={(t) => ({ color: t.vars?.palette.text.secondary, mt: 0.5 })}>
          {hint}
        </Box>
      )}
      {wrong !== undefined && (
        <Box
          id={`${id}-error`}
          role="alert"
          sx={(t) => ({ color: t.vars?.palette.error.main, fontWeight: 700, mt: 0.5 })}
        >
          {wrong}
        </Box>
      )}
    </Box>
  );
}

/** What was read goes where nothing stands yet; into a list that grows, at its end. */
const filled = (figures: string[], read: string, grows: boolean): string[] => {
  const empty = figures.findIndex((one) => one.trim() === '');
  if (empty >= 0) return figures.map((one, i) => (i === empty ? read : one));
  return grows && figures.length < MOST ? [...figures, read] : figures;
};
