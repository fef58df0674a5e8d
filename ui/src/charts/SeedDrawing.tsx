import { useId } from 'react';
import type { SeedLook } from '../api/client';
import { useInk } from './Chart';
import { outline } from './seedOutline';

/** A seed drawn from its figures: form, length, breadth and colour; as large as it is told to be. */
export function SeedDrawing({
  look,
  unit,
  size,
  paper = false,
  title,
}: {
  look: SeedLook;
  /** what one millimetre is, as CSS has it: "1mm" for true size, or a number of pixels */
  unit?: string;
  /** instead of a scale: fitted into a square of so many pixels */
  size?: number;
  /** black on white, whatever the screen's colours are */
  paper?: boolean;
  /** what it shows, where it says something of its own; beside a name it is an ornament */
  title?: string;
}) {
  const screen = useInk();
  const ink = paper ? '#000000' : screen.ink;
  const id = useId();
  const { paths, box } = outline(look);
  const [width, height] = box;
  const fitted = size === undefined ? undefined : size / Math.max(width, height);
  const css = (mm: number) => (fitted === undefined ? `calc(${mm} * ${unit})` : `${mm * fitted}px`);
  const [ground = '#8a7048', second = ground] = look.colours;
  const stroke = Math.max(width, height) / 60;
  // What is drawn on a dark seed is light, or an onion's would be a blot.
  const lines = isDark(ground) ? '#ffffff' : ink;
  return (
    <svg
      {...(title === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': title })}
      viewBox={`${-width / 2} ${-height / 2} ${width} ${height}`}
      style={{ width: css(width), height: css(height), display: 'block', flexShrink: 0, overflow: 'visible' }}
    >
      <defs>
        <clipPath id={id}>
          <path d={paths[0]} />
        </clipPath>
      </defs>
      <path d={paths[0]} fill={ground} stroke={ink} strokeWidth={stroke} strokeLinejoin="round" />
      {look.marks !== null && (
        <g clipPath={`url(#${id})`} fill={second} stroke="none">
          {marked(look, width, height)}
        </g>
      )}
      {paths.slice(1).map((d) => (
        <path
          key={d}
          d={d}
          fill="none"
          stroke={lines}
          strokeOpacity={0.55}
          strokeWidth={stroke}
          strokeLinecap="round"
        />
      ))}
    </svg>
  );
}

const isDark = (colour: string) =>
  [1, 3, 5].reduce((sum, at) => sum + parseInt(colour.slice(at, at + 2), 16), 0) < 3 * 90;

function marked(look: SeedLook, width: number, height: number) {
  if (look.marks === 'eye')
    return <ellipse cx={0} cy={(look.width / 2) * 0.55} rx={look.length * 0.17} ry={look.width * 0.2} />;
  if (look.marks === 'striped')
    return [-0.3, -0.1, 0.1, 0.3].map((at) => (
      <rect key={at} x={-width / 2} y={at * height - height * 0.03} width={width} height={height * 0.06} />
    ));
  // Spots that stand as irregularly as a sunflower's seeds, and always the same.
  return Array.from({ length: 14 }, (_, i) => {
    const turn = i * 2.399963;
    const out = 0.46 * Math.sqrt((i + 0.5) / 14);
    return (
      <ellipse
        key={i}
        cx={Math.cos(turn) * out * width}
        cy={Math.sin(turn) * out * height}
        rx={width * 0.05}
        ry={height * 0.045}
      />
    );
  });
}
