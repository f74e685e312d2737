import type { Opened, WorkReference } from '../api/types';

/** The seams that are joined already. */
export function joinedSeams(garment: Opened): string[] {
  return garment.progress.filter(({ state }) => state === 'JOINED').map(({ seam }) => seam);
}

/** What names a work among all works. */
export function workKey({ seam, board, line, strip }: WorkReference): string {
  return JSON.stringify([seam, board, line, strip]);
}

export function isAmong(all: WorkReference[], of: WorkReference): boolean {
  return all.some((one) => workKey(one) === workKey(of));
}

export function isFinished(garment: Opened, of: WorkReference | undefined): boolean {
  return of !== undefined && isAmong(garment.finished, of);
}
