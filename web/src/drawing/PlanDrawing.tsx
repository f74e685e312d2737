import type { GarmentPlan } from '../api/types';
import { count } from '../format';
import { Labels } from './Labels';
import { Mat } from './Mat';
import { PieceShape, pieceTransform } from './PieceShape';
import { fitted, type Margin } from './sheet';

interface Props {
  plan: GarmentPlan;
  width: number;
  height: number;
  margin: Margin;
  /** Whether counts stand on the edges. */
  counted: boolean;
}

/** All pieces on the mat with their names and counts, as large as the room allows. */
export function PlanDrawing({ plan, width, height, margin, counted }: Props) {
  const sheet = fitted(plan, {}, { width, height }, margin);
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={`${count(plan.pieces.length, 'piece')}, drawn to scale`}
    >
      <Mat width={width} height={height} origin={sheet.origin} scale={sheet.scale} />
      {plan.pieces.map((piece) => (
        <g key={piece.id} transform={pieceTransform(piece, sheet.origin, sheet.scale)}>
          <PieceShape piece={piece} marks dashed={piece.assumed} />
        </g>
      ))}
      <Labels sheet={sheet} counted={counted} />
      <text x={width - 16} y={height - 14} textAnchor="end" className="mat-note">
        Heavy lines on the mat: 10 cm
      </text>
    </svg>
  );
}
