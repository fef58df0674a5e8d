import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Rota, RotaLine } from '../api/client';
import { visuallyHidden } from '../kit/fields';
import { useSpoken } from '../kit/spoken';
import { places } from '../shell/places';
import { ageing } from './ageing';

/** A growing on its way to another year. */
export type Moving = { line: string; from: number | null; to: number | null };

const ROW = 40;

/** px that a press may stray and still be a press. */
const STRAY = 6;

export function YearsTable({
  rota,
  chosen,
  onChoose,
  moving,
  onMove,
}: {
  rota: Rota;
  chosen: string | null;
  onChoose: (line: string) => void;
  moving: Moving | null;
  onMove: (moving: Moving | null) => void;
}) {
  const { season } = useSpoken();
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        sx={(t) => ({
          borderCollapse: 'collapse',
          width: '100%',
          tableLayout: 'fixed',
          '& thead th': { textAlign: 'left', fontWeight: 700, pb: 0.5 },
          '& tbody tr': { borderTop: `1px solid ${t.vars?.palette.quiet}`, breakInside: 'avoid' },
          '& td': { borderLeft: `1px solid ${t.vars?.palette.quiet}` },
        })}
      >
        <Box component="caption" sx={visuallyHidden}>
          When each line is grown for seed
        </Box>
        <colgroup>
          <col style={{ width: 190 }} />
          {rota.seasons.map((year) => (
            <col key={year} />
          ))}
          <col style={{ width: 74 }} />
        </colgroup>
        <thead>
          <tr>
            <th scope="col">Line</th>
            {rota.seasons.map((year) => (
              <th key={year} scope="col">
                {season(year)}
              </th>
            ))}
            <th scope="col" title="Chance that seed of it can be sown after the last year">
              Kept
            </th>
          </tr>
        </thead>
        <tbody>
          {rota.lines.map((line) => (
            <LineRow
              key={line.id}
              line={line}
              seasons={rota.seasons}
              isChosen={chosen === line.id}
              onChoose={() => onChoose(line.id)}
              moving={moving?.line === line.id ? moving : null}
              onMove={(from, to) => {
                onChoose(line.id);
                onMove(from === to ? null : { line: line.id, from, to });
              }}
              onLeave={() => onMove(null)}
            />
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function LineRow({
  line,
  seasons,
  isChosen,
  onChoose,
  moving,
  onMove,
  onLeave,
}: {
  line: RotaLine;
  seasons: number[];
  isChosen: boolean;
  onChoose: () => void;
  moving: Moving | null;
  onMove: (from: number | null, to: number | null) => void;
  onLeave: () => void;
}) {
  const lives = ageing(line, seasons);
  const shown = line.growings.map(({ sow, pinned }) => ({
    sow,
    pinned,
    at: moving?.from === sow ? moving.to : sow,
  }));
  if (moving !== null && moving.from === null && moving.to !== null)
    shown.push({ sow: moving.to, pinned: false, at: moving.to });
  return (
    <Box component="tr" sx={(t) => (isChosen ? { bgcolor: t.vars?.palette.background.paper } : {})}>
      <Box component="th" scope="row" sx={{ textAlign: 'left', fontWeight: 400, p: 0 }}>
        <ButtonBase
          onClick={onChoose}
          aria-pressed={isChosen}
          sx={{
            display: 'block',
            width: '100%',
            minHeight: ROW,
            textAlign: 'left',
            font: 'inherit',
            lineHeight: 1.2,
            pr: 1,
            fontWeight: isChosen ? 700 : 400,
          }}
        >
          <strong>{line.name}</strong>
          <Box component="span">, {line.crop_name}</Box>
        </ButtonBase>
      </Box>
      {seasons.map((year, i) => (
        <Box
          component="td"
          key={year}
          data-year={year}
          onDoubleClick={() => shown.every(({ at }) => at !== year) && onMove(null, year)}
          sx={{ position: 'relative', height: ROW, p: 0 }}
        >
          <Ageing from={lives[i] ?? 0} to={lives[i + 1] ?? 0} ruledOut={line.forbidden.includes(year)} />
          {shown
            .filter(({ at }) => at === year)
            .map((growing) => (
              <Growing
                key={growing.sow}
                line={line}
                seasons={seasons}
                pinned={growing.pinned}
                at={year}
                isMoving={moving !== null && (moving.from === growing.sow || moving.from === null)}
                onMove={(to) => onMove(growing.sow, to)}
                onChoose={onChoose}
                onLeave={onLeave}
              />
            ))}
        </Box>
      ))}
      <Box component="td" sx={{ pl: 1, fontWeight: 700, textAlign: 'right', whiteSpace: 'nowrap' }}>
        {percent(line.kept)}
      </Box>
    </Box>
  );
}

const percent = (share: number) => (share > 0.995 && share < 1 ? '> 99 %' : `${Math.round(100 * share)} %`);

/** How likely the seed that the line rests on can renew it, from the beginning of a year to its end: as high as the field is
 * filled. */
function Ageing({ from, to, ruledOut }: { from: number; to: number; ruledOut: boolean }) {
  return (
    <Box
      component="svg"
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      aria-hidden
      sx={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
    >
      <Box
        component="polygon"
        points={`0,100 0,${100 - 100 * from} 100,${100 - 100 * (to > from ? from : to)} 100,100`}
        sx={{ fill: places.store.enamel, fillOpacity: 0.18 }}
      />
      {ruledOut && (
        <Box
          component="path"
          d="M0,100 L100,0 M0,50 L50,0 M50,100 L100,50"
          vectorEffect="non-scaling-stroke"
          sx={(t) => ({ stroke: t.vars?.palette.text.secondary, strokeWidth: 1, fill: 'none' })}
        />
      )}
    </Box>
  );
}

function Growing({
  line,
  seasons,
  at,
  pinned,
  isMoving,
  onMove,
  onChoose,
  onLeave,
}: {
  line: RotaLine;
  seasons: number[];
  at: number;
  pinned: boolean;
  isMoving: boolean;
  onMove: (to: number | null) => void;
  onChoose: () => void;
  onLeave: () => void;
}) {
  const { season } = useSpoken();
  const begun = useRef<{ x: number; width: number } | null>(null);
  const [by, setBy] = useState(0);
  const last = (seasons.at(-1) ?? at) - line.stands + 1;
  const within = (year: number) => Math.max(seasons[0] ?? year, Math.min(last, year));
  const { name } = line;
  const down = (event: PointerEvent<HTMLElement>) => {
    const cell = event.currentTarget.closest('td');
    if (cell === null) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    begun.current = { x: event.clientX, width: cell.getBoundingClientRect().width };
  };
  const drag = (event: PointerEvent<HTMLElement>) => {
    if (begun.current !== null) setBy(event.clientX - begun.current.x);
  };
  const up = () => {
    const start = begun.current;
    begun.current = null;
    setBy(0);
    if (start === null) return;
    if (Math.abs(by) < STRAY) onChoose();
    else onMove(within(at + Math.round(by / start.width)));
  };
  const key = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (step !== undefined) {
      event.preventDefault();
      onMove(within(at + step));
    }
    if (event.key === 'Delete') onMove(null);
    if (event.key === 'Escape') onLeave();
  };
  const years = line.stands > 1 ? `${season(at)} to ${season(at + line.stands - 1)}` : season(at);
  return (
    <ButtonBase
      onPointerDown={down}
      onPointerMove={drag}
      onPointerUp={up}
      onPointerCancel={() => {
        begun.current = null;
        setBy(0);
      }}
      onKeyDown={key}
      onClick={(event) => event.detail === 0 && onChoose()}
      aria-label={`${name} grown in ${years}${pinned ? ', pinned' : ''}`}
      sx={(t) => ({
        position: 'absolute',
        zIndex: 1,
        left: 3,
        top: 6,
        bottom: 6,
        width: `calc(${100 * line.stands}% - 6px)`,
        justifyContent: 'flex-start',
        px: 0.75,
        font: 'inherit',
        fontWeight: 700,
        fontSize: '0.875rem',
        overflow: 'hidden',
        whiteSpace: 'nowrap',
        color: '#fff',
        bgcolor: places.plot.enamel,
        border: `2px ${isMoving ? 'dashed' : 'solid'} ${pinned || isMoving ? t.vars?.palette.rule : places.plot.enamel}`,
        borderRadius: `${t.shape.borderRadius}px`,
        cursor: 'grab',
        touchAction: 'none',
        transform: `translateX(${by}px)`,
        '&:focus-visible': { outline: `3px solid ${t.vars?.palette.rule}`, outlineOffset: 2 },
        '@media print': { color: '#000', bgcolor: 'transparent', borderColor: '#000' },
      })}
    >
      {pinned ? 'pinned' : line.stands > 1 ? 'sown · seed' : 'seed'}
    </ButtonBase>
  );
}
