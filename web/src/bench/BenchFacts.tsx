import type { ReactNode } from 'react';
import type { BenchPlan } from '../api/types';
import { HowTo } from '../howto/HowTo';
import { promptAt } from './moments';

interface Props {
  plan: BenchPlan;
  position: number;
  /** The length so far, where it is taken. */
  tape: ReactNode;
}

/** How to hold it, how far it is to the next marker, and what to look at now. */
export function BenchFacts({ plan, position, tape }: Props) {
  const next = plan.stops.find((stop) => stop.joint > position);
  const prompt = promptAt(plan, position);
  // A turned round shows the other side than the one before it.
  const round = plan.rounds.find(({ to }) => position < to) ?? plan.rounds.at(-1);
  return (
    <div className="bench-facts">
      <div>
        <h2>Hold</h2>
        <p>{round?.hold ?? plan.hold}</p>
        {plan.plan?.howTo && (
          <details>
            <summary>How a joint is worked</summary>
            <HowTo seam={plan.plan} />
          </details>
        )}
      </div>
      <div>
        <h2>{next ? (plan.plan ? 'To the next marker' : 'To the next stop') : 'To the end'}</h2>
        <p>
          <span className="bench-left display">{(next?.joint ?? plan.joints.length) - position}</span> more
          {next ? `, to ${next.words}` : ''}
        </p>
        {tape}
      </div>
      <div className={prompt ? 'bench-prompt' : ''} role="status">
        <h2>
          {prompt
            ? 'Stop and look now'
            : position === 0
              ? 'Begin'
              : plan.plan
                ? 'While you join'
                : 'While you work'}
        </h2>
        <p>{prompt ? `${prompt.words} ${prompt.expected}` : position === 0 ? plan.start : plan.check}</p>
      </div>
    </div>
  );
}
