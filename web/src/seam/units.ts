import type { Rail, SeamPlan, SidePlan, UnitKind } from '../api/types';
import { type Pair, rareSize } from '../drawing/joints';
import { isOnEdge, railOf } from '../drawing/geometry';
import { unitOf } from './railGeometry';

export interface DrawnUnit {
  key: string;
  kind: UnitKind;
  noEase: boolean;
  number: number;
  fromMm: number;
  widthMm: number;
  joints: number;
  rare: boolean;
  lastPlace: number;
}

/** The units of one side with how many joints each takes, and whether it is of the rarer kind by how its places are grouped. */
export function unitsOf(seam: SeamPlan, side: SidePlan, onA: boolean, pairs: Pair[]): DrawnUnit[] {
  const units = new Map<string, DrawnUnit>();
  for (let place = 0; place < side.places; place += 1) {
    const unit = unitOf(side, place);
    const known = units.get(unit.key);
    if (known) {
      known.lastPlace = place;
      known.joints += side.joints[place] ?? 0;
    } else {
      units.set(unit.key, {
        ...unit,
        kind: railOf(side, place).kind,
        noEase: railOf(side, place).noEase,
        joints: side.joints[place] ?? 0,
        rare: false,
        lastPlace: place,
      });
    }
  }
  const rare = seam.intervals.map((interval) => rareSize(interval.groups));
  for (const joint of pairs) {
    const place = onA ? joint.a : joint.b;
    if (place < 0) {
      continue;
    }
    const unit = units.get(unitOf(side, place).key)!;
    const size = onA ? joint.q : joint.p;
    const coarse = onA ? side.places < seam.b.places : side.places <= seam.a.places;
    unit.rare ||= joint.interval >= 0 && coarse && rare[joint.interval] === size;
  }
  return [...units.values()];
}

/** "57 stitches", "24 stitches and 1 space", "55 stitches and 3 corner places": those of the edges first. */
export function unitsInWords(side: SidePlan): string {
  const counts = new Map<string, { count: number; rail: Rail }>();
  for (const rail of [...side.rails.filter(isOnEdge), ...side.rails.filter((r) => !isOnEdge(r))]) {
    const units = rail.places / (isOnEdge(rail) ? rail.placesPerUnit : 1);
    counts.set(rail.words, { count: (counts.get(rail.words)?.count ?? 0) + units, rail });
  }
  return [...counts.values()]
    .map(({ count, rail }) => `${count} ${count === 1 ? rail.word : rail.words}`)
    .join(' and ');
}
