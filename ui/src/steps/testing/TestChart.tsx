import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import { LineChart } from '@mui/x-charts/LineChart';
import type { Test } from '../../api/client';
import { percent } from '../../kit/words';
import { ChartBox, useInk } from '../../charts/Chart';

/** The share that has come up, day by day, against the marks that decide what it means. */
export function TestChart({ test }: { test: Test }) {
  const { ink, faint } = useInk();
  if (test.counts.length === 0) return null;
  const sown = Math.max(1, test.sown);
  const counted = new Map([[0, 0], ...test.counts.map((c): [number, number] => [c.day, c.total / sown])]);
  const days = [...new Set([...counted.keys(), ...test.usual.keys()])].toSorted((a, b) => a - b);
  const last = Math.max(...test.counts.map((c) => c.day));
  return (
    <ChartBox says={`${test.germinated} of ${sown} seeds had come up by day ${last}.`}>
      <LineChart
        height={230}
        hideLegend
        skipAnimation
        margin={{ top: 12, right: 24, left: 0, bottom: 0 }}
        xAxis={[
          {
            height: 52,
            data: days,
            min: 0,
            max: Math.max(test.last_count, last),
            label: 'days since it was set',
            tickMinStep: 1,
          },
        ]}
        yAxis={[{ min: 0, max: 1, width: 60, valueFormatter: (share: number) => percent(share) }]}
        series={[
          {
            id: 'usual',
            data: days.map((day) => test.usual[day] ?? null),
            curve: 'linear',
            color: faint,
            showMark: false,
            valueFormatter: (share) => (share === null ? '' : `${percent(share)} usual of fresh seed`),
          },
          {
            id: 'counted',
            data: days.map((day) => counted.get(day) ?? null),
            curve: 'linear',
            color: ink,
            showMark: true,
            connectNulls: true,
            valueFormatter: (share) => (share === null ? '' : percent(share)),
          },
        ]}
        sx={{ '& .MuiLineChart-line[data-series="usual"]': { strokeDasharray: '2 6' } }}
      >
        <ChartsReferenceLine
          y={test.good}
          label={`${percent(test.good)}: sow as usual above`}
          labelAlign="start"
          lineStyle={{ stroke: faint, strokeDasharray: '7 5' }}
          labelStyle={{ fill: faint }}
        />
        <ChartsReferenceLine
          y={test.poor}
          label={`${percent(test.poor)}: do not rely on it below`}
          labelAlign="start"
          lineStyle={{ stroke: faint, strokeDasharray: '7 5' }}
          labelStyle={{ fill: faint }}
        />
      </LineChart>
    </ChartBox>
  );
}
