import type { HowToPlan } from './HowToPicture';
import { ChainLoop, ClothPart, Hook, Loops, RowEnds, Yarn } from './Loops';
import { STITCH, middle } from './measures';

const FAR_EDGE = 86;
const NEAR_EDGE = 146;
const MIDDLE = (FAR_EDGE + NEAR_EDGE) / 2;
const BETWEEN_LOOPS = 18;
/** Bars lie inside the edge stitch. */
const INSIDE = 14;

/** Side by side on the table, right sides up, the edges towards each other: back loops lie nearest the other piece. */
export function FacingLoops({ howTo }: { howTo: HowToPlan }) {
  return (
    <g>
      <ClothPart top={28} bottom={FAR_EDGE} />
      <ClothPart top={NEAR_EDGE} bottom={204} />
      <Edge y={FAR_EDGE} taken={howTo.far} outward={-1} />
      <Edge y={NEAR_EDGE} taken={howTo.near} outward={1} />
      <Way howTo={howTo} />
    </g>
  );
}

interface EdgeProps {
  y: number;
  taken: HowToPlan['near'];
  /** Where its cloth lies: −1 above the edge, 1 below it. */
  outward: number;
}

function Edge({ y, taken, outward }: EdgeProps) {
  if (taken === 'ROW_END' || taken === 'BARS') {
    return <RowEnds y={taken === 'BARS' ? y + outward * INSIDE : y} taken />;
  }
  return (
    <g>
      <Loops y={y - (outward * BETWEEN_LOOPS) / 2} taken />
      <Loops y={y + (outward * BETWEEN_LOOPS) / 2} taken={taken === 'BOTH_LOOPS'} />
    </g>
  );
}

function Way({ howTo }: { howTo: HowToPlan }) {
  const half = STITCH / 2;
  const high = FAR_EDGE - (howTo.far === 'BARS' ? INSIDE : 0);
  const low = NEAR_EDGE + (howTo.near === 'BARS' ? INSIDE : 0);
  switch (howTo.path) {
    case 'MATTRESS':
    case 'WOVEN':
      return (
        <g>
          {[5, 4, 3].map((s) => (
            <g key={s}>
              <Yarn hidden d={`M${middle(s) + half} ${low}H${middle(s) - half}`} />
              <Yarn hidden d={`M${middle(s) + half} ${high}H${middle(s) - half}`} />
              <Yarn d={`M${middle(s) + half} ${low}V${high}`} />
            </g>
          ))}
          <Yarn d={`M${middle(3) - half} ${high}V${low}`} />
          <path
            d={`M${middle(3) - half} ${low}H${middle(1) - half}`}
            stroke="var(--ink)"
            strokeWidth={3.5}
            strokeLinecap="round"
          />
        </g>
      );
    case 'CHAINS':
      return (
        <Yarn
          d={[5, 4, 3, 2]
            .map((s) => `${s === 5 ? 'M' : 'L'}${middle(s)} ${NEAR_EDGE}L${middle(s) - half} ${FAR_EDGE}`)
            .join('')}
        />
      );
    default:
      return (
        <g>
          {[5, 4, 3].map((s) => (
            <ChainLoop key={s} x={middle(s)} y={MIDDLE} />
          ))}
          <Hook x={middle(2)} from={NEAR_EDGE + 14} to={FAR_EDGE - 10} />
          <Yarn hidden d={`M${middle(2) - 4} ${FAR_EDGE - 14}q-40 10 -120 6`} />
        </g>
      );
  }
}
