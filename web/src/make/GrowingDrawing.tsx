import { useMemo } from 'react';
import type { GarmentPlan } from '../api/types';
import { counted, plural } from '../format';
import { nameRects } from '../drawing/Labels';
import { PlanDrawing } from '../drawing/PlanDrawing';
import { fitted } from '../drawing/sheet';
import type { Asking } from './asking';
import { DrawnFields } from './DrawnFields';
import { linesOf, placeFields } from './fieldPlaces';
import { GaugeCard } from './GaugeCard';

/** Room for the fields beside the pieces. */
const MARGIN = { side: 56, top: 56, bottom: 56 };

/** The room in the lower left corner that the gauge takes, px. */
const CARD = { width: 236, height: 236 };

interface Props {
  plan: GarmentPlan | undefined;
  askings: Asking[];
  /** The questions that are answered here, in the order in which pieces are made. */
  drawn: string[];
  current: string | undefined;
  onCurrent: (key: string) => void;
  width: number;
  height: number;
}

/** The pieces true to scale, each number in a field where it is measured. */
export function GrowingDrawing({ plan, askings, drawn, current, onCurrent, width, height }: Props) {
  const fields = useMemo(() => {
    if (!plan || width === 0) {
      return [];
    }
    const sheet = fitted(plan, {}, { width, height }, MARGIN);
    const lines = linesOf(sheet, plan.dimensions).filter(({ key }) => drawn.includes(key));
    const card = { left: 0, right: CARD.width, top: height - CARD.height, bottom: height };
    return placeFields(lines, { width, height }, [card, ...nameRects(sheet)]);
  }, [plan, width, height, drawn]);
  const placed = fields.map(({ key }) => key);
  const beside = askings.filter(({ question: { key } }) => drawn.includes(key) && !placed.includes(key));
  return (
    <>
      {plan && width > 0 && (
        <PlanDrawing plan={plan} width={width} height={height} margin={MARGIN} counted={drawn.length === 0} />
      )}
      {plan && beside.length > 0 && <GaugeCard askings={beside} current={current} onCurrent={onCurrent} />}
      {plan && (
        <DrawnFields
          fields={fields}
          askings={askings}
          current={current}
          onCurrent={onCurrent}
          width={width}
          height={height}
        />
      )}
    </>
  );
}

/** How many numbers are still assumed, and which do not go together. */
export function DrawingNotes({ askings }: { askings: Asking[] }) {
  const assumed = askings.filter(({ text, usual }) => text === '' && usual !== undefined);
  const wrong = askings.find(({ finding }) => finding);
  const against = askings.filter(({ question }) => wrong?.finding?.against.includes(question.key));
  const named = ({ question, text, usual }: Asking) =>
    `${question.label.toLowerCase()} (${text === '' ? `${usual ?? ''}, assumed` : text})`;
  return (
    <div className="make-notes" role="status">
      {wrong && (
        <p className="wrong">
          {against.length > 0 &&
            `These numbers do not go together: ${[wrong, ...against].map(named).join(' and ')}. `}
          The last drawing that was possible is kept.
        </p>
      )}
      {assumed.length > 0 ? (
        <p>
          {counted(assumed.length)} of {askings.length} answers {plural(assumed.length, 'is', 'are')} assumed,
          drawn dashed until you type {plural(assumed.length, 'it', 'them')}.
        </p>
      ) : (
        <p>All numbers are yours.</p>
      )}
    </div>
  );
}
