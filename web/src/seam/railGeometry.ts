import type { SeamPlan, SidePlan } from '../api/types';
import { placeMm, railOf } from '../drawing/geometry';
import type { Joint } from '../drawing/joints';

/** Both rails at one scale, aligned at one anchor. */
export interface RailScale {
  pxPerMm: number;
  xA: (mm: number) => number;
  xB: (mm: number) => number;
}

export const RAIL_MARGIN = 64;

/** The longer side fills the width; both are aligned at the inner anchor nearest the middle. */
export function railScale(seam: SeamPlan, width: number): RailScale {
  const middle = seam.a.lengthMm / 2;
  const inner = seam.anchors.filter((anchor) => anchor.movable);
  const at = inner.reduce<{ aMm: number; bMm: number }>(
    (best, anchor) => (Math.abs(anchor.aMm - middle) < Math.abs(best.aMm - middle) ? anchor : best),
    inner[0] ?? { aMm: middle, bMm: seam.b.lengthMm / 2 },
  );
  const before = Math.max(at.aMm, at.bMm);
  const after = Math.max(seam.a.lengthMm - at.aMm, seam.b.lengthMm - at.bMm);
  const pxPerMm = (width - 2 * RAIL_MARGIN) / (before + after);
  const x0 = RAIL_MARGIN + before * pxPerMm;
  return { pxPerMm, xA: (mm) => x0 + (mm - at.aMm) * pxPerMm, xB: (mm) => x0 + (mm - at.bMm) * pxPerMm };
}

/** The half place nearest to a length along a side: 2k the cut before place k, 2k + 1 place k. */
export function halfPlaceAt(side: SidePlan, mm: number): number {
  const clamped = Math.max(0, Math.min(side.lengthMm - 1e-9, mm));
  const rail = side.rails.find((r) => clamped < r.startMm + r.places * r.placeMm) ?? side.rails.at(-1)!;
  return 2 * rail.firstPlace + Math.round(((clamped - rail.startMm) / rail.placeMm) * 2);
}

/** The unit a place belongs to, with its number as the maker counts it. */
export function unitOf(
  side: SidePlan,
  place: number,
): { key: string; number: number; fromMm: number; widthMm: number } {
  const rail = railOf(side, place);
  const unit = Math.floor((place - rail.firstPlace) / rail.placesPerUnit);
  return {
    key: `${rail.span}.${rail.run}.${unit}`,
    number: rail.firstNumber + rail.numberStep * unit,
    fromMm: rail.startMm + unit * rail.placesPerUnit * rail.placeMm,
    widthMm: rail.placesPerUnit * rail.placeMm,
  };
}

/** Where a joint is drawn on both sides: the (j + ½)/p part of a place that takes p of the other side. */
export function jointMm(seam: SeamPlan, joint: Joint): { a: number; b: number } {
  const part = (side: SidePlan, place: number, size: number) =>
    placeMm(side, place) +
    ((joint.indexInGroup + 0.5) / size - 0.5) * (size > 1 ? railOf(side, place).placeMm : 0);
  const fixed = seam.anchors.find((anchor) => anchor.a === 2 * joint.a + 1 || anchor.b === 2 * joint.b + 1);
  return {
    a: joint.a >= 0 ? part(seam.a, joint.a, joint.q) : (fixed?.aMm ?? 0),
    b: joint.b >= 0 ? part(seam.b, joint.b, joint.p) : (fixed?.bMm ?? 0),
  };
}
