import Box from '@mui/material/Box';
import Button from '@mui/material/Button';

/** From page to page of a list; nothing where there is one page only. */
export function Leafing({
  page,
  pages,
  total,
  onPage,
}: {
  /** from 1 */
  page: number;
  pages: number;
  total: number;
  onPage: (page: number) => void;
}) {
  if (pages <= 1) return null;
  return (
    <Box
      sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', maxWidth: 480, mt: 2 }}
    >
      <Button disabled={page <= 1} onClick={() => onPage(page - 1)}>
        Before
      </Button>
      <span>
        {page} of {pages}, {total} in all
      </span>
      <Button disabled={page >= pages} onClick={() => onPage(page + 1)}>
        After
      </Button>
    </Box>
  );
}
