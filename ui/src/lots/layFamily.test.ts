import { expect, test } from 'vitest';
import type { Drawing, Node } from '../api/family';
import { breadthOf, layFamily, type Laid } from './layFamily';

const node = (id: string, sort: Node['sort'] = 'lot', marks: Node['marks'] = []): Node => ({
  id,
  sort,
  code: id,
  title: 'Riding Light',
  says: '',
  year: 2020,
  marks,
});

const drawing: Drawing = {
  left: '',
  nodes: [
    node('Tove', 'source'),
    ...['L1', 'L2', 'L3', 'L4', 'L5'].map((id) => node(id)),
    node('P1', 'planting'),
    node('P2', 'planting'),
    node('P3', 'planting'),
    node('gone', 'given'),
  ],
  links: [
    ['Tove', 'L1', 'came', null],
    ['L1', 'P1', 'sown', 40],
    ['P1', 'L3', 'seed', 1],
    ['L2', 'P2', 'sown', 6],
    ['P2', 'L3', 'pollen', 2],
    ['L3', 'P3', 'sown', 12],
    ['P3', 'L4', 'seed', 3],
    ['P3', 'L5', 'seed', 30],
    ['L5', 'gone', 'given', null],
  ].map(([from, to, role, plants]) => ({ from, to, role, plants }) as Drawing['links'][number]),
};

test('time runs downwards along every link, and nothing lies on anything else', () => {
  const { nodes, links, width, height } = layFamily(drawing);
  const at = (id: string) => nodes.find((one) => one.id === id) as Laid['nodes'][number];
  for (const { from, to, points } of links) {
    expect(at(from).y + at(from).height / 2).toBeLessThan(at(to).y - at(to).height / 2);
    expect(points.length).toBeGreaterThan(1);
  }
  for (const [i, a] of nodes.entries())
    for (const b of nodes.slice(i + 1))
      expect(
        Math.abs(a.x - b.x) >= (a.width + b.width) / 2 || Math.abs(a.y - b.y) >= (a.height + b.height) / 2,
        `${a.id} and ${b.id}`,
      ).toBe(true);
  for (const one of nodes) {
    expect(one.x - one.width / 2).toBeGreaterThanOrEqual(0);
    expect(one.x + one.width / 2).toBeLessThanOrEqual(width);
    expect(one.y + one.height / 2).toBeLessThanOrEqual(height);
  }
});

test('a picking off few plants is a waist, and one off a hundred is not ten times as broad as one off ten', () => {
  const breadths = [1, 3, 10, 30, 100].map(breadthOf);
  expect(breadths).toEqual([...breadths].sort((a, b) => a - b));
  expect(new Set(breadths).size).toBe(5);
  expect(breadthOf(100) / breadthOf(10)).toBeLessThan(2);
});

test('what is to be known of a lot has room beneath its name', () => {
  const only = (one: Node) =>
    layFamily({ left: '', nodes: [one], links: [] }).nodes[0] as Laid['nodes'][number];
  const [plain, marked] = [only(node('L1')), only(node('L1', 'lot', ['few parents', 'used up']))];
  expect(marked.height).toBeGreaterThan(plain.height);
  expect(marked.width).toBeGreaterThanOrEqual(plain.width);
});
