import { useCallback, useMemo } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { Opened, Reason, StepPlan, WorkStep } from '../api/types';
import { Sign, stateWords } from '../drawing/Signs';
import { seamState } from '../drawing/seamState';
import { counted, length, plural } from '../format';
import { useEditor } from '../shell/GarmentPage';
import { Alternatives } from './Alternatives';
import { minutes } from './minutes';
import { Tails } from './Tails';
import { useStepDrag } from './useStepDrag';
import { SoFar, WorkOnPath } from './WorkOnPath';

/** The work as one path, each step with why it stands there; steps are moved by their grips. */
export function OrderView() {
  const { garment, change } = useEditor();
  const { plan } = garment;
  const { steps } = plan;
  const seams = useMemo(() => steps.map((step) => step.seam), [steps]);
  const move = useCallback(
    async (seam: string, before: string | undefined) => {
      await change([{ kind: 'STEP_MOVED', seam, ...(before ? { before } : {}) }]);
      document.getElementById(`grip-${seam}`)?.focus();
    },
    [change],
  );
  const { drag, grip } = useStepDrag(seams, (seam, before) => void move(seam, before));
  const boards = plan.order.steps.filter(({ kind }) => kind === 'BOARD').length;
  const odd = plan.squares?.odd ?? plan.order.odd.length;
  const isOwn = steps.some((step) => step.reasons.some((reason) => reason.weight === 'YOURS'));
  const lineClass = (seam: string) =>
    drag && drag.before === seam
      ? 'drop-before'
      : drag && !drag.before && seams.at(-1) === seam
        ? 'drop-after'
        : '';
  return (
    <div className="order">
      <div className="order-head">
        <div>
          <h1>
            {boards > 0
              ? `${counted(boards)} ${plural(boards, 'board', 'boards')} and ${counted(steps.length).toLowerCase()}`
              : counted(steps.length)}{' '}
            {plural(steps.length, 'seam', 'seams')}, one after the other
          </h1>
          <p>
            <strong>{plan.order.passes}</strong> {plural(plan.order.passes, 'pass', 'passes')},{' '}
            <strong>{plan.order.ends}</strong> ends, about <strong>{minutes(plan.order.minutes)}</strong>.
            Fewer than {plan.order.bound} {plural(plan.order.bound, 'pass', 'passes')} cannot be
            {odd > 0 && `: at ${odd} places an odd number of lines meets, and each is the end of a pass`}.
          </p>
          <p className="soft">
            A seam comes only after those that bring its ends together. The rest is what is easiest on the
            hands, and yours to change.
          </p>
        </div>
        {isOwn && (
          <Button variant="outline-dark" onClick={() => void change([{ kind: 'ORDER_LEFT' }])}>
            Take the usual order
          </Button>
        )}
      </div>
      <Alternatives garment={garment} change={change} />
      <ol className="path">
        {plan.order.steps.map((work) => {
          const step = steps.find((candidate) => candidate.seam === work.of?.seam);
          return step ? (
            <li
              key={step.seam}
              id={`step-${step.seam}`}
              className={`${stepClass(step, garment)} ${lineClass(step.seam)} ${drag?.seam === step.seam ? 'dragged' : ''}`}
              aria-current={garment.next?.seam === step.seam ? 'step' : undefined}
            >
              <span className="step-number display">{step.number}</span>
              <Grip step={step} garment={garment} handlers={grip(step.seam)} />
              <StepOnPath step={step} work={work} garment={garment} />
            </li>
          ) : (
            <WorkOnPath key={`${work.kind}-${work.number}`} work={work} garment={garment} change={change} />
          );
        })}
      </ol>
      <Tails garment={garment} />
    </div>
  );
}

function isJoined(step: StepPlan, garment: Opened): boolean {
  return garment.progress.find((p) => p.seam === step.seam)?.state === 'JOINED';
}

function stepClass(step: StepPlan, garment: Opened): string {
  return garment.next?.seam === step.seam
    ? 'step step-next'
    : isJoined(step, garment)
      ? 'step step-done'
      : 'step';
}

interface GripProps {
  step: StepPlan;
  garment: Opened;
  handlers: ReturnType<ReturnType<typeof useStepDrag>['grip']>;
}

function Grip({ step, garment, handlers }: GripProps) {
  return (
    <button
      type="button"
      id={`grip-${step.seam}`}
      className="grip"
      disabled={isJoined(step, garment)}
      aria-label={`Move step ${step.number}, ${step.title}: arrow up or down`}
      title="Drag, or use the arrow keys"
      {...handlers}
    >
      <svg width={18} height={28} aria-hidden="true">
        <path d="M4 4v20M9 4v20M14 4v20" stroke="currentColor" strokeWidth={2.4} strokeLinecap="round" />
      </svg>
    </button>
  );
}

const WEIGHT_WORDS: Record<Reason['weight'], string> = {
  MUST: 'Must.',
  EASIER: 'Easier.',
  YOURS: 'Yours.',
  WARNING: 'Mind.',
};

function StepOnPath({ step, work, garment }: { step: StepPlan; work: WorkStep; garment: Opened }) {
  const { plan } = garment;
  const seam = plan.seams.find((candidate) => candidate.id === step.seam)!;
  const state = seamState(
    seam,
    garment.progress.find((p) => p.seam === step.seam),
  );
  return (
    <>
      <div className="step-about">
        <h2>
          <Link to={`/garments/${garment.id}/seam/${step.seam}`}>{step.title}</Link>
        </h2>
        <p>
          <Sign state={state} /> {stateWords(state, seam.ease?.share)} · {seam.counts} · {step.direction}
        </p>
        {work.words && <p>{work.words}</p>}
        <SoFar work={work} />
        {step.closing.map(({ words }) => (
          <p key={words}>{words}</p>
        ))}
      </div>
      <div className="step-why">
        <h3>Why here</h3>
        <ul>
          {step.reasons.map((reason, index) => (
            <li key={index} className={reason.weight === 'WARNING' ? 'wrong' : ''}>
              <strong>{WEIGHT_WORDS[reason.weight]}</strong> {reason.sentence}
            </li>
          ))}
        </ul>
      </div>
      <div className="step-open">
        <h3>Open afterwards</h3>
        <ul className="openings">
          {step.openAfter.map((opening, index) => (
            <li key={index}>
              <span>{opening.name}</span>
              <strong>{length(opening.lengthMm, plan.unit)}</strong>
            </li>
          ))}
        </ul>
      </div>
    </>
  );
}
