import type { BoardPlan, ColourPlan, Dye } from '../api/types';
import { shade } from './dyes';

interface Props {
  board: BoardPlan;
  colours: ColourPlan | undefined;
  /** The colour of squares without a colourway. */
  plain: Dye;
  /** Whether the corner where a square's rounds end is marked, as squares are turned. */
  ends?: boolean | undefined;
}

/** The dye of each colourway. */
export function dyeOf(colours: ColourPlan | undefined, colourway: string | undefined): Dye | undefined {
  return colours?.stock.find(({ id }) => id === colourway)?.colour;
}

/** The lower left corner of a square that is not turned, then on to the left. */
const CORNERS = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
] as const;
const MARK = 0.2;

/** A corner of a square, filled, in its own axes. */
function corner(side: number, turned: number): string {
  const [x, y] = CORNERS[turned % CORNERS.length]!;
  const far = (at: number) => (at === 0 ? MARK : 1 - MARK) * side;
  return `M${x * side} ${y * side}L${far(x)} ${y * side}L${x * side} ${far(y)}z`;
}

const ROUNDS = [0.5, 0.34, 0.18];

/** The squares of a board in its piece's own axes (mm, y upwards): each with its rounds, so that it is seen as made of squares. */
export function SquareShapes({ board, colours, plain, ends }: Props) {
  const side = board.motif.sideMm;
  return (
    <g aria-hidden="true">
      {board.cells.map((cell) => {
        const dye = dyeOf(colours, cell.colourway);
        const { base, stitch } = shade(dye ?? plain);
        return (
          <g key={`${cell.row}.${cell.column}`} transform={`translate(${cell.x} ${cell.y})`}>
            <rect
              width={side}
              height={side}
              fill={colours && colours.stock.length > 0 && !dye ? 'var(--paper)' : base}
            />
            {ROUNDS.map((half) => (
              <rect
                key={half}
                x={side * (0.5 - half)}
                y={side * (0.5 - half)}
                width={2 * half * side}
                height={2 * half * side}
                fill="none"
                stroke={half === 0.5 ? 'var(--outline)' : stitch}
                strokeWidth={half === 0.5 ? 1 : 2}
                vectorEffect="non-scaling-stroke"
              />
            ))}
            {ends && <path d={corner(side, cell.turned)} fill="var(--ink)" />}
          </g>
        );
      })}
    </g>
  );
}
