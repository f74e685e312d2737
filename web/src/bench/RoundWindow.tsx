import type { BenchPlan } from '../api/types';
import { useSize } from '../drawing/useSize';

interface Props {
  plan: BenchPlan;
  position: number;
}

const HEIGHT = 220;
const STITCH_PX = 52;
const TOP = 84;
const BASE = 132;
const BOX = 46;

type Joint = BenchPlan['joints'][number];

/** Stitches that share what they are worked into. */
interface Group {
  first: number;
  last: number;
  joint: Joint;
}

/** Neighbouring stitches of a round by the unit they go into; those at a seam or a corner are on their own. */
export function groupsOf(joints: Joint[], from: number, to: number): Group[] {
  const groups: Group[] = [];
  for (let i = from; i < to; i++) {
    const joint = joints[i]!;
    const last = groups.at(-1);
    if (last && joint.b >= 0 && last.joint.a === joint.a && last.joint.b === joint.b) {
      last.last = i;
    } else {
      groups.push({ first: i, last: i, joint });
    }
  }
  return groups;
}

/** What the unit of a joint is called; of work that was begun before this was told, by how many it is. */
export function numberOf({ segments }: BenchPlan['rounds'][number], { a, b }: Joint): number {
  const numbers = segments[a]?.numbers;
  return numbers ? numbers.first + numbers.step * b : b + 1;
}

/** The few stitches round the one in hand, over the units they are worked into. */
export function RoundWindow({ plan, position }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const round = plan.rounds.find(({ to }) => position < to) ?? plan.rounds.at(-1);
  if (!round) {
    return null;
  }
  const segment = round.segments.find(({ to }) => position < to);
  const around = Math.ceil(width / STITCH_PX / 2) + 1;
  const from = Math.max(round.from, position - around);
  const to = Math.min(round.to, position + around + 1);
  const way = plan.fromRight ? -1 : 1;
  const x = (stitch: number) => width / 2 + way * (stitch - position) * STITCH_PX;
  return (
    <div ref={ref} className="bench-window">
      {width > 0 && (
        <svg width={width} height={HEIGHT} role="img" aria-label={segment?.name || round.words}>
          <rect width={width} height={HEIGHT} fill="var(--mat)" />
          {groupsOf(plan.joints, from, to).map(({ first, last, joint }) => {
            const left = Math.min(x(first), x(last)) - STITCH_PX / 2 + 2;
            const wide = (last - first + 1) * STITCH_PX - 4;
            return joint.b >= 0 ? (
              <g key={first}>
                <rect
                  x={left}
                  y={BASE}
                  width={wide}
                  height={BOX}
                  rx={8}
                  fill="var(--weld)"
                  stroke="var(--ink)"
                />
                <text x={left + wide / 2} y={BASE + 30} textAnchor="middle" className="rail-figure">
                  {numberOf(round, joint)}
                </text>
              </g>
            ) : (
              <circle
                key={first}
                cx={x(first)}
                cy={BASE + BOX / 2}
                r={15}
                fill="var(--paper)"
                stroke="var(--mulberry)"
                strokeWidth={5}
              />
            );
          })}
          {Array.from({ length: Math.max(0, to - from) }, (_, i) => from + i).map((stitch) => (
            <g key={stitch}>
              <path
                d={`M${x(stitch)} ${BASE - 2}V${TOP + 10}`}
                stroke={stitch <= position ? 'var(--madder)' : 'var(--waiting)'}
                strokeWidth={stitch === position ? 10 : stitch < position ? 6 : 2.5}
                strokeDasharray={stitch <= position ? undefined : '5 6'}
                strokeLinecap="round"
              />
              <ellipse
                cx={x(stitch)}
                cy={TOP}
                rx={STITCH_PX * 0.4}
                ry={11}
                fill={stitch < position ? 'var(--madder)' : 'var(--paper)'}
                stroke={stitch <= position ? 'var(--madder)' : 'var(--waiting)'}
                strokeWidth={stitch === position ? 4 : 1.5}
              />
            </g>
          ))}
          <text x={10} y={30} className="window-title">
            {`${round.number}. ${segment?.name ?? ''}`}
          </text>
        </svg>
      )}
    </div>
  );
}
