import type { HowToPlan } from './HowToPicture';
import { ChainLoop, ClothPart, Hook, Loops, RowEnds, Yarn } from './Loops';
import { STITCH, middle } from './measures';

const FAR_EDGE = 58;
const NEAR_EDGE = 112;
const BETWEEN_LOOPS = 18;
/** Where yarn goes in at the near piece, and comes out behind the far one. */
const LOW = NEAR_EDGE + 22;
const HIGH = FAR_EDGE - 22;

/** One piece behind the other, both edges on top, looked at from above: far loops behind near ones. */
export function StackedLoops({ howTo }: { howTo: HowToPlan }) {
  // The loop of the wrong side lies towards the maker where the wrong side does.
  const together = howTo.facing === 'RIGHT_SIDES_TOGETHER';
  return (
    <g>
      <ClothPart top={FAR_EDGE} bottom={NEAR_EDGE} />
      <Edge y={FAR_EDGE} taken={howTo.far} wrongSideNear={!together} />
      <ClothPart top={NEAR_EDGE} bottom={196} />
      <Edge y={NEAR_EDGE} taken={howTo.near} wrongSideNear={together} />
      <Way path={howTo.path} />
    </g>
  );
}

interface EdgeProps {
  y: number;
  taken: HowToPlan['near'];
  wrongSideNear: boolean;
}

function Edge({ y, taken, wrongSideNear }: EdgeProps) {
  if (taken === 'ROW_END' || taken === 'BARS') {
    return <RowEnds y={y} taken />;
  }
  const both = taken === 'BOTH_LOOPS';
  return (
    <g>
      <Loops y={y - BETWEEN_LOOPS / 2} taken={both || !wrongSideNear} />
      <Loops y={y + BETWEEN_LOOPS / 2} taken={both || wrongSideNear} />
    </g>
  );
}

/** From the right to the left; the joint in hand lies in the middle. */
function Way({ path }: { path: HowToPlan['path'] }) {
  switch (path) {
    case 'WHIP':
      return (
        <g>
          {[5, 4, 3].map((s) => (
            <g key={s}>
              <Yarn hidden d={`M${middle(s)} ${LOW}V${HIGH}`} />
              <Yarn d={`M${middle(s)} ${HIGH}L${middle(s - 1)} ${LOW}`} />
            </g>
          ))}
          <Needle x={middle(2)} />
        </g>
      );
    case 'BACKSTITCH':
      return (
        <g>
          {[5, 4, 3].map((s) => (
            <Yarn key={s} d={`M${middle(s) + STITCH / 2 - 3} ${LOW}H${middle(s) - STITCH / 2 + 3}`} />
          ))}
          <Yarn hidden d={`M${middle(3) + STITCH / 2} ${LOW + 9}H${middle(2) - STITCH / 2}`} />
          <Needle x={middle(2) - STITCH / 2} />
        </g>
      );
    default:
      return (
        <g>
          {[5, 4].map((s) => (
            <ChainLoop key={s} x={middle(s)} y={(FAR_EDGE + NEAR_EDGE) / 2} />
          ))}
          {path === 'SINGLE' &&
            [5, 4].map((s) => (
              <Yarn key={s} thin d={`M${middle(s)} ${LOW}V${(FAR_EDGE + NEAR_EDGE) / 2 + 8}`} />
            ))}
          <Hook x={middle(3)} from={LOW} to={HIGH} />
          <Yarn thin d={`M${middle(3) - 2} ${HIGH - 4}q-36 -8 -78 2q-40 8 -70 -2`} />
        </g>
      );
  }
}

/** A needle that goes in at the near piece and out behind the far one. */
function Needle({ x }: { x: number }) {
  return (
    <path
      d={`M${x + 10} ${LOW + 46}L${x} ${LOW}L${x - 6} ${HIGH - 12}`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={3.5}
      strokeLinecap="round"
    />
  );
}
