import { useId } from 'react';
import type { ListItem } from '../api/client';
import { useInk } from './Chart';
import { outlines, type VesselShape } from './vesselOutline';

/**
 * What stands there, drawn as what it stands in. The height of what is in it is time: it is full when it wants a hand, the
 * level hatched while that can still wait, and in the alarm's colour once it is being lost.
 */
export function VesselDrawing({
  shape,
  bar,
  fill,
  size,
  title,
}: {
  shape: VesselShape;
  /** on a scale on which now is 0; null where nothing is wanted of it */
  bar: ListItem['bar'];
  /** the colour of the place */
  fill: string;
  size: number;
  /** what it shows, where nothing beside it says so */
  title?: string;
}) {
  const { ink, alarm } = useInk();
  const id = useId();
  const { body, lines, from, to } = outlines[shape];
  const { share, waits, lost } = levelOf(bar);
  const top = to - (to - from) * share;
  return (
    <svg
      {...(title === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': title })}
      viewBox="-3 -3 106 106"
      width={size}
      height={size}
      style={{ display: 'block', flexShrink: 0 }}
    >
      <defs>
        <clipPath id={`${id}-in`}>
          <path d={body} />
        </clipPath>
        <pattern
          id={`${id}-waits`}
          width="9"
          height="9"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="4.5" height="9" fill={fill} />
        </pattern>
      </defs>
      <rect
        x="0"
        width="100"
        y={top}
        height={to - top}
        clipPath={`url(#${id}-in)`}
        fill={lost ? alarm : waits ? `url(#${id}-waits)` : fill}
      />
      <path
        d={lines}
        fill="none"
        stroke={ink}
        strokeWidth={200 / size}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <path d={body} fill="none" stroke={ink} strokeWidth={Math.max(2, 200 / size)} strokeLinejoin="round" />
    </svg>
  );
}

/** How full it is, 0 to 1, and whether what it is full of can still wait or is being lost. */
export function levelOf(bar: ListItem['bar']): { share: number; waits: boolean; lost: boolean } {
  if (bar === null || bar === undefined) return { share: 0, waits: false, lost: false };
  const wanted = bar.near ?? bar.to;
  const waits = wanted <= 0 && bar.to > 0;
  return {
    share: wanted <= bar.from || wanted <= 0 ? 1 : Math.max(0, Math.min(1, -bar.from / (wanted - bar.from))),
    waits,
    lost: wanted <= 0 && !waits && bar.to > wanted,
  };
}
