import type { Opened } from '../api/types';

/** The seams that are joined already. */
export function joinedSeams(garment: Opened): string[] {
  return garment.progress.filter(({ state }) => state === 'JOINED').map(({ seam }) => seam);
}

/** All that is worked already, by id: seams, whole boards and edgings. */
export function finishedWork(garment: Opened): string[] {
  return [...joinedSeams(garment), ...garment.finished];
}
