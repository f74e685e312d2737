import { Link } from 'react-router';
import type { Opened, StepPlan } from '../api/types';
import { Sign, STATE_WORDS } from '../drawing/Signs';
import { countsOf, seamState } from '../drawing/seamState';
import { length } from '../format';
import { useEditor } from '../shell/GarmentPage';

/** The work as one path, each step with why it stands there. */
export function OrderView() {
  const { garment } = useEditor();
  return (
    <div className="order">
      <h1>{garment.plan.steps.length} steps, one after the other</h1>
      <p className="soft">
        A seam comes only after those that bring its ends together. The rest is what is easiest on the hands.
      </p>
      <ol className="path">
        {garment.plan.steps.map((step) => (
          <StepOnPath key={step.seam} step={step} garment={garment} />
        ))}
      </ol>
    </div>
  );
}

function StepOnPath({ step, garment }: { step: StepPlan; garment: Opened }) {
  const { plan, next } = garment;
  const seam = plan.seams.find((candidate) => candidate.id === step.seam)!;
  const state = seamState(
    seam,
    garment.progress.find((p) => p.seam === step.seam),
  );
  const isNext = next?.seam === step.seam;
  return (
    <li
      className={isNext ? 'step step-next' : state === 'JOINED' ? 'step step-done' : 'step'}
      aria-current={isNext ? 'step' : undefined}
    >
      <span className="step-number display">{step.number}</span>
      <div className="step-about">
        <h2>
          <Link to={`/garments/${garment.id}/seam/${step.seam}`}>{step.title}</Link>
        </h2>
        <p>
          <Sign state={state} /> {STATE_WORDS[state]} · {countsOf(seam)} · {step.direction}
        </p>
        {step.closing.map((words) => (
          <p key={words}>{words}</p>
        ))}
      </div>
      <div className="step-why">
        <h3>Why here</h3>
        <ul>
          {step.reasons.map((reason, index) => (
            <li key={index}>
              {reason.must ? <strong>Must. </strong> : <span className="soft">Easier. </span>}
              {reason.sentence}
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
    </li>
  );
}
