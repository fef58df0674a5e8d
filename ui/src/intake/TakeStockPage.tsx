import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useRef, useState, type ClipboardEvent } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v7 } from 'uuid';
import { api, Refused, take, type Intake } from '../api/client';
import { longWork } from '../api/longWork';
import { afterwards, useIntakeForm, useIntakes, useWrite } from '../api/queries';
import { Coming } from '../kit/Coming';
import { ChoiceInput } from '../kit/fields';
import { FileButton } from '../kit/FileButton';
import { Caution, Trouble } from '../kit/Section';
import {
  fromFile,
  fromText,
  hand,
  NoList,
  toCsv,
  toWorkbook,
  type Sheet,
  type Table,
} from '../kit/spreadsheet';
import { plural } from '../kit/words';
import { Waiting } from '../kit/Waiting';
import { places } from '../shell/places';
import { ColumnStep } from './ColumnStep';
import { LineEntry } from './LineEntry';
import { linesOf, mended, next, tally, type Cells, type Matched } from './lines';
import { LineTable } from './LineTable';
import { NewPlaces } from './NewPlaces';
import { TakenIn } from './TakenIn';
import { useRead, useStock } from './useStock';

type Brought = {
  title: string;
  table: Table;
  /** what stood above the list and is no packet */
  above: Table;
  matched: Matched;
  units: Record<string, string>;
};

/** A cupboard full of seed: written packet by packet, pasted, or brought in a file; kept as one, and taken back as one. */
export function TakeStockPage() {
  const { act } = useParams();
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2, maxWidth: 1500 }}>
      {act === undefined ? <TakeStock /> : <TakenIn key={act} id={act} />}
    </Box>
  );
}

function TakeStock() {
  const { stock, set, clear } = useStock();
  const { read, trouble } = useRead(stock);
  const form = useIntakeForm();
  const navigate = useNavigate();
  const first = useRef<HTMLInputElement>(null);
  const [changing, setChanging] = useState<string | null>(null);
  const [brought, setBrought] = useState<Brought | null>(null);
  const [wrong, setWrong] = useState('');
  const [sheets, setSheets] = useState<{ file: string; found: Sheet[] } | null>(null);
  const [beginning, setBeginning] = useState(false);
  const [done, setDone] = useState(0);
  const sum = tally(stock.lines, read);
  const most = form.data?.most ?? 0;

  const ready = form.data !== undefined;
  useEffect(() => {
    if (ready) first.current?.focus();
  }, [ready]);

  const bring = async (title: string, table: () => Promise<Table>) => {
    setWrong('');
    try {
      const rows = await table();
      if (rows.length === 0) throw new NoList('There is nothing in it.');
      const match = await take(api.POST('/intake/columns', { body: { rows: rows.slice(0, 40) } }));
      if (rows.length - match.above - (match.has_headings ? 1 : 0) + stock.lines.length > most)
        throw new NoList(`That is more than comes in as one: at most ${most} lines.`);
      setBrought({
        title,
        table: rows.slice(match.above),
        above: rows.slice(0, match.above),
        matched: { hasHeadings: match.has_headings, columns: match.columns },
        units: match.units,
      });
    } catch (error) {
      setWrong(error instanceof Error ? error.message : 'That could not be read.');
    }
  };
  const open = async (file: File) => {
    setWrong('');
    setSheets(null);
    try {
      const found = await fromFile(file);
      const [only] = found;
      if (found.length === 1 && only !== undefined)
        return await bring(file.name, () => Promise.resolve(only.table));
      setSheets({ file: file.name, found });
    } catch (error) {
      setWrong(error instanceof Error ? error.message : 'That could not be read.');
    }
  };
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData.getData('text/plain');
    // A list, not a word: it lands in lines of its own, whichever cell it was pasted into.
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    void bring('What you pasted', () => fromText(text));
  };
  const takeLines = (from: Brought) => {
    set((was) => ({
      lines: [...was.lines, ...linesOf(from.table, from.matched, () => v7())],
      units: { ...was.units, ...from.units },
      title: was.title === '' ? from.title : was.title,
    }));
    setBrought(null);
  };
  const finish = (cells: Cells) => {
    if (changing !== null) {
      set((was) => ({
        lines: was.lines.map((line) => (line.id === changing ? { ...line, cells } : line)),
        entry: {},
      }));
      setChanging(null);
    } else {
      set((was) => ({ lines: [...was.lines, { id: v7(), cells }], entry: next(cells) }));
    }
    first.current?.focus();
  };

  const save = useWrite(() =>
    longWork<Intake>(
      '/intakes',
      {
        id: stock.id,
        title: stock.title === '' ? 'Taken stock' : stock.title,
        lines: stock.lines.map(({ id, cells }) => ({ id, cells })),
        units: stock.units,
        unmarked: stock.unmarked,
        places: Object.fromEntries(sum.newPlaces.map((name) => [name, stock.airs[name] ?? {}])),
      },
      new AbortController().signal,
      setDone,
    ),
  );
  const errors = save.error instanceof Refused ? save.error.fields : {};

  if (form.error !== null) return <Trouble>{form.error.message}</Trouble>;
  if (form.data === undefined) return <Coming lines={6} height={48} />;
  const columns = form.data.columns;
  return (
    <Box onPaste={paste}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
        <Box component="h1" sx={{ typography: 'h1', m: 0 }}>
          <Box component="span" sx={{ borderBottom: `6px solid ${places.store.enamel}` }}>
            Take stock
          </Box>
        </Box>
        <Box role="status" aria-label="Tally" sx={{ flex: 1, fontWeight: 700 }}>
          {sum.lines > 0 &&
            [
              plural(sum.lines, 'packet'),
              sum.crops > 0 && plural(sum.crops, 'crop'),
              sum.stopped > 0 && `${sum.stopped} cannot be kept so`,
              sum.doubtful > 0 && `${sum.doubtful} to look at`,
              sum.stands > 0 && `${sum.stands} here already`,
              sum.unread > 0 && `${sum.unread} being read`,
            ]
              .filter((part) => part !== false)
              .join(' · ')}
        </Box>
        <Bring onFile={(file) => void open(file)} />
      </Box>
      {sum.lines === 0 && brought === null && (
        <p style={{ maxWidth: '52em', margin: '8px 0 12px' }}>
          Everything that lies in the cupboard, a line a packet. What nobody knows stays empty. A list copied
          out of a spreadsheet can be pasted into any field.
        </p>
      )}
      {wrong !== '' && <Trouble>{wrong}</Trouble>}
      {sheets !== null && (
        <Box role="group" aria-label={`Sheets of ${sheets.file}`} sx={{ my: 1.5 }}>
          <Caution>
            {sheets.file} has several sheets. Which of them is the list? Others can be brought after it.
          </Caution>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            {sheets.found.map(({ name, table }) => (
              <Button
                key={name}
                onClick={() => {
                  setSheets(null);
                  void bring(`${sheets.file}: ${name}`, () => Promise.resolve(table));
                }}
              >
                {name}, {plural(table.length, 'row')}
              </Button>
            ))}
            <Button variant="text" onClick={() => setSheets(null)}>
              None of them
            </Button>
          </Box>
        </Box>
      )}
      {brought !== null && brought.above.length > 0 && (
        <Caution>
          Left out above the {brought.matched.hasHeadings ? 'headings' : 'list'}:{' '}
          {brought.above.map((row) => `“${row.filter((cell) => cell.trim() !== '').join(', ')}”`).join(' ')}{' '}
          <Button
            variant="text"
            onClick={() =>
              setBrought({
                ...brought,
                table: [...brought.above, ...brought.table],
                above: [],
                matched: { ...brought.matched, hasHeadings: false },
              })
            }
          >
            These are packets, too
          </Button>
        </Caution>
      )}
      {brought !== null && (
        <ColumnStep
          title={brought.title}
          table={brought.table}
          matched={brought.matched}
          columns={columns}
          onChange={(matched) => setBrought({ ...brought, matched })}
          onTake={() => takeLines(brought)}
          onCancel={() => setBrought(null)}
        />
      )}
      <Box sx={{ display: brought === null ? 'block' : 'none', mt: 1.5 }}>
        <LineEntry
          cells={stock.entry}
          changing={changing !== null}
          lines={stock.lines}
          firstRef={first}
          onChange={(entry) => set({ entry })}
          onDone={finish}
          onCancel={() => {
            setChanging(null);
            set({ entry: {} });
          }}
        />
        {trouble !== null && <Trouble>{trouble.message}</Trouble>}
        {sum.lines > 0 && (
          <>
            <Box sx={{ mt: 2 }}>
              <LineTable
                lines={stock.lines}
                read={read}
                changing={changing}
                onChange={(line) => {
                  setChanging(line.id);
                  set({ entry: line.cells });
                  first.current?.focus();
                }}
                onDrop={(line) => set((was) => ({ lines: was.lines.filter(({ id }) => id !== line.id) }))}
                onMend={(line, column, text, everywhere) =>
                  set((was) => ({
                    lines: everywhere
                      ? mended(was.lines, column, line.cells[column] ?? '', text)
                      : was.lines.map((one) =>
                          one.id === line.id ? { ...one, cells: { ...one.cells, [column]: text } } : one,
                        ),
                  }))
                }
              />
            </Box>
            <NewPlaces
              names={sum.newPlaces}
              airs={stock.airs}
              errors={errors}
              onChange={(airs) => set({ airs })}
            />
            <Box sx={{ mt: 2, maxWidth: 420 }}>
              <ChoiceInput
                label="A named variety without “F1” is"
                options={[
                  { key: 'unknown', label: 'not known: it may come true or not' },
                  { key: 'open_pollinated', label: 'open-pollinated: it comes true' },
                ]}
                value={stock.unmarked}
                onChange={(unmarked) => set({ unmarked: unmarked as typeof stock.unmarked })}
              />
            </Box>
            {save.error !== null && <Trouble>{save.error.message}</Trouble>}
            <Waiting write={save} />
            {save.isPending && (
              <LinearProgress
                variant="determinate"
                value={100 * done}
                aria-label="How far it is"
                sx={{ my: 1 }}
              />
            )}
            {sum.stopped > 0 && (
              <Caution>
                {plural(sum.stopped, 'line')} cannot be kept as {sum.stopped === 1 ? 'it is' : 'they are'}.
                Mend what stands below {sum.stopped === 1 ? 'it' : 'them'}, or leave{' '}
                {sum.stopped === 1 ? 'it' : 'them'} out.{' '}
                <Button
                  variant="text"
                  onClick={() =>
                    set((was) => ({
                      lines: was.lines.filter(({ id }) => read.get(id)?.status !== 'stopped'),
                    }))
                  }
                >
                  Leave {sum.stopped === 1 ? 'it' : `all ${sum.stopped}`} out
                </Button>
              </Caution>
            )}
            <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
              <Button
                variant="contained"
                disabled={save.isPending || sum.stopped > 0 || sum.unread > 0 || sum.lines === sum.stands}
                onClick={() =>
                  void afterwards(save.mutateAsync(undefined), (kept) => {
                    clear();
                    void navigate(`/store/stock/${kept.id}`);
                  })
                }
              >
                Keep {plural(sum.lines - sum.stopped - sum.stands, 'packet')}
              </Button>
              {!beginning && (
                <Button variant="text" disabled={save.isPending} onClick={() => setBeginning(true)}>
                  Begin anew …
                </Button>
              )}
            </Box>
            {beginning && (
              <Caution>
                That throws {plural(sum.lines, 'line')} away that nobody has kept.{' '}
                <Button
                  variant="text"
                  onClick={() => {
                    clear();
                    setChanging(null);
                    setBeginning(false);
                  }}
                >
                  Throw {sum.lines === 1 ? 'it' : 'them'} away
                </Button>
                <Button variant="text" onClick={() => setBeginning(false)}>
                  Keep on writing
                </Button>
              </Caution>
            )}
          </>
        )}
        {sum.lines === 0 && <Before />}
      </Box>
    </Box>
  );
}

/** A file, and what one may look like. */
function Bring({ onFile }: { onFile: (file: File) => void }) {
  const columns = useIntakeForm().data?.columns ?? [];
  const template = (): Table => {
    const example: Cells[] = [
      {
        crop: 'Tomato',
        variety: 'Sluice Gate',
        year: '2023',
        seeds: '40',
        from: 'A swap in the village hall',
        how: 'swapped',
        container: 'paper envelope',
        place: 'Hall cupboard',
      },
      {
        crop: 'Leek',
        variety: 'Towpath',
        packed_for: '2026',
        mass_g: '2.5',
        from: 'A shop',
        how: 'bought',
        container: 'foil pouch',
        place: 'Old fridge',
        germinates: '85 %',
        type: 'F1',
        treated: 'no',
      },
    ];
    const keys = columns.filter(({ key }) => key !== 'code' && key !== 'amount' && key !== 'latin');
    return [
      keys.map(({ label }) => label),
      ...example.map((cells) => keys.map(({ key }) => cells[key] ?? '')),
    ];
  };
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <FileButton label="A list of seed" onFile={onFile}>
        Bring in a file
      </FileButton>
      <Button
        variant="text"
        onClick={() => void toCsv(template()).then((blob) => hand('seed-list.csv', blob))}
      >
        Template, CSV
      </Button>
      <Button
        variant="text"
        onClick={() => void toWorkbook('Seed', template()).then((blob) => hand('seed-list.xlsx', blob))}
      >
        Template, XLSX
      </Button>
    </Box>
  );
}

/** What came in as one before. */
function Before() {
  const acts = useIntakes();
  if ((acts.data ?? []).length === 0) return null;
  return (
    <Box component="section" aria-label="Taken in before" sx={{ mt: 4 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 1 }}>
        Taken in before
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {acts.data?.map((act) => (
          <Box
            component="li"
            key={act.id}
            sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, py: 0.75 })}
          >
            <Box component={Link} to={`/store/stock/${act.id}`} sx={{ color: 'inherit', fontWeight: 700 }}>
              {act.title}
            </Box>
            , {act.said}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
