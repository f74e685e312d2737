import type { DrawnPiece, SeamPlan } from '../api/types';

/** The stretches of a piece's edges that a seam takes. */
export function edgesOf(seam: SeamPlan, piece: DrawnPiece): string {
  return [...seam.a.rails, ...seam.b.rails]
    .filter((rail) => rail.piece === piece.id)
    .map((rail) => `M${rail.x} ${rail.y}l${rail.places * rail.dx} ${rail.places * rail.dy}`)
    .join('');
}
