import type { BoardPlan, ColourPlan, Dye } from '../api/types';
import { shade } from './dyes';

interface Props {
  board: BoardPlan;
  colours: ColourPlan | undefined;
  /** The colour of squares without a colourway. */
  plain: Dye;
}

/** The dye of each colourway. */
export function dyeOf(colours: ColourPlan | undefined, colourway: string | undefined): Dye | undefined {
  return colours?.stock.find(({ id }) => id === colourway)?.colour;
}

const ROUNDS = [0.5, 0.34, 0.18];

/** The squares of a board in its piece's own axes (mm, y upwards): each with its rounds, so that it is seen as made of squares. */
export function SquareShapes({ board, colours, plain }: Props) {
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
          </g>
        );
      })}
    </g>
  );
}
