import type { GarmentPlan, SeamPlan, SidePlan } from '../api/types';
import { onTable, placePoint, type Point, type Shifts } from '../drawing/geometry';
import { expand } from '../drawing/joints';

/** A plan with how it is put on the screen. */
export interface Sheet {
  plan: GarmentPlan;
  shifts: Shifts;
  scale: number;
  origin: Point;
  px: (point: Point) => Point;
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

/** A point in the middle of a seam's gap. */
export function seamMiddle(sheet: Sheet, seam: SeamPlan): Point | undefined {
  const joints = drawnJoints(sheet, seam);
  const middle = joints[Math.floor(joints.length * 0.72)];
  return middle && { x: (middle.a.x + middle.b.x) / 2, y: (middle.a.y + middle.b.y) / 2 };
}

/** Whether the two edges meet when the layers are folded on each other, so that threads run outside the cloth. */
export function isFold(seam: SeamPlan): boolean {
  return seam.role === 'SIDE_SLEEVE' || seam.role === 'SIDE';
}
