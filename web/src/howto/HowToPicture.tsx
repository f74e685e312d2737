import type { SeamPlan } from '../api/types';
import { FacingLoops } from './FacingLoops';
import { HEIGHT, WIDTH } from './measures';
import { StackedLoops } from './StackedLoops';

export type HowToPlan = NonNullable<SeamPlan['howTo']>;

/** The two edges as they are held, each stitch with its two loops; what hook or needle takes is yellow, the way of the yarn red. */
export function HowToPicture({ howTo }: { howTo: HowToPlan }) {
  const Edges = howTo.lay === 'SIDE_BY_SIDE' ? FacingLoops : StackedLoops;
  const joint = howTo.lines.find(({ part }) => part === 'JOINT')?.words ?? '';
  return (
    <svg className="how-to-picture" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={joint}>
      <g transform={howTo.fromRight ? undefined : `translate(${WIDTH} 0) scale(-1 1)`}>
        <Edges howTo={howTo} />
      </g>
      <Captions lay={howTo.lay} />
    </svg>
  );
}

/** Words stay readable from whichever hand it is worked. */
function Captions({ lay }: { lay: HowToPlan['lay'] }) {
  const [farther, nearer] =
    lay === 'SIDE_BY_SIDE'
      ? ['farther, right side up', 'nearest you, right side up']
      : lay === 'RIGHT_SIDES_TOGETHER'
        ? ['behind, its right side towards you', 'nearest you, its wrong side shows']
        : ['behind, its wrong side towards you', 'nearest you, its right side shows'];
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
