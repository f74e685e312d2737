import type { SeamPlan } from '../api/types';
import { isBelow, isFlat, liesAt, showsWrong } from '../bench/below';
import { FacingLoops } from './FacingLoops';
import { HEIGHT, WIDTH } from './measures';
import { StackedLoops } from './StackedLoops';

export type HowToPlan = NonNullable<SeamPlan['howTo']>;

/** The two edges as they are held, each stitch with its two loops; what hook or needle takes is yellow, the way of the yarn red. */
export function HowToPicture({ seam, howTo }: { seam: SeamPlan; howTo: HowToPlan }) {
  const Edges = isFlat(howTo.facing) ? FacingLoops : StackedLoops;
  const joint = howTo.lines.find(({ part }) => part === 'JOINT')?.words ?? '';
  return (
    <svg className="how-to-picture" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={joint}>
      <g transform={howTo.fromRight ? undefined : `translate(${WIDTH} 0) scale(-1 1)`}>
        <Edges howTo={howTo} />
      </g>
      <Captions seam={seam} />
    </svg>
  );
}

/** Words stay readable from whichever hand it is worked. */
function Captions({ seam }: { seam: SeamPlan }) {
  const nearIsA = isBelow(seam, true);
  const [farther, nearer] = [caption(seam, !nearIsA), caption(seam, nearIsA)];
  return (
    <g className="how-to-words">
      <text x={WIDTH / 2} y={17} textAnchor="middle">
        {farther}
      </text>
      <text x={WIDTH / 2} y={HEIGHT - 7} textAnchor="middle">
        {nearer}
      </text>
    </g>
  );
}

/** Where a side lies, and which face of it the maker sees. */
function caption(seam: SeamPlan, onA: boolean): string {
  const face = showsWrong(seam, onA) ? 'wrong' : 'right';
  if (seam.hold?.kind === 'STACKED') {
    return isBelow(seam, onA)
      ? `nearest you, its ${face} side shows`
      : `behind, its ${face} side towards you`;
  }
  return `${liesAt(seam, onA) || 'farther'}, ${face} side up`;
}
