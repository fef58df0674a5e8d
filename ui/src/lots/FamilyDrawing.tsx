import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Drawing } from '../api/family';
import { useLook } from '../api/look';
import { pageOfCode } from '../record/things';
import { besideCode, layFamily, type Laid } from './layFamily';

const SMALLEST = 0.2;

/** px; what is taller is scrolled. */
const TALLEST = 560;

/**
 * A family, time running downwards: how many plants gave is how broad a link is. Shape and word say what is to be known:
 * what was picked off few plants has a waist, a cross is pointed at its left, a mixture is split there, what is crossed is torn
 * beneath, what is used up has a broken outline, what was called stable a double one.
 */
export function FamilyDrawing({ drawing, says }: { drawing: Drawing; says: string }) {
  const laid = useMemo(() => layFamily(drawing), [drawing]);
  const box = useRef<HTMLDivElement>(null);
  const [scale, setScale] = useState<number | null>(null);
  const fit = () => {
    const { clientWidth, clientHeight } = box.current ?? { clientWidth: 700, clientHeight: TALLEST };
    setScale(
      Math.min(
        1,
        Math.max(
          SMALLEST,
          Math.min(
            (clientWidth - 4) / Math.max(1, laid.width),
            Math.max(clientHeight, TALLEST) / Math.max(1, laid.height),
          ),
        ),
      ),
    );
  };
  const by = scale ?? 0.9;
  return (
    <Box sx={{ my: 1.5 }}>
      <Box sx={{ display: 'flex', gap: 1, mb: 1, flexWrap: 'wrap' }}>
        <Button variant="text" onClick={fit}>
          All of it
        </Button>
        <Button variant="text" onClick={() => setScale(Math.min(1.5, by * 1.3))}>
          Larger
        </Button>
        <Button variant="text" onClick={() => setScale(Math.max(SMALLEST, by / 1.3))}>
          Smaller
        </Button>
      </Box>
      <Box
        ref={box}
        role="group"
        aria-label={says}
        tabIndex={0}
        sx={(t) => ({
          overflow: 'auto',
          maxHeight: TALLEST,
          border: `1px solid ${t.vars?.palette.quiet}`,
          bgcolor: t.vars?.palette.background.paper,
        })}
      >
        <Box
          component="svg"
          viewBox={`0 0 ${laid.width} ${laid.height}`}
          width={laid.width * by}
          height={laid.height * by}
          sx={(t) => ({
            display: 'block',
            fontFamily: t.typography.fontFamily,
            '& .link': { fill: 'none', stroke: t.vars?.palette.text.secondary, strokeLinecap: 'butt' },
            '& .pollen': { strokeDasharray: '7 5' },
            '& .given': { strokeDasharray: '2 4' },
            '& .shape': {
              fill: t.vars?.palette.background.paper,
              stroke: t.vars?.palette.rule,
              strokeWidth: 2,
            },
            '& .this': { fill: t.vars?.palette.quiet, strokeWidth: 4 },
            '& .gone': { strokeDasharray: '5 4' },
            '& text': { fill: t.vars?.palette.text.primary, fontSize: 14 },
            '& .code': { fontWeight: 800, fontSize: 17 },
            '& .soft': { fill: t.vars?.palette.text.secondary, fontSize: 13 },
            '& .mark': { fontWeight: 700, fontSize: 13 },
            '& a:focus-visible .shape': { strokeWidth: 5 },
          })}
        >
          {laid.links.map((link, n) => (
            <path
              key={n}
              className={`link ${link.role}`}
              strokeWidth={link.breadth}
              d={link.points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x},${y}`).join(' ')}
            >
              <title>{link.plants === null ? link.role : `${link.plants} plants`}</title>
            </path>
          ))}
          {laid.nodes.map((node) => (
            <Drawn key={node.id} node={node} />
          ))}
        </Box>
      </Box>
      {drawing.left !== '' && <p>{drawing.left}</p>}
    </Box>
  );
}

type LaidNode = Laid['nodes'][number];

function Drawn({ node }: { node: LaidNode }) {
  const { at } = useLook();
  const navigate = useNavigate();
  const { x, y, width, height, marks, sort } = node;
  const words = marks.filter((mark) => mark !== 'this');
  const page = sort === 'lot' || sort === 'planting' ? at(pageOfCode(node.code)) : '';
  const left = x - width / 2 + (marks.includes('cross') || marks.includes('mixed') ? 20 : 12);
  const top = y - height / 2;
  const drawn = (
    <>
      <path
        className={`shape ${marks.includes('this') ? 'this' : ''} ${marks.includes('used up') ? 'gone' : ''}`}
        d={outlineOf(node)}
      />
      {marks.includes('stable') && (
        <rect
          x={x - width / 2 + 4}
          y={top + 4}
          width={width - 8}
          height={height - 8}
          className="shape"
          fillOpacity={0}
        />
      )}
      {sort === 'planting' ? (
        <>
          <text x={x} y={top + 17} textAnchor="middle" className="mark">
            {node.code} {node.title}
          </text>
          <text x={x} y={top + 33} textAnchor="middle" className="soft">
            {node.says}
          </text>
        </>
      ) : sort === 'lot' ? (
        <>
          <text x={left} y={top + 20}>
            <tspan className="code">{node.code}</tspan>
            <tspan dx={7} className="soft">
              {besideCode(node)}
            </tspan>
          </text>
          <text x={left} y={top + 40}>
            {shortened(node.title, width - 22)}
          </text>
          {words.length > 0 && (
            <text x={left} y={top + 58} className="mark">
              {shortened(words.join(', '), width - 18)}
            </text>
          )}
        </>
      ) : (
        <>
          <text x={left} y={top + (node.says === '' ? 22 : 17)}>
            {shortened(node.title, width - 22)}
          </text>
          {node.says !== '' && (
            <text x={left} y={top + 33} className="soft">
              {shortened(node.says, width - 22)}
            </text>
          )}
        </>
      )}
      <title>{[node.code, node.title, node.says, ...marks].filter((said) => said !== '').join(', ')}</title>
    </>
  );
  if (page === '') return <g>{drawn}</g>;
  return (
    <a
      href={page}
      aria-label={[node.code, node.title, ...words].join(', ')}
      onClick={(event) => {
        event.preventDefault();
        void navigate(page);
      }}
    >
      {drawn}
    </a>
  );
}

const shortened = (text: string, width: number) =>
  text.length * 7 <= width ? text : `${text.slice(0, Math.max(3, Math.floor(width / 7) - 1))}…`;

/** The outline says what a thing is, and what befell it. */
function outlineOf({ x, y, width, height, sort, marks }: LaidNode) {
  const [l, r, t, b] = [x - width / 2, x + width / 2, y - height / 2, y + height / 2];
  if (sort === 'planting')
    return `M${l + 14},${t} H${r - 14} L${r},${y} L${r - 14},${b} H${l + 14} L${l},${y} Z`;
  if (sort === 'source') return `M${l},${t} H${r - 12} L${r},${y} L${r - 12},${b} H${l} Z`;
  if (sort === 'given') return `M${l},${t} H${r} V${b} H${l} L${l + 10},${y} Z`;
  if (sort === 'folded')
    return `M${l},${t} H${r - 6} V${b - 6} H${l} Z M${r - 6},${t + 6} H${r} V${b} H${l + 6} V${b - 6}`;
  const side = marks.includes('cross')
    ? `L${l + 14},${b} L${l},${y} L${l + 14},${t}`
    : marks.includes('mixed')
      ? `L${l},${b} L${l + 12},${y} L${l},${t}`
      : marks.includes('few parents')
        ? `L${l},${b} L${l + 7},${y} L${l},${t}`
        : `L${l},${b} V${t}`;
  const right = marks.includes('few parents') ? `L${r - 7},${y} L${r},${b}` : `V${b}`;
  const teeth = Math.max(3, Math.round(width / 22));
  const foot = marks.includes('crossed')
    ? Array.from(
        { length: teeth * 2 - 1 },
        (_, n) => `L${r - ((n + 1) * width) / (teeth * 2)},${n % 2 === 0 ? b - 7 : b}`,
      ).join(' ')
    : '';
  const from = marks.includes('cross') ? l + 14 : l;
  return `M${from},${t} H${r} ${right} ${foot} ${side} Z`;
}
