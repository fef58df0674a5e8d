import { Graph, layout } from '@dagrejs/dagre';
import type { Drawing, FamilyLink, Node } from '../api/family';

export type Laid = {
  width: number;
  height: number;
  nodes: (Node & { x: number; y: number; width: number; height: number })[];
  links: (FamilyLink & { points: { x: number; y: number }[]; breadth: number })[];
};

/** Letters are about so wide, in the drawing's own units. */
const LETTER = 7;

const sizes: Record<Node['sort'], { least: number; most: number; height: number }> = {
  lot: { least: 96, most: 230, height: 50 },
  folded: { least: 96, most: 210, height: 50 },
  planting: { least: 62, most: 120, height: 40 },
  source: { least: 60, most: 190, height: 34 },
  given: { least: 60, most: 190, height: 40 },
};

/** Broader for more plants, so that a waist shows; the hundredth plant adds less than the second. */
export const breadthOf = (plants: number | null) => (plants === null ? 2 : 1.5 + 2.2 * Math.log2(1 + plants));

/** What stands on the first line of a lot behind its code. */
export const besideCode = ({ year, says }: Node) =>
  [year, says].filter((said) => said !== null && said !== '').join(', ');

const lettersOf = (node: Node) => {
  const { sort, code, title, says, marks } = node;
  if (sort === 'planting') return Math.max(code.length + title.length + 2, says.length);
  if (sort === 'lot')
    return Math.max(code.length * 1.5 + besideCode(node).length + 2, title.length, marks.join(', ').length);
  return Math.max(title.length, says.length);
};

const widthOf = (node: Node) => {
  const { least, most } = sizes[node.sort];
  return Math.min(most, Math.max(least, lettersOf(node) * LETTER + 30));
};

/** Lays a family out with time running downwards. */
export function layFamily({ nodes, links }: Drawing): Laid {
  const graph = new Graph({ multigraph: true });
  graph.setGraph({ rankdir: 'TB', nodesep: 16, ranksep: 34, marginx: 8, marginy: 8 });
  graph.setDefaultEdgeLabel(() => ({}));
  for (const node of nodes)
    graph.setNode(node.id, {
      width: widthOf(node),
      height: sizes[node.sort].height + (node.marks.length > 0 ? 18 : 0),
    });
  links.forEach((link, n) =>
    graph.setEdge(
      link.from,
      link.to,
      { weight: link.role === 'pollen' || link.role === 'given' ? 1 : 3 },
      String(n),
    ),
  );
  layout(graph);
  const size = graph.graph() as { width?: number; height?: number };
  return {
    width: size.width ?? 0,
    height: size.height ?? 0,
    nodes: nodes.map((node) => {
      const { x, y, width, height } = graph.node(node.id) as {
        x: number;
        y: number;
        width: number;
        height: number;
      };
      return { ...node, x, y, width, height };
    }),
    links: links.map((link, n) => ({
      ...link,
      breadth: breadthOf(link.plants),
      points: (graph.edge(link.from, link.to, String(n)) as { points: { x: number; y: number }[] }).points,
    })),
  };
}
