import type { PiecePlan } from '../api/types';
import { type Shifts, tableBox } from './geometry';
import { PieceShape, pieceTransform } from './PieceShape';

const MARKS_FROM_SCALE = 0.2;

/** All pieces of a garment as they lie, at a given scale, without any words. */
export function GarmentDrawing({
  pieces,
  scale,
  shifts = {},
  title,
}: {
  pieces: PiecePlan[];
  scale: number;
  shifts?: Shifts;
  title: string;
}) {
  const box = tableBox(pieces, shifts);
  const width = (box.right - box.left) * scale;
  const height = (box.top - box.bottom) * scale;
  const origin = { x: -box.left * scale + 2, y: box.top * scale + 2 };
  return (
    <svg width={width + 4} height={height + 4} role="img" aria-label={title}>
      {pieces.map((piece) => (
        <g key={piece.id} transform={pieceTransform(piece, origin, scale, shifts[piece.id])}>
          <PieceShape piece={piece} marks={scale >= MARKS_FROM_SCALE} dashed={false} />
        </g>
      ))}
    </svg>
  );
}
