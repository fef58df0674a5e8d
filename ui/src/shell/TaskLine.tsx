import { places } from './places';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Theme } from '@mui/material/styles';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Task } from '../api/client';
import { useLook } from '../api/look';
import { pageOf } from '../record/things';
import { PutOff } from './PutOff';
import { Tag } from './Tag';
import { TapDone } from './TapDone';

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
        <TapDone task={task} />
        <PutOff task={task} />
      </Box>
      <Box sx={{ maxWidth: '46em' }}>{task.why}</Box>
    </Box>
  );
}

/** What one thing wants, in a list over all places, in a line: the tag leads to where it has to be done. */
export function TaskRow({ tasks }: { tasks: [Task, ...Task[]] }) {
  const { at } = useLook();
  const [task] = tasks;
  return (
    <Box
      component="li"
      sx={(t) => ({
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr) auto', md: '324px 84px minmax(0, 1fr)' },
        columnGap: 1.5,
        rowGap: 0.5,
        alignItems: 'start',
        py: 0.75,
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        '&:first-of-type': { borderTop: 0 },
      })}
    >
      <Box
        component={Link}
        // What has a tag is looked at where it has to be done.
        to={at(task.tag === null ? pageOf(task) : `/${task.place}/${task.name}`)}
        sx={{ textDecoration: task.tag === null ? undefined : 'none', color: 'inherit', display: 'block' }}
      >
        {task.tag === null ? <b>{task.name}</b> : <Tag tag={task.tag} dense />}
      </Box>
      <Box
        sx={(t) => ({
          display: 'flex',
          alignItems: 'center',
          gap: 0.75,
          lineHeight: '28px',
          color: t.vars?.palette.text.secondary,
        })}
      >
        <Box component="span" sx={{ width: 12, height: 12, bgcolor: places[task.place].enamel }} />
        {places[task.place].title}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'minmax(0, 1fr)',
          gap: 0.5,
          gridColumn: { xs: '1 / -1', md: 'auto' },
        }}
      >
        {tasks.map((one) => (
          <Brief key={one.id} task={one} />
        ))}
      </Box>
    </Box>
  );
}

/** What to do in one line, with the reason where it fits; where it does not it is opened, and stands open where seed is being lost. */
function Brief({ task }: { task: Task }) {
  const [open, setOpen] = useState(task.alarm);
  const { line, isCut } = useIsCut(open);
  const narrow = useMediaQuery((t: Theme) => t.breakpoints.down('md'));
  return (
    <Box
      sx={(t) => ({
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'baseline',
        borderLeft: `6px solid ${task.alarm ? t.vars?.palette.error.main : t.vars?.palette.quiet}`,
        pl: 1.25,
        lineHeight: 1.35,
      })}
    >
      <Box
        ref={line}
        sx={{
          flex: '1 1 0',
          minWidth: 0,
          py: 0.375,
          ...(!open && !isCut && { overflow: { md: 'hidden' }, whiteSpace: { md: 'nowrap' } }),
        }}
      >
        <Box
          component="span"
          sx={(t) => ({ fontWeight: 700, color: task.alarm ? t.vars?.palette.error.main : undefined })}
        >
          {task.do}
        </Box>
        <Box component="span" sx={(t) => ({ ml: 1, color: t.vars?.palette.text.secondary })}>
          {task.away}
        </Box>
        {!open && !isCut && (
          <Box component="span" sx={{ display: { xs: 'none', md: 'inline' }, ml: 1 }}>
            {task.why}
          </Box>
        )}
      </Box>
      {!task.alarm && (
        <Button
          variant="text"
          aria-expanded={open}
          aria-label={`Why: ${task.do}`}
          sx={{
            // On a phone no reason stands beside it.
            display: { md: open || isCut ? 'inline-flex' : 'none' },
            my: '-8px',
            px: 1,
            minWidth: 0,
            minHeight: 44,
            color: 'text.secondary',
            fontWeight: 500,
          }}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Fold it' : narrow ? 'Why, later …' : 'Why …'}
        </Button>
      )}
      <TapDone task={task} />
      <Box sx={{ display: { xs: open ? 'contents' : 'none', md: 'contents' } }}>
        <PutOff task={task} />
      </Box>
      {open && (
        <Box sx={{ flexBasis: '100%', lineHeight: 1.35, pb: 0.5 }}>
          <Box sx={{ maxWidth: '46em' }}>{task.why}</Box>
        </Box>
      )}
    </Box>
  );
}

/** Whether a line would say more than there is room for, so that the last of it is left out. */
function useIsCut(open: boolean) {
  const line = useRef<HTMLDivElement>(null);
  const needs = useRef(0);
  const [isCut, setIsCut] = useState(false);
  useEffect(() => {
    const element = line.current;
    if (element === null || open) return;
    const watch = new ResizeObserver(() =>
      setIsCut((was) => {
        if (!was) needs.current = element.scrollWidth;
        return needs.current > element.clientWidth;
      }),
    );
    watch.observe(element);
    return () => watch.disconnect();
  }, [open]);
  return { line, isCut };
}
