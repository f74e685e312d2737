import type { SeamPlan, SeamProgress } from '../api/types';
import type { SeamState } from './Signs';

export function seamState(seam: SeamPlan, progress: SeamProgress | undefined): SeamState {
  if (progress?.state === 'JOINED') {
    return 'JOINED';
  }
  if (progress?.state) {
    return 'IN_HAND';
  }
  return seam.ease?.verdict ?? 'LOOK';
}

/** Counts of both sides as makers say them: 51 on 14 + 14. */
export function countsOf(seam: SeamPlan): string {
  return `${sideCounts(seam.a)} on ${sideCounts(seam.b)}`;
}

function sideCounts(side: SeamPlan['a']): string {
  const bySpan = new Map<number, number>();
  for (const rail of side.rails) {
    bySpan.set(rail.span, (bySpan.get(rail.span) ?? 0) + rail.places / rail.placesPerUnit);
  }
  return [...bySpan.values()].join(' + ');
}
