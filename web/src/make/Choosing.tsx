import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { signsQuery } from '../api/garments';
import type { Construction, Sign } from '../api/types';
import { count } from '../format';
import { Silhouette } from './Silhouette';
import { silhouetteBox } from './silhouetteBox';

/** Whether a construction may look like that: of each kind of look that was answered, one of its signs. */
function mayBe(construction: Construction, seen: Sign[]): boolean {
  return seen.every((sign) => construction.signs.includes(sign));
}

/** Constructions side by side, and a way to them by what lies on the table. */
export function Choosing({ all }: { all: Construction[] }) {
  const looks = useQuery(signsQuery);
  const [seen, setSeen] = useState<Record<string, Sign>>({});
  const widest = Math.max(...all.map((construction) => silhouetteBox(construction).width));
  const highest = Math.max(...all.map((construction) => silhouetteBox(construction).height));
  const fitting = all.filter((construction) => mayBe(construction, Object.values(seen)));
  return (
    <div className="choosing">
      <aside className="choosing-looks">
        <h1>What lies on your table?</h1>
        <p className="soft">Say what you see, or choose at once if you know the word.</p>
        {looks.data?.map((look) => (
          <fieldset key={look.words}>
            <legend>{look.words}</legend>
            {look.signs.map(({ sign, words }) => (
              <label key={sign} className="choosing-sign">
                <input
                  type="radio"
                  name={look.words}
                  checked={seen[look.words] === sign}
                  onChange={() => setSeen({ ...seen, [look.words]: sign })}
                />
                {words}
              </label>
            ))}
          </fieldset>
        ))}
        <p role="status">
          {fitting.length === 0
            ? 'None of these looks like that. Take one answer back, or tell the pieces as free outlines.'
            : Object.keys(seen).length === 0
              ? `${count(all.length, 'construction')} to choose from.`
              : `${count(fitting.length, 'construction')} may look like that.`}
        </p>
        <Button variant="outline-dark" disabled={Object.keys(seen).length === 0} onClick={() => setSeen({})}>
          Show all
        </Button>
      </aside>
      <ul className="choosing-list">
        {fitting.map((construction) => (
          <li key={construction.id}>
            <Link to={`/new/${construction.id}`} className="choosing-one">
              <Silhouette construction={construction} width={widest} height={highest} />
              <span className="display choosing-name">{construction.name}</span>
              <span>{construction.tells}</span>
            </Link>
          </li>
        ))}
        <li>
          <Link to="/new/free-outlines" className="choosing-one">
            <span className="display choosing-name">Free outlines</span>
            <span>Any shape: walk round each piece edge by edge and join them by hand.</span>
          </Link>
        </li>
      </ul>
    </div>
  );
}
