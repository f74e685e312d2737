import { useRef } from 'react';
import type { BoardPlan, GarmentPlan, SquarePlan } from '../api/types';
import { Mat } from '../drawing/Mat';
import { onTable, type Point } from '../drawing/geometry';
import { pieceTransform } from '../drawing/PieceShape';
import { fitted, type Sheet, type Size } from '../drawing/sheet';
import { dyeOf, SquareShapes } from '../drawing/SquareShapes';
import { shade } from '../drawing/dyes';
import { ScheduledPath } from './ScheduledPath';
import { same, type SquareAt, type useSquares } from './useSquares';

const MARGIN = { side: 34, top: 46, bottom: 24 };
const LABELS_FROM_PX = 26;

interface Props {
  plan: GarmentPlan;
  size: Size;
  squares: ReturnType<typeof useSquares>;
  board: BoardPlan;
  pass: number | undefined;
  onBoard: (id: string) => void;
}

/** The boards as they lie, square by square; two squares swap by taking one after the other, or by dragging one onto the other. */
export function BoardMat({ plan, size, squares, board, pass, onBoard }: Props) {
  const sheet = fitted(plan, {}, size, MARGIN);
  const from = useRef<SquareAt>(undefined);
  const ends = plan.boards.some(({ cells }) => cells.some(({ turned }) => turned > 0));
  const clashing = plan.colours?.clashes ?? [];
  return (
    <svg width={size.width} height={size.height} role="group" aria-label="Squares of all boards">
      <Mat width={size.width} height={size.height} origin={sheet.origin} scale={sheet.scale} />
      {plan.boards.map((each) => {
        const piece = plan.pieces.find(({ id }) => id === each.id)!;
        return (
          <g key={each.id}>
            <g transform={pieceTransform(piece, sheet.origin, sheet.scale)}>
              <SquareShapes board={each} colours={plan.colours} plain={piece.cloth.colour} ends={ends} />
            </g>
            {each.cells.map((cell) => {
              const at = { piece: each.id, row: cell.row, column: cell.column };
              return (
                <Square
                  key={`${cell.row}.${cell.column}`}
                  sheet={sheet}
                  board={each}
                  cell={cell}
                  taken={same(squares.taken, at)}
                  onDown={() => {
                    from.current = at;
                    onBoard(each.id);
                  }}
                  onUp={() => {
                    const start = from.current;
                    from.current = undefined;
                    if (start && !same(start, at)) {
                      squares.swap(start, at);
                    } else {
                      squares.take(at);
                    }
                  }}
                />
              );
            })}
          </g>
        );
      })}
      {clashing.map((clash, index) => (
        <Clash key={index} sheet={sheet} clash={clash} />
      ))}
      {pass !== undefined && <ScheduledPath sheet={sheet} board={board} pass={pass} />}
      <text x={20} y={26} className="mat-note">
        Take one square, then another: they change places. A ring marks a square that is kept
        {ends ? ', a dark corner where its rounds end.' : '.'}
      </text>
    </svg>
  );
}

function middle(sheet: Sheet, board: BoardPlan, cell: SquarePlan): Point {
  const piece = sheet.plan.pieces.find(({ id }) => id === board.id)!;
  const half = board.motif.sideMm / 2;
  return sheet.px(onTable(piece, { x: cell.x + half, y: cell.y + half }));
}

interface SquareProps {
  sheet: Sheet;
  board: BoardPlan;
  cell: SquarePlan;
  taken: boolean;
  onDown: () => void;
  onUp: () => void;
}

function Square({ sheet, board, cell, taken, onDown, onUp }: SquareProps) {
  const { colours } = sheet.plan;
  const at = middle(sheet, board, cell);
  const px = board.motif.sideMm * sheet.scale;
  const stock = colours?.stock.find(({ id }) => id === cell.colourway);
  const dye = dyeOf(colours, cell.colourway);
  const name = `${board.name}, square ${cell.row}.${cell.column}: ${stock?.name ?? 'no colourway'}${cell.locked ? ', kept' : ''}`;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={name}
      aria-pressed={taken}
      className="square"
      onPointerDown={onDown}
      onPointerUp={onUp}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          onDown();
          onUp();
        }
      }}
    >
      <rect
        x={at.x - px / 2 + 1}
        y={at.y - px / 2 + 1}
        width={px - 2}
        height={px - 2}
        fill="transparent"
        stroke={taken ? 'var(--madder)' : 'transparent'}
        strokeWidth={4}
      />
      {cell.locked && (
        <circle
          cx={at.x + px / 2 - 9}
          cy={at.y - px / 2 + 9}
          r={5}
          fill="var(--paper)"
          stroke="var(--madder)"
          strokeWidth={3}
        />
      )}
      {px >= LABELS_FROM_PX && (
        <text
          x={at.x}
          y={at.y}
          textAnchor="middle"
          dominantBaseline="central"
          className="square-label"
          fill={dye ? shade(dye).text : 'var(--ink)'}
        >
          {stock ? stock.name.slice(0, Math.max(1, Math.floor((px - 6) / 6.4))) : '?'}
        </text>
      )}
    </g>
  );
}

interface ClashProps {
  sheet: Sheet;
  clash: NonNullable<GarmentPlan['colours']>['clashes'][number];
}

/** Two neighbours of one colourway, tied. */
function Clash({ sheet, clash }: ClashProps) {
  const end = (piece: string, row: number, column: number) => {
    const board = sheet.plan.boards.find(({ id }) => id === piece)!;
    return middle(
      sheet,
      board,
      board.cells.find((cell) => cell.row === row && cell.column === column)!,
    );
  };
  const one = end(clash.piece, clash.row, clash.column);
  const other = end(clash.otherPiece, clash.otherRow, clash.otherColumn);
  return (
    <line
      x1={one.x}
      y1={one.y}
      x2={other.x}
      y2={other.y}
      className="square-clash"
      aria-label="Two neighbours are alike"
    />
  );
}
