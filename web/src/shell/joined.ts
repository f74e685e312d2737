import type { Opened } from '../api/types';

/** The seams that are joined already. */
export function joinedSeams(garment: Opened): string[] {
  return garment.progress.filter(({ state }) => state === 'JOINED').map(({ seam }) => seam);
}
