import { expect, test } from 'vitest';
import { fitOf, folds, pages, paperOf, papers } from './papers';

test('tags lie on the page side by side, within what a printer can print', () => {
  for (const { key, page, tag, columns, rows, folds: toFold } of papers) {
    const margin = columns * rows === 1 || toFold ? 0 : 8;
    expect(tag.width * columns + 2 * margin, key).toBeCloseTo(page.width, 6);
    expect(tag.height * rows + 2 * margin, key).toBeCloseTo(page.height, 6);
  }
});

test('no two papers go by one name, and one that nobody knows is the first', () => {
  expect(new Set(papers.map(({ key }) => key)).size).toBe(papers.length);
  expect(new Set(papers.map(({ label }) => label)).size).toBe(papers.length);
  expect(paperOf('papyrus')).toBe(papers[0]);
  expect(paperOf(null)).toBe(papers[0]);
  expect(paperOf('roll-50').tag).toEqual({ width: 50, height: 40 });
});

test('every tag is printed once, whatever number there is', () => {
  const paper = paperOf('a4-21');
  for (const n of [0, 1, 20, 21, 22, 400]) {
    const tags = Array.from({ length: n }, (_, i) => i);
    const out = pages(tags, paper);
    expect(out.flat()).toEqual(tags);
    expect(out.length).toBe(Math.ceil(n / 21));
    expect(out.every((page) => page.length > 0 && page.length <= 21)).toBe(true);
  }
});

test('a packet folds up from a flap, a front, and a back as high as the front', () => {
  for (const paper of papers.filter((one) => one.folds)) {
    const { side, flap, front, inner } = folds(paper.tag);
    expect(flap + 2 * front).toBeCloseTo(paper.tag.height, 6);
    expect(inner + 2 * side).toBeCloseTo(paper.tag.width, 6);
    // The flap tucks in, and the tag has room on the front.
    expect(flap).toBeLessThan(front);
    expect(fitOf({ width: inner, height: front })).not.toBe('least');
  }
});

test('where there is less room less is said', () => {
  expect(fitOf(paperOf('a4-8').tag)).toBe('full');
  expect(fitOf(paperOf('a4-21').tag)).toBe('short');
  expect(fitOf(paperOf('a4-44').tag)).toBe('least');
  expect(fitOf(paperOf('roll-100').tag)).toBe('full');
  expect(fitOf(paperOf('roll-29').tag)).toBe('least');
});
