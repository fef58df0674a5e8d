import { things } from '../record/things';
import { useState } from 'react';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { api, take, type PlanTask, type Task } from '../api/client';
import { goTo } from '../api/garden';
import { afterwards, useFrame, useToday, useWrite } from '../api/queries';
import { places } from '../shell/places';
import { Example } from '../shell/EmptyPlace';
import { dueExamples } from '../shell/examples';
import { PlaceHead } from '../shell/PlaceHead';
import { Tag } from '../shell/Tag';
import { PlanTaskRow } from '../shell/PlanTaskRow';
import { Link } from 'react-router';
import { Caution, Empty, Trouble } from '../kit/Section';
import { ComingTasks } from '../shell/ComingThings';
import { counted } from '../kit/words';
import { TaskRow } from '../shell/TaskLine';
import { WeatherAhead } from './WeatherAhead';

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
        {data === undefined && today.error === null && <ComingTasks />}
        {data !== undefined && data.trouble !== null && (
          <Caution>
            {data.trouble} <Link to="/books/copies">Copies of the garden</Link>
          </Caution>
        )}
        {data !== undefined && data.weather !== null && <WeatherAhead weather={data.weather} />}
        {bare && <Beginnings />}
        {data !== undefined && (
          <>
            {!bare && data.now_total === 0 && (
              <Box sx={{ fontWeight: 700, fontSize: '1.0625rem', pb: 2 }}>
                {ahead ? 'Nothing is due by that day.' : 'Today is done: nothing more is due.'}
              </Box>
            )}
            <Group
              title={ahead ? 'Due by that day' : 'Due now'}
              tasks={data.now}
              total={data.now_total}
              parted
            />
            <Planned
              title="The plan has it now"
              tasks={data.planned.filter(({ state }) => state !== 'ahead')}
            />
            <Group title="Can be done already" tasks={data.open} total={data.open_total} />
            <Group title="Coming up" tasks={data.next} total={data.next_total} />
            <Planned
              title="The plan, within a month"
              tasks={data.planned.filter(({ state }) => state === 'ahead')}
            />
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

const WAYS = [
  {
    to: '/store/stock',
    in: 'store',
    what: 'The seed I have',
    how: 'Take stock: old packets, jars and lists, typed or brought in as a file. How long each can be counted on, and what to test, follows at once.',
  },
  {
    to: '/bench/new',
    in: 'bench',
    what: 'What is on my bench now',
    how: 'Fruit, pods or seed in hand, from wherever. What to do with it next, and until when, follows at once.',
  },
  {
    to: '/plot/plan',
    in: 'plot',
    what: 'What I mean to grow',
    how: 'Where the garden lies and its frosts, then the plan: how many plants, when, and what must not bloom beside it.',
  },
] as const;

/** Nothing is here yet: the ways in, by what a keeper has in hand. */
function Beginnings() {
  const lay = useWrite(() => take(api.POST('/demo', { body: {} })));
  return (
    <Box component="section" aria-label="Where to begin">
      <Empty>
        Nothing is due, for nothing is written down yet. What seed and plants want next stands here, with its
        reason. Begin with what you have in hand:
      </Empty>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', md: 'repeat(3, 1fr)' },
        }}
      >
        {WAYS.map(({ to, in: place, what, how }) => (
          <Box component="li" key={to} sx={{ borderTop: `6px solid ${places[place].enamel}`, pt: 1 }}>
            <Button component={Link} to={to} variant="contained" sx={{ mb: 1 }}>
              {what}
            </Button>
            <Box>{how}</Box>
          </Box>
        ))}
      </Box>
      <Box sx={{ mt: 2.5, display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5 }}>
        <span>
          Or{' '}
          <Box component={Link} to="/plot/new" sx={{ color: 'inherit' }}>
            write down what grows already
          </Box>
          , or look first at a garden that has been kept for years:
        </span>
        <Button
          disabled={lay.isPending}
          onClick={() => void afterwards(lay.mutateAsync(undefined), () => goTo('demo'))}
        >
          {lay.isPending ? 'Laying it out …' : 'A look at the demo garden'}
        </Button>
        {lay.error !== null && <Trouble>{lay.error.message}</Trouble>}
      </Box>
      <Example of="what is due">
        {dueExamples.map(({ tag, act, why }) => (
          <Box
            key={tag.code}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '324px minmax(0, 1fr)' },
              columnGap: 2,
              alignItems: 'center',
              py: 0.75,
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
              '&:first-of-type': { borderTop: 0 },
            })}
          >
            <Tag tag={tag} dense />
            <span>
              <b>{act}</b> {why}
            </span>
          </Box>
        ))}
      </Example>
    </Box>
  );
}

/** What the season's plan asks for. */
function Planned({ title, tasks }: { title: string; tasks: PlanTask[] }) {
  if (tasks.length === 0) return null;
  return (
    <Box
      component="section"
      sx={(t) => ({ borderTop: `2px solid ${t.vars?.palette.rule}`, pt: 1.5, mb: 2 })}
      aria-label={title}
    >
      <Typography variant="h2">
        {title}
        <Box component="span" sx={(t) => ({ ml: 1, fontWeight: 500, color: t.vars?.palette.text.secondary })}>
          {counted(tasks.length)}
        </Box>
      </Typography>
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

/** From so many on, what is to be done alike with many things is one line. */
const MANY = 4;

type Line = { key: string; tasks: [Task, ...Task[]] } | { key: string; alike: [Task, ...Task[]] };

/** The lines of a list: what many things want alike stands in one, where the first of them stood. */
function lines(tasks: Task[]): Line[] {
  const alike = new Map<string, [Task, ...Task[]]>();
  const mark = (task: Task) => `${task.kind}\n${task.do}`;
  for (const task of tasks) {
    if (task.alarm) continue;
    const same = alike.get(mark(task));
    if (same === undefined) alike.set(mark(task), [task]);
    else same.push(task);
  }
  // More may be like it than are shown: they are counted by their kind, which tells as long as all of it say the same.
  const ways = new Map<string, Set<string>>();
  for (const { kind, do: said } of tasks) ways.set(kind, (ways.get(kind) ?? new Set()).add(said));
  const folded = new Map(
    [...alike].filter(
      ([, same]) => same.length >= MANY || (same[0].alike >= MANY && ways.get(same[0].kind)?.size === 1),
    ),
  );
  const all: Line[] = [];
  const rest = byThing(tasks.filter((task) => task.alarm || !folded.has(mark(task))));
  const first = new Map(rest.map((ofOne) => [ofOne[0].id, ofOne]));
  for (const task of tasks) {
    const same = task.alarm ? undefined : folded.get(mark(task));
    const ofOne = first.get(task.id);
    if (same?.[0] === task) all.push({ key: mark(task), alike: same });
    else if (ofOne !== undefined) all.push({ key: task.of + task.place, tasks: ofOne });
  }
  return all;
}

/** How many there are like them, shown or not. */
const howMany = (tasks: [Task, ...Task[]]) => Math.max(tasks[0].alike, tasks.length);

/** What many things want alike, as one line that opens. */
function Alike({ tasks }: { tasks: [Task, ...Task[]] }) {
  const [open, setOpen] = useState(false);
  const [task] = tasks;
  const all = howMany(tasks);
  const kinds = [...new Set(tasks.map(({ tag, name }) => tag?.variety ?? name))];
  const said = kinds.slice(0, 5).join(', ') + (kinds.length > 5 || all > tasks.length ? ' …' : '');
  return (
    <Box
      component="li"
      sx={(t) => ({
        listStyle: 'none',
        py: 1.25,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        '&:first-of-type': { borderTop: 0 },
      })}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
        <Box component="span" sx={{ fontWeight: 700, fontSize: '1.0625rem' }}>
          {task.do}: {counted(all)} {things[task.subject].many}
        </Box>
        <Button aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Fold them up' : 'Show them'}
        </Button>
      </Box>
      <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>{said}</Box>
      {open && (
        <Box component="ul" sx={{ m: 0, p: 0, pl: { md: 2 } }}>
          {tasks.map((one) => (
            <TaskRow key={one.id} tasks={[one]} />
          ))}
          {all > tasks.length && (
            <Box component="li" sx={{ listStyle: 'none' }}>
              The first {tasks.length} are shown;{' '}
              <Link to={`/${task.place}`}>{places[task.place].title}</Link> lists the rest.
            </Box>
          )}
        </Box>
      )}
    </Box>
  );
}

function Lines({ all }: { all: Line[] }) {
  return (
    <Box component="ul" sx={{ m: 0, p: 0 }}>
      {all.map((line) =>
        'alike' in line ? (
          <Alike key={line.key} tasks={line.alike} />
        ) : (
          <TaskRow key={line.key} tasks={line.tasks} />
        ),
      )}
    </Box>
  );
}

function Group({
  title,
  tasks,
  total,
  parted = false,
}: {
  title: string;
  tasks: Task[];
  total: number;
  parted?: boolean;
}) {
  if (total === 0) return null;
  const all = lines(tasks.filter((task) => !parted || !task.can_wait));
  const idle = lines(tasks.filter((task) => parted && task.can_wait));
  const told = [...all, ...idle].reduce(
    (sum, line) => sum + ('alike' in line ? howMany(line.alike) : line.tasks.length),
    0,
  );
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
      <Lines all={all} />
      {idle.length > 0 && (
        <Box component="section" aria-label="What can wait" sx={{ mt: all.length > 0 ? 2 : 0.5 }}>
          <Typography variant="h3">
            {all.length > 0 ? 'These can wait' : 'All of it can wait'}
            <Box
              component="span"
              sx={(t) => ({ ml: 1, fontWeight: 400, color: t.vars?.palette.text.secondary })}
            >
              Nothing is lost by leaving it a while.
            </Box>
          </Typography>
          <Lines all={idle} />
        </Box>
      )}
      {total > told && <Box>The first {told} are shown; the places list the rest.</Box>}
    </Box>
  );
}
