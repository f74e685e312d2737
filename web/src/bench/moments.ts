import type { BenchPlan, Prompt, Stop } from '../api/types';

/** The moment to stop after so many joints, if there is one; all that is to be done then. */
export function promptAt(plan: BenchPlan, position: number): Prompt | undefined {
  const there = plan.prompts.filter((prompt) => prompt.joint === position);
  return (
    there[0] && {
      ...there[0],
      words: together(there.map(({ words }) => words)),
      expected: together(there.map(({ expected }) => expected)),
    }
  );
}

/** Sentences one after the other, each said once. */
function together(sentences: string[]): string {
  return [...new Set(sentences)].join(' ');
}

/** The next place that is looked at, before the end. */
export function nextStop(
  { stops, joints }: Pick<BenchPlan, 'stops' | 'joints'>,
  position: number,
): Stop | undefined {
  return stops.find(({ joint }) => joint > position && joint < joints.length);
}

/** How long the rest takes, in words; nothing until the pace is known. */
export function timeLeft(joints: number, secondsPerJoint: number | undefined): string {
  if (secondsPerJoint === undefined || joints <= 0) {
    return '';
  }
  const minutes = Math.round((joints * secondsPerJoint) / 60);
  if (minutes < 1) {
    return 'less than a minute left';
  }
  const hours = Math.floor(minutes / 60);
  return hours === 0 ? `about ${minutes} min left` : `about ${hours} h ${minutes % 60} min left`;
}

/** What is said aloud: the prompt at a marker, and how far it is to the next one. */
export function spokenAt(plan: BenchPlan, position: number): string {
  const prompt = promptAt(plan, position);
  if (prompt) {
    return prompt.words;
  }
  const before = plan.stops.filter((c) => c.joint < position).at(-1);
  const next = plan.stops.find((c) => c.joint > position);
  const justStarted = position === 0 || before?.joint === position - 1;
  return justStarted && next ? `${next.joint - position} more, to ${next.words}.` : '';
}
