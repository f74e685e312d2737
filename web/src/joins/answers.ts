import type { Dye, GarmentPlan, SeamPlan } from '../api/types';

/** The colours of the cloth at both sides of a seam, where it begins. */
export function seamColours(plan: GarmentPlan, seam: SeamPlan): [Dye, Dye] {
  const colour = (piece: string | undefined): Dye =>
    plan.pieces.find((candidate) => candidate.id === piece)?.cloth.colour ?? 'LINEN';
  return [colour(seam.a.rails[0]?.piece), colour(seam.b.rails[0]?.piece)];
}
