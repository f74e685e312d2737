import { Link } from 'react-router';
import type { WorkStep } from '../api/types';
import { count } from '../format';
import { minutes } from './minutes';

/** A step that joins nothing: looked over, marked, tried on, woven in. */
export function WorkOnPath({ work, garment }: { work: WorkStep; garment: string }) {
  return (
    <li className="step work-step">
      <span className="step-number work-number" aria-hidden="true" />
      <span />
      <div className="step-about">
        <h2>{work.title}</h2>
        <p>{work.words}</p>
        {work.board && <Link to={`/garments/${garment}/squares`}>See its lines and its path</Link>}
        {work.strip && <Link to={`/garments/${garment}/edges?edging=${work.strip}`}>See its stitches</Link>}
      </div>
      <div className="step-why">
        {work.board && (
          <p>
            {count(work.todo.length, 'line')}, first: {work.todo[0]}
          </p>
        )}
        <ul>
          {(work.board ? [] : work.todo).map((words) => (
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
