import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { monthName } from '../kit/words';
import type { Plan, PlanTask } from '../api/client';
import { useFrame } from '../api/queries';
import { PlanTaskRow } from '../shell/PlanTaskRow';
import { Empty } from '../kit/Section';

/** The work of the plan, month by month; the same stands in the calendar file. */
export function PlanTasks({ plan }: { plan: Plan }) {
  const frame = useFrame();
  if (plan.tasks.length === 0) return <Empty>No work yet: it comes from the plantings.</Empty>;
  const today = frame.data?.on ?? '';
  const past = plan.tasks.filter(({ on, until }) => (until ?? on) < today);
  const ahead = plan.tasks.filter(({ on, until }) => (until ?? on) >= today);
  return (
    <>
      <Button component="a" href={`/api/plans/${plan.year}/calendar.ics`} download sx={{ mb: 1 }}>
        As a calendar file
      </Button>{' '}
      <Button
        component="a"
        href={`data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(plan.content, null, 2))}`}
        download={`plan-${plan.year}.json`}
        sx={{ mb: 1 }}
      >
        The plan as a file
      </Button>
      <p style={{ marginTop: 0 }}>
        A calendar program can also follow <code>{window.location.origin}/api/calendar.ics</code>: everything
        planned and due, kept up to date.
      </p>
      <Months tasks={ahead} />
      {past.length > 0 && (
        <Box component="details">
          <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 700, minHeight: 44 }}>
            Past by now
          </Box>
          <Months tasks={past} />
        </Box>
      )}
    </>
  );
}

function Months({ tasks }: { tasks: PlanTask[] }) {
  const months = [...new Set(tasks.map(({ on }) => on.slice(0, 7)))];
  return (
    <>
      {months.map((month) => (
        <Box component="section" key={month} sx={{ mb: 1.5 }}>
          <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
            {`${monthName(Number(month.slice(5, 7)) - 1)} ${month.slice(0, 4)}`}
          </Box>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {tasks
              .filter(({ on }) => on.startsWith(month))
              .map((task) => (
                <PlanTaskRow key={`${task.planting}${task.kind}`} task={task} />
              ))}
          </Box>
        </Box>
      ))}
    </>
  );
}
