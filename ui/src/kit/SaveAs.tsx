import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { Link } from 'react-router';
import { useSay } from './Said';
import { hand, toCsv, toWorkbook, type Table } from './spreadsheet';

/** What can be made of a list, behind one word: a spreadsheet file of all of it, as it is narrowed and ordered, and its tags. */
export function SaveAs({
  title,
  table,
  tags,
}: {
  title: string;
  table: () => Table | Promise<Table>;
  /** where its tags are printed, where it has any */
  tags?: string;
}) {
  const say = useSay();
  const [at, setAt] = useState<HTMLElement | null>(null);
  const [making, setMaking] = useState(false);
  const close = () => setAt(null);
  const give = async (kind: 'csv' | 'xlsx') => {
    close();
    setMaking(true);
    try {
      const rows = await table();
      hand(`${title.toLowerCase()}.${kind}`, await (kind === 'csv' ? toCsv(rows) : toWorkbook(title, rows)));
    } catch (error) {
      say(error instanceof Error ? error.message : 'The file could not be made.');
    } finally {
      setMaking(false);
    }
  };
  return (
    <>
      <Button
        variant="text"
        sx={{ minWidth: 0, px: 1 }}
        aria-haspopup="menu"
        aria-expanded={at !== null}
        aria-label={`${tags === undefined ? 'Save' : 'Print or save'}: ${title.toLowerCase()}`}
        disabled={making}
        onClick={(event) => setAt(event.currentTarget)}
      >
        {making ? 'Making it …' : tags === undefined ? 'Save …' : 'Print or save …'}
      </Button>
      <Menu
        anchorEl={at}
        open={at !== null}
        onClose={close}
        slotProps={{ paper: { variant: 'outlined', elevation: 0 } }}
      >
        {tags !== undefined && (
          <MenuItem component={Link} to={tags} onClick={close}>
            Tags of all of it
          </MenuItem>
        )}
        <MenuItem onClick={() => void give('csv')}>The list as CSV</MenuItem>
        <MenuItem onClick={() => void give('xlsx')}>The list as XLSX</MenuItem>
      </Menu>
    </>
  );
}
