import { keys } from '../api/keys';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused, take, type CropFigure } from '../api/client';
import { afterwards, useVarieties, useWrite } from '../api/queries';
import { Section, Trouble } from '../kit/Section';
import { Labelled, TextInput } from '../kit/fields';
import { Waiting } from '../kit/Waiting';

/** The figures that everything is reckoned with; a keeper who knows better for the own garden says so here. */
export function OwnFigures({ cropKey }: { cropKey: string }) {
  const [variety, setVariety] = useState('');
  const varieties = useVarieties();
  const ours = (varieties.data ?? []).filter(({ crop }) => crop === cropKey);
  const figures = useQuery({
    queryKey: keys.figures(cropKey, variety),
    queryFn: () =>
      take(api.GET('/crops/{key}/figures', { params: { path: { key: cropKey }, query: { variety } } })),
  });
  const [asked, ask] = useState(false);
  const own = (figures.data ?? []).some((figure) => figure.own);
  const open = asked || own || variety !== '';
  return (
    <Section
      title="Your own figures"
      action={!open && <Button onClick={() => ask(true)}>See the figures</Button>}
    >
      <p style={{ marginTop: 0, maxWidth: '46em' }}>
        The handbook’s figures are of general practice. Where your garden is otherwise, put your own; the
        handbook’s stays beside it, and everything is reckoned afresh.
      </p>
      {open && ours.length > 0 && (
        <Box sx={{ maxWidth: 360, mb: 1.5 }}>
          <Labelled label="For">
            {({ id }) => (
              <Select
                fullWidth
                displayEmpty
                value={variety}
                onChange={(event) => setVariety(event.target.value)}
                inputProps={{ id }}
                SelectDisplayProps={{ 'aria-label': 'For' }}
              >
                <MenuItem value="">all varieties</MenuItem>
                {ours.map((v) => (
                  <MenuItem key={v.id} value={v.id}>
                    {v.name} only
                  </MenuItem>
                ))}
              </Select>
            )}
          </Labelled>
        </Box>
      )}
      {figures.error !== null && <Trouble>{figures.error.message}</Trouble>}
      {(open ? (figures.data ?? []) : [])
        .filter(({ value, original }) => value !== null || original !== null)
        .map((figure) => (
          <Figure key={`${variety}${figure.path}${figure.value}`} {...{ cropKey, variety, figure }} />
        ))}
      <Button component="a" href={`/api/crops/${cropKey}/file`} download sx={{ mt: 1.5 }}>
        This crop as a file
      </Button>
    </Section>
  );
}

function Figure({ cropKey, variety, figure }: { cropKey: string; variety: string; figure: CropFigure }) {
  const [typed, setTyped] = useState(figure.own ? String(figure.value) : '');
  const put = useWrite((value: string) =>
    take(
      api.PUT('/crops/{key}/figures', {
        params: { path: { key: cropKey } },
        body: { path: figure.path, value, variety },
      }),
    ),
  );
  const label = figure.label.charAt(0).toUpperCase() + figure.label.slice(1);
  const changed = typed.trim() !== (figure.own ? String(figure.value) : '');
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void afterwards(put.mutateAsync(typed), () => undefined);
      }}
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '1fr 200px 90px' },
        gap: 1,
        alignItems: 'end',
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        py: 1,
      })}
    >
      <Box sx={{ alignSelf: 'center' }}>
        {label}:{' '}
        <Box component={figure.own ? 's' : 'b'}>
          {figure.original} {figure.unit}
        </Box>
        {figure.own && (
          <b>
            {' '}
            {figure.value} {figure.unit}, yours
          </b>
        )}
      </Box>
      <TextInput
        label={`Yours: ${figure.label}`}
        hidden
        unit={figure.unit}
        inputMode="decimal"
        error={put.error instanceof Refused ? (put.error.fields['value'] ?? put.error.message) : undefined}
        value={typed}
        onChange={setTyped}
      />
      <Button type="submit" disabled={!changed || put.isPending}>
        {typed.trim() === '' && figure.own ? 'Undo' : 'Keep'}
      </Button>
      <Box sx={{ gridColumn: '1 / -1' }}>
        <Waiting write={put} />
      </Box>
    </Box>
  );
}
