import type { SeamPlan } from '../api/types';

/** Whether a side lies nearest the maker in a picture; of work that was begun before this was told, side A does. */
export function isBelow({ hold }: SeamPlan, onA: boolean): boolean {
  return ((hold?.below ?? 'A') === 'A') === onA;
}

/** Where a side lies before the maker: of upright edges at a hand, the picture being turned a quarter; else nearest, or beyond. */
export function liesAt(seam: SeamPlan, onA: boolean): string {
  if (seam.hold?.edges === 'UPRIGHT') {
    return (seam.hold.sides[0] === 'A') === onA ? 'on your left' : 'on your right';
  }
  return isBelow(seam, onA) ? 'nearest you' : '';
}

/** Whether the maker sees the wrong side of a side; two that lie flat show their right sides unless the plan says otherwise. */
export function showsWrong({ hold }: SeamPlan, onA: boolean): boolean {
  return hold?.shows[hold.sides.indexOf(onA ? 'A' : 'B')] === 'WRONG_SIDE';
}

/** Whether pieces that face each other so lie side by side. */
export function isFlat(facing: NonNullable<SeamPlan['howTo']>['facing']): boolean {
  return facing === 'FLAT_RIGHT_SIDES_UP' || facing === 'FLAT_WRONG_SIDES_UP';
}
