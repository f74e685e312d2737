import type { HowToPlan } from './HowToPicture';
import { ClothPart, Loops, RowEnds, Yarn } from './Loops';
import { STITCH, middle } from './measures';

interface Props {
  howTo: HowToPlan;
  near: { base: string; stitch: string; text: string };
  far: { base: string; stitch: string; text: string };
}

const FAR_EDGE = 84;
const NEAR_EDGE = 146;
const BETWEEN_LOOPS = 18;

/** Side by side on the table, right sides up, the edges towards each other: back loops lie nearest the other piece. */
export function FacingLoops({ howTo, near, far }: Props) {
  return (
    <g>
      <ClothPart top={26} bottom={FAR_EDGE} base={far.base} stitch={far.stitch} />
      <ClothPart top={NEAR_EDGE} bottom={204} base={near.base} stitch={near.stitch} />
      <Edge y={FAR_EDGE} taken={howTo.far} outward={-1} cloth={far} />
      <Edge y={NEAR_EDGE} taken={howTo.near} outward={1} cloth={near} />
      <Way howTo={howTo} />
    </g>
  );
}

interface EdgeProps {
  y: number;
  taken: HowToPlan['near'];
  /** Where its cloth lies: −1 above the edge, 1 below it. */
  outward: number;
  cloth: { base: string; text: string };
}

function Edge({ y, taken, outward, cloth }: EdgeProps) {
  if (taken === 'ROW_END' || taken === 'BARS') {
    const inside = taken === 'BARS' ? y + outward * 14 : y;
    return <RowEnds y={inside} fill={cloth.base} line={cloth.text} taken />;
  }
  const both = taken === 'BOTH_LOOPS';
  return (
    <g>
      <Loops y={y - (outward * BETWEEN_LOOPS) / 2} fill={cloth.base} line={cloth.text} taken />
      <Loops y={y + (outward * BETWEEN_LOOPS) / 2} fill={cloth.base} line={cloth.text} taken={both} />
    </g>
  );
}

const HIGH = FAR_EDGE - 16;
const LOW = NEAR_EDGE + 16;

function Way({ howTo }: { howTo: HowToPlan }) {
  const half = STITCH / 2;
  switch (howTo.path) {
    case 'MATTRESS':
    case 'WOVEN':
      return (
        <Yarn
          d={`M${middle(5) + half} ${LOW}${[5, 4, 3]
            .map(
              (s) =>
                `L${middle(s) - half + 8} ${LOW}L${middle(s) + half - 8} ${HIGH}L${middle(s) - half + 8} ${HIGH}L${middle(s - 1) + half - 8} ${LOW}`,
            )
            .join('')}`}
        />
      );
    case 'CHAINS':
      return (
        <Yarn
          d={[5, 4, 3, 2]
            .map((s) => `${s === 5 ? 'M' : 'L'}${middle(s)} ${LOW}L${middle(s) - half} ${HIGH}`)
            .join('')}
        />
      );
    default:
      return (
        <g>
          {[5, 4, 3].map((s) => (
            <path
              key={s}
              d={`M${middle(s) + 24} ${(FAR_EDGE + NEAR_EDGE) / 2}q-24 -17 -48 0q24 17 48 0z`}
              fill="var(--paper)"
              stroke="var(--madder)"
              strokeWidth={3}
            />
          ))}
          <path
            d={`M${middle(2) + 40} ${LOW + 46}L${middle(2) + 6} ${(FAR_EDGE + NEAR_EDGE) / 2}L${middle(2) - 6} ${HIGH}q-2 -9 6 -9`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={5}
            strokeLinecap="round"
          />
          <Yarn thin d={`M${middle(2)} ${(FAR_EDGE + NEAR_EDGE) / 2}q-40 16 -110 4`} />
        </g>
      );
  }
}
