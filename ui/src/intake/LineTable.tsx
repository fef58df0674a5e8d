import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { IntakeLine } from '../api/client';
import { Leafing } from '../kit/Leafing';
import { plural } from '../kit/words';
import { inOrder, type Status, type StockLine } from './lines';

const PAGE = 60;

const SHOWN = ['crop', 'variety', 'year', 'amount', 'from', 'container', 'place', 'germinates'];

/** Every line as it was understood; what is doubtful stands below it, with what could be written in its place. */
export function LineTable({
  lines,
  read,
  changing,
  onChange,
  onDrop,
  onMend,
}: {
  lines: StockLine[];
  read: ReadonlyMap<string, IntakeLine>;
  changing: string | null;
  onChange: (line: StockLine) => void;
  onDrop: (line: StockLine) => void;
  /** one cell written otherwise, there or wherever it says the same */
  onMend: (line: StockLine, column: string, text: string, everywhere: boolean) => void;
}) {
  const [only, setOnly] = useState<Status | null>(null);
  const [page, setPage] = useState(0);
  const many = (status: Status) => lines.filter(({ id }) => read.get(id)?.status === status).length;
  const shown = inOrder(lines, read).filter(({ id }) => only === null || read.get(id)?.status === only);
  const pages = Math.max(1, Math.ceil(shown.length / PAGE));
  const at = Math.min(page, pages - 1);
  const filters: [Status, string][] = [
    ['stopped', 'cannot be kept so'],
    ['doubtful', 'to look at'],
    ['stands', 'here already'],
  ];
  return (
    <Box>
      {filters.some(([status]) => many(status) > 0) && lines.length > 1 && (
        <Box role="group" aria-label="Which lines" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
          <Button
            variant={only === null ? 'contained' : 'outlined'}
            aria-pressed={only === null}
            onClick={() => setOnly(null)}
          >
            All {lines.length}
          </Button>
          {filters
            .filter(([status]) => many(status) > 0)
            .map(([status, words]) => (
              <Button
                key={status}
                variant={only === status ? 'contained' : 'outlined'}
                aria-pressed={only === status}
                onClick={() => {
                  setOnly(status);
                  setPage(0);
                }}
              >
                {many(status)} {words}
              </Button>
            ))}
        </Box>
      )}
      <Box component="ol" aria-label="Packets" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {shown.slice(at * PAGE, (at + 1) * PAGE).map((line) => (
          <LineRow
            key={line.id}
            line={line}
            read={read.get(line.id)}
            changing={changing === line.id}
            same={(column) =>
              lines.filter(
                (other) => (other.cells[column] ?? '').trim() === (line.cells[column] ?? '').trim(),
              ).length
            }
            onChange={() => onChange(line)}
            onDrop={() => onDrop(line)}
            onMend={(column, text, everywhere) => onMend(line, column, text, everywhere)}
          />
        ))}
      </Box>
      <Leafing page={at + 1} pages={pages} total={shown.length} onPage={(to) => setPage(to - 1)} />
    </Box>
  );
}

function LineRow({
  line,
  read,
  changing,
  same,
  onChange,
  onDrop,
  onMend,
}: {
  line: StockLine;
  read: IntakeLine | undefined;
  changing: boolean;
  same: (column: string) => number;
  onChange: () => void;
  onDrop: () => void;
  onMend: (column: string, text: string, everywhere: boolean) => void;
}) {
  const stopped = read?.status === 'stopped';
  const said = (key: string) =>
    read !== undefined && read.status !== 'stopped' ? (read.shown[key] ?? '') : (line.cells[key] ?? '');
  const name = [said('variety'), said('crop')].filter(Boolean).join(', ') || 'this packet';
  return (
    <Box
      component="li"
      sx={(t) => ({
        borderTop: `1px solid ${t.vars?.palette.quiet}`,
        bgcolor: changing ? t.vars?.palette.quiet : undefined,
        py: 0.25,
      })}
    >
      <Box
        sx={{
          display: 'grid',
          gap: 1,
          alignItems: 'center',
          gridTemplateColumns: {
            xs: '1fr 1fr',
            md: '1.2fr 1.4fr 0.9fr 0.9fr 1fr 1.3fr 1.1fr 0.5fr auto',
          },
        }}
      >
        {SHOWN.map((key) => (
          <Box
            key={key}
            component="span"
            title={line.cells[key]}
            sx={(t) => ({
              fontWeight: key === 'variety' ? 700 : 400,
              overflow: 'hidden',
              textOverflow: 'ellipsis',
              whiteSpace: 'nowrap',
              color: read === undefined ? t.vars?.palette.text.secondary : undefined,
            })}
          >
            {said(key)}
          </Box>
        ))}
        <Box sx={{ display: 'flex' }}>
          <Button variant="text" sx={{ minWidth: 0, px: 1 }} onClick={onChange} aria-label={`Change ${name}`}>
            Change
          </Button>
          <Button
            variant="text"
            sx={{ minWidth: 0, px: 1 }}
            onClick={onDrop}
            aria-label={`Leave out ${name}`}
          >
            Leave out
          </Button>
        </Box>
      </Box>
      {(read?.doubts ?? []).map((doubt, i) => (
        <Box
          key={i}
          sx={(t) => ({
            borderLeft: `6px solid ${stopped && doubt.stops ? t.vars?.palette.error.main : t.vars?.palette.caution.main}`,
            pl: 1,
            my: 0.5,
            display: 'flex',
            flexWrap: 'wrap',
            gap: 1,
            alignItems: 'center',
          })}
        >
          <Box component="span" sx={{ fontWeight: doubt.stops ? 700 : 400 }}>
            {doubt.message}
            {doubt.stops &&
              doubt.instead.length > 0 &&
              same(doubt.column) > 1 &&
              ` In all ${plural(same(doubt.column), 'line')} that say so:`}
          </Box>
          {doubt.stops &&
            doubt.instead.map((text) => {
              const many = same(doubt.column);
              return (
                <Button
                  key={text}
                  sx={{ minHeight: 36, py: 0.25 }}
                  onClick={() => onMend(doubt.column, text, many > 1)}
                >
                  {text}
                </Button>
              );
            })}
        </Box>
      ))}
    </Box>
  );
}
