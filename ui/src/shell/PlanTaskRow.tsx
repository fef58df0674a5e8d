import Box from '@mui/material/Box';
import type { PlanTask } from '../api/client';
import { shortDay } from '../kit/words';

/** A task of a season's plan: when, what, and why. */
export function PlanTaskRow({ task }: { task: PlanTask }) {
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '130px 1fr' },
        columnGap: 2,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        py: 0.75,
      })}
    >
      <span>
        {shortDay(task.on)}
        {task.until !== null && ` to ${shortDay(task.until)}`}
      </span>
      <span>
        <b>{task.do}.</b> {task.why}
      </span>
    </Box>
  );
}
