import type { GarmentPlan, Question } from '../api/types';
import { count, counted, plural } from '../format';
import { Mat } from '../drawing/Mat';
import { PieceShape, pieceTransform } from '../drawing/PieceShape';
import { useSize } from '../drawing/useSize';
import { Labels } from '../drawing/Labels';
import { fitted } from '../drawing/sheet';

const MARGIN = { side: 40, top: 40, bottom: 40 };

interface Props {
  plan: GarmentPlan | undefined;
  assumed: string[];
  questions: Question[];
  stale: boolean;
}

export function GrowingDrawing({ plan, assumed, questions, stale }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const labels = questions
    .filter((question) => assumed.includes(question.key))
    .map((question) => question.label.toLowerCase());
  return (
    <div className="make-drawing">
      <div ref={ref} className="make-mat">
        {plan && width > 0 && <Drawing plan={plan} width={width} height={height} />}
      </div>
      <div className="make-notes" role="status">
        {stale && <p className="wrong">The last drawing that was possible is kept.</p>}
        {labels.length > 0 ? (
          <details>
            <summary>
              {counted(labels.length)} of {questions.length} answers {plural(labels.length, 'is', 'are')}{' '}
              assumed
            </summary>
            <p className="soft">{labels.join(', ')}.</p>
          </details>
        ) : (
          <p>All numbers are yours.</p>
        )}
      </div>
    </div>
  );
}

function Drawing({ plan, width, height }: { plan: GarmentPlan; width: number; height: number }) {
  const sheet = fitted(plan, {}, { width, height }, MARGIN);
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
      <Labels sheet={sheet} />
      <text x={width - 16} y={height - 14} textAnchor="end" className="mat-note">
        Heavy lines on the mat: 10 cm
      </text>
    </svg>
  );
}
