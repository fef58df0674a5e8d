import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Refused, type SettingSection } from '../api/client';
import { afterwards, useKeepSetting, useSettings } from '../api/queries';
import { keeper, setKeeper } from '../api/keeper';
import { FieldInput, Labelled, type Value } from '../kit/fields';
import { Section, Trouble } from '../kit/Section';
import { Waiting } from '../kit/Waiting';
import { Coming } from '../kit/Coming';
import { useSay } from '../kit/Said';
import { useAnchor } from '../kit/anchor';

type Setting = SettingSection['settings'][number];

/** Everything that a keeper can set, with what Marrow goes by where nothing is set. */
export function SettingsBook() {
  const settings = useSettings();
  const sought = useAnchor(settings.data !== undefined);
  if (settings.error !== null) return <Trouble>{settings.error.message}</Trouble>;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0, mb: 2 }}>
        Settings
      </Box>
      <Section title="On this device">
        <Recorder />
      </Section>
      {settings.data === undefined && <Coming lines={8} height={44} />}
      {(settings.data ?? []).map((section) => (
        <Section key={section.title} title={section.title}>
          {section.settings.map((setting) => (
            <Line key={setting.field.key} setting={setting} sought={sought === setting.field.key} />
          ))}
        </Section>
      ))}
    </Box>
  );
}

/** Who records on this device is chosen once, and stands in the journal with whatever is recorded here. */
function Recorder() {
  const [kept, setKept] = useState(keeper);
  const [name, setName] = useState(kept);
  const say = useSay();
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setKeeper(name);
        setKept(name.trim());
        setName(name.trim());
        say(
          name.trim() === ''
            ? 'What is recorded here is by nobody named.'
            : `What is recorded here is by ${name.trim()}.`,
        );
      }}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '1fr 110px' },
        gap: 1,
        alignItems: 'start',
      }}
    >
      <Labelled
        label="Who records here"
        hint="Stands in the journal with what is recorded on this device. Left empty: nobody is named"
      >
        {({ id, describedBy }) => (
          <TextField
            id={id}
            value={name}
            onChange={(event) => setName(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 60, 'aria-describedby': describedBy } }}
          />
        )}
      </Labelled>
      <Button
        type="submit"
        sx={{ mt: { sm: '30px' } }}
        disabled={name.trim() === kept}
        aria-label="Keep: who records here"
      >
        Keep
      </Button>
    </Box>
  );
}

function Line({ setting, sought }: { setting: Setting; sought: boolean }) {
  const { field, typed } = setting;
  // A choice always stands at one of its options; what is typed is the keeper's own, or nothing.
  const start = typed ?? (field.type === 'choice' ? (field.usual ?? '') : '');
  // Null while nothing is typed over what stands.
  const [own, setOwn] = useState<Value | null>(null);
  const value = own ?? start;
  const say = useSay();
  const put = useKeepSetting(field.key);
  const keep = (next: string) =>
    void afterwards(put.mutateAsync(next), (now) => {
      say(`${field.label}: ${now.now}`);
      // What was typed since stays.
      setOwn((since) => (since === own ? null : since));
    });
  const error = put.error instanceof Refused ? (put.error.fields['value'] ?? put.error.message) : undefined;
  return (
    <Box
      component="form"
      id={field.key}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        keep(String(value));
      }}
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '1fr 110px' },
        gap: 1,
        alignItems: 'start',
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        py: 1.25,
        '&:first-of-type': { borderTop: 0 },
        ...(sought ? { outline: `2px solid ${t.vars?.palette.rule}`, outlineOffset: 4 } : {}),
      })}
    >
      <FieldInput
        field={{ ...field, required: false, hint: [field.hint, said(setting)].filter(Boolean).join('. ') }}
        value={value}
        error={error}
        onChange={setOwn}
      />
      <Button
        type="submit"
        sx={{ mt: { sm: '30px' } }}
        disabled={String(value) === start || put.isPending}
        aria-label={`Keep: ${field.label}`}
      >
        Keep
      </Button>
      <Box sx={{ gridColumn: '1 / -1' }}>
        <Waiting write={put} />
      </Box>
    </Box>
  );
}

const said = ({ typed, now, usual }: Setting) =>
  typed === null ? (now === 'not set' ? 'Not set' : `Now ${now}`) : `Left empty: ${usual}`;
