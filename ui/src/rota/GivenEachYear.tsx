import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Refused, type Rota } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards, useSettings } from '../api/queries';
import { Section, Trouble } from '../kit/Section';
import { TextInput } from '../kit/fields';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { SettingLine } from '../record/SettingLine';
import { saveWish, useRotaWrite } from './useRota';
import { withYear } from './wishes';

type Year = Rota['years'][number];

const percent = (share: number) => `${Math.round(100 * share)} %`;
const figure = (amount: number) => String(Math.round(amount * 10) / 10);

/** What each year asks of ground, hours and cages, and what is given. */
export function GivenEachYear({ rota }: { rota: Rota }) {
  const { season } = useSpoken();
  const [open, setOpen] = useState(false);
  const settings = useSettings();
  const mayChange = may(usePresent(), 'keeper');
  const rows: [string, (year: Year) => string, (year: Year) => boolean][] = [
    [
      'Ground, m²',
      (y) => `${figure(y.area_m2)}${y.area_limit === null ? '' : ` of ${figure(y.area_limit)}`}`,
      (y) => y.area_limit !== null && y.area_m2 >= 0.95 * y.area_limit,
    ],
    ...(rota.beds === null
      ? []
      : [
          [
            'Of all beds',
            (y: Year) => percent(y.area_m2 / (rota.beds ?? 1)),
            (y: Year) => y.area_m2 > (rota.beds ?? Infinity),
          ] satisfies [string, (year: Year) => string, (year: Year) => boolean],
        ]),
    [
      'Work, h',
      (y) => `${figure(y.hours)}${y.hours_limit === null ? '' : ` of ${figure(y.hours_limit)}`}`,
      (y) => y.hours_limit !== null && y.hours >= 0.95 * y.hours_limit,
    ],
    [
      'Cages',
      (y) => `${figure(y.cages)}${y.cages_limit === null ? '' : ` of ${figure(y.cages_limit)}`}`,
      (y) => y.cages_limit !== null && y.cages >= y.cages_limit && y.cages > 0,
    ],
  ];
  return (
    <Section
      title="What each year asks"
      action={
        mayChange ? (
          <Button variant="text" onClick={() => setOpen(!open)} sx={{ '@media print': { display: 'none' } }}>
            {open ? 'Close' : 'What you give …'}
          </Button>
        ) : undefined
      }
    >
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            '& th, & td': { textAlign: 'left', pr: 3, py: 0.25, whiteSpace: 'nowrap' },
          }}
        >
          <thead>
            <tr>
              <td />
              {rota.years.map(({ year }) => (
                <th key={year} scope="col">
                  {season(year)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([label, say, isFull]) => (
              <tr key={label}>
                <Box component="th" scope="row" sx={{ fontWeight: 400 }}>
                  {label}
                </Box>
                {rota.years.map((year) => (
                  <Box component="td" key={year.year} sx={{ fontWeight: isFull(year) ? 700 : 400 }}>
                    {say(year)}
                  </Box>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <Ground rota={rota} />
      {rota.crossings.length > 0 && (
        <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5 }}>
          {rota.crossings.map((crossing) => (
            <li key={crossing}>{crossing}</li>
          ))}
        </Box>
      )}
      {open && (
        <Box sx={{ maxWidth: 620, mt: 2 }}>
          <OneYear rota={rota} />
          {settings.data
            ?.find(({ title }) => title === 'Over the years')
            ?.settings.map((setting) => (
              <SettingLine key={setting.field.key} setting={setting} />
            ))}
        </Box>
      )}
    </Section>
  );
}

function Ground({ rota }: { rota: Rota }) {
  const mean = rota.years.reduce((sum, { area_m2 }) => sum + area_m2, 0) / Math.max(1, rota.years.length);
  return (
    <Box sx={{ mt: 1 }}>
      Own seed wants {figure(mean)} m² of ground a year in the mean
      {rota.beds === null || rota.beds === 0
        ? '. How much of the garden that is, the beds of a plan say.'
        : `, ${percent(mean / rota.beds)} of the ${figure(rota.beds)} m² of beds.`}
    </Box>
  );
}

/** A year in which there is less to give, or more. */
function OneYear({ rota }: { rota: Rota }) {
  const [typed, setTyped] = useState({ year: '', area_m2: '', hours: '', cages: '' });
  const write = useRotaWrite(saveWish(rota.version));
  const say = useSay();
  const number = (text: string) => (text.trim() === '' ? null : (text.trim() as unknown as number));
  const refused = write.error instanceof Refused ? write.error : undefined;
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const { year, ...given } = typed;
        const said = `What is given in ${year}`;
        void afterwards(
          write.mutateAsync({
            wish: withYear(rota.wish, Number(year), {
              area_m2: number(given.area_m2),
              hours: number(given.hours),
              cages: number(given.cages),
            }),
            said,
          }),
          () => say(said),
        );
      }}
      sx={{ mb: 2 }}
    >
      <Box sx={{ fontWeight: 700, mb: 1 }}>One year otherwise</Box>
      <Box
        sx={{
          display: 'grid',
          gap: 1,
          gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, 1fr) auto' },
          alignItems: 'end',
        }}
      >
        {(
          [
            ['year', 'The year', ''],
            ['area_m2', 'Ground', 'm²'],
            ['hours', 'Hours', 'h'],
            ['cages', 'Cages', ''],
          ] as const
        ).map(([key, label, unit]) => (
          <TextInput
            key={key}
            label={label}
            unit={unit}
            inputMode="decimal"
            value={typed[key]}
            onChange={(value) => setTyped({ ...typed, [key]: value })}
          />
        ))}
        <Button type="submit" disabled={typed.year.trim() === '' || write.isPending}>
          Keep
        </Button>
      </Box>
      {write.error !== null && (
        <Trouble>{Object.values(refused?.fields ?? {})[0] ?? write.error.message}</Trouble>
      )}
    </Box>
  );
}
