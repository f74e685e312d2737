import type { SeamPlan, SeamProgress } from '../api/types';
import type { SeamState } from './Signs';

export function seamState(seam: SeamPlan, progress: SeamProgress | undefined): SeamState {
  if (progress?.state === 'JOINED') {
    return 'JOINED';
  }
  if (progress?.state) {
    return 'IN_HAND';
  }
  const verdict = seam.ease?.verdict ?? 'LOOK';
  if (verdict === 'STOP' || seam.level === 'NOTE') {
    return verdict;
  }
  return seam.level === 'DECIDE_FIRST' ? 'DECIDE' : 'LOOK';
}
