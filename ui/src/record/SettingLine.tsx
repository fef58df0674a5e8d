import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Refused, type SettingSection } from '../api/client';
import { afterwards, useKeepSetting } from '../api/queries';
import { FieldInput, type Value } from '../kit/fields';
import { useSay } from '../kit/Said';
import { Waiting } from '../kit/Waiting';
import { may, usePresent } from '../api/present';
import { TurnsTheYear } from './TurnsTheYear';
import { WhereThisIs } from './WhereThisIs';

type Setting = SettingSection['settings'][number];

/** Something that is set, with what Marrow goes by where nothing is. */
export function SettingLine({ setting, sought = false }: { setting: Setting; sought?: boolean }) {
  const { field, typed } = setting;
  // A choice always stands at one of its options; what is typed is the keeper's own, or nothing.
  const start = typed ?? (field.type === 'choice' ? (field.usual ?? '') : '');
  // Null while nothing is typed over what stands.
  const [own, setOwn] = useState<Value | null>(null);
  const value = own ?? start;
  const say = useSay();
  const maySet = may(usePresent(), 'keeper');
  const put = useKeepSetting(field.key);
  const keep = (next: string, evenSo = false) =>
    void afterwards(put.mutateAsync({ value: next, evenSo }), (now) => {
      say(`${field.label}: ${now.now}`);
      // What was typed since stays.
      setOwn((since) => (since === own ? null : since));
    });
  const refused = put.error instanceof Refused ? put.error : undefined;
  const question = refused?.fields['even_so'];
  const error = question === undefined ? (refused?.fields['value'] ?? refused?.message) : undefined;
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
        disabled={!maySet || String(value) === start || put.isPending}
        aria-label={`Keep: ${field.label}`}
      >
        Keep
      </Button>
      <Box sx={{ gridColumn: '1 / -1' }}>
        {question !== undefined && (
          <TurnsTheYear
            question={question}
            onYes={() => keep(String(value), true)}
            onNo={() => {
              setOwn(null);
              put.reset();
            }}
          />
        )}
        {field.key === 'latitude' && <WhereThisIs disabled={!maySet} />}
        <Waiting write={put} />
      </Box>
    </Box>
  );
}

const said = ({ typed, now, usual }: Setting) =>
  typed === null ? (now === 'not set' ? 'Not set' : `Now ${now}`) : `Left empty: ${usual}`;
