import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import { Link, useParams, useSearchParams } from 'react-router';
import type { ListItem, PlaceName } from '../api/client';
import { places } from './places';
import { usePlace, type Narrowing } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Empty, Trouble } from '../kit/Section';
import { Tag } from './Tag';

/** How a list is narrowed and ordered, kept in the address. */
function useNarrowing() {
  const [params, setParams] = useSearchParams();
  const sort = params.get('sort');
  const narrowing: Narrowing = {
    find: params.get('find') ?? undefined,
    sort: sort === 'name' || sort === 'code' ? sort : undefined,
    page: Number(params.get('page') ?? 1) || 1,
  };
  const narrow = (change: Record<string, string>) =>
    setParams(
      (now) => {
        const next = new URLSearchParams(now);
        next.delete('page');
        for (const [key, value] of Object.entries(change)) {
          if (value === '') next.delete(key);
          else next.set(key, value);
        }
        return next;
      },
      { replace: true },
    );
  return { narrowing, narrow };
}

/** What is in a place: tags, each with the one figure that matters here and what it wants next. */
export function ThingList({ place }: { place: PlaceName }) {
  const { narrowing, narrow } = useNarrowing();
  const list = usePlace(place, narrowing);
  const { code } = useParams();
  const [params] = useSearchParams();
  const narrowed = narrowing.find !== undefined;
  const many = narrowed || (list.data?.total ?? 0) > 4;

  return (
    <Box sx={{ px: 2, pb: 3 }}>
      {many && (
        <Box sx={{ display: 'flex', gap: 1, mb: 1 }}>
          <OutlinedInput
            sx={{ flex: 1, minWidth: 0 }}
            placeholder="Only those with …"
            value={narrowing.find ?? ''}
            onChange={(event) => narrow({ find: event.target.value })}
            inputProps={{ 'aria-label': 'Only those with' }}
          />
          <Box
            component="select"
            aria-label="Order"
            value={narrowing.sort ?? 'due'}
            onChange={(event) => narrow({ sort: event.target.value === 'due' ? '' : event.target.value })}
            sx={(t) => ({
              font: 'inherit',
              color: 'inherit',
              minHeight: 44,
              maxWidth: 150,
              border: `2px solid ${t.vars?.palette.rule}`,
              borderRadius: `${t.shape.borderRadius}px`,
              bgcolor: t.vars?.palette.background.paper,
              px: 1,
            })}
          >
            {places[place].orders.map(([sort, words]) => (
              <option key={sort} value={sort}>
                {words}
              </option>
            ))}
          </Box>
        </Box>
      )}
      {list.error !== null && <Trouble>{list.error.message}</Trouble>}
      {list.data === undefined && list.error === null && <Coming lines={8} height={52} />}
      {list.data?.total === 0 && (
        <Empty>{narrowed ? 'Nothing here has that on its tag or in its notes.' : places[place].empty}</Empty>
      )}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {(list.data?.items ?? []).map((item, index) => (
          <Thing
            // A lot with two tests stands on the trays twice.
            key={`${item.tag.code}:${index}`}
            item={item}
            to={`/${place}/${item.tag.code}?${params.toString()}`}
            current={item.tag.code === code}
          />
        ))}
      </Box>
      {list.data !== undefined && list.data.pages > 1 && (
        <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', mt: 2 }}>
          <Button disabled={list.data.page <= 1} onClick={() => narrow({ page: String(list.data.page - 1) })}>
            Before
          </Button>
          <span>
            {list.data.page} of {list.data.pages}, {list.data.total} in all
          </span>
          <Button
            disabled={list.data.page >= list.data.pages}
            onClick={() => narrow({ page: String(list.data.page + 1) })}
          >
            After
          </Button>
        </Box>
      )}
    </Box>
  );
}

function Thing({ item, to, current }: { item: ListItem; to: string; current: boolean }) {
  const task = item.task;
  return (
    <Box
      component="li"
      sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, '&:first-of-type': { borderTop: 0 } })}
    >
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
          py: 0.75,
          bgcolor: current ? t.vars?.palette.quiet : undefined,
          '&:hover': { bgcolor: t.vars?.palette.quiet },
        })}
      >
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(216px, 1fr) auto',
            gap: 1.5,
            alignItems: 'center',
          }}
        >
          <Tag tag={item.tag} dense />
          <Box
            component="span"
            sx={{ fontWeight: 700, fontSize: '1.0625rem', lineHeight: 1.15, textAlign: 'right' }}
          >
            {item.figure}
          </Box>
        </Box>
        <Box
          title={[item.label, item.detail].filter((words) => words !== '').join(' · ')}
          sx={(t) => ({
            mt: 0.25,
            color: t.vars?.palette.text.secondary,
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            whiteSpace: { sm: 'nowrap' },
          })}
        >
          {task !== null && (
            <Box
              component="span"
              sx={(t) => ({
                fontWeight: task.state === 'now' || task.state === 'late' ? 700 : 400,
                color: task.alarm ? t.vars?.palette.error.main : t.vars?.palette.text.primary,
              })}
            >
              {task.do}
              <Box component="span" sx={(t) => ({ fontWeight: 400, color: t.vars?.palette.text.secondary })}>
                {`, ${task.away} · `}
              </Box>
            </Box>
          )}
          {[item.label, item.detail].filter((words) => words !== '').join(' · ')}
        </Box>
      </Box>
    </Box>
  );
}
