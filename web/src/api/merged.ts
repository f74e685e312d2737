import type { Changed, Opened } from './types';

/** A garment after a change, with the pieces and seams that stay taken from before; none when one of them is not there. */
export function merged(before: Opened | undefined, changed: Changed): Opened | undefined {
  const { pieces, seams, plan, ...rest } = changed;
  const allPieces = ordered(pieces, plan.pieces, before?.plan.pieces ?? []);
  const allSeams = ordered(seams, plan.seams, before?.plan.seams ?? []);
  const whole = allPieces.length === pieces.length && allSeams.length === seams.length;
  return whole ? { ...rest, plan: { ...plan, pieces: allPieces, seams: allSeams } } : undefined;
}

function ordered<T extends { id: string }>(ids: string[], now: T[], before: T[]): T[] {
  const known = new Map([...before, ...now].map((one) => [one.id, one]));
  return ids.flatMap((id) => known.get(id) ?? []);
}
