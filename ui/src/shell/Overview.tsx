import Box from '@mui/material/Box';
import type { Theme } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Bar, ListItem, PlaceName, Scale } from '../api/client';
import { useLook } from '../api/look';
import { usePlace } from '../api/queries';
import { ComingLines } from './ComingThings';
import { Leafing } from '../kit/Leafing';
import { Empty, Trouble } from '../kit/Section';
import { EmptyPlace } from './EmptyPlace';
import { NarrowBar } from './NarrowBar';
import { useNarrowing } from './narrowing';
import { places } from './places';
import { Tag } from './Tag';
import { TickBox } from './TickBox';
import { Ticked } from './Ticked';
import { useTicks } from './ticking';
import { ThingName } from '../record/ThingName';

/** So few things have room for more of each than a line. */
const FEW = 5;

/** Everything in a place, a line each on the scale that matters there. Choosing a line opens it. */
export function Overview({ place }: { place: PlaceName }) {
  const narrowing = useNarrowing();
  const list = usePlace(place, { ...narrowing.narrowing, lines: '1' });
  const items = list.data?.items ?? [];
  const { on } = useLook();
  const ticks = useTicks();
  const order = items.map(({ tag }) => tag.code);
  // While somebody narrows it nothing changes its form under their eyes.
  const roomy = !narrowing.isNarrowed && items.length <= FEW;
  const Row = roomy ? Roomy : Line;
  const axis = list.data?.axis ?? null;
  return (
    <Box
      component="section"
      aria-label={`All in the ${places[place].title.toLowerCase()}`}
      sx={{ px: 2, pb: 2 }}
    >
      {(narrowing.isNarrowed || (list.data?.total ?? 0) > 1) && (
        <NarrowBar place={place} wide narrowing={narrowing} />
      )}
      {on === undefined && ticks.codes.length > 0 && <Ticked ticks={ticks} order={order} />}
      {list.error !== null && <Trouble>{list.error.message}</Trouble>}
      {list.data === undefined && list.error === null && <ComingLines />}
      {list.data?.total === 0 &&
        (narrowing.isNarrowed ? <Empty>Nothing here is like that.</Empty> : <EmptyPlace place={place} />)}
      {items.length > 0 && (
        <Box role="table" aria-label={axis?.title ?? places[place].title} sx={{ mt: 1 }}>
          {axis !== null && <Head axis={axis} roomy={roomy} />}
          <Box role="rowgroup">
            {items.map((item, index) => (
              // A lot with two tests stands on the trays twice.
              <Row
                tickBox={on === undefined && <TickBox code={item.tag.code} order={order} ticks={ticks} />}
                ticked={ticks.codes.includes(item.tag.code)}
                key={`${item.tag.code}:${index}`}
                item={item}
                axis={axis}
                enamel={places[place].enamel}
                to={`/${place}/${item.tag.code}?${narrowing.params.toString()}`}
              />
            ))}
          </Box>
        </Box>
      )}
      {list.data !== undefined && (
        <Leafing {...list.data} onPage={(page) => narrowing.narrow({ page: String(page) })} />
      )}
    </Box>
  );
}

const columns = '20px minmax(190px, 2.2fr) minmax(200px, 3fr) minmax(158px, 1.2fr) minmax(150px, 2.7fr)';

const roomyColumns = '20px minmax(280px, 2.6fr) minmax(200px, 3fr) minmax(260px, 3.4fr)';

/** Of the scale, in per cent of its width. */
const across = (axis: Scale, at: number) =>
  100 * Math.min(1, Math.max(0, (at - axis.min) / (axis.max - axis.min)));

/** Per cent of the scale that a label takes. */
const LABEL = 12;

/** The marks that have room for their label: none is written over another, or over the end. */
function labelled(axis: Scale) {
  let free = 0;
  return axis.ticks.flatMap(({ at, label }) => {
    const x = across(axis, at);
    const align = x < LABEL / 2 ? 'start' : x > 100 - LABEL / 2 ? 'end' : 'middle';
    const left = { start: x, middle: x - LABEL / 2, end: x - LABEL }[align];
    if (left < free) return [];
    free = left + LABEL;
    return [{ at, label, align } as const];
  });
}

function Head({ axis, roomy }: { axis: Scale; roomy: boolean }) {
  return (
    <Box
      role="row"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: roomy ? roomyColumns : columns,
        gap: 1.5,
        position: 'sticky',
        top: 0,
        zIndex: 1,
        bgcolor: t.vars?.palette.background.default,
        borderBottom: `2px solid ${t.vars?.palette.rule}`,
        color: t.vars?.palette.text.secondary,
        fontSize: '0.875rem',
        lineHeight: '22px',
      })}
    >
      <span role="columnheader" />
      <span role="columnheader" />
      <Box role="columnheader" aria-label={axis.title} sx={{ position: 'relative', height: 22 }}>
        {labelled(axis).map(({ at, label, align }) => (
          <Box
            key={at}
            component="span"
            sx={{
              position: 'absolute',
              left: `${across(axis, at)}%`,
              whiteSpace: 'nowrap',
              transform: { start: 'none', middle: 'translateX(-50%)', end: 'translateX(-100%)' }[align],
            }}
          >
            {label}
          </Box>
        ))}
      </Box>
      <Box
        role="columnheader"
        sx={{ gridColumn: '4 / -1', overflow: 'hidden', whiteSpace: 'nowrap', textOverflow: 'ellipsis' }}
      >
        {axis.legend}
      </Box>
    </Box>
  );
}

type RowProps = {
  item: ListItem;
  axis: Scale | null;
  enamel: string;
  to: string;
  tickBox: ReactNode;
  ticked: boolean;
};

/** A line of the table, and what it looks like under the hand or ticked. */
const rowLook = (t: Theme, ticked: boolean, gridTemplateColumns: string) => ({
  position: 'relative',
  display: 'grid',
  gridTemplateColumns,
  columnGap: 1.5,
  borderBottom: `1px solid ${t.vars?.palette.quiet}`,
  bgcolor: ticked ? `${t.vars?.palette.quiet}` : 'transparent',
  '&:hover, &:focus-within': { bgcolor: `${t.vars?.palette.quiet}` },
});

/** More of each, where there are few: its tag and its seed, what is known of it, and what it wants with the reason. */
function Roomy({ item, axis, enamel, to, tickBox, ticked }: RowProps) {
  const { task } = item;
  const colour = (t: Theme) => (task?.alarm === true ? t.vars?.palette.error.main : undefined);
  return (
    <Box
      role="row"
      sx={(t) => ({
        ...rowLook(t, ticked, roomyColumns),
        alignItems: 'center',
        minHeight: 92,
        py: 1,
      })}
    >
      <Box role="cell" sx={{ zIndex: 1, lineHeight: 0 }}>
        {tickBox}
      </Box>
      <Box role="cell" sx={{ minWidth: 0 }}>
        <Box
          component={Link}
          to={to}
          sx={{
            display: 'block',
            color: 'inherit',
            textDecoration: 'none',
            '&::after': { content: '""', position: 'absolute', inset: 0 },
          }}
        >
          <Tag tag={item.tag} />
        </Box>
        <Box sx={(t) => ({ mt: 0.5, color: t.vars?.palette.text.secondary })}>{item.detail}</Box>
      </Box>
      <Box role="cell" sx={{ position: 'relative', height: 20 }}>
        {axis !== null && <Drawn axis={axis} bar={item.bar} enamel={enamel} />}
      </Box>
      <Box role="cell">
        <Box component="span" sx={{ fontWeight: 700, fontSize: '1.25rem', lineHeight: 1.2 }}>
          {item.figure}
        </Box>
        <Box component="span" sx={(t) => ({ ml: 1, color: t.vars?.palette.text.secondary })}>
          {item.label}
        </Box>
        {task !== null && (
          <Box sx={{ lineHeight: 1.35 }}>
            <Box component="span" sx={(t) => ({ fontWeight: 700, color: colour(t) })}>
              {task.do}
            </Box>
            <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
              {`, ${task.away}. `}
            </Box>
            {task.why}
          </Box>
        )}
      </Box>
    </Box>
  );
}

function Line({ item, axis, enamel, to, tickBox, ticked }: RowProps) {
  const alarm = item.task?.alarm === true && (item.task.state === 'now' || item.task.state === 'late');
  return (
    <Box
      role="row"
      sx={(t) => ({
        ...rowLook(t, ticked, columns),
        lineHeight: '20px',
        fontSize: '0.9375rem',
        '& > *': { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', minWidth: 0 },
      })}
    >
      <Box role="cell" sx={{ zIndex: 1, lineHeight: 0 }}>
        {tickBox}
      </Box>
      <span role="cell">
        <Box
          component={Link}
          to={to}
          sx={{
            color: 'inherit',
            textDecoration: 'none',
            // The whole line opens it.
            '&::after': { content: '""', position: 'absolute', inset: 0 },
          }}
        >
          <ThingName tag={item.tag} />
        </Box>
      </span>
      <Box role="cell" sx={{ position: 'relative', overflow: 'visible !important' }}>
        {axis !== null && <Drawn axis={axis} bar={item.bar} enamel={enamel} />}
      </Box>
      <Box
        role="cell"
        sx={(t) => ({ fontWeight: 700, color: alarm ? t.vars?.palette.error.main : undefined })}
        title={item.task === null ? undefined : `${item.task.do}, ${item.task.away}`}
      >
        {item.figure}
      </Box>
      <Box
        role="cell"
        sx={(t) => ({ color: t.vars?.palette.text.secondary })}
        title={`${item.label}, ${item.detail}`}
      >
        {item.task !== null && (item.task.state === 'now' || item.task.state === 'late') ? (
          <Box
            component="span"
            sx={(t) => ({ color: alarm ? t.vars?.palette.error.main : t.vars?.palette.text.primary })}
          >
            {item.task.do}
          </Box>
        ) : (
          [item.label, item.detail].filter((words) => words !== '').join(', ')
        )}
      </Box>
    </Box>
  );
}

/** Full as far as it is sure or has come, hatched as far as it may go; today as a line where the scale is one of time. */
function Drawn({ axis, bar, enamel }: { axis: Scale; bar: Bar | null; enamel: string }) {
  return (
    <Box
      role="img"
      aria-label={bar === null ? 'nothing known' : bar.said}
      title={bar?.said}
      sx={{ position: 'absolute', inset: 0 }}
    >
      {axis.ticks.map(({ at }) => (
        <Box
          key={at}
          sx={(t) => ({
            position: 'absolute',
            left: `${across(axis, at)}%`,
            top: 0,
            bottom: 0,
            width: '1px',
            bgcolor: t.vars?.palette.quiet,
          })}
        />
      ))}
      {bar !== null && (
        <>
          <Box
            sx={(t) => ({
              position: 'absolute',
              left: `${across(axis, bar.near ?? bar.from)}%`,
              width: `${across(axis, bar.to) - across(axis, bar.near ?? bar.from)}%`,
              top: 6,
              height: 8,
              border: `1px solid ${enamel}`,
              borderLeft: bar.near === null ? undefined : 0,
              display: bar.to > (bar.near ?? bar.from) ? undefined : 'none',
              backgroundImage: `repeating-linear-gradient(-45deg, transparent 0 3px, ${enamel} 3px 4px)`,
              bgcolor: t.vars?.palette.background.paper,
            })}
          />
          <Box
            sx={{
              position: 'absolute',
              left: `${across(axis, bar.from)}%`,
              width: `${Math.max(0, across(axis, bar.near ?? bar.from) - across(axis, bar.from))}%`,
              top: 4,
              height: 12,
              bgcolor: enamel,
            }}
          />
          {/* What lies beyond the scale has no edge on it. */}
          <Box
            sx={(t) => ({
              display: bar.near === null || bar.near > axis.max ? 'none' : undefined,
              position: 'absolute',
              left: `calc(${across(axis, bar.near ?? 0)}% - 1px)`,
              top: 2,
              height: 16,
              width: '3px',
              bgcolor: t.vars?.palette.text.primary,
            })}
          />
        </>
      )}
      {axis.now !== null && (
        <Box
          sx={(t) => ({
            position: 'absolute',
            left: `${across(axis, axis.now ?? 0)}%`,
            top: 0,
            bottom: 0,
            borderLeft: `2px dotted ${t.vars?.palette.error.main}`,
          })}
        />
      )}
    </Box>
  );
}
