import type { DrawnPiece, GarmentPlan, Rail, SidePlan, UnitKind } from '../api/types';

export interface Point {
  x: number;
  y: number;
}

export interface Box {
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** Shifts of pieces on the table, mm, by piece id: joined pieces close up. */
export type Shifts = Record<string, Point>;

const TURNS: [number, number, number, number][] = [
  [1, 0, 0, 1],
  [0, -1, 1, 0],
  [-1, 0, 0, -1],
  [0, 1, -1, 0],
];

/** From a piece's own axes to the table, both in mm with y away from the maker. */
export function onTable(piece: DrawnPiece, point: Point, shifts: Shifts = {}): Point {
  const [a, b, c, d] = TURNS[piece.placement.quarterTurns % 4]!;
  const shift = shifts[piece.id] ?? { x: 0, y: 0 };
  return {
    x: a * point.x + b * point.y + piece.placement.xMm + shift.x,
    y: c * point.x + d * point.y + piece.placement.yMm + shift.y,
  };
}

/** The outline's corners in the piece's own axes, run by run. */
export function corners(piece: DrawnPiece): Point[] {
  return piece.edges.flatMap((edge) => edge.runs.map((run) => ({ x: run.x, y: run.y })));
}

/** The outline that is seen: of a folded piece that of its upper layer. */
export function seenOutline(piece: DrawnPiece): Point[] {
  return piece.folded?.layers[0]?.points ?? corners(piece);
}

/** The layer under a folded piece as it is drawn: slid out, but for where it is folded. */
export function underLayer(piece: DrawnPiece): Point[] {
  if (!piece.folded) {
    return [];
  }
  const { layers, folds, slide } = piece.folded;
  const isOnFold = (point: Point) => folds.flat().some((end) => end.x === point.x && end.y === point.y);
  return layers[1]!.points.map((point) =>
    isOnFold(point) ? point : { x: point.x + slide.x, y: point.y + slide.y },
  );
}

export function boxOf(points: Point[]): Box {
  return {
    left: Math.min(...points.map((p) => p.x)),
    right: Math.max(...points.map((p) => p.x)),
    bottom: Math.min(...points.map((p) => p.y)),
    top: Math.max(...points.map((p) => p.y)),
  };
}

/** The longest stretch of a level line that lies inside an outline; the outline's own breadth where there is none. */
export function widestAt(points: Point[], y: number): { from: number; to: number } {
  const crossings = points
    .flatMap((p, i) => {
      const q = points[(i + 1) % points.length]!;
      return p.y > y !== q.y > y ? [p.x + ((y - p.y) / (q.y - p.y)) * (q.x - p.x)] : [];
    })
    .sort((one, other) => one - other);
  const box = boxOf(points);
  let widest = { from: box.left, to: box.right };
  let width = 0;
  for (let i = 0; i + 1 < crossings.length; i += 2) {
    if (crossings[i + 1]! - crossings[i]! > width) {
      widest = { from: crossings[i]!, to: crossings[i + 1]! };
      width = widest.to - widest.from;
    }
  }
  return widest;
}

export function tableBox(pieces: DrawnPiece[], shifts: Shifts = {}): Box {
  return boxOf(pieces.flatMap((piece) => corners(piece).map((corner) => onTable(piece, corner, shifts))));
}

const MIDDLE_MM = 20;

/** Where a piece lies as laid on the table, for those that lie beside the middle. */
export function lies(piece: DrawnPiece): string | undefined {
  const box = boxOf(corners(piece).map((corner) => onTable(piece, corner)));
  const middle = (box.left + box.right) / 2;
  return Math.abs(middle) < MIDDLE_MM ? undefined : middle > 0 ? 'on the right' : 'on the left';
}

export function railOf(side: SidePlan, place: number): Rail {
  return side.rails.find((rail) => place < rail.firstPlace + rail.places) ?? side.rails.at(-1)!;
}

/** Whether it lies on an edge: corners and seams have places of their own, without numbers. */
export function isOnEdge({ kind }: { kind: UnitKind }): boolean {
  return kind !== 'CORNER' && kind !== 'SEAM_PLACE';
}

/** The middle of a place in its piece's own axes. */
export function placePoint(side: SidePlan, place: number): { piece: string; point: Point } {
  const rail = railOf(side, place);
  const steps = place - rail.firstPlace + 0.5;
  return { piece: rail.piece, point: { x: rail.x + steps * rail.dx, y: rail.y + steps * rail.dy } };
}

/** Position of a place's middle along its side, mm. */
export function placeMm(side: SidePlan, place: number): number {
  const rail = railOf(side, place);
  return rail.startMm + (place - rail.firstPlace + 0.5) * rail.placeMm;
}

/** Pieces whose seam is joined move up to what they are joined to. */
export function closeUp(plan: GarmentPlan, isJoined: (seam: string) => boolean): Shifts {
  const shifts: Shifts = {};
  for (const { id, closeUp } of plan.seams) {
    if (closeUp && isJoined(id)) {
      shifts[closeUp.piece] = { x: closeUp.dxMm, y: closeUp.dyMm };
    }
  }
  return shifts;
}
