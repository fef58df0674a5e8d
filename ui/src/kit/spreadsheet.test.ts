import { describe, expect, it } from 'vitest';
import {
  decoded,
  fromFile,
  fromText,
  guarded,
  NoList,
  toCsv,
  toWorkbook,
  unguarded,
  worded,
} from './spreadsheet';

const file = (name: string, ...parts: BlobPart[]) => Object.assign(new Blob(parts), { name });

describe('a list that comes in', () => {
  it.each([
    ['commas', 'Crop,Variety\nTomato,"Sluice, Gate"'],
    ['semicolons', 'Crop;Variety\nTomato;Sluice, Gate'],
    ['tabs', 'Crop\tVariety\nTomato\tSluice, Gate'],
  ])('may have %s between its cells', async (_, text) => {
    expect(await fromText(text)).toEqual([
      ['Crop', 'Variety'],
      ['Tomato', 'Sluice, Gate'],
    ]);
  });

  it('loses rows and columns in which there is nothing, and the mark of UTF-8', async () => {
    expect(await fromText('\uFEFFCrop,,Year\n,,\nLeek,,2024\n')).toEqual([
      ['Crop', 'Year'],
      ['Leek', '2024'],
    ]);
  });

  it('may be of one column', async () => {
    expect(await fromText('Tomato\nLeek')).toEqual([['Tomato'], ['Leek']]);
  });

  it('is read in UTF-8, UTF-16 or as older programs wrote it', () => {
    expect(decoded(new TextEncoder().encode('Mâche'))).toBe('Mâche');
    expect(decoded(new Uint8Array([0xff, 0xfe, 0x4d, 0, 0xe2, 0]))).toBe('Mâ');
    expect(decoded(new Uint8Array([0x4d, 0xe2, 0x63]))).toBe('Mâc');
  });

  it('is refused in words when it is no list', async () => {
    await expect(fromFile(file('a.bin', new Uint8Array([1, 0, 2])))).rejects.toThrow(NoList);
    await expect(fromFile(file('a.csv', ' \n \n'))).rejects.toThrow('There is nothing in this file.');
    await expect(fromFile(file('a.csv', 'x'.repeat(5 * 1024 * 1024 + 1)))).rejects.toThrow('too large');
    await expect(fromFile(file('a.xlsx', new Uint8Array([0x50, 0x4b, 3, 4, 9, 9])))).rejects.toThrow(
      'cannot be read as a spreadsheet',
    );
  });

  it('may hold days, shares, formulas and links in a workbook', () => {
    expect(worded(new Date('2024-09-03T00:00:00Z'))).toBe('2024-09-03');
    expect(worded(0.85, '0%')).toBe('85 %');
    expect(worded(12.5)).toBe('12.5');
    expect(worded({ formula: 'A1*2', result: 8 })).toBe('8');
    expect(worded({ text: 'here', hyperlink: 'x' })).toBe('here');
    expect(worded({ richText: [{ text: 'a' }, { text: 'b' }] })).toBe('ab');
    expect(worded(null)).toBe('');
  });
});

describe('a list that goes out', () => {
  const table = [
    ['Crop', 'Note'],
    ['Tomato', '=1+1'],
    ['Leek', "'=guarded already"],
    ['Pea', '-5, "quoted"\nand a second line'],
    ['Mâche', "'quoted'"],
  ];

  it('is taken for no formula', () => {
    expect(guarded('=HYPERLINK("x")')).toBe('\'=HYPERLINK("x")');
    expect(guarded('+44 12')).toBe("'+44 12");
    expect(guarded('Sluice Gate')).toBe('Sluice Gate');
    for (const cell of table.flat()) expect(unguarded(guarded(cell))).toBe(cell);
  });

  it('comes in again unchanged as CSV', async () => {
    expect(await fromFile(file('a.csv', await toCsv(table)))).toEqual([{ name: '', table }]);
  });

  it('comes in again unchanged as a workbook', async () => {
    expect(await fromFile(file('a.xlsx', await toWorkbook('Store: all', table)))).toEqual([
      { name: 'Store  all', table },
    ]);
  });

  it('of a workbook with several sheets gives each in which there is something, but for those that are hidden', async () => {
    const { default: excel } = await import('exceljs');
    const book = new excel.Workbook();
    book.addWorksheet('Beans').addRow(['Crop', 'Year']);
    book.addWorksheet('Empty');
    book.addWorksheet('Old', { state: 'hidden' }).addRow(['x']);
    book.addWorksheet('Peas').addRow(['Pea', 2024]);
    const bytes = new Uint8Array((await book.xlsx.writeBuffer()) as ArrayBuffer);
    expect(await fromFile(file('a.xlsx', bytes))).toEqual([
      { name: 'Beans', table: [['Crop', 'Year']] },
      { name: 'Peas', table: [['Pea', '2024']] },
    ]);
  });
});
