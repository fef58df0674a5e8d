import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import { LineChart } from '@mui/x-charts/LineChart';
import dayjs from 'dayjs';
import type { Forecast } from '../../api/client';
import { monthName, percent } from '../../kit/words';
import { ChartBox, useInk } from '../../charts/Chart';

/** How the share alive is expected to fall, with the band in which it may really lie. */
export function ForecastChart({ forecast, on }: { forecast: Forecast; on: string }) {
  const { ink, faint, quiet, alarm } = useInk();
  const points = forecast.points;
  return (
    <ChartBox says={`${forecast.sentence} ${forecast.range}`}>
      <LineChart
        height={260}
        hideLegend
        skipAnimation
        margin={{ top: 22, right: 40, left: 0, bottom: 0 }}
        xAxis={[
          {
            scaleType: 'time',
            data: points.map((p) => dayjs(p.at).toDate()),
            tickNumber: 6,
            domainLimit: 'strict',
            valueFormatter: (at: Date) => `${monthName(at.getMonth()).slice(0, 3)} ${at.getFullYear()}`,
          },
        ]}
        yAxis={[{ min: 0, max: 1, width: 60, valueFormatter: (share: number) => percent(share) }]}
        series={[
          // The band is the space between two stacked areas: an unseen one up to the lower limit, and the rest.
          {
            id: 'low',
            data: points.map((p) => p.low),
            stack: 'band',
            area: true,
            showMark: false,
            color: 'transparent',
            disableHighlight: true,
            valueFormatter: () => null as never,
          },
          {
            id: 'band',
            data: points.map((p) => p.high - p.low),
            stack: 'band',
            area: true,
            showMark: false,
            color: quiet,
            disableHighlight: true,
            valueFormatter: () => null as never,
          },
          {
            id: 'share',
            data: points.map((p) => p.share),
            showMark: false,
            color: ink,
            valueFormatter: (share, { dataIndex }) => {
              const p = points[dataIndex];
              return share === null || p === undefined
                ? ''
                : `${percent(share)}, likely ${percent(p.low)} to ${percent(p.high)}`;
            },
          },
        ]}
        sx={{
          '& .MuiLineChart-line[data-series="low"], & .MuiLineChart-line[data-series="band"]': {
            stroke: 'none',
          },
          '& .MuiLineChart-area[data-series="low"]': { fill: 'none' },
          // The library brightens areas, which would turn this one white on white.
          '& .MuiLineChart-area[data-series="band"]': { filter: 'none', opacity: 1 },
        }}
      >
        <ChartsReferenceLine
          y={forecast.threshold}
          label={`${percent(forecast.threshold)}: the least worth passing on`}
          labelAlign="end"
          lineStyle={{ stroke: alarm, strokeWidth: 2, strokeDasharray: '7 5' }}
          labelStyle={{ fill: alarm }}
        />
        <ChartsReferenceLine
          x={dayjs(on).toDate()}
          label="this day"
          labelAlign="end"
          lineStyle={{ stroke: faint, strokeWidth: 2 }}
          labelStyle={{ fill: faint }}
        />
      </LineChart>
    </ChartBox>
  );
}
