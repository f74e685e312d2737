import type { Dye, SeamPlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { StackedLoops } from './StackedLoops';
import { FacingLoops } from './FacingLoops';
import { HEIGHT, WIDTH } from './measures';

export type HowToPlan = NonNullable<SeamPlan['howTo']>;

interface Props {
  howTo: HowToPlan;
  /** Cloth of the near piece and of the far one. */
  colours: [Dye, Dye];
  leftHanded: boolean;
}

/** The two edges as they are held, each stitch with its two loops; what hook or needle takes is red, and so is the way of the yarn. */
export function HowToPicture({ howTo, colours, leftHanded }: Props) {
  const near = shade(colours[0]);
  const far = shade(colours[1]);
  const Edges = howTo.lay === 'SIDE_BY_SIDE' ? FacingLoops : StackedLoops;
  const joint = howTo.lines.find(({ part }) => part === 'JOINT')?.words ?? '';
  return (
    <svg className="how-to-picture" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={joint}>
      <g transform={leftHanded ? `translate(${WIDTH} 0) scale(-1 1)` : undefined}>
        <Edges howTo={howTo} near={near} far={far} />
      </g>
      <Captions lay={howTo.lay} />
    </svg>
  );
}

/** Words stay readable whichever hand it is drawn for. */
function Captions({ lay }: { lay: HowToPlan['lay'] }) {
  const [farther, nearer] =
    lay === 'SIDE_BY_SIDE'
      ? ['farther, right side up', 'nearest you, right side up']
      : lay === 'RIGHT_SIDES_TOGETHER'
        ? ['behind, right side towards you', 'nearest you, wrong side shows']
        : ['behind, wrong side towards you', 'nearest you, right side shows'];
  return (
    <g className="how-to-words">
      <text x={WIDTH / 2} y={16} textAnchor="middle">
        {farther}
      </text>
      <text x={WIDTH / 2} y={HEIGHT - 6} textAnchor="middle">
        {nearer}
      </text>
    </g>
  );
}
