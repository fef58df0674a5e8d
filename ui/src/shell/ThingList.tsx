import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import type { ListItem, PlaceName } from '../api/client';
import { EmptyPlace } from './EmptyPlace';
import { Full, Short } from './Lines';
import { useLook } from '../api/look';
import { usePlace } from '../api/queries';
import { ComingTags } from './ComingThings';
import { Leafing } from '../kit/Leafing';
import { Empty, Trouble } from '../kit/Section';
import { NarrowBar } from './NarrowBar';
import { useNarrowing } from './narrowing';
import { TickBox } from './TickBox';
import { Ticked } from './Ticked';
import { UnbornList } from './UnbornList';
import { useTicks } from './ticking';

/** So many tags are seen at once beside a sheet at 1280 by 800. */
const FEW = 8;

/**
 * What is in a place, with the one figure that matters here and what it wants next: as tags; where there are many, beside the
 * sheet of one of them a line each, and the tag is that one's alone.
 */
export function ThingList({ place }: { place: PlaceName }) {
  const narrowed = useNarrowing();
  const { narrowing, narrow, params } = narrowed;
  const { code } = useParams();
  // Beside a sheet it is the list that the sheet was chosen from, page by page.
  const list = usePlace(place, code === undefined ? narrowing : { ...narrowing, lines: '1' });
  const items = list.data?.items ?? [];
  const many = narrowed.isNarrowed || (list.data?.total ?? 0) > 4;
  const { on } = useLook();
  const ticks = useTicks();
  const order = items.map(({ tag }) => tag.code);
  const onTick = on === undefined && !ticks.ticking ? () => ticks.set([]) : undefined;

  return (
    <Box sx={{ px: 2, pb: 3 }}>
      {many && (
        <Box sx={{ mb: 1 }}>
          <NarrowBar place={place} wide={false} narrowing={narrowed} onTick={onTick} />
        </Box>
      )}
      {!many && items.length > 1 && onTick !== undefined && (
        <Box sx={{ textAlign: 'right' }}>
          <Button variant="text" onClick={onTick}>
            Tick
          </Button>
        </Box>
      )}
      {on === undefined && ticks.ticking && <Ticked ticks={ticks} order={order} />}
      {on === undefined && <UnbornList place={place} />}
      {list.error !== null && <Trouble>{list.error.message}</Trouble>}
      {list.data === undefined && list.error === null && <ComingTags />}
      {list.data?.total === 0 &&
        (narrowed.isNarrowed ? (
          <Empty>Nothing here has that on its tag or in its notes.</Empty>
        ) : (
          <EmptyPlace place={place} />
        ))}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {items.map((item, index) => (
          <Thing
            // A lot with two tests stands on the trays twice.
            key={`${item.tag.code}:${index}`}
            item={item}
            tickBox={
              on === undefined && ticks.ticking ? (
                <TickBox code={item.tag.code} order={order} ticks={ticks} />
              ) : null
            }
            to={`/${place}/${item.tag.code}?${params.toString()}`}
            current={item.tag.code === code}
            short={code !== undefined && item.tag.code !== code && items.length > FEW}
          />
        ))}
      </Box>
      {list.data !== undefined && (
        <Leafing {...list.data} onPage={(page) => narrow({ page: String(page) })} />
      )}
    </Box>
  );
}

/** Brings what is open into view, in its own pane alone. */
function bringIntoView(line: HTMLElement | null) {
  if (line === null) return;
  const pane = line.offsetParent;
  if (!(pane instanceof HTMLElement) || pane === document.body) return;
  const seen = Math.min(pane.clientHeight, window.innerHeight - pane.getBoundingClientRect().top);
  const top = line.offsetTop - pane.scrollTop;
  if (top < 0 || top + line.offsetHeight > seen) pane.scrollTop = line.offsetTop - seen / 2;
}

function Thing({
  item,
  to,
  current,
  short,
  tickBox,
}: {
  item: ListItem;
  tickBox: ReactNode;
  to: string;
  current: boolean;
  short: boolean;
}) {
  const line = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (current) bringIntoView(line.current);
  }, [current]);
  return (
    <Box
      component="li"
      ref={line}
      sx={(t) => ({
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        '&:first-of-type': { borderTop: 0 },
        ...(tickBox !== null && {
          display: 'grid',
          gridTemplateColumns: 'auto minmax(0, 1fr)',
          columnGap: 1.5,
          alignItems: 'center',
        }),
      })}
    >
      {tickBox}
      <Box
        component={Link}
        to={to}
        aria-current={current ? 'true' : undefined}
        sx={(t) => ({
          display: 'block',
          color: 'inherit',
          textDecoration: 'none',
          mx: -1,
          px: 1,
          py: short ? 0.5 : 0.75,
          bgcolor: current ? t.vars?.palette.quiet : undefined,
          '&:hover': { bgcolor: t.vars?.palette.quiet },
        })}
      >
        {short ? <Short item={item} /> : <Full item={item} />}
      </Box>
    </Box>
  );
}
