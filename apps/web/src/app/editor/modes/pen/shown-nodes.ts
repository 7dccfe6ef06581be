import type { Node, Point } from '@kadrosyn/core';
import type { Drawing, NodeId } from './outline-pen';

/** A point as it is drawn on the stage. */
export interface ShownNode {
  readonly key: string;
  /** Of a closed line; points of the line that is being drawn can not be taken hold of yet. */
  readonly id: NodeId | null;
  /** css px of the stage. */
  readonly at: Point;
  readonly isCurved: boolean;
  readonly isChosen: boolean;
  /** A press on it closes the line. */
  readonly closes: boolean;
  readonly label: string | null;
}

/** The points that are shown: those of the open line while there is one, else all. @param shown - px of the sheet to css px. */
export function shownNodes(
  drawing: Drawing | null,
  chosen: NodeId | null,
  canClose: boolean,
  shown: (p: Point) => Point,
): ShownNode[] {
  if (!drawing) return [];
  const { contours, open } = drawing;
  const isCurved = ({ before, after }: Node): boolean => (before ?? after) !== undefined;
  if (open) {
    return open.map((node, n) => ({
      key: `open-${n}`,
      id: null,
      at: shown(node),
      isCurved: isCurved(node),
      isChosen: n === open.length - 1,
      closes: n === 0 && canClose,
      label: null,
    }));
  }
  return contours.flatMap((contour, c) =>
    contour.map((node, n) => ({
      key: `${c}-${n}`,
      id: { contour: c, node: n },
      at: shown(node),
      isCurved: isCurved(node),
      isChosen: chosen?.contour === c && chosen.node === n,
      closes: false,
      label: `Point ${n + 1} of ${contour.length}`,
    })),
  );
}

/** The point that a key of `shownNodes` names; null for one of an open line. */
export function nodeId(key: string): NodeId | null {
  const [contour, node] = key.split('-').map(Number);
  return Number.isInteger(contour) && Number.isInteger(node) ? { contour: contour!, node: node! } : null;
}

/** Path data of a line that is not closed. @param shown - px of the sheet to css px. */
export function openData(nodes: readonly Node[], shown: (p: Point) => Point): string {
  return nodes
    .map((node, index) => {
      const at = shown(node);
      const last = nodes[index - 1];
      if (!last) return `M${at.x} ${at.y}`;
      if (!last.after && !node.before) return `L${at.x} ${at.y}`;
      const [a, b] = [shown(last.after ?? last), shown(node.before ?? node)];
      return `C${a.x} ${a.y} ${b.x} ${b.y} ${at.x} ${at.y}`;
    })
    .join('');
}
