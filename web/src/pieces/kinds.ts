import type { LandmarkPlan, RunPlan, UnitKind } from '../api/types';
import { plural } from '../format';

/** What units are called, one and several. */
export const KINDS: Record<UnitKind, [string, string]> = {
  STITCH_TOP: ['stitch', 'stitches'],
  FOUNDATION_LOOP: ['foundation loop', 'foundation loops'],
  ROW_END: ['row end', 'row ends'],
  CHAIN_SPACE: ['chain space', 'chain spaces'],
};

export const FABRICS = { PLAIN: 'plain', RIB: 'rib', LACE: 'lace', DENSE: 'dense' } as const;

export const MARKS: Record<LandmarkPlan['kind'], string> = {
  CENTRE: 'centre',
  NOTCH: 'notch corner',
  STRIPE: 'stripe',
  REPEAT: 'repeat',
  RIB: 'rib ridge',
  FOLD: 'fold',
};

export const SOURCES = { PLANNED: 'planned', AS_MADE: 'as made', AS_WORKED: 'as worked' } as const;

export function unitsWord(kind: UnitKind, count: number): string {
  return plural(count, ...KINDS[kind]);
}

/** "46 row ends", "5 and 26 row ends", "24 stitches, 1 chain space". */
export function countsOf(runs: RunPlan[]): string {
  const kinds = [...new Set(runs.map((run) => run.kind))];
  return kinds
    .map((kind) => {
      const count = runs.filter((run) => run.kind === kind).reduce((sum, run) => sum + run.count, 0);
      return `${count} ${unitsWord(kind, count)}`;
    })
    .join(', ');
}
