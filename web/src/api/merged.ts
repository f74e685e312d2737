import type { Changed, Opened } from './types';

/** A garment after a change, with the pieces, seams and boards that stay taken from before; none when one of them is not there. */
export function merged(before: Opened | undefined, changed: Changed): Opened | undefined {
  const { pieces, seams, boards, plan, ...rest } = changed;
  const allPieces = ordered(pieces, plan.pieces, before?.plan.pieces ?? []);
  const allSeams = ordered(seams, plan.seams, before?.plan.seams ?? []);
  const allBoards = ordered(boards, plan.boards, before?.plan.boards ?? []);
  const whole =
    allPieces.length === pieces.length &&
    allSeams.length === seams.length &&
    allBoards.length === boards.length;
  return whole
    ? { ...rest, plan: { ...plan, pieces: allPieces, seams: allSeams, boards: allBoards } }
    : undefined;
}

function ordered<T extends { id: string }>(ids: string[], now: T[], before: T[]): T[] {
  const known = new Map([...before, ...now].map((one) => [one.id, one]));
  return ids.flatMap((id) => known.get(id) ?? []);
}
