import type { SeedLook } from '../api/client';

type Size = Pick<SeedLook, 'form' | 'length' | 'width'>;
type Outline = { paths: [string, ...string[]]; box: [number, number] };

const n = (x: number) => Number(x.toFixed(3));

/** An ellipse about the middle, as a path. */
const oval = (rx: number, ry: number) =>
  `M${n(-rx)} 0A${n(rx)} ${n(ry)} 0 1 1 ${n(rx)} 0A${n(rx)} ${n(ry)} 0 1 1 ${n(-rx)} 0Z`;

/** A closed curve through points, each given as parts of half the length and half the breadth. */
const through = (a: number, b: number, points: [number, number][]) => {
  const at = (i: number) => {
    const [x, y] = points[(i + points.length) % points.length] as [number, number];
    return [x * a, y * b] as const;
  };
  let d = `M${n(at(0)[0])} ${n(at(0)[1])}`;
  points.forEach((_, i) => {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const c1 = [p1[0] + (p2[0] - p0[0]) / 6, p1[1] + (p2[1] - p0[1]) / 6] as const;
    const c2 = [p2[0] - (p3[0] - p1[0]) / 6, p2[1] - (p3[1] - p1[1]) / 6] as const;
    d += `C${n(c1[0])} ${n(c1[1])} ${n(c2[0])} ${n(c2[1])} ${n(p2[0])} ${n(p2[1])}`;
  });
  return `${d}Z`;
};

const line = (a: number, b: number, points: [number, number][]) =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${n(x * a)} ${n(y * b)}`).join('');

/** Ribs along a seed, drawn from end to end and bowed outwards. */
const ribs = (a: number, b: number, at: number[]) =>
  at.map((y) => `M${n(-a * 0.85)} ${n(y * b * 0.25)}Q0 ${n(y * b * 1.15)} ${n(a * 0.85)} ${n(y * b * 0.25)}`);

type Draw = (a: number, b: number) => [string, ...string[]];

/** Each form by half its length and half its breadth; what comes first is the outline, the rest are lines on it. */
const forms: Record<SeedLook['form'], Draw> = {
  sphere: (a, b) => [
    oval(a, b),
    `M${n(-a * 0.1)} ${n(-b * 0.75)}q${n(a * 0.12)} ${n(-b * 0.1)} ${n(a * 0.24)} 0`,
  ],
  oval: (a, b) => [oval(a, b), `M${n(-a * 0.18)} ${n(b * 0.72)}h${n(a * 0.36)}`],
  kidney: (a, b) => [
    through(a, b, [
      [-1, 0.1],
      [-0.72, -0.8],
      [0, -1],
      [0.72, -0.8],
      [1, 0.1],
      [0.7, 0.85],
      [0.3, 0.75],
      [0, 0.55],
      [-0.3, 0.75],
      [-0.7, 0.85],
    ]),
    `M${n(-a * 0.13)} ${n(b * 0.55)}h${n(a * 0.26)}`,
  ],
  lens: (a, b) => [oval(a, b), oval(a * 0.72, b * 0.72)],
  disc: (a, b) => [
    through(a, b, [
      [-1, 0],
      [-0.7, -0.75],
      [0, -1],
      [0.75, -0.7],
      [1, 0],
      [0.72, 0.75],
      [0, 1],
      [-0.55, 0.78],
      [-0.8, 0.35],
    ]),
    `M${n(-a * 0.75)} ${n(b * 0.1)}L${n(-a * 0.45)} 0`,
  ],
  winged: (a, b) => [oval(a, b), oval(a * 0.7, b * 0.62), ...ribs(a * 0.7, b * 0.5, [-0.5, 0.5])],
  flat_drop: (a, b) => [
    through(a, b, [
      [-1, 0],
      [-0.75, -0.35],
      [-0.2, -0.92],
      [0.45, -0.95],
      [0.95, -0.45],
      [1, 0],
      [0.95, 0.45],
      [0.45, 0.95],
      [-0.2, 0.92],
      [-0.75, 0.35],
    ]),
    through(a * 0.8, b * 0.76, [
      [-0.9, 0],
      [-0.2, -0.92],
      [0.45, -0.95],
      [0.98, -0.4],
      [0.98, 0.4],
      [0.45, 0.95],
      [-0.2, 0.92],
    ]),
  ],
  drop: (a, b) => [
    through(a, b, [
      [-1, 0],
      [-0.6, -0.42],
      [0.1, -0.9],
      [0.7, -0.9],
      [1, 0],
      [0.7, 0.9],
      [0.1, 0.9],
      [-0.6, 0.42],
    ]),
  ],
  wedge: (a, b) => [
    line(a, b, [
      [-1, 0.1],
      [-0.55, -0.75],
      [0.3, -1],
      [1, -0.35],
      [0.85, 0.55],
      [-0.1, 1],
    ]) + 'Z',
    line(a, b, [
      [-0.55, -0.75],
      [0.1, 0.05],
      [0.85, 0.55],
    ]),
  ],
  ribbed: (a, b) => [
    through(a, b, [
      [-1, 0.15],
      [-0.5, -0.8],
      [0.2, -1],
      [0.8, -0.6],
      [1, 0.15],
      [0.5, 0.85],
      [-0.5, 0.85],
    ]),
    ...ribs(a, b, [-0.9, -0.3, 0.3, 0.9]),
  ],
  ball_ribbed: (a, b) => [oval(a, b), ...ribs(a, b, [-1.3, -0.65, 0, 0.65, 1.3])],
  spindle: (a, b) => [
    through(a, b, [
      [-1, 0.3],
      [-0.4, -0.8],
      [0.3, -1],
      [1, -0.2],
      [0.4, 0.75],
      [-0.3, 1],
    ]),
    ...ribs(a, b, [-0.4, 0.4]),
  ],
  lance: (a, b) => [
    through(a, b, [
      [-1, 0],
      [-0.3, -0.9],
      [0.5, -1],
      [1, -0.25],
      [1, 0.25],
      [0.5, 1],
      [-0.3, 0.9],
    ]),
    ...ribs(a, b, [-0.5, 0, 0.5]),
  ],
  grain: (a, b) => [oval(a, b), `M${n(-a * 0.9)} 0Q0 ${n(b * 0.3)} ${n(a * 0.9)} 0`],
  kernel: (a, b) => [
    through(a, b, [
      [-1, 0],
      [-0.6, -0.45],
      [0.2, -0.9],
      [0.85, -0.95],
      [0.95, 0],
      [0.85, 0.95],
      [0.2, 0.9],
      [-0.6, 0.45],
    ]),
    oval(a * 0.3, b * 0.35),
  ],
  cluster: (a, b) => [
    through(a, b, [
      [-1, -0.1],
      [-0.75, -0.8],
      [-0.3, -0.65],
      [0.05, -1],
      [0.5, -0.7],
      [0.95, -0.5],
      [0.8, 0.05],
      [1, 0.6],
      [0.4, 0.75],
      [0, 1],
      [-0.45, 0.75],
      [-0.9, 0.6],
    ]),
    oval(a * 0.25, b * 0.25),
    line(a, b, [
      [-0.5, -0.3],
      [-0.35, 0.25],
    ]),
    line(a, b, [
      [0.45, 0.4],
      [0.6, -0.2],
    ]),
  ],
  horned: (a, b) => [
    line(a, b, [
      [-0.75, 0.35],
      [-1, -0.75],
      [-0.45, -0.4],
      [0, -1],
      [0.45, -0.4],
      [1, -0.75],
      [0.75, 0.35],
      [0.3, 1],
      [-0.3, 1],
    ]) + 'Z',
  ],
  curled: (a, b) => [
    through(a, b, [
      [-1, 0.4],
      [-0.8, -0.5],
      [0, -1],
      [0.8, -0.6],
      [1, 0.3],
      [0.72, 0.75],
      [0.62, 0.1],
      [0, -0.35],
      [-0.55, 0.1],
      [-0.7, 0.9],
    ]),
    line(a, b, [
      [-0.85, -0.1],
      [-0.62, 0],
    ]),
    line(a, b, [
      [0, -0.95],
      [0, -0.4],
    ]),
    line(a, b, [
      [0.85, -0.1],
      [0.62, 0],
    ]),
  ],
  tufted: (a, b) => [
    through(a * 0.75, b, [
      [-1, 0],
      [-0.4, -0.9],
      [0.6, -1],
      [1, 0],
      [0.6, 1],
      [-0.4, 0.9],
    ]),
    ...[-0.9, -0.45, 0, 0.45, 0.9].map((y) => `M${n(a * 0.7)} ${n(y * b * 0.4)}L${n(a)} ${n(y * b)}`),
  ],
  speck: (a, b) => [
    through(a, b, [
      [-1, 0.1],
      [-0.5, -0.85],
      [0.4, -1],
      [1, -0.2],
      [0.7, 0.8],
      [-0.3, 1],
    ]),
  ],
  clove: (a, b) => [
    through(a, b, [
      [-1, 0],
      [-0.5, -0.45],
      [0.3, -1],
      [0.9, -0.6],
      [1, 0.1],
      [0.8, 0.75],
      [0.1, 0.8],
      [-0.55, 0.4],
    ]),
    ...ribs(a, b, [-0.3, 0.4]),
  ],
  tuber: (a, b) => [
    through(a, b, [
      [-1, 0.1],
      [-0.7, -0.75],
      [0, -0.9],
      [0.65, -1],
      [1, -0.1],
      [0.75, 0.85],
      [0, 0.8],
      [-0.7, 0.95],
    ]),
    `M${n(-a * 0.4)} ${n(-b * 0.3)}q${n(a * 0.1)} ${n(b * 0.12)} ${n(a * 0.2)} 0`,
    `M${n(a * 0.3)} ${n(b * 0.2)}q${n(a * 0.1)} ${n(b * 0.12)} ${n(a * 0.2)} 0`,
  ],
};

/** The outline of a seed and the lines on it, in millimetres about its middle. */
export function outline({ form, length, width }: Size): Outline {
  const [a, b] = [length / 2, width / 2];
  return { paths: forms[form](a, b), box: [length * 1.06, width * 1.06] };
}
