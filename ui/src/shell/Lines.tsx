import Box from '@mui/material/Box';
import type { Theme } from '@mui/material/styles';
import type { ListItem } from '../api/client';
import { ThingName } from '../record/ThingName';
import { Tag } from './Tag';

const saidOf = ({ label, detail }: ListItem) => [label, detail].filter((words) => words !== '').join(' · ');

/** One line: what it is, its figure, and in the margin whether it waits for somebody. */
export function Short({ item }: { item: ListItem }) {
  const due = item.task !== null && (item.task.state === 'now' || item.task.state === 'late');
  const colour = (t: Theme) => (item.task?.alarm === true ? t.vars?.palette.error.main : undefined);
  return (
    <Box
      title={[item.task === null ? '' : `${item.task.do}, ${item.task.away}`, saidOf(item)]
        .filter((words) => words !== '')
        .join(' · ')}
      sx={{
        display: 'grid',
        gridTemplateColumns: '8px minmax(0, 1fr) auto',
        columnGap: 0.75,
        alignItems: 'center',
        lineHeight: '20px',
        fontSize: '0.9375rem',
      }}
    >
      <Box
        component="span"
        role={due ? 'img' : undefined}
        aria-label={due ? item.task?.do : undefined}
        sx={(t) => ({
          width: 8,
          height: 8,
          bgcolor: due ? (colour(t) ?? t.vars?.palette.text.primary) : undefined,
        })}
      />
      <Box
        component="span"
        sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', minWidth: 0 }}
      >
        <ThingName tag={item.tag} />
      </Box>
      <Box component="b" sx={(t) => ({ color: due ? colour(t) : undefined, textAlign: 'right' })}>
        {item.figure}
      </Box>
    </Box>
  );
}

/** Its tag, its figure, and under it what it wants and what is known. */
export function Full({ item }: { item: ListItem }) {
  const task = item.task;
  return (
    <>
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
          // On two lines rather than at the cost of the name.
          sx={{ fontWeight: 700, fontSize: '1.0625rem', lineHeight: 1.1, textAlign: 'right', maxWidth: 104 }}
        >
          {item.figure}
        </Box>
      </Box>
      <Box
        title={saidOf(item)}
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
        {saidOf(item)}
      </Box>
    </>
  );
}
