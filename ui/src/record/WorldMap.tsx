import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { geoEquirectangular, geoGraticule, geoPath } from 'd3-geo';
import { useState, type KeyboardEvent, type MouseEvent } from 'react';
import { feature } from 'topojson-client';
import type { Topology } from 'topojson-specification';
import land from 'world-atlas/land-110m.json';
import { useSettings } from '../api/queries';
import { sayPlace, type Place } from './keepPlace';

/** A degree is two units either way, so that a place is where it is pointed at. */
const [WIDTH, HEIGHT, A_DEGREE] = [720, 360, 2];

const TROPIC = 23.4;

const projection = geoEquirectangular()
  .scale((A_DEGREE * 180) / Math.PI)
  .translate([WIDTH / 2, HEIGHT / 2]);

const path = geoPath(projection);
const atlas = land as unknown as Topology;
const LAND = atlas.objects['land'];
const COAST = LAND === undefined ? '' : (path(feature(atlas, LAND)) ?? '');
const GRID = path(geoGraticule().step([30, 30])()) ?? '';

const MOVES: Record<string, [number, number]> = {
  ArrowUp: [1, 0],
  ArrowDown: [-1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

const within = (of: number, most: number) => Math.max(-most, Math.min(most, Math.round(of)));
const y = (latitude: number) => HEIGHT / 2 - latitude * A_DEGREE;

/** The world, to point at where the garden lies, to a degree. */
export default function WorldMap({ onKeep }: { onKeep: (place: Place) => void }) {
  const set = useSettings().data?.flatMap(({ settings }) => settings);
  const stands = (key: string) => {
    const typed = set?.find(({ field }) => field.key === key)?.typed ?? '';
    return typed === '' || Number.isNaN(Number(typed)) ? undefined : Number(typed);
  };
  const [latitude, longitude] = [stands('latitude'), stands('longitude')];
  const [at, setAt] = useState<Place | undefined>(
    latitude === undefined || longitude === undefined ? undefined : { latitude, longitude },
  );
  const move = (to: Place) =>
    setAt({ latitude: within(to.latitude, 90), longitude: within(to.longitude, 180) });
  const point = (event: MouseEvent<SVGSVGElement>) => {
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    move({
      latitude: 90 - ((event.clientY - top) / height) * 180,
      longitude: ((event.clientX - left) / width) * 360 - 180,
    });
  };
  const press = (event: KeyboardEvent) => {
    const [north, east] = MOVES[event.key] ?? [0, 0];
    if (north === 0 && east === 0) return;
    event.preventDefault();
    const by = event.shiftKey ? 10 : 1;
    const from = at ?? { latitude: 0, longitude: 0 };
    move({ latitude: from.latitude + north * by, longitude: from.longitude + east * by });
  };
  return (
    <Box sx={{ my: 1 }}>
      <Box
        component="svg"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="slider"
        tabIndex={0}
        aria-label="Where the garden lies. The arrow keys move by a degree, with Shift by ten"
        aria-valuenow={at?.latitude ?? 0}
        aria-valuemin={-90}
        aria-valuemax={90}
        aria-valuetext={at === undefined ? 'nowhere yet' : sayPlace(at)}
        onClick={point}
        onKeyDown={press}
        sx={(t) => ({
          display: 'block',
          width: '100%',
          cursor: 'crosshair',
          border: `1px solid ${t.vars?.palette.quiet}`,
          '& .land': { fill: t.vars?.palette.quiet, stroke: t.vars?.palette.rule, strokeWidth: 0.75 },
          '& .grid': { fill: 'none', stroke: t.vars?.palette.quiet, strokeWidth: 0.5 },
          '& .turn': { stroke: t.vars?.palette.text.secondary, strokeWidth: 1, strokeDasharray: '6 5' },
          '& .equator': { strokeDasharray: 'none' },
          '& text': { fill: t.vars?.palette.text.secondary, fontSize: 13 },
          '& .at': { fill: 'none', stroke: t.vars?.palette.text.primary, strokeWidth: 2.5 },
        })}
      >
        <path className="grid" d={GRID} />
        <path className="land" d={COAST} />
        {[TROPIC, 0, -TROPIC].map((line) => (
          <line
            key={line}
            className={line === 0 ? 'turn equator' : 'turn'}
            x1={0}
            x2={WIDTH}
            y1={y(line)}
            y2={y(line)}
          />
        ))}
        <text x={6} y={y(0) - 5}>
          Equator
        </text>
        {at !== undefined && (
          <g className="at" transform={`translate(${WIDTH / 2 + at.longitude * A_DEGREE} ${y(at.latitude)})`}>
            <circle r={7} />
            <path d="M-15 0H-7M7 0H15M0 -15V-7M0 7V15" />
          </g>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mt: 1 }}>
        <span aria-live="polite">{at === undefined ? 'Point at where the garden lies.' : sayPlace(at)}</span>
        <Button variant="contained" disabled={at === undefined} onClick={() => at && onKeep(at)}>
          Keep this place
        </Button>
      </Box>
    </Box>
  );
}
