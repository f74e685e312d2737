import type { StripPlan } from '../api/types';
import { BEAD } from './CountHandle';

interface Props {
  strip: StripPlan;
  index: number;
  /** A share of a round's length at a height, px. */
  at: (share: number, up: number) => number;
  level: (up: number) => number;
  /** Where the counts stand at the least. */
  countsAt: number;
  moved: boolean;
  rise: number;
}

/** The rounds over a stretch, each with its stitches; one field where none is told. */
export function Rounds({ strip, index, at, level, countsAt, moved, rise }: Props) {
  const total = strip.heightMm;
  const heights = heightsOf(strip);
  return (
    <>
      {strip.rounds.length === 0 && (
        <polygon
          className="round"
          points={`${at(0, 0)},${level(0)} ${at(1, 0)},${level(0)} ${at(1, total)},${level(total)} ${at(0, total)},${level(total)}`}
        />
      )}
      {strip.rounds.map((round, r) => {
        const low = heights[r]!;
        const high = heights[r + 1]!;
        const stitches = round.segments.find(({ stretch }) => stretch === index)?.stitches ?? 0;
        return (
          <g key={r}>
            <polygon
              className="round"
              points={`${at(0, low)},${level(low)} ${at(1, low)},${level(low)} ${at(1, high)},${level(high)} ${at(0, high)},${level(high)}`}
            />
            {Array.from({ length: Math.max(0, stitches - 1) }, (_, i) => (
              <line
                key={i}
                className="stitch"
                x1={at((i + 1) / stitches, low)}
                y1={level(low)}
                x2={at((i + 1) / stitches, high)}
                y2={level(high)}
              />
            ))}
            <text
              x={Math.max(countsAt, at(1, total)) + (moved ? 2 * BEAD : 8)}
              y={level((low + high) / 2) + 5}
              className="soft"
              fontSize={13}
            >
              {strip.rounds.length > 1 && rise / strip.rounds.length >= 12 ? stitches : ''}
            </text>
          </g>
        );
      })}
    </>
  );
}

/** The height at which each round begins, and the last ends, mm. */
function heightsOf({ rounds }: StripPlan): number[] {
  const heights = [0];
  rounds.forEach((round) => heights.push(heights.at(-1)! + round.heightMm));
  return heights;
}
