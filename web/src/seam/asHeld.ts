import type { SeamPlan } from '../api/types';
import { isBelow, showsWrong } from '../bench/below';

/** A seam drawn as it lies in the hands: with the side that lies nearest the maker as its side B, the lower one. */
export interface Held {
  seam: SeamPlan;
  /** Whether side A of the plan is the lower one, so that the sides have changed their letters. */
  swapped: boolean;
  /** Whether place 1 lies at the right hand. */
  fromRight: boolean;
  wrongSide: boolean;
}

/** Without a method nothing is held yet: the hand that works begins. */
export function asHeld(seam: SeamPlan, hand: 'RIGHT' | 'LEFT'): Held {
  const swapped = seam.hold !== undefined && isBelow(seam, true);
  return {
    seam: swapped ? exchanged(seam) : seam,
    swapped,
    fromRight: (seam.hold?.beginsAt ?? hand) === 'RIGHT',
    wrongSide: showsWrong(seam, swapped),
  };
}

/** The same seam with its sides called the other way. */
function exchanged(seam: SeamPlan): SeamPlan {
  return {
    ...seam,
    a: seam.b,
    b: seam.a,
    ...(seam.hold
      ? {
          hold: {
            ...seam.hold,
            below: seam.hold.below === 'A' ? 'B' : 'A',
            sides: seam.hold.sides.map((side) => (side === 'A' ? 'B' : 'A')),
          },
        }
      : {}),
    anchors: seam.anchors.map((at) => ({
      ...at,
      a: at.b,
      b: at.a,
      aMm: at.bMm,
      bMm: at.aMm,
      aName: at.bName,
      bName: at.aName,
    })),
    intervals: seam.intervals.map((of) => ({
      ...of,
      aFrom: of.bFrom,
      aTo: of.bTo,
      bFrom: of.aFrom,
      bTo: of.aTo,
      groups: of.groups.map(([p = 1, q = 1, times = 1]) => [q, p, times]),
    })),
    checkpoints: seam.checkpoints.map((at) => ({
      ...at,
      placeA: at.placeB,
      placeB: at.placeA,
      nameA: at.nameB,
      nameB: at.nameA,
    })),
    stretches: seam.stretches.map((of) => ({
      ...of,
      aFromMm: of.bFromMm,
      aToMm: of.bToMm,
      bFromMm: of.aFromMm,
      bToMm: of.aToMm,
      surplusMm: -of.surplusMm,
    })),
    phases: seam.phases.map((of) => ({
      ...of,
      pairs: of.pairs.map((pair) => ({ ...pair, aMm: pair.bMm, bMm: pair.aMm })),
    })),
  };
}
