import type { SeamPlan } from '../api/types';

/** Whether a side lies nearest the maker in a picture; of work that was begun before this was told, side A does. */
export function isBelow({ hold }: SeamPlan, onA: boolean): boolean {
  return ((hold?.below ?? 'A') === 'A') === onA;
}
