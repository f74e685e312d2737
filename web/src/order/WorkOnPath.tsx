import { Form } from 'react-bootstrap';
import { Link } from 'react-router';
import type { Opened, WorkStep } from '../api/types';
import { count } from '../format';
import { isFinished } from '../shell/joined';
import type { GarmentEditor } from '../shell/useGarment';
import { minutes } from './minutes';

interface Props {
  work: WorkStep;
  garment: Opened;
  change: GarmentEditor['change'];
}

/** A step that joins nothing: looked over, marked, tried on, woven in; or an edging, which may come earlier. */
export function WorkOnPath({ work, garment, change }: Props) {
  const { chore, of } = work;
  const next = garment.plan.order.steps.find(({ number }) => number > work.number);
  const isDone = work.done || isFinished(garment, work.kind === 'TURN' ? next?.of : of);
  return (
    <li className={`step work-step ${isDone ? 'step-done' : ''}`}>
      <span className="step-number work-number" aria-hidden="true" />
      {chore ? (
        <Form.Check
          aria-label={`Done: ${work.title}`}
          checked={work.done}
          onChange={() => void change([{ kind: 'CHORE_TICKED', chore, done: !work.done }])}
        />
      ) : (
        <span />
      )}
      <div className="step-about">
        <h2>{work.title}</h2>
        <p>{work.words}</p>
        {of?.board && <Link to={`/garments/${garment.id}/squares`}>See its lines and its path</Link>}
        {of?.strip && (
          <>
            <Link to={`/garments/${garment.id}/edges?edging=${of.strip}`}>See its stitches</Link>
            <When work={work} strip={of.strip} garment={garment} change={change} />
          </>
        )}
      </div>
      <div className="step-why">
        {of?.board && (
          <p>
            {count(work.todo.length, 'line')}, first: {work.todo[0]}
          </p>
        )}
        <ul>
          {(of?.board ? [] : work.todo).map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      </div>
      <div className="step-open">{work.minutes > 0 && <SoFar work={work} />}</div>
    </li>
  );
}

/** Before which seam an edging is worked, or after all; only seams that come after those it runs over are offered. */
function When({ work, strip, garment, change }: Props & { strip: string }) {
  const { order, steps } = garment.plan;
  const next = order.steps.find(({ number, of }) => number > work.number && of?.seam)?.of?.seam ?? '';
  const earlier = steps.filter(({ seam }) => work.mayComeBefore.includes(seam));
  return (
    <Form.Select
      size="sm"
      className="when"
      aria-label="When it is worked"
      value={next}
      onChange={(event) =>
        void change([
          {
            kind: 'STRIP_MOVED',
            strip,
            ...(event.target.value ? { before: event.target.value } : {}),
          },
        ])
      }
    >
      <option value="">after all seams</option>
      {earlier.map(({ seam, title }) => (
        <option key={seam} value={seam}>
          before: {title}
        </option>
      ))}
    </Form.Select>
  );
}

/** Where yarn begins and ends with a seam, and what it comes to so far. */
export function SoFar({ work }: { work: WorkStep }) {
  const yarn =
    work.kind === 'SEAM'
      ? `${work.fastenOn ? 'Fasten on' : 'Nothing to fasten on'}, ${work.cut ? 'cut at its end' : 'do not cut'}. `
      : '';
  return (
    <p className="soft">
      {yarn}
      {work.flat && 'Lies flat. '}
      About {minutes(work.minutes)}; so far {minutes(work.minutesSoFar)} and {work.endsSoFar} ends.
    </p>
  );
}
