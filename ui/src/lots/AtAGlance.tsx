import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import type { ListItem, PlaceName, Task } from '../api/client';
import { useLook } from '../api/look';
import { useFrame, usePlace } from '../api/queries';
import { Section } from '../kit/Section';
import { VesselDrawing } from '../charts/VesselDrawing';
import { useSpoken } from '../kit/spoken';
import { weekday } from '../kit/words';
import { places } from '../shell/places';
import { Tag } from '../shell/Tag';

type Due = { item: ListItem; task: Task };

/** Days ahead that are looked over. */
const DAYS = 7;

/** By when a hand must be at it: what is lost by waiting first. */
const byUrgency = (a: Due, b: Due) =>
  Number(b.task.alarm) - Number(a.task.alarm) ||
  (a.task.latest ?? a.task.best).localeCompare(b.task.latest ?? b.task.best);

/** What stands next where many jars, plates and sheets stand, day by day, and what to have ready for it. */
export function AtAGlance({ place, only }: { place: PlaceName; only?: 'next' | 'rest' }) {
  const list = usePlace(place, { page: 1, lines: '1' });
  const frame = useFrame();
  const { at } = useLook();
  const { shortDay } = useSpoken();
  if (list.data === undefined || frame.data === undefined) return null;
  const until = dayjs(frame.data.on).add(DAYS, 'day');
  const due = list.data.items
    .flatMap((item): Due[] => (item.task === null ? [] : [{ item, task: item.task }]))
    .filter(({ task }) => dayjs(task.best).isBefore(until))
    .toSorted(byUrgency);
  const [next] = due;
  if (next === undefined) return null;
  const today = frame.data.on;
  const dayOf = ({ task }: Due) => (task.best.slice(0, 10) < today ? today : task.best.slice(0, 10));
  const days = [...new Set(due.map(dayOf))].toSorted();
  return (
    <Box
      sx={{
        px: 2,
        pb: 3,
        display: 'grid',
        columnGap: { xs: 0, md: 4 },
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        // Beside what is next stands what stands there, and the days go on below it.
        '& > :nth-of-type(2)': { gridColumn: { md: 2 }, gridRow: { md: '1 / span 2' } },
      }}
    >
      {only !== 'rest' && (
        <Section title="Next">
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
            {next.item.vessel !== null && (
              <VesselDrawing
                shape={next.item.vessel}
                bar={next.item.bar}
                fill={places[place].enamel}
                size={128}
              />
            )}
            <Box sx={{ flex: '1 1 280px', minWidth: 0, maxWidth: 420 }}>
              <Tag tag={next.item.tag} />
            </Box>
          </Box>
          <Box
            sx={(t) => ({
              typography: 'h2',
              mt: 1,
              color: next.task.alarm ? t.vars?.palette.error.main : undefined,
            })}
          >
            {next.task.do}
          </Box>
          <p style={{ maxWidth: '46em', margin: '4px 0 12px' }}>{next.task.why}</p>
          <Button
            variant="contained"
            component={Link}
            to={at(`/${place}/${next.item.tag.code}`)}
            sx={{ minHeight: 56, px: 3 }}
          >
            Open {next.item.tag.code}
          </Button>
        </Section>
      )}
      {only !== 'next' && <Standing items={list.data.items} place={place} />}
      {only !== 'next' && (
        <Section title="The next days">
          {days.map((day) => (
            <Box
              key={day}
              sx={{ display: 'grid', gridTemplateColumns: '92px minmax(0, 1fr)', columnGap: 1.5, py: 0.5 }}
            >
              <b>
                {weekday(day).slice(0, 3)} {shortDay(day)}
              </b>
              <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {due
                  .filter((one) => dayOf(one) === day)
                  .map(({ item, task }) => (
                    <li key={task.id}>
                      <Box component={Link} to={at(`/${place}/${item.tag.code}`)} sx={{ color: 'inherit' }}>
                        {item.tag.code}
                      </Box>{' '}
                      {task.do}
                    </li>
                  ))}
              </Box>
            </Box>
          ))}
          {list.data.ready.length > 0 && (
            <p style={{ maxWidth: '46em', marginBottom: 0 }}>
              <b>To have ready:</b> {list.data.ready.join(', ')}.
            </p>
          )}
        </Section>
      )}
    </Box>
  );
}

/** Everything that stands there as a drawing of what it stands in, what wants a hand soonest first. */
function Standing({ items, place }: { items: ListItem[]; place: PlaceName }) {
  const { at } = useLook();
  const drawn = items
    .flatMap((item) => (item.vessel === null ? [] : [{ ...item, vessel: item.vessel }]))
    .toSorted(
      (a, b) =>
        Number(b.task?.alarm ?? false) - Number(a.task?.alarm ?? false) ||
        (a.bar?.near ?? Infinity) - (b.bar?.near ?? Infinity),
    );
  if (drawn.length < 2) return null;
  return (
    <Section title="What stands here">
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(84px, 1fr))',
          gap: 1.5,
        }}
      >
        {drawn.map(({ tag, vessel, bar, label }) => (
          <Box component="li" key={tag.code} sx={{ minWidth: 0 }}>
            <Box
              component={Link}
              to={at(`/${place}/${tag.code}`)}
              sx={{ display: 'grid', justifyItems: 'center', color: 'inherit', textDecoration: 'none' }}
            >
              <VesselDrawing
                shape={vessel}
                bar={bar}
                fill={places[place].enamel}
                size={64}
                title={`${vessel}, ${label}. ${bar?.said ?? ''}`}
              />
              <b>{tag.code}</b>
              <Box
                component="span"
                sx={{ fontSize: '0.875rem', maxWidth: '100%', overflowWrap: 'anywhere', textAlign: 'center' }}
              >
                {tag.variety}
              </Box>
            </Box>
          </Box>
        ))}
      </Box>
      <Box sx={(t) => ({ mt: 1, fontSize: '0.875rem', color: t.vars?.palette.text.secondary })}>
        Full when it wants a hand; hatched while that can wait; red where it is being lost.
      </Box>
    </Section>
  );
}
