import { useSpoken } from '../kit/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useRef, useState } from 'react';
import type { Plan } from '../api/client';
import { useInk } from '../charts/Chart';

/** Drawn to be read at its own size: on a phone there is room for numbers, and their names stand under the map. */
const drawn = (narrow: boolean) => (narrow ? { width: 380, pad: 36 } : { width: 760, pad: 46 });

type Point = { x: number; y: number };

/**
 * The garden to scale. A planting is dragged, or chosen and moved by typing; so are beds while the garden itself is
 * looked at. Pairs at risk are joined by a line.
 */
export function PlanMap({
  plan,
  chosen,
  moving = 'plantings',
  onChoose,
  onMove,
  onMoveBed,
}: {
  plan: Plan;
  chosen: string | null;
  moving?: 'plantings' | 'beds';
  onChoose: (id: string) => void;
  onMove: (id: string, x: number, y: number) => void;
  onMoveBed: (id: string, x: number, y: number) => void;
}) {
  const { metres } = useSpoken();
  const ink = useInk();
  const narrow = useMediaQuery('(max-width: 720px)');
  const { width, pad } = drawn(narrow);
  const { ground, beds, barriers, sources, plantings } = plan.content;
  const scale = (width - 2 * pad) / ground.width;
  const height = ground.depth * scale + 2 * pad;
  const px = (metres: number) => pad + metres * scale;
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ id: string; from: Point; by: Point } | null>(null);
  const metresAt = (event: React.PointerEvent): Point => {
    const box = svg.current?.getBoundingClientRect();
    const ratio = box === undefined || box.width === 0 ? 1 : width / box.width;
    return {
      x: ((event.clientX - (box?.left ?? 0)) * ratio - pad) / scale,
      y: ((event.clientY - (box?.top ?? 0)) * ratio - pad) / scale,
    };
  };
  const spotOf = (id: string) => {
    const spot = plantings.find((p) => p.id === id)?.spot ?? beds.find((b) => b.id === id);
    if (spot === undefined) return undefined;
    if (drag?.id !== id) return spot;
    const within = (at: number, most: number) => Math.round(Math.min(Math.max(0, at), most) * 10) / 10;
    return {
      ...spot,
      x: within(spot.x + drag.by.x, ground.width - spot.width),
      y: within(spot.y + drag.by.y, ground.depth - spot.depth),
    };
  };
  const middle = (id: string): Point | undefined => {
    const spot = spotOf(id);
    if (spot !== undefined) return { x: spot.x + spot.width / 2, y: spot.y + spot.depth / 2 };
    const source = sources.find((s) => s.id === id);
    return source && nearest(source, ground).rim;
  };
  const pairs = plan.risks
    .filter(({ verdict }) => verdict === 'act')
    .flatMap((risk) =>
      risk.sources
        .filter(({ verdict }) => verdict === 'act')
        .map((source) => ({ kept: risk.planting, source: source.id })),
    );
  const standing = plantings.filter(({ out }) => !out);
  const outside = sources.map((source, i) => {
    const { rim, away } = nearest(source, ground);
    return {
      ...source,
      rim,
      letter: String.fromCharCode(65 + (i % 26)),
      said: away < 1 ? 'in the garden' : `${metres(Math.round(away))} off`,
    };
  });
  return (
    <Box sx={{ maxWidth: 980 }}>
      <svg
        ref={svg}
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        role="group"
        aria-label={`The garden, ${metres(ground.width)} by ${metres(ground.depth)}`}
        style={{ display: 'block', fontVariantNumeric: 'tabular-nums' }}
        onPointerMove={(event) => {
          if (drag === null) return;
          const at = metresAt(event);
          setDrag({ ...drag, by: { x: at.x - drag.from.x, y: at.y - drag.from.y } });
        }}
        onPointerUp={() => {
          if (drag === null) return;
          const spot = spotOf(drag.id);
          const bed = beds.find((b) => b.id === drag.id);
          const before = bed ?? plantings.find((p) => p.id === drag.id)?.spot;
          setDrag(null);
          if (spot === undefined || before === undefined) return;
          if (bed !== undefined) onMoveBed(drag.id, spot.x, spot.y);
          else if (Math.hypot(spot.x - before.x, spot.y - before.y) < 0.15) onChoose(drag.id);
          else onMove(drag.id, spot.x, spot.y);
        }}
        onPointerLeave={() => setDrag(null)}
      >
        <rect
          x={px(0)}
          y={px(0)}
          width={ground.width * scale}
          height={ground.depth * scale}
          fill={ink.ground}
          stroke={ink.ink}
          strokeWidth={2}
        />
        {beds.map(({ id, name }) => {
          const bed = spotOf(id);
          if (bed === undefined) return null;
          return (
            <g
              key={id}
              style={moving === 'beds' ? { cursor: 'grab', touchAction: 'none' } : undefined}
              onPointerDown={(event) => {
                if (moving !== 'beds') return;
                event.preventDefault();
                setDrag({ id, from: metresAt(event), by: { x: 0, y: 0 } });
              }}
            >
              <rect
                x={px(bed.x)}
                y={px(bed.y)}
                width={bed.width * scale}
                height={bed.depth * scale}
                fill={ink.quiet}
                fillOpacity={0.55}
                stroke={moving === 'beds' ? ink.ink : ink.faint}
                strokeDasharray={moving === 'beds' ? '6 4' : undefined}
              />
              {!narrow && (
                <text x={px(bed.x)} y={px(bed.y) - 4} fontSize={13} fill={ink.faint}>
                  {name}
                </text>
              )}
            </g>
          );
        })}
        {barriers.map((b) => (
          <line
            key={b.id}
            x1={clamp(px(b.x1), width)}
            y1={clamp(px(b.y1), height)}
            x2={clamp(px(b.x2), width)}
            y2={clamp(px(b.y2), height)}
            stroke={ink.ink}
            strokeWidth={b.kind === 'hedge' ? 7 : 9}
            strokeDasharray={b.kind === 'hedge' ? '3 5' : undefined}
            opacity={0.75}
          />
        ))}
        {pairs.map(({ kept, source }) => {
          const a = middle(kept);
          const b = middle(source);
          return (
            a &&
            b && (
              <line
                key={`${kept} ${source}`}
                x1={px(a.x)}
                y1={px(a.y)}
                x2={px(b.x)}
                y2={px(b.y)}
                stroke={ink.alarm}
                strokeWidth={3}
              />
            )
          );
        })}
        {standing.map(({ id, plants }, i) => {
          const spot = spotOf(id);
          const course = plan.plantings.find((p) => p.id === id);
          if (spot === undefined || course === undefined) return null;
          const alarmed = course.verdict === 'act';
          return (
            <g
              key={id}
              role="button"
              tabIndex={0}
              aria-label={`${course.variety}, ${plants} plants${alarmed ? ', would cross' : ''}`}
              style={{
                cursor: drag?.id === id ? 'grabbing' : 'grab',
                touchAction: 'none',
                pointerEvents: moving === 'beds' ? 'none' : undefined,
              }}
              onPointerDown={(event) => {
                event.preventDefault();
                setDrag({ id, from: metresAt(event), by: { x: 0, y: 0 } });
              }}
              onKeyDown={(event) => {
                const step: Record<string, Point> = {
                  ArrowLeft: { x: -0.1, y: 0 },
                  ArrowRight: { x: 0.1, y: 0 },
                  ArrowUp: { x: 0, y: -0.1 },
                  ArrowDown: { x: 0, y: 0.1 },
                };
                const by = step[event.key];
                if (event.key === 'Enter' || event.key === ' ') onChoose(id);
                if (by === undefined) return;
                event.preventDefault();
                onMove(id, round(spot.x + by.x), round(spot.y + by.y));
              }}
            >
              <rect
                x={px(spot.x)}
                y={px(spot.y)}
                width={spot.width * scale}
                height={spot.depth * scale}
                fill={chosen === id ? ink.ink : ink.ground}
                stroke={alarmed ? ink.alarm : ink.ink}
                strokeWidth={alarmed ? 4 : 2}
              />
              <Label
                words={narrow ? String(i + 1) : course.variety}
                x={px(spot.x + spot.width / 2)}
                y={px(spot.y + spot.depth / 2)}
                room={spot.width * scale}
                fill={chosen === id ? ink.ground : ink.ink}
                halo={chosen === id ? ink.ink : ink.ground}
              />
            </g>
          );
        })}
        {outside.map((source) => (
          <g key={source.id} role="img" aria-label={`${source.letter}: ${source.name}, ${source.said}`}>
            <circle
              cx={px(source.rim.x)}
              cy={px(source.rim.y)}
              r={11}
              fill={ink.ground}
              stroke={ink.ink}
              strokeWidth={2}
            />
            <text
              x={px(source.rim.x)}
              y={px(source.rim.y) + 5}
              fontSize={14}
              fontWeight={700}
              textAnchor="middle"
              fill={ink.ink}
            >
              {source.letter}
            </text>
          </g>
        ))}
        <Compass north={ground.north} wind={ground.wind} x={width - 24} y={24} />
        <ScaleBar scale={scale} x={pad} y={height - 12} />
      </svg>
      {narrow && (
        <Box
          component="ol"
          aria-label="What the numbers are"
          sx={{
            listStyle: 'none',
            m: 0,
            mb: 1,
            p: 0,
            display: 'grid',
            gridTemplateColumns: '1fr 1fr',
            columnGap: 1,
          }}
        >
          {standing.map(({ id }, i) => {
            const course = plan.plantings.find((p) => p.id === id);
            return (
              course && (
                <li key={id}>
                  <Button
                    variant="text"
                    onClick={() => onChoose(id)}
                    sx={{
                      justifyContent: 'start',
                      textAlign: 'left',
                      width: '100%',
                      px: 0.5,
                      fontWeight: 400,
                    }}
                  >
                    <Box
                      component="b"
                      sx={{ minWidth: 26, color: course.verdict === 'act' ? ink.alarm : undefined }}
                    >
                      {i + 1}
                    </Box>
                    {course.variety}
                  </Button>
                </li>
              )
            );
          })}
        </Box>
      )}
      {outside.length > 0 && (
        <Box
          component="ul"
          aria-label="What flowers around"
          sx={{ listStyle: 'none', m: 0, p: 0, columnGap: 3, display: 'flex', flexWrap: 'wrap' }}
        >
          {outside.map(({ id, letter, name, said }) => (
            <li key={id}>
              <b>{letter}</b> {name}, {said}
            </li>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Label({
  words,
  x,
  y,
  room,
  fill,
  halo,
}: {
  words: string;
  x: number;
  y: number;
  room: number;
  fill: string;
  halo: string;
}) {
  const fits = Math.max(3, Math.floor(room / 7.4));
  const lines = words.split(' ').reduce<string[]>((rows, word) => {
    const last = rows[rows.length - 1];
    if (last !== undefined && last.length + word.length + 1 <= fits)
      rows[rows.length - 1] = `${last} ${word}`;
    else rows.push(word);
    return rows;
  }, []);
  return (
    <text
      fontSize={13}
      fontWeight={700}
      textAnchor="middle"
      fill={fill}
      stroke={halo}
      strokeWidth={3}
      style={{ pointerEvents: 'none', paintOrder: 'stroke' }}
    >
      {lines.map((line, i) => (
        <tspan key={line} x={x} y={y + 4.5 + (i - (lines.length - 1) / 2) * 14}>
          {line}
        </tspan>
      ))}
    </text>
  );
}

/** Where north is, and where the wind mostly comes from: both matter to pollen. */
function Compass({ north, wind, x, y }: { north: number; wind: number; x: number; y: number }) {
  const { ink, faint } = useInk();
  return (
    <g
      role="img"
      aria-label={`North is ${north} degrees from the top; the wind comes mostly from ${wind} degrees`}
    >
      <g transform={`rotate(${north} ${x} ${y})`}>
        <path d={`M ${x} ${y - 18} L ${x + 6} ${y + 8} L ${x} ${y + 3} L ${x - 6} ${y + 8} Z`} fill={ink} />
        <text x={x} y={y - 4} fontSize={0}>
          N
        </text>
      </g>
      <text x={x - 14} y={y - 6} fontSize={13} textAnchor="end" fill={ink}>
        north
      </text>
      <g transform={`rotate(${north + wind} ${x - 86} ${y - 4})`}>
        <path
          d={`M ${x - 86} ${y - 18} L ${x - 86} ${y + 8} M ${x - 91} ${y + 2} L ${x - 86} ${y + 9} L ${x - 81} ${y + 2}`}
          stroke={faint}
          strokeWidth={2}
          fill="none"
        />
      </g>
      <text x={x - 102} y={y - 6} fontSize={13} textAnchor="end" fill={ink}>
        wind
      </text>
    </g>
  );
}

function ScaleBar({ scale, x, y }: { scale: number; x: number; y: number }) {
  const { roundDistance } = useSpoken();
  const { ink } = useInk();
  const bar = roundDistance(60 / scale);
  return (
    <g>
      <path
        d={`M ${x} ${y - 6} V ${y} H ${x + bar.metres * scale} V ${y - 6}`}
        stroke={ink}
        strokeWidth={2}
        fill="none"
      />
      <text x={x + bar.metres * scale + 6} y={y} fontSize={13} fill={ink}>
        {bar.said}
      </text>
    </g>
  );
}

const round = (metres: number) => Math.round(metres * 10) / 10;

const clamp = (at: number, most: number) => Math.max(4, Math.min(most - 4, at));

type Place = Point & { width: number; depth: number };

/** Where on the rim of the garden something outside is nearest, and how far off it is from there. */
function nearest(place: Place, ground: { width: number; depth: number }): { rim: Point; away: number } {
  const along = (from: number, long: number, most: number) => {
    const low = Math.max(0, from);
    const high = Math.min(most, from + long);
    return low <= high
      ? { at: (low + high) / 2, off: 0 }
      : from > most
        ? { at: most, off: from - most }
        : { at: 0, off: -(from + long) };
  };
  const x = along(place.x, place.width, ground.width);
  const y = along(place.y, place.depth, ground.depth);
  return { rim: { x: x.at, y: y.at }, away: Math.hypot(x.off, y.off) };
}
