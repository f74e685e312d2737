import type { GarmentPlan, SeamPlan, SidePlan } from '../api/types';
import { type Box, onTable, placePoint, type Point, type Shifts, tableBox } from './geometry';
import { expand } from './joints';

export interface Size {
  width: number;
  height: number;
}

export interface Margin {
  side: number;
  top: number;
  bottom: number;
}

/** A plan with how it is put on the screen. */
export interface Sheet {
  plan: GarmentPlan;
  shifts: Shifts;
  scale: number;
  origin: Point;
  px: (point: Point) => Point;
}

const LEAST_SCALE = 0.01;

export const TABLE_MARGIN = { side: 64, top: 40, bottom: 40 };

/** Round a drawing that only shows the pieces. */
export const PLAN_MARGIN = { side: 40, top: 40, bottom: 40 };

/** Px per mm at which all of a plan is seen on a table of a size. */
export function fitScale(plan: GarmentPlan, size: Size): number {
  return fitted(plan, {}, size, TABLE_MARGIN).scale;
}

/** The room all pieces take where they lie and where they lay before they were moved, so that moving one inwards moves nothing else. */
function roomOf(plan: GarmentPlan): Box {
  const before: Shifts = {};
  for (const piece of plan.pieces) {
    before[piece.id] = { x: -(piece.laid?.dxMm ?? 0), y: -(piece.laid?.dyMm ?? 0) };
  }
  const [now, then] = [tableBox(plan.pieces), tableBox(plan.pieces, before)];
  return {
    left: Math.min(now.left, then.left),
    right: Math.max(now.right, then.right),
    bottom: Math.min(now.bottom, then.bottom),
    top: Math.max(now.top, then.top),
  };
}

/** Puts a plan on the screen so that all of it is seen inside the margins. */
export function fitted(plan: GarmentPlan, shifts: Shifts, size: Size, margin: Margin): Sheet {
  const box = roomOf(plan);
  const [width, height] = [size.width - 2 * margin.side, size.height - margin.top - margin.bottom];
  // The room may not be measured yet.
  const scale = Math.max(
    LEAST_SCALE,
    Math.min(width / (box.right - box.left), height / (box.top - box.bottom)),
  );
  const origin = {
    x: size.width / 2 - ((box.left + box.right) / 2) * scale,
    y: margin.top + height / 2 + ((box.bottom + box.top) / 2) * scale,
  };
  return {
    plan,
    shifts,
    scale,
    origin,
    px: (point) => ({ x: origin.x + point.x * scale, y: origin.y - point.y * scale }),
  };
}

/** How the table is looked at: nearer than fitted by a factor, and moved by px. */
export interface TableLook {
  zoom: number;
  x: number;
  y: number;
}

export const ALL: TableLook = { zoom: 1, x: 0, y: 0 };

/** The sheet as it is looked at. */
export function looked(sheet: Sheet, look: TableLook): Sheet {
  const scale = sheet.scale * look.zoom;
  const origin = { x: sheet.origin.x * look.zoom + look.x, y: sheet.origin.y * look.zoom + look.y };
  return {
    ...sheet,
    scale,
    origin,
    px: (point) => ({ x: origin.x + point.x * scale, y: origin.y - point.y * scale }),
  };
}

const FURTHEST = 0.5;
const NEAREST = 12;

/** Nearer or further by a factor; what lies under a point of the screen stays there. */
export function zoomedAt(look: TableLook, factor: number, at: Point): TableLook {
  const zoom = Math.max(FURTHEST, Math.min(NEAREST, look.zoom * factor));
  const by = zoom / look.zoom;
  return { zoom, x: at.x - (at.x - look.x) * by, y: at.y - (at.y - look.y) * by };
}

/** A place of a seam's side on the screen. */
export function placeOnScreen(sheet: Sheet, side: SidePlan, place: number): { piece: string; at: Point } {
  const { piece, point } = placePoint(side, place);
  const plan = sheet.plan.pieces.find((candidate) => candidate.id === piece)!;
  return { piece, at: sheet.px(onTable(plan, point, sheet.shifts)) };
}

export interface DrawnJoint {
  a: Point;
  b: Point;
  samePiece: boolean;
}

/** The joints that pass through a place on both sides, where they are drawn. */
export function drawnJoints(sheet: Sheet, seam: SeamPlan): DrawnJoint[] {
  return expand(seam)
    .filter((joint) => joint.a >= 0 && joint.b >= 0)
    .map((joint) => {
      const a = placeOnScreen(sheet, seam.a, joint.a);
      const b = placeOnScreen(sheet, seam.b, joint.b);
      return { a: a.at, b: b.at, samePiece: a.piece === b.piece };
    });
}

/** The joint that lies nearest to a point on the screen: its middle, or its end where threads run round a fold. */
export function nearestJoint(sheet: Sheet, seam: SeamPlan, to: Point): Point | undefined {
  const { fold } = seam;
  const middles = drawnJoints(sheet, seam).flatMap(({ a, b }) =>
    fold ? [a, b] : [{ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }],
  );
  const away = (point: Point) => Math.hypot(point.x - to.x, point.y - to.y);
  return middles.reduce<Point | undefined>(
    (best, point) => (best === undefined || away(point) < away(best) ? point : best),
    undefined,
  );
}
