import type { GarmentPlan, Question } from '../api/types';
import { counted, plural } from '../format';
import { PlanDrawing } from '../drawing/PlanDrawing';
import { useSize } from '../drawing/useSize';

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
        {plan && width > 0 && <PlanDrawing plan={plan} width={width} height={height} />}
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
