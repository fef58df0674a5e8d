import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Weather } from '../api/client';
import { useLook } from '../api/look';
import { pageOf } from '../record/things';

/** What the weather of the next days asks for, and what is better done before it comes. */
export function WeatherAhead({ weather }: { weather: Weather }) {
  const { at } = useLook();
  return (
    <Box
      component="section"
      aria-label="The weather"
      sx={(t) => ({
        borderLeft: `6px solid ${weather.alarm ? t.vars?.palette.error.main : t.vars?.palette.rule}`,
        pl: 1.5,
        mb: 2,
        maxWidth: '62em',
      })}
    >
      {weather.says.map((says) => (
        <Box key={says} sx={{ fontWeight: 700 }}>
          {says}
        </Box>
      ))}
      {weather.first.length > 0 && (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {weather.first.map((task) => (
            <Box component="li" key={task.id} sx={{ py: 0.25 }}>
              <Box component={Link} to={at(pageOf(task))} sx={{ color: 'inherit' }}>
                {task.name}
                {task.tag !== null && ` ${task.tag.variety}, ${task.tag.crop.toLowerCase()}`}
              </Box>
              : {task.do.toLowerCase()}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
