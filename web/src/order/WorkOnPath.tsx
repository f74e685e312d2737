import type { WorkStep } from '../api/types';
import { minutes } from './minutes';

/** A step that joins nothing: looked over, marked, tried on, woven in. */
export function WorkOnPath({ work }: { work: WorkStep }) {
  return (
    <li className="step work-step">
      <span className="step-number work-number" aria-hidden="true" />
      <span />
      <div className="step-about">
        <h2>{work.title}</h2>
        <p>{work.words}</p>
      </div>
      <div className="step-why">
        <ul>
          {work.todo.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      </div>
      <div className="step-open">{work.minutes > 0 && <SoFar work={work} />}</div>
    </li>
  );
}

/** Where yarn begins and ends with a seam, and what it comes to so far. */
export function SoFar({ work }: { work: WorkStep }) {
  const yarn =
    work.kind === 'SEAM'
      ? `${work.fastenOn ? 'Fasten on' : 'Go on'}, ${work.cut ? 'cut at its end' : 'do not cut'}. `
      : '';
  return (
    <p className="soft">
      {yarn}
      {work.flat && 'Lies flat. '}
      About {minutes(work.minutes)}; so far {minutes(work.minutesSoFar)} and {work.endsSoFar} ends.
    </p>
  );
}
