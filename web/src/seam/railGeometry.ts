import type { SeamPlan, SidePlan } from '../api/types';
import { placeMm, railOf } from '../drawing/geometry';
import type { Pair } from '../drawing/joints';

/** Both rails at one scale; lengths along a side to the screen and back. */
export interface RailScale {
  pxPerMm: number;
  /** Whether the start lies on the right. */
  mirrored: boolean;
  xA: (mm: number) => number;
  xB: (mm: number) => number;
  mmA: (x: number) => number;
  mmB: (x: number) => number;
}

/** A part of the seam to be seen large, in mm along each side. */
export interface Stretch {
  name: string;
  aFrom: number;
  aTo: number;
  bFrom: number;
  bTo: number;
}

function scaled(
  pxPerMm: number,
  width: number,
  mirrored: boolean,
  at: { x: number; a: number; b: number },
): RailScale {
  const flip = (x: number) => (mirrored ? width - x : x);
  return {
    pxPerMm,
    mirrored,
    xA: (mm) => flip(at.x + (mm - at.a) * pxPerMm),
    xB: (mm) => flip(at.x + (mm - at.b) * pxPerMm),
    mmA: (x) => at.a + (flip(x) - at.x) / pxPerMm,
    mmB: (x) => at.b + (flip(x) - at.x) / pxPerMm,
  };
}

/** The stretch fills the width, both sides aligned at its middle. */
export function stretchScale(stretch: Stretch, width: number, mirrored: boolean): RailScale {
  const longest = Math.max(stretch.aTo - stretch.aFrom, stretch.bTo - stretch.bFrom);
  return scaled((width - 2 * RAIL_MARGIN) / longest, width, mirrored, {
    x: width / 2,
    a: (stretch.aFrom + stretch.aTo) / 2,
    b: (stretch.bFrom + stretch.bTo) / 2,
  });
}

/** The stretches from marker to marker. */
export function stretchesOf(seam: SeamPlan): Stretch[] {
  const cut = (side: SidePlan, place: number) => {
    const rail = railOf(side, Math.min(side.places - 1, place));
    return rail.startMm + (place - rail.firstPlace) * rail.placeMm;
  };
  const stops = [
    { name: 'the start', a: 0, b: 0 },
    ...seam.checkpoints
      .filter((c) => c.joint > 0)
      .map((c) => ({
        name: c.name || `marker ${c.number}`,
        a: cut(seam.a, c.placeA),
        b: cut(seam.b, c.placeB),
      })),
    { name: 'the end', a: seam.a.lengthMm, b: seam.b.lengthMm },
  ];
  return stops.slice(1).map((stop, i) => {
    const before = stops[i]!;
    return {
      name: `${before.name} to ${stop.name}`,
      aFrom: before.a,
      aTo: stop.a,
      bFrom: before.b,
      bTo: stop.b,
    };
  });
}

export const RAIL_MARGIN = 64;

/** The longer side fills the width; both are aligned at the inner anchor nearest the middle. */
export function railScale(seam: SeamPlan, width: number, mirrored: boolean): RailScale {
  const middle = seam.a.lengthMm / 2;
  const inner = seam.anchors.filter((anchor) => anchor.movable);
  const at = inner.reduce<{ aMm: number; bMm: number }>(
    (best, anchor) => (Math.abs(anchor.aMm - middle) < Math.abs(best.aMm - middle) ? anchor : best),
    inner[0] ?? { aMm: middle, bMm: seam.b.lengthMm / 2 },
  );
  const before = Math.max(at.aMm, at.bMm);
  const after = Math.max(seam.a.lengthMm - at.aMm, seam.b.lengthMm - at.bMm);
  const pxPerMm = (width - 2 * RAIL_MARGIN) / (before + after);
  return scaled(pxPerMm, width, mirrored, { x: RAIL_MARGIN + before * pxPerMm, a: at.aMm, b: at.bMm });
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
    key: `${rail.firstPlace}.${unit}`,
    number: rail.firstNumber + rail.numberStep * unit,
    fromMm: rail.startMm + unit * rail.placesPerUnit * rail.placeMm,
    widthMm: rail.placesPerUnit * rail.placeMm,
  };
}

/** Where a joint is drawn on both sides: the (j + ½)/p part of a place that takes p of the other side. */
export function pairMm(seam: SeamPlan, pair: Pair): { a: number; b: number } {
  const part = (side: SidePlan, place: number, size: number) =>
    placeMm(side, place) +
    ((pair.indexInGroup + 0.5) / size - 0.5) * (size > 1 ? railOf(side, place).placeMm : 0);
  const fixed = seam.anchors.find((anchor) => anchor.a === 2 * pair.a + 1 || anchor.b === 2 * pair.b + 1);
  return {
    a: pair.a >= 0 ? part(seam.a, pair.a, pair.q) : (fixed?.aMm ?? 0),
    b: pair.b >= 0 ? part(seam.b, pair.b, pair.p) : (fixed?.bMm ?? 0),
  };
}
