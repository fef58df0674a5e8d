import Box from '@mui/material/Box';
import { later } from '../kit/Coming';
import { whenWanted } from './find';

/** As large as the field is: what stands beside it does not move when it comes. */
const Place = () => (
  <Box
    aria-hidden="true"
    sx={(t) => ({
      width: { xs: 112, md: 320 },
      height: 46,
      flexShrink: 0,
      border: `2px solid ${t.vars?.palette.rule}`,
      borderRadius: `${t.shape.borderRadius}px`,
    })}
  />
);

/** The line at the head of every page: what it takes to find things comes after what one looks at first. */
export const Find = later(
  async () => {
    // A phone draws what was opened before it reads what may be typed.
    await whenWanted();
    return (await import('./Find')).Find;
  },
  {},
  <Place />,
);
