import { BarPlot } from '@mui/x-charts/BarChart';
import { ChartsContainer } from '@mui/x-charts/ChartsContainer';
import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import { ChartsXAxis } from '@mui/x-charts/ChartsXAxis';
import { ChartsYAxis } from '@mui/x-charts/ChartsYAxis';
import { AreaPlot, LinePlot } from '@mui/x-charts/LineChart';
import type { DrawnMeasure } from '../api/client';
import { useSpoken } from '../kit/spoken';
import { ChartBox, useInk } from './Chart';

/** What was measured day by day: from the least to the greatest as a band with the mean in it; of rain what fell. */
export function DaysChart({
  measure,
  fill,
  done = [],
}: {
  measure: DrawnMeasure;
  fill: string;
  /** what was done there meanwhile: each a line with its name */
  done?: { day: string; says: string }[];
}) {
  const { ink } = useInk();
  const { shortDay } = useSpoken();
  const { days, unit, label } = measure;
  const at = days.map(({ day }) => new Date(`${day}T12:00`));
  const isRain = measure.measure === 'rain';
  const first = days[0]?.day ?? '';
  const last = days.at(-1)?.day ?? '';
  const begins = Date.parse(first);
  const isLate = (day: string) => (Date.parse(day) - begins) / Math.max(1, Date.parse(last) - begins) > 0.7;
  return (
    <ChartBox says={`${label}, ${unit}, ${shortDay(first)} to ${shortDay(last)}.`}>
      <ChartsContainer
        height={220}
        skipAnimation
        margin={{ top: 12, right: 16, left: 0, bottom: 0 }}
        xAxis={[
          isRain
            ? {
                data: at,
                scaleType: 'band',
                height: 30,
                valueFormatter: (day: Date) => monthOf(day),
                tickInterval: (day: Date) => day.getDate() === 1,
              }
            : {
                data: at,
                scaleType: 'time',
                height: 30,
                valueFormatter: (day: Date) => shortDay(dayOf(day)),
                tickNumber: 6,
              },
        ]}
        yAxis={[{ width: 56, label: unit, ...(isRain ? {} : around(days)) }]}
        series={
          isRain
            ? [{ type: 'bar', data: days.map(({ mean }) => mean), color: fill }]
            : [
                {
                  type: 'line',
                  data: days.map(({ least }) => least),
                  stack: 'band',
                  color: 'transparent',
                  area: true,
                  showMark: false,
                  id: 'under',
                },
                {
                  type: 'line',
                  data: days.map(({ least, greatest }) => greatest - least),
                  stack: 'band',
                  color: `color-mix(in srgb, ${fill} 35%, transparent)`,
                  area: true,
                  showMark: false,
                  id: 'band',
                },
                { type: 'line', data: days.map(({ mean }) => mean), color: ink, showMark: false, id: 'mean' },
              ]
        }
      >
        {isRain ? <BarPlot /> : <AreaPlot />}
        {!isRain && <LinePlot />}
        {!isRain &&
          done
            .filter(({ day }) => day >= first && day <= last)
            .map(({ day, says }, i) => (
              <ChartsReferenceLine
                key={`${day} ${says}`}
                x={new Date(`${day}T12:00`)}
                label={says}
                labelAlign="start"
                // One below the other, or those that lie near would cover each other.
                spacing={{ x: isLate(day) ? -5 : 5, y: 4 + (i % 3) * 18 }}
                // Near the end there is room on its left alone.
                labelStyle={{ textAnchor: isLate(day) ? 'end' : 'start' }}
                lineStyle={{ stroke: ink, strokeWidth: 2, strokeDasharray: '4 3' }}
              />
            ))}
        <ChartsXAxis />
        <ChartsYAxis />
      </ChartsContainer>
    </ChartBox>
  );
}

const dayOf = (day: Date) =>
  `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`;
const monthOf = (day: Date) => day.toLocaleDateString('en-GB', { month: 'short' });

/** The whole figures around all that was measured. */
function around(days: DrawnMeasure['days']): { min: number; max: number } {
  const least = Math.min(...days.map((day) => day.least));
  const greatest = Math.max(...days.map((day) => day.greatest));
  return { min: Math.floor(least) - 1, max: Math.ceil(greatest) + 1 };
}
