import type { Answer, Dye, GarmentPlan, SeamPlan, Way } from '../api/types';

const SCHOOL_WAYS: Way[] = ['HOOK', 'NEEDLE', 'JOIN_AS_YOU_GO'];

/** What stands over each of the two answers. */
export function answerHeadings(answers: Answer[], schools: Way[]): string[] {
  const school = schools.some((way) => SCHOOL_WAYS.includes(way));
  return answers.map((answer, index) => {
    const own = answer.terms.some((term) => term.name === 'SCHOOL');
    if (index === 0) {
      return own ? 'Best overall, and of your school' : 'Best overall';
    }
    return own ? 'Best of your school' : school ? 'Best outside your school' : 'Best of another family';
  });
}

/** The colours of the cloth at both sides of a seam, where it begins. */
export function seamColours(plan: GarmentPlan, seam: SeamPlan): [Dye, Dye] {
  const colour = (piece: string | undefined): Dye =>
    plan.pieces.find((candidate) => candidate.id === piece)?.cloth.colour ?? 'LINEN';
  return [colour(seam.a.rails[0]?.piece), colour(seam.b.rails[0]?.piece)];
}
