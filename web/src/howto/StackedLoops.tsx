import type { HowToPlan } from './HowToPicture';
import { ClothPart, Loops, RowEnds, Yarn } from './Loops';
import { STITCH, middle } from './measures';

interface Props {
  howTo: HowToPlan;
  near: { base: string; stitch: string; text: string };
  far: { base: string; stitch: string; text: string };
}

const FAR_EDGE = 52;
const NEAR_EDGE = 106;
const BETWEEN_LOOPS = 20;

/** One piece behind the other, both edges on top, looked at from above: far loops behind near ones. */
export function StackedLoops({ howTo, near, far }: Props) {
  // The loop on the wrong side lies towards the maker where the wrong side does.
  const together = howTo.lay === 'RIGHT_SIDES_TOGETHER';
  return (
    <g>
      <ClothPart top={FAR_EDGE} bottom={NEAR_EDGE + 30} base={far.base} stitch={far.stitch} />
      <Edge y={FAR_EDGE} taken={howTo.far} wrongSideNear={!together} cloth={far} />
      <ClothPart top={NEAR_EDGE} bottom={198} base={near.base} stitch={near.stitch} />
      <Edge y={NEAR_EDGE} taken={howTo.near} wrongSideNear={together} cloth={near} />
      <Way path={howTo.path} />
    </g>
  );
}

interface EdgeProps {
  y: number;
  taken: HowToPlan['near'];
  wrongSideNear: boolean;
  cloth: { base: string; text: string };
}

function Edge({ y, taken, wrongSideNear, cloth }: EdgeProps) {
  if (taken === 'ROW_END' || taken === 'BARS') {
    return <RowEnds y={y} fill={cloth.base} line={cloth.text} taken />;
  }
  const both = taken === 'BOTH_LOOPS';
  return (
    <g>
      <Loops y={y - BETWEEN_LOOPS / 2} fill={cloth.base} line={cloth.text} taken={both || !wrongSideNear} />
      <Loops y={y + BETWEEN_LOOPS / 2} fill={cloth.base} line={cloth.text} taken={both || wrongSideNear} />
    </g>
  );
}

const LOW = NEAR_EDGE + 30;
const HIGH = FAR_EDGE - 24;

/** From the right to the left, as a right hand works; the joint in hand lies in the middle. */
function Way({ path }: { path: HowToPlan['path'] }) {
  const joint = (stitch: number) => middle(stitch);
  switch (path) {
    case 'WHIP':
      return (
        <Yarn
          d={[5, 4, 3, 2]
            .map((s) => `${s === 5 ? 'M' : 'L'}${joint(s) + 12} ${LOW}L${joint(s) - 8} ${HIGH}`)
            .join('')}
        />
      );
    case 'BACKSTITCH':
      return (
        <Yarn
          d={`M${joint(5)} ${LOW}${[4, 3, 2]
            .map((s) => `L${joint(s)} ${LOW}q-${STITCH * 0.5} ${14} -${STITCH} 0m${STITCH} 0`)
            .join('')}`}
        />
      );
    default:
      return (
        <g>
          {[5, 4].map((s) => (
            <path
              key={s}
              d={`M${joint(s) + 20} ${(FAR_EDGE + NEAR_EDGE) / 2}q-20 -13 -40 0q20 13 40 0z`}
              fill="var(--paper)"
              stroke="var(--madder)"
              strokeWidth={3}
            />
          ))}
          <Yarn d={`M${joint(3) + 6} ${LOW}L${joint(3) - 4} ${HIGH}`} />
          <Hook x={joint(3)} y={LOW} turnedUp={path === 'SINGLE'} />
          <Yarn thin d={`M${joint(3) - 8} ${HIGH}q-30 -10 -70 4q-24 8 -60 0`} />
        </g>
      );
  }
}

/** A hook that goes through both pieces from the near side; for single crochet with a loop waiting on it. */
function Hook({ x, y, turnedUp }: { x: number; y: number; turnedUp: boolean }) {
  return (
    <g>
      <path
        d={`M${x + 16} ${y + 60}L${x + 4} ${y}L${x - 5} ${HIGH}q-2 -9 6 -10q6 0 5 7`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={5}
        strokeLinecap="round"
      />
      {turnedUp && (
        <ellipse cx={x + 8} cy={y + 22} rx={13} ry={6} fill="none" stroke="var(--madder)" strokeWidth={3.5} />
      )}
    </g>
  );
}
