import type { Fruit } from '../api/client';
import { useInk } from './Chart';
import { fruits, NOTCH, type FruitShape } from './fruitOutline';
import { levelOf } from './VesselDrawing';

/** The ring runs round at this distance from the middle, in hundredths of the drawing. */
const RING = 47;

/**
 * A fruit by its outline, and round it the time that it lies: the ring closes as it is best opened, is broken as long as that can wait, and in
 * the alarm's colour once it will be lost. What was seen of it is a notch.
 */
export function FruitDrawing({
  shape,
  fruit,
  fill,
  size,
}: {
  shape: FruitShape;
  fruit: Pick<Fruit, 'window' | 'soon' | 'open'>;
  /** the colour of the place */
  fill: string;
  size: number;
}) {
  const { ink, alarm, quiet, ground } = useInk();
  const { share, waits, lost } = levelOf(fruit.window);
  const { body, stalk } = fruits[shape];
  const round = 2 * Math.PI * RING;
  const done = share * round;
  return (
    <svg
      aria-hidden
      viewBox="-3 -3 106 106"
      width={size}
      height={size}
      style={{ display: 'block', flexShrink: 0 }}
    >
      <circle cx="50" cy="50" r={RING} fill="none" stroke={quiet} strokeWidth="4" />
      <circle
        cx="50"
        cy="50"
        r={RING}
        fill="none"
        stroke={lost || (fruit.soon && !fruit.open) ? alarm : fill}
        strokeWidth="6"
        strokeDasharray={waits ? '9 5' : `${done} ${round}`}
        transform="rotate(-90 50 50)"
      />
      <path d={body} fill="none" stroke={ink} strokeWidth={Math.max(2, 160 / size)} strokeLinejoin="round" />
      <path d={stalk} fill="none" stroke={ink} strokeWidth={Math.max(2, 160 / size)} strokeLinecap="round" />
      {fruit.soon && (
        <path
          d={NOTCH}
          fill={ground}
          stroke={ink}
          strokeWidth={Math.max(2, 140 / size)}
          strokeLinejoin="round"
        />
      )}
      {fruit.open && <path d="M24 56 H76" stroke={ink} strokeWidth={Math.max(2, 160 / size)} />}
    </svg>
  );
}
