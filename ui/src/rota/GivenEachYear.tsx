import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Refused, type Rota } from '../api/client';
import { may, usePresent } from '../api/present';
import { afterwards, useForm, useSettings } from '../api/queries';
import { Caution, Section, Trouble } from '../kit/Section';
import { FieldInput, type Value } from '../kit/fields';
import { useRefusalInView } from '../kit/refusal';
import { useSay } from '../kit/Said';
import { useSpoken } from '../kit/spoken';
import { SettingLine } from '../record/SettingLine';
import { saveWish, useRotaWrite } from './useRota';
import { withYear } from './wishes';

type Year = Rota['years'][number];
type YearWish = Rota['wish']['years'][number];

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
      {rota.ground !== '' && <Caution>{rota.ground}</Caution>}
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

/** A year in which there is less to give, or more. What is given in it so far stands in the fields once it is named. */
function OneYear({ rota }: { rota: Rota }) {
  const [typed, setTyped] = useState<Record<string, Value>>({});
  const form = useForm('rota.year');
  const write = useRotaWrite(saveWish(rota.version));
  const say = useSay();
  const refused = write.error instanceof Refused ? write.error : undefined;
  const element = useRefusalInView(refused);
  const fields = form.data ?? [];
  const year = Number(typed['year'] ?? '');
  const was = rota.wish.years.find((one) => one.year === year);
  const stands = (key: string): Value => typed[key] ?? String(was?.[key as keyof YearWish] ?? '');
  const at = (key: string) =>
    Object.entries(refused?.fields ?? {}).find(([path]) => path.endsWith(`.${key}`))?.[1];
  return (
    <Box
      component="form"
      ref={element}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const said = `What is given in ${String(typed['year'] ?? '')}`;
        const given = Object.fromEntries(fields.map(({ key }) => [key, stands(key)])) as Partial<YearWish>;
        void afterwards(write.mutateAsync({ wish: withYear(rota.wish, year, given), said }), () => say(said));
      }}
      sx={{ mb: 2 }}
    >
      <Box sx={{ fontWeight: 700, mb: 1 }}>One year otherwise</Box>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        {fields.map((field) => (
          <FieldInput
            key={field.key}
            field={field}
            value={stands(field.key)}
            error={at(field.key)}
            onChange={(value) => setTyped({ ...typed, [field.key]: value })}
          />
        ))}
      </Box>
      <Button type="submit" sx={{ mt: 1 }} disabled={stands('year') === '' || write.isPending}>
        Keep that year
      </Button>
      {write.error !== null && fields.every(({ key }) => at(key) === undefined) && (
        <Trouble>{write.error.message}</Trouble>
      )}
    </Box>
  );
}
