import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useSettings } from '../api/queries';
import { keeper, setKeeper } from '../api/keeper';
import { usePresent } from '../api/present';
import { ChoiceInput, Labelled } from '../kit/fields';
import { Section, Trouble } from '../kit/Section';
import { Coming } from '../kit/Coming';
import { useSay } from '../kit/Said';
import { useAnchor } from '../kit/anchor';
import { SettingLine } from '../record/SettingLine';
import { lineKeySide, setLineKeySide, type Side } from '../shell/lineKey';

/** Everything that a keeper can set, with what Marrow goes by where nothing is set. */
export function SettingsBook() {
  const settings = useSettings();
  const who = usePresent();
  const sought = useAnchor(settings.data !== undefined);
  if (settings.error !== null) return <Trouble>{settings.error.message}</Trouble>;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0, mb: 2 }}>
        Settings
      </Box>
      <Section title="On this device">
        {who === undefined && <Recorder />}
        <LineKeySide />
      </Section>
      {settings.data === undefined && <Coming lines={8} height={44} />}
      {(settings.data ?? []).map((section) => (
        <Section key={section.title} title={section.title}>
          {section.settings.map((setting) => (
            <SettingLine key={setting.field.key} setting={setting} sought={sought === setting.field.key} />
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

/** Where on a phone the key for the line stands. */
function LineKeySide() {
  const [side, setSide] = useState(lineKeySide);
  return (
    <Box sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, pt: 1.25, mt: 1.25, maxWidth: 420 })}>
      <ChoiceInput
        label="The key for a line, on a phone"
        options={[
          { key: 'right', label: 'at the right' },
          { key: 'left', label: 'at the left' },
          { key: 'none', label: 'nowhere' },
        ]}
        value={side}
        onChange={(next) => {
          setLineKeySide(next as Side);
          setSide(next as Side);
        }}
      />
    </Box>
  );
}
