import type { Opened } from '../api/types';
import { joinedSeams } from '../shell/joined';

/** Every end that is left, with the last moment at which it is easily reached. */
export function Tails({ garment }: { garment: Opened }) {
  const { tails } = garment.plan.order;
  const joined = new Set(joinedSeams(garment));
  return (
    <details className="tails">
      <summary>
        {tails.length} ends to weave in, {tails.filter(({ seam }) => joined.has(seam)).length} of them hang
        already
      </summary>
      <ul>
        {tails.map((tail, index) => (
          <li
            key={index}
            className={tail.before && !joined.has(tail.before) && joined.has(tail.seam) ? 'wrong' : ''}
          >
            {tail.words}
          </li>
        ))}
      </ul>
    </details>
  );
}
