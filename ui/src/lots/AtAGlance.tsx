import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import type { ListItem, PlaceName, Task } from '../api/client';
import { useLook } from '../api/look';
import { useFrame, usePlace } from '../api/queries';
import { Section } from '../kit/Section';
import { useSpoken } from '../kit/spoken';
import { weekday } from '../kit/words';
import { Tag } from '../shell/Tag';

type Due = { item: ListItem; task: Task };

/** Days ahead that are looked over. */
const DAYS = 7;

/** By when a hand must be at it: what is lost by waiting first. */
const byUrgency = (a: Due, b: Due) =>
  Number(b.task.alarm) - Number(a.task.alarm) ||
  (a.task.latest ?? a.task.best).localeCompare(b.task.latest ?? b.task.best);

/** What stands next where many jars, plates and sheets stand, day by day, and what to have ready for it. */
export function AtAGlance({ place }: { place: PlaceName }) {
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
        gap: { xs: 0, md: 4 },
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
      }}
    >
      <Section title="Next">
        <Box sx={{ maxWidth: 420 }}>
          <Tag tag={next.item.tag} />
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
    </Box>
  );
}
