import encodeQR from 'qr';
import { expect, test } from 'vitest';
import { markIn } from './decode';

const mark = `MARROW1.G${'0F'.repeat(16)}.L${'A7'.repeat(16)}.C${'3C'.repeat(16)}`;

/** A picture of a mark: so many pixels to a square, in so much white, smudged or not. */
function picture(text: string, each: number, white: number, smudge = 0) {
  const rows = encodeQR(text, 'raw', { ecc: 'medium', border: 0 });
  const side = rows.length * each + 2 * white;
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  const put = (x: number, y: number, value: number) =>
    data.fill(value, 4 * (y * side + x), 4 * (y * side + x) + 3);
  rows.forEach((row, y) =>
    row.forEach((dark, x) => {
      for (let j = 0; dark && j < each * each; j++)
        put(white + x * each + (j % each), white + y * each + Math.floor(j / each), 0);
    }),
  );
  // A smudge in the middle, so many squares wide.
  const from = white + (Math.floor(rows.length / 2) - 2) * each;
  for (let j = 0; j < (smudge * each) ** 2; j++)
    put(from + (j % (smudge * each)), from + Math.floor(j / (smudge * each)), 0);
  return { width: side, height: side, data };
}

test('what is printed is read again', () => {
  for (const [each, white] of [
    [4, 40],
    [6, 60],
    [9, 20],
  ] as const)
    expect(markIn(picture(mark, each, white))).toBe(mark);
});

test('one that the library misses as it stands is read on its side', () => {
  for (const missed of [
    'MARROW1.G84C9E983F19BEFDDE118DB76C486036C.LFEC0B3CDB043D3FD0AB1554D329E7995',
    'MARROW1.GC176C9D8D8E6CA0DC9711CC3F98A066A.L95A2CDC474D47CFAE4A61A6299A7EF6F',
  ]) {
    expect(markIn(picture(missed, 6, 40), [0])).toBeUndefined();
    expect(markIn(picture(missed, 6, 40))).toBe(missed);
  }
});

test('a thumb on it does no harm', () => {
  expect(markIn(picture(mark, 6, 40, 5))).toBe(mark);
});

test('one that is blotted out is not read as another', () => {
  expect([undefined, mark]).toContain(markIn(picture(mark, 6, 40, 14)));
});

test('where there is no mark nothing is read', () => {
  expect(
    markIn({ width: 200, height: 200, data: new Uint8ClampedArray(200 * 200 * 4).fill(255) }),
  ).toBeUndefined();
  const half = picture(mark, 6, 40);
  expect(
    markIn({ width: half.width, height: 120, data: half.data.slice(0, half.width * 120 * 4) }),
  ).toBeUndefined();
});
