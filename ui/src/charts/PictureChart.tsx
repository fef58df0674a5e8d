import { ChartsContainer } from '@mui/x-charts/ChartsContainer';
import { ChartsReferenceLine } from '@mui/x-charts/ChartsReferenceLine';
import { ChartsXAxis } from '@mui/x-charts/ChartsXAxis';
import { ChartsYAxis } from '@mui/x-charts/ChartsYAxis';
import { AreaPlot, LinePlot } from '@mui/x-charts/LineChart';
import { ScatterPlot } from '@mui/x-charts/ScatterChart';
import type { Picture } from '../api/client';
import { percent } from '../kit/words';
import { ChartBox, useInk } from './Chart';

type Mark = Picture['marks'][number];

/** A reckoning as a course: the line that was reckoned, what was asked or measured as dots, and the lines that matter. */
export function PictureChart({ picture }: { picture: Picture }) {
  const { ink, faint, quiet, alarm } = useInk();
  const { x, y, line, band, dots, marks } = picture;
  const shown = (axis: typeof x) =>
    axis.unit === '%'
      ? (share: number) => (axis.max < 0.05 ? `${Number((share * 100).toPrecision(2))} %` : percent(share))
      : (figure: number) => String(figure);
  const named = (axis: typeof x) =>
    axis.unit === '' || axis.unit === '%' ? axis.label : `${axis.label}, ${axis.unit}`;
  const part = (axis: typeof x, at: number) => (at - axis.min) / (axis.max - axis.min);
  /** Where the label of a line stands clear of the frame, of the course and of the line beside it. */
  const placed = (mark: Mark, index: number) => {
    if (mark.axis === 'x') {
      const right = part(x, mark.at) > 0.6;
      return {
        labelAlign: 'start' as const,
        spacing: { x: right ? -6 : 6, y: 4 },
        labelStyle: { textAnchor: right ? ('end' as const) : ('start' as const) },
      };
    }
    // At the end at which the course is farther away.
    const gap = (at: number | undefined) => Math.abs(part(y, at ?? y.min) - part(y, mark.at));
    const left = gap(line[0]?.[1]) > gap(line[line.length - 1]?.[1]);
    const crowded = marks.some(
      (other, i) =>
        i !== index &&
        other.axis === 'y' &&
        Math.abs(part(y, other.at) - part(y, mark.at)) < 0.1 &&
        other.at > mark.at,
    );
    return {
      labelAlign: left ? ('start' as const) : ('end' as const),
      spacing: { x: 6, y: crowded || part(y, mark.at) > 0.85 ? -20 : 5 },
      labelStyle: {},
    };
  };
  const along = line.map(([at = 0]) => at);
  return (
    <ChartBox says={picture.says}>
      <ChartsContainer
        height={300}
        skipAnimation
        margin={{ top: 24, right: 24, left: 0, bottom: 0 }}
        xAxis={[
          {
            data: along.length === 0 ? [x.min, x.max] : along,
            min: x.min,
            max: x.max,
            scaleType: 'linear',
            height: 52,
            label: named(x),
            valueFormatter: shown(x),
            tickNumber: 6,
            // Nothing counted has a tick between two whole ones.
            tickMinStep: x.unit === '' && x.max - x.min >= 1 ? 1 : undefined,
          },
        ]}
        yAxis={[
          {
            min: y.min,
            max: y.max,
            width: 84,
            label: named(y),
            valueFormatter: shown(y),
            tickNumber: 5,
          },
        ]}
        series={[
          // The band is the space between two stacked areas: an unseen one up to the lower limit, and the rest.
          ...(band.length === 0
            ? []
            : [
                {
                  type: 'line' as const,
                  id: 'low',
                  stack: 'band',
                  area: true,
                  data: band.map(([, low = 0]) => low),
                  color: 'transparent',
                },
                {
                  type: 'line' as const,
                  id: 'band',
                  stack: 'band',
                  area: true,
                  data: band.map(([, low = 0, high = 0]) => high - low),
                  color: quiet,
                },
              ]),
          ...(line.length === 0
            ? []
            : [
                {
                  type: 'line' as const,
                  id: 'line',
                  curve: 'linear' as const,
                  data: line.map(([, value = 0]) => value),
                  color: ink,
                },
              ]),
          {
            type: 'scatter' as const,
            id: 'dots',
            data: dots.map(([dx = 0, dy = 0], id) => ({ id, x: dx, y: dy })),
            markerSize: 6,
            color: ink,
          },
        ]}
        sx={{
          '& .MuiLineChart-line[data-series="low"], & .MuiLineChart-line[data-series="band"]': {
            stroke: 'none',
          },
          '& .MuiLineChart-area[data-series="low"]': { fill: 'none' },
          '& .MuiLineChart-area[data-series="band"]': { filter: 'none', opacity: 1 },
          '& .MuiLineChart-line': { strokeWidth: 3 },
        }}
      >
        <AreaPlot />
        {marks.map((mark, i) => (
          <ChartsReferenceLine
            key={`${mark.axis}${mark.at}${mark.label}`}
            {...(mark.axis === 'x' ? { x: mark.at } : { y: mark.at })}
            label={mark.label}
            {...placed(mark, i)}
            lineStyle={{ stroke: mark.alarm ? alarm : faint, strokeWidth: 2, strokeDasharray: '7 5' }}
            labelStyle={{ ...placed(mark, i).labelStyle, fill: mark.alarm ? alarm : faint }}
          />
        ))}
        <LinePlot />
        <ScatterPlot />
        <ChartsXAxis />
        <ChartsYAxis />
      </ChartsContainer>
    </ChartBox>
  );
}
