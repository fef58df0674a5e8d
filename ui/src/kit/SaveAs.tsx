import Button from '@mui/material/Button';
import { useState } from 'react';
import { useSay } from './Said';
import { hand, toCsv, toWorkbook, type Table } from './spreadsheet';

/** A list as a spreadsheet file: all of it, as it is narrowed and ordered. */
export function SaveAs({ title, table }: { title: string; table: () => Table | Promise<Table> }) {
  const say = useSay();
  const [making, setMaking] = useState(false);
  const give = async (kind: 'csv' | 'xlsx') => {
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
        aria-label={`${title} as CSV`}
        disabled={making}
        onClick={() => void give('csv')}
      >
        As CSV
      </Button>
      <Button
        variant="text"
        sx={{ minWidth: 0, px: 1 }}
        aria-label={`${title} as XLSX`}
        disabled={making}
        onClick={() => void give('xlsx')}
      >
        As XLSX
      </Button>
    </>
  );
}
