import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { PlanTask } from '../api/client';
import { sowing } from '../record/sowing';
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
        {task.sow !== null && (
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mt: 0.5 }}>
            <Button
              component={Link}
              to={sowing({ planned: task.planting, ...task.sow, packet: task.sow.container })}
              aria-label={`${task.do}: record it`}
            >
              Sow it
            </Button>
            <span>{task.sow.said}</span>
          </Box>
        )}
      </span>
    </Box>
  );
}
