import type { EdgePlan, PiecePlan } from '../api/types';
import { boxOf, corners, type Point } from '../drawing/geometry';

/** A piece upright in a row with others: where its own origin lies, in mm. */
export interface Upright {
  piece: PiecePlan;
  x: number;
  y: number;
}

/** Between two pieces there is room for the numbers of two edges. */
const GAP_PX = 112;

/** All pieces side by side, their lower edges in one line, as large as the room allows. */
export function inARow(
  pieces: PiecePlan[],
  room: { width: number; height: number },
): { laid: Upright[]; scale: number; width: number; height: number } {
  const boxes = pieces.map((piece) => boxOf(corners(piece)));
  const widths = boxes.reduce((sum, box) => sum + box.right - box.left, 0);
  const height = Math.max(...boxes.map((box) => box.top - box.bottom));
  const gaps = (pieces.length - 1) * GAP_PX;
  const scale = Math.max(0.05, Math.min((room.width - gaps) / widths, room.height / height));
  let x = 0;
  const laid = pieces.map((piece, index) => {
    const box = boxes[index]!;
    const upright = { piece, x: x - box.left, y: -box.bottom };
    x += box.right - box.left + GAP_PX / scale;
    return upright;
  });
  return { laid, scale, width: widths + gaps / scale, height };
}

/** Both ends of an edge in the piece's own axes. */
export function endsOf(edge: EdgePlan): [Point, Point] {
  const first = edge.runs[0]!;
  const last = edge.runs.at(-1)!;
  return [
    { x: first.x, y: first.y },
    { x: last.x + last.count * last.dx, y: last.y + last.count * last.dy },
  ];
}

/**
 * The middle of an edge and the way out of the piece from there, a unit long: rings run counter-clockwise, but on what lies under a fold;
 * there it is the way in, so that both layers have room. Of an edge that goes over the fold, of its upper part.
 */
export function outward(edge: EdgePlan): { at: Point; out: Point } {
  const upper = edge.runs.filter((run) => !run.under);
  const [from, to] = endsOf({ ...edge, runs: upper.length > 0 ? upper : edge.runs });
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return {
    at: { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 },
    out: { x: (to.y - from.y) / long, y: -(to.x - from.x) / long },
  };
}
