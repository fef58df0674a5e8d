import { Graph, layout } from '@dagrejs/dagre';
import type { Drawing, FamilyLink, Node } from '../api/family';

export type Laid = {
  width: number;
  height: number;
  nodes: (Node & { x: number; y: number; width: number; height: number })[];
  links: (FamilyLink & { points: { x: number; y: number }[]; breadth: number })[];
};

/** Letters are about so wide, in the drawing's own units. */
const LETTER = 7.6;

const sizes: Record<Node['sort'], { least: number; most: number; height: number }> = {
  lot: { least: 96, most: 210, height: 50 },
  folded: { least: 96, most: 210, height: 50 },
  planting: { least: 62, most: 120, height: 40 },
  source: { least: 60, most: 190, height: 34 },
  given: { least: 60, most: 190, height: 40 },
};

/** Broader for more plants, so that a waist shows; the hundredth plant adds less than the second. */
export const breadthOf = (plants: number | null) => (plants === null ? 2 : 1.5 + 2.2 * Math.log2(1 + plants));

const widthOf = ({ sort, code, title, says }: Node) => {
  const letters = Math.max(
    code.length * 1.35 + (sort === 'planting' ? title.length + 1 : 0),
    sort === 'planting' ? 0 : title.length,
    says.length * 0.9,
  );
  return Math.min(sizes[sort].most, Math.max(sizes[sort].least, letters * LETTER + 26));
};

/** Lays a family out with time running from left to right. */
export function layFamily({ nodes, links }: Drawing): Laid {
  const graph = new Graph({ multigraph: true });
  graph.setGraph({ rankdir: 'LR', nodesep: 14, ranksep: 46, marginx: 8, marginy: 8 });
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
