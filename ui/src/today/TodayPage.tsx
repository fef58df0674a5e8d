import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { PlanTask, Task } from '../api/client';
import { useFrame, useToday } from '../api/queries';
import { PlaceHead } from '../shell/PlaceHead';
import { PlanTaskRow } from '../shell/PlanTaskRow';
import { Link } from 'react-router';
import { Caution, Empty, Trouble } from '../kit/Section';
import { Coming } from '../kit/Coming';
import { counted } from '../kit/words';
import { TaskRow } from '../shell/TaskLine';

/** Everything that wants hands, over all places: first what will be lost, then what is due, then what is coming. */
export function TodayPage() {
  const today = useToday();
  const frame = useFrame();
  const data = today.data;
  const ahead = frame.data?.looking_ahead === true;
  const nothing =
    data !== undefined && data.now_total + data.open_total + data.next_total + data.planned.length === 0;
  // Nothing grows and nothing lies anywhere: then it is not finished, but not begun.
  const bare = nothing && frame.data?.places.every(({ here }) => here === 0) === true;
  return (
    <Box sx={{ maxWidth: 1120, pb: 4 }}>
      <PlaceHead name="today" />
      <Box sx={{ px: 2 }}>
        {today.error !== null && <Trouble>{today.error.message}</Trouble>}
        {data === undefined && today.error === null && <Coming lines={6} height={56} />}
        {data !== undefined && data.trouble !== null && (
          <Caution>
            {data.trouble} <Link to="/books/copies">Copies of the garden</Link>
          </Caution>
        )}
        {bare && (
          <Empty>
            Nothing is due. When seed is sown, picked, fermenting, drying or under test, what it wants next
            stands here with its reason. Begin on the Plot: add a variety and a planting of it.
          </Empty>
        )}
        {data !== undefined && (
          <>
            {!bare && data.now_total === 0 && (
              <Box sx={{ fontWeight: 700, fontSize: '1.0625rem', pb: 2 }}>
                {ahead ? 'Nothing is due by that day.' : 'Today is done: nothing more is due.'}
              </Box>
            )}
            <Group title={ahead ? 'Due by that day' : 'Due now'} tasks={data.now} total={data.now_total} />
            <Group title="Can be done already" tasks={data.open} total={data.open_total} />
            <Group title="Coming up" tasks={data.next} total={data.next_total} />
            <Planned tasks={data.planned} />
            <Ready things={data.ready} />
          </>
        )}
      </Box>
    </Box>
  );
}

/** What hands and benches need for the days to come, so that nobody stands there without it. */
function Ready({ things }: { things: string[] }) {
  if (things.length === 0) return null;
  return (
    <Box
      component="section"
      sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, pt: 1.5, mb: 2 })}
      aria-label="To have ready"
    >
      <Typography variant="h2">To have ready for the coming week</Typography>
      <Box sx={{ maxWidth: '46em' }}>{things.join(', ')}.</Box>
    </Box>
  );
}

/** What the season's plan asks for within the month. */
function Planned({ tasks }: { tasks: PlanTask[] }) {
  if (tasks.length === 0) return null;
  return (
    <Box
      component="section"
      sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, pt: 1.5, mb: 2 })}
      aria-label="From the plan"
    >
      <Typography variant="h2">From the plan</Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {tasks.map((task) => (
          <PlanTaskRow key={`${task.planting}${task.kind}${task.on}`} task={task} />
        ))}
      </Box>
    </Box>
  );
}

/** One line a thing: what else the same lot or planting wants in the same place stands with it. */
function byThing(tasks: Task[]): [Task, ...Task[]][] {
  const things = new Map<string, [Task, ...Task[]]>();
  for (const task of tasks) {
    const there = things.get(task.of + task.place);
    if (there === undefined) things.set(task.of + task.place, [task]);
    else there.push(task);
  }
  return [...things.values()];
}

function Group({ title, tasks, total }: { title: string; tasks: Task[]; total: number }) {
  if (total === 0) return null;
  return (
    <Box
      component="section"
      sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, pt: 1.5, mb: 2 })}
      aria-label={title}
    >
      <Typography variant="h2">
        {title}
        <Box component="span" sx={(t) => ({ ml: 1, fontWeight: 500, color: t.vars?.palette.text.secondary })}>
          {counted(total)}
        </Box>
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0 }}>
        {byThing(tasks).map((ofOne) => (
          <TaskRow key={ofOne[0].of + ofOne[0].place} tasks={ofOne} />
        ))}
      </Box>
      {total > tasks.length && <Box>The first {tasks.length} are shown; the places list the rest.</Box>}
    </Box>
  );
}
