/** Lists in and out as spreadsheet files. What reads and writes them is loaded when it is wanted. */

export type Table = string[][];

/** One of the sheets of a file; a text has one without a name. */
export type Sheet = { name: string; table: Table };

/** Bytes; a list of everything in the largest cupboard is smaller. */
const MOST_BYTES = 5 * 1024 * 1024;

/** What is wrong with a file, in words. */
export class NoList extends Error {}

/** A text that a spreadsheet would take for a formula, or that would be taken for one that was guarded. */
const formulaLike = /^'*[=+\-@\t\r]/;

/** So that no spreadsheet takes a text for a formula; what reads it again takes the mark off. */
export const guarded = (cell: string): string => (formulaLike.test(cell) ? `'${cell}` : cell);

export const unguarded = (cell: string): string =>
  cell.startsWith("'") && formulaLike.test(cell.slice(1)) ? cell.slice(1) : cell;

/** The text of a file: UTF-8, or UTF-16 by its mark, or else as older programs wrote it. */
export function decoded(bytes: Uint8Array): string {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (a === 0xfe && b === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  if (bytes.includes(0)) throw new NoList('This file holds no text: save the list as CSV or XLSX first.');
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** Without rows and columns in which there is nothing. */
export function trimmed(table: Table): Table {
  const rows = table.filter((row) => row.some((cell) => cell.trim() !== ''));
  const width = Math.max(0, ...rows.map((row) => row.length));
  const columns = Array.from({ length: width }, (_, i) => i).filter((i) =>
    rows.some((row) => (row[i] ?? '').trim() !== ''),
  );
  return rows.map((row) => columns.map((i) => unguarded(row[i] ?? '')));
}

/** Cells with commas, semicolons, tabs or bars between them, whichever it is. */
export async function fromText(text: string): Promise<Table> {
  const { default: papa } = await import('papaparse');
  return trimmed(papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' }).data);
}

/** Every sheet in which there is something, but for those that are hidden. */
export async function fromFile(file: Blob & { name: string }): Promise<Sheet[]> {
  if (file.size > MOST_BYTES)
    throw new NoList(`This file is too large: at most ${MOST_BYTES / 1024 / 1024} MB.`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  // An XLSX file is a ZIP file.
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 0x03 && bytes[3] === 0x04;
  const sheets = isZip ? await fromWorkbook(bytes) : [{ name: '', table: await fromText(decoded(bytes)) }];
  const filled = sheets.filter(({ table }) => table.length > 0);
  if (filled.length === 0) throw new NoList('There is nothing in this file.');
  return filled;
}

async function fromWorkbook(bytes: Uint8Array): Promise<Sheet[]> {
  const { default: excel } = await import('exceljs');
  const book = new excel.Workbook();
  try {
    await book.xlsx.load(bytes.buffer as ArrayBuffer);
  } catch {
    throw new NoList('This file cannot be read as a spreadsheet: save it as CSV or XLSX first.');
  }
  const visible = book.worksheets.filter(({ state }) => state === 'visible');
  return (visible.length > 0 ? visible : book.worksheets).map((sheet) => {
    const table: Table = [];
    sheet.eachRow({ includeEmpty: false }, (row) => {
      const cells: string[] = [];
      row.eachCell({ includeEmpty: true }, (cell, at) => {
        cells[at - 1] = worded(cell.value, cell.numFmt);
      });
      table.push(Array.from(cells, (cell) => cell ?? ''));
    });
    return { name: sheet.name, table: trimmed(table) };
  });
}

/** What stands in a cell of a workbook, as a text; a formula is what came of it. */
export function worded(value: unknown, format?: string): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value === 'number')
    return format?.includes('%') === true ? `${Number((value * 100).toFixed(6))} %` : String(value);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value;
  const made = value as { result?: unknown; text?: unknown; richText?: { text: string }[] };
  if (made.richText !== undefined) return made.richText.map(({ text }) => text).join('');
  if (made.text !== undefined) return worded(made.text);
  return worded(made.result);
}

export async function toCsv(table: Table): Promise<Blob> {
  const { default: papa } = await import('papaparse');
  // The mark at its beginning tells a spreadsheet that it is UTF-8.
  return new Blob(
    [
      '\uFEFF' +
        papa.unparse(
          table.map((row) => row.map(guarded)),
          { newline: '\r\n' },
        ),
    ],
    {
      type: 'text/csv;charset=utf-8',
    },
  );
}

export async function toWorkbook(title: string, table: Table): Promise<Blob> {
  const { default: excel } = await import('exceljs');
  const book = new excel.Workbook();
  const sheet = book.addWorksheet(title.replace(/[\\/?*[\]:]/g, ' ').slice(0, 31) || 'List', {
    views: [{ state: 'frozen', ySplit: 1 }],
  });
  // All of it is text: a code or a year stays what it is.
  sheet.addRows(table.map((row) => row.map(guarded)));
  sheet.getRow(1).font = { bold: true };
  sheet.columns.forEach((column, i) => {
    column.width = Math.min(40, Math.max(8, ...table.map((row) => (row[i] ?? '').length + 2)));
    column.numFmt = '@';
  });
  return new Blob([await book.xlsx.writeBuffer()], {
    type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  });
}

/** Hands a file to the browser to be kept. */
export function hand(name: string, blob: Blob): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // The browser has taken it by then.
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
