import type { DrawnPiece, SeamPlan } from '../api/types';
import { type Point, type Shifts, tableBox } from './geometry';
import { PieceShape, pieceTransform } from './PieceShape';
import { edgesOf } from './seamEdges';

const MARKS_FROM_SCALE = 0.2;

/** Where the spans of a seam begin and end on a piece: the markers it is sewn up to. */
function endsOf(seam: SeamPlan, piece: DrawnPiece): Point[] {
  return [seam.a, seam.b].flatMap(({ rails }) =>
    rails.flatMap((rail, index) => {
      if (rail.piece !== piece.id) {
        return [];
      }
      const begins = rails[index - 1]?.span !== rail.span;
      const ends = rails[index + 1]?.span !== rail.span;
      return [
        ...(begins ? [{ x: rail.x, y: rail.y }] : []),
        ...(ends ? [{ x: rail.x + rail.places * rail.dx, y: rail.y + rail.places * rail.dy }] : []),
      ];
    }),
  );
}

const MOVED_MM = 1;

/** Former ends where none is now. */
function moved(before: SeamPlan, seam: SeamPlan, piece: DrawnPiece): Point[] {
  const now = endsOf(seam, piece);
  return endsOf(before, piece).filter((was) =>
    now.every((end) => Math.hypot(end.x - was.x, end.y - was.y) > MOVED_MM),
  );
}

interface EndsProps {
  points: Point[];
  scale: number;
  /** Where they were, not where they are. */
  was?: boolean;
}

function Ends({ points, scale, was = false }: EndsProps) {
  return points.map((point, index) => (
    <circle
      key={index}
      cx={point.x}
      cy={point.y}
      r={(was ? 9 : 6) / scale}
      fill={was ? 'none' : 'var(--paper)'}
      stroke={was ? 'var(--ink)' : 'var(--madder)'}
      strokeWidth={2.5 / scale}
      strokeDasharray={was ? `${4 / scale} ${3 / scale}` : undefined}
    />
  ));
}

/** All pieces of a garment as they lie, at a given scale, without any words. */
export function GarmentDrawing({
  pieces,
  scale,
  shifts = {},
  title,
  seam,
  before,
}: {
  pieces: DrawnPiece[];
  /** A seam whose edges are drawn heavy. */
  seam?: SeamPlan;
  /** The same seam as it was: its ends are ringed where they have moved. */
  before?: SeamPlan;
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
            <>
              <path d={edgesOf(seam, piece)} stroke="var(--madder)" strokeWidth={5 / scale} fill="none" />
              {before && <Ends points={moved(before, seam, piece)} scale={scale} was />}
              <Ends points={endsOf(seam, piece)} scale={scale} />
            </>
          )}
        </g>
      ))}
    </svg>
  );
}
