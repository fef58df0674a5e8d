import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import { LineChart } from '@mui/x-charts/LineChart';
import type { Drying } from '../../api/client';
import { moisture } from '../../kit/words';
import { useSpoken } from '../../kit/spoken';
import { ChartBox, useInk } from '../../charts/Chart';

/** Weight against time, with the weight at which the seed may be jarred drawn in. */
export function DryingChart({ drying }: { drying: Drying }) {
  const { grams } = useSpoken();
  const { ink, alarm } = useInk();
  const points = drying.weighings;
  const last = points[points.length - 1];
  if (points.length < 2 || last === undefined) return null;
  const target = drying.target_grams;
  const low = Math.min(...points.map((p) => p.grams), target ?? Infinity);
  const high = Math.max(...points.map((p) => p.grams));
  const room = (high - low) * 0.22 || 1;
  return (
    <ChartBox
      says={`Weight fell from ${grams(points[0]?.grams ?? 0)} to ${grams(last.grams)} in ${Math.round(last.hours / 24)} days${target === null ? '' : `; it may be jarred at ${grams(target)}`}.`}
    >
      <LineChart
        height={250}
        hideLegend
        skipAnimation
        margin={{ top: 26, right: 24, left: 0, bottom: 0 }}
        xAxis={[
          {
            height: 52,
            data: points.map((p) => p.hours / 24),
            min: 0,
            tickMinStep: 1,
            label: 'days since it was spread',
            valueFormatter: (days: number) => String(Number(days.toFixed(1))),
          },
        ]}
        yAxis={[{ min: low - room, max: high + room, width: 64, valueFormatter: (g: number) => grams(g) }]}
        series={[
          {
            data: points.map((p) => p.grams),
            curve: 'linear',
            color: ink,
            showMark: true,
            valueFormatter: (g, { dataIndex }) => {
              const m = points[dataIndex]?.moisture;
              return g === null
                ? ''
                : m === null || m === undefined
                  ? grams(g)
                  : `${grams(g)}, ${moisture(m)}`;
            },
          },
        ]}
      >
        {target !== null && (
          <ChartsReferenceLine
            y={target}
            label={`dry enough for a jar at ${grams(target)}`}
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
