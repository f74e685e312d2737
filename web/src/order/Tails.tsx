import type { Opened } from '../api/types';
import { isFinished, joinedSeams } from '../shell/joined';

/** Every end that is left, with the last moment at which it is easily reached. */
export function Tails({ garment }: { garment: Opened }) {
  const { tails } = garment.plan.order;
  const joined = new Set(joinedSeams(garment));
  const hanging = tails.filter(({ of }) => isFinished(garment, of));
  const count = (some: typeof tails) => some.reduce((sum, { ends }) => sum + ends, 0);
  return (
    <details className="tails">
      <summary>
        {count(tails)} ends to weave in, {count(hanging)} of them hang already
      </summary>
      <ul>
        {tails.map((tail, index) => (
          <li
            key={index}
            className={tail.before && !joined.has(tail.before) && hanging.includes(tail) ? 'wrong' : ''}
          >
            {tail.words}
          </li>
        ))}
      </ul>
    </details>
  );
}
