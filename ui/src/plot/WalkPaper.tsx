import Box from '@mui/material/Box';
import type { Walk } from '../api/client';

/** Rows on paper where nobody said how many plants there are. */
const ROWS = 24;

/** The walk on paper: a line a plant, with room to pencil in. */
export function WalkPaper({ walk }: { walk: Walk }) {
  const numbers = Array.from({ length: walk.there ?? ROWS }, (_, i) => i + 1);
  return (
    <Box
      component="table"
      sx={{
        display: 'none',
        '@media print': { display: 'table' },
        borderCollapse: 'collapse',
        width: '100%',
        '& th, & td': { border: '1px solid #000', textAlign: 'left', px: 0.5, height: 28 },
        '& tr': { breakInside: 'avoid' },
      }}
    >
      <thead>
        <tr>
          <th>plant</th>
          <th>struck out</th>
          {walk.traits.map(({ name, unit }) => (
            <th key={name}>{unit === '' ? name : `${name}, ${unit}`}</th>
          ))}
          <th>border</th>
          <th>what few have</th>
        </tr>
      </thead>
      <tbody>
        {numbers.map((number) => (
          <tr key={number}>
            <td>{number}</td>
            <td />
            {walk.traits.map(({ name }) => (
              <td key={name} />
            ))}
            <td />
            <td />
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
