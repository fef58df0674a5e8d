import { places } from './places';
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Task } from '../api/client';
import { useLook } from '../api/look';
import { pageOf } from '../record/things';
import { PutOff } from './PutOff';
import { Tag } from './Tag';

/** What to do, in one line, and why. */
export function TaskLine({ task }: { task: Task }) {
  return (
    <Box
      sx={(t) => ({
        borderLeft: `6px solid ${task.alarm ? t.vars?.palette.error.main : t.vars?.palette.quiet}`,
        pl: 1.5,
        py: 0.25,
      })}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
        <Box
          component="span"
          sx={(t) => ({
            fontWeight: 700,
            fontSize: '1.0625rem',
            color: task.alarm ? t.vars?.palette.error.main : undefined,
          })}
        >
          {task.do}
        </Box>
        <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary, whiteSpace: 'nowrap' })}>
          {task.away}
        </Box>
        <PutOff task={task} />
      </Box>
      <Box sx={{ maxWidth: '46em' }}>{task.why}</Box>
    </Box>
  );
}

/** What one thing wants, in a list over all places: the tag leads to where it has to be done. */
export function TaskRow({ tasks }: { tasks: [Task, ...Task[]] }) {
  const { at } = useLook();
  const [task] = tasks;
  return (
    <Box
      component="li"
      sx={(t) => ({
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '400px 1fr' },
        gap: { xs: 0.75, md: 2.5 },
        alignItems: 'start',
        py: 1.25,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        '&:first-of-type': { borderTop: 0 },
      })}
    >
      <Box>
        <Box
          component={Link}
          // What has a tag is looked at where it has to be done.
          to={at(task.tag === null ? pageOf(task) : `/${task.place}/${task.name}`)}
          sx={{ textDecoration: task.tag === null ? undefined : 'none', color: 'inherit', display: 'block' }}
        >
          {task.tag === null ? <b>{task.name}</b> : <Tag tag={task.tag} />}
        </Box>
        <Box
          sx={(t) => ({
            display: 'flex',
            alignItems: 'center',
            gap: 1,
            mt: 0.5,
            color: t.vars?.palette.text.secondary,
          })}
        >
          <Box component="span" sx={{ width: 12, height: 12, bgcolor: places[task.place].enamel }} />
          {places[task.place].title}
        </Box>
      </Box>
      <Box sx={{ display: 'grid', gap: 1 }}>
        {tasks.map((one) => (
          <TaskLine key={one.id} task={one} />
        ))}
      </Box>
    </Box>
  );
}
