import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import { LineChart } from '@mui/x-charts/LineChart';
import type { DryingChart as Chart } from '../../api/client';
import { moisture } from '../../kit/words';
import { useSpoken } from '../../kit/spoken';
import { ChartBox, useInk } from '../../charts/Chart';

/** A lot's way to dry: what was weighed or read, the band in which it goes on, and where it is dry enough. */
export function DryingChart({ chart }: { chart: Chart }) {
  const { grams } = useSpoken();
  const { ink, quiet, alarm } = useInk();
  const { measured, course, target } = chart;
  const say = (figure: number) => (chart.unit === 'g' ? grams(figure) : moisture(figure));
  const hours = [...new Set([...measured, ...course].map((p) => p.hours))].toSorted((a, b) => a - b);
  const at = (points: Chart['course'], hour: number) => points.find((p) => p.hours === hour);
  const all = [...measured, ...course].flatMap(({ low, high }) => [low, high]);
  const low = Math.min(...all, target ?? Infinity);
  const high = Math.max(...all, target ?? -Infinity);
  const room = (high - low) * 0.18 || 1;
  // Stacked: an unseen area up to the lower limit, and the band on top of it.
  const unseen = { stack: 'band', area: true, showMark: false, disableHighlight: true } as const;
  const none = () => null as never;
  return (
    <ChartBox says={chart.says}>
      <LineChart
        height={260}
        hideLegend
        skipAnimation
        margin={{ top: 26, right: 24, left: 0, bottom: 0 }}
        xAxis={[
          {
            height: 52,
            data: hours.map((hour) => hour / 24),
            min: Math.min(0, (hours[0] ?? 0) / 24),
            tickMinStep: 1,
            label: 'days since it was spread',
            valueFormatter: (days: number) => String(Number(days.toFixed(1))),
          },
        ]}
        yAxis={[
          {
            min: chart.unit === '%' ? 0 : Math.max(0, low - room),
            max: high + room,
            width: 64,
            valueFormatter: (figure: number) => say(figure),
          },
        ]}
        series={[
          {
            id: 'low',
            data: hours.map((hour) => at(course, hour)?.low ?? null),
            ...unseen,
            color: 'transparent',
            valueFormatter: none,
          },
          {
            id: 'band',
            data: hours.map((hour) => {
              const p = at(course, hour);
              return p === undefined ? null : p.high - p.low;
            }),
            ...unseen,
            color: quiet,
            valueFormatter: none,
          },
          {
            id: 'course',
            data: hours.map((hour) => at(course, hour)?.value ?? null),
            curve: 'linear',
            color: ink,
            showMark: false,
            connectNulls: true,
            valueFormatter: (figure, { dataIndex }) => {
              const p = at(course, hours[dataIndex] ?? NaN);
              return figure === null || p === undefined
                ? ''
                : `about ${say(figure)}, ${say(p.low)} to ${say(p.high)}`;
            },
          },
          ...(['low', 'high'] as const)
            // The ends of a range that was read; a weighing has none.
            .filter(() => measured.some((p) => p.high > p.low))
            .map((end) => ({
              id: `read-${end}`,
              data: hours.map((hour) => at(measured, hour)?.[end] ?? null),
              color: ink,
              showMark: true,
              shape: 'square' as const,
              valueFormatter: none,
            })),
          {
            id: 'measured',
            data: hours.map((hour) => at(measured, hour)?.value ?? null),
            curve: 'linear',
            color: ink,
            showMark: true,
            connectNulls: true,
            valueFormatter: (figure, { dataIndex }) =>
              figure === null ? '' : (at(measured, hours[dataIndex] ?? NaN)?.says ?? ''),
          },
        ]}
        sx={{
          '& .MuiLineChart-line[data-series="low"], & .MuiLineChart-line[data-series="band"], & .MuiLineChart-line[data-series^="read-"]':
            { stroke: 'none' },
          '& .MuiLineChart-line[data-series="course"]': { strokeDasharray: '6 5' },
          '& .MuiLineChart-area[data-series="low"]': { fill: 'none' },
          // The library brightens areas, which would turn this one white on white.
          '& .MuiLineChart-area[data-series="band"]': { filter: 'none', opacity: 1 },
        }}
      >
        {target !== null && (
          <ChartsReferenceLine
            y={target}
            label={`dry enough for a jar at ${say(target)}`}
            labelAlign="start"
            spacing={{ x: 6, y: -20 }}
            lineStyle={{ stroke: alarm, strokeWidth: 2, strokeDasharray: '7 5' }}
            labelStyle={{ fill: alarm }}
          />
        )}
      </LineChart>
    </ChartBox>
  );
}
