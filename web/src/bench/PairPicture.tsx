import type { BenchPlan } from '../api/types';
import { shade } from '../drawing/dyes';
import { isBelow } from './below';

const SIDE = 34;
const GAP = 6;
const CAPTION = 250;
const PAIR_GAP = 3;

interface Props {
  plan: BenchPlan;
  upright: boolean;
  position: number;
}

/** All pairs of a line as they lie in its direction: those that are joined closed up, the pair in hand framed, the next beside it. */
export function PairPicture({ plan, upright, position }: Props) {
  const pairs = Array.from({ length: plan.squares.length / 2 }, (_, i) => ({
    a: plan.squares[2 * i]!,
    b: plan.squares[2 * i + 1]!,
  }));
  const aIsBelow = !plan.plan || isBelow(plan.plan, true);
  const corners = plan.prompts.filter((prompt) => prompt.kind === 'CROSSING').map((prompt) => prompt.joint);
  const now = corners.filter((joint) => joint <= position).length;
  const done = position >= plan.joints.length;
  const along = pairs.length * (SIDE + PAIR_GAP);
  const across = 2 * SIDE + GAP;
  const inHand = pairs[Math.min(now, pairs.length - 1)]!;
  return (
    <svg
      className="pair-picture"
      width={along + CAPTION}
      height={across}
      role="img"
      aria-label={
        done
          ? 'All squares of the line are joined'
          : `In hand: ${inHand.a.name} and ${inHand.b.name.toLowerCase()}`
      }
    >
      {pairs.map(({ a, b }, index) => {
        const at = plan.fromRight ? pairs.length - 1 - index : index;
        const x = at * (SIDE + PAIR_GAP);
        const joined = index < now || done;
        return (
          <g key={a.piece} transform={`translate(${x} 0)`} opacity={joined || index === now ? 1 : 0.55}>
            <PairSquare square={aIsBelow ? b : a} y={joined ? GAP : 0} />
            <PairSquare square={aIsBelow ? a : b} y={SIDE + GAP} />
            {index === now && !done && (
              <rect
                x={1.5}
                y={1.5}
                width={SIDE - 3}
                height={across - 3}
                fill="none"
                stroke="var(--madder)"
                strokeWidth={3}
              />
            )}
          </g>
        );
      })}
      <text x={along + 12} y={across / 2} dominantBaseline="central" className="soft">
        {upright ? 'Turned to lie before you' : 'As they lie before you'}
      </text>
    </svg>
  );
}

function PairSquare({ square, y }: { square: BenchPlan['squares'][number]; y: number }) {
  const dye = shade(square.colour);
  return (
    <g transform={`translate(0 ${y})`}>
      <rect width={SIDE} height={SIDE} fill={dye.base} stroke="var(--outline)" />
      <text
        x={SIDE / 2}
        y={SIDE / 2}
        textAnchor="middle"
        dominantBaseline="central"
        fill={dye.text}
        className="square-label"
      >
        {square.name.replace('Square ', '')}
      </text>
    </g>
  );
}
