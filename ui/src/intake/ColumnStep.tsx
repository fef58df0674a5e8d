import { useEffect, useRef } from 'react';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { IntakeColumn } from '../api/client';
import type { Table } from '../kit/spreadsheet';
import { plural } from '../kit/words';
import type { Matched } from './lines';

const SHOWN = 4;

/** Which column of the list is which: as it was understood, and as it can be changed. */
export function ColumnStep({
  title,
  table,
  matched,
  columns,
  onChange,
  onTake,
  onCancel,
}: {
  title: string;
  table: Table;
  matched: Matched;
  columns: IntakeColumn[];
  onChange: (matched: Matched) => void;
  onTake: () => void;
  onCancel: () => void;
}) {
  // Whoever pasted with the keys goes on with them.
  const goOn = useRef<HTMLButtonElement>(null);
  useEffect(() => goOn.current?.focus(), []);
  const rows = table.slice(matched.hasHeadings ? 1 : 0);
  const width = Math.max(...table.map((row) => row.length));
  const set = (at: number, key: string) =>
    onChange({
      ...matched,
      // Only the note may be made up of several.
      columns: Array.from({ length: width }, (_, i) => {
        const now = matched.columns[i] ?? '';
        if (i === at) return key;
        return now === key && key !== 'note' ? '' : now;
      }),
    });
  return (
    <Box
      role="group"
      aria-label={`The columns of ${title}`}
      sx={(t) => ({
        border: `2px solid ${t.vars?.palette.rule}`,
        bgcolor: t.vars?.palette.background.paper,
        p: 2,
        my: 2,
      })}
    >
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        {title}: {plural(rows.length, 'line')}
      </Box>
      <p style={{ maxWidth: '46em' }}>
        What stands in each column? Nothing is kept yet: you see every line, and what is doubtful of it,
        before it is.
      </p>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="The first lines of the list">
        <Box
          component="table"
          sx={(t) => ({
            borderCollapse: 'collapse',
            '& td, & th': {
              textAlign: 'left',
              verticalAlign: 'top',
              p: 0.75,
              borderTop: `1px solid ${t.vars?.palette.quiet}`,
              maxWidth: 220,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
            },
          })}
        >
          <thead>
            <tr>
              {Array.from({ length: width }, (_, i) => (
                <th key={i} scope="col">
                  <Box
                    component="select"
                    aria-label={`Column ${i + 1}${matched.hasHeadings && table[0]?.[i] ? `, “${table[0][i]}”` : ''}`}
                    value={matched.columns[i] ?? ''}
                    onChange={(event) => set(i, event.target.value)}
                    sx={(t) => ({
                      font: 'inherit',
                      fontWeight: 700,
                      color: 'inherit',
                      minHeight: 44,
                      maxWidth: 132,
                      border: `2px solid ${(matched.columns[i] ?? '') === '' ? t.vars?.palette.quiet : t.vars?.palette.rule}`,
                      borderRadius: `${t.shape.borderRadius}px`,
                      bgcolor: t.vars?.palette.background.default,
                    })}
                  >
                    <option value="">left out</option>
                    {columns.map(({ key, label }) => (
                      <option key={key} value={key}>
                        {label}
                      </option>
                    ))}
                  </Box>
                </th>
              ))}
            </tr>
            {matched.hasHeadings && (
              <tr>
                {Array.from({ length: width }, (_, i) => (
                  <Box
                    component="th"
                    key={i}
                    scope="col"
                    sx={(t) => ({ color: t.vars?.palette.text.secondary, fontWeight: 400 })}
                  >
                    {table[0]?.[i] ?? ''}
                  </Box>
                ))}
              </tr>
            )}
          </thead>
          <tbody>
            {rows.slice(0, SHOWN).map((row, at) => (
              <tr key={at}>
                {Array.from({ length: width }, (_, i) => (
                  <td key={i}>{row[i] ?? ''}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <Box sx={{ mt: 1 }}>
        <label>
          <input
            type="checkbox"
            checked={matched.hasHeadings}
            onChange={(event) => onChange({ ...matched, hasHeadings: event.target.checked })}
          />{' '}
          The first line says what stands below it
        </label>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
        <Button variant="contained" ref={goOn} disabled={rows.length === 0} onClick={onTake}>
          Look at {plural(rows.length, 'line')}
        </Button>
        <Button variant="text" onClick={onCancel}>
          Cancel
        </Button>
      </Box>
    </Box>
  );
}
