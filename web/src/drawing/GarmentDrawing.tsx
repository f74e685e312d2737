import type { PiecePlan, SeamPlan } from '../api/types';
import { type Shifts, tableBox } from './geometry';
import { PieceShape, pieceTransform } from './PieceShape';

const MARKS_FROM_SCALE = 0.2;

/** The stretches of a piece's edges that a seam takes. */
function edgesOf(seam: SeamPlan, piece: PiecePlan): string {
  return [...seam.a.rails, ...seam.b.rails]
    .filter((rail) => rail.piece === piece.id)
    .map((rail) => `M${rail.x} ${rail.y}l${rail.places * rail.dx} ${rail.places * rail.dy}`)
    .join('');
}

/** All pieces of a garment as they lie, at a given scale, without any words. */
export function GarmentDrawing({
  pieces,
  scale,
  shifts = {},
  title,
  seam,
}: {
  pieces: PiecePlan[];
  /** A seam whose edges are drawn heavy. */
  seam?: SeamPlan;
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
          {seam && (
            <path d={edgesOf(seam, piece)} stroke="var(--madder)" strokeWidth={5 / scale} fill="none" />
          )}
        </g>
      ))}
    </svg>
  );
}
