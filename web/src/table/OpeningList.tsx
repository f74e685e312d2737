import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { GarmentPlan, OpeningPlan } from '../api/types';
import { onOpening, openingKey } from '../edges/strips';
import { counted, length, plural } from '../format';
import type { OpenWhen } from './useOpenings';

interface Props {
  openings: OpeningPlan[];
  plan: GarmentPlan;
  when: OpenWhen;
  onWhen: (when: OpenWhen) => void;
}

const CHOICES: [OpenWhen, string][] = [
  ['JOINED', 'when all is joined'],
  ['NOW', 'now'],
];

function edging(plan: GarmentPlan, opening: string | undefined): string | undefined {
  return onOpening(plan.strips, opening)?.strip.name;
}

/** The openings by name, length and corners: when all is joined, or by what is joined so far. */
export function OpeningList({ openings, plan, when, onWhen }: Props) {
  return (
    <section aria-label="Openings">
      <h2>
        {openings.length === 0 ? 'No' : counted(openings.length)}{' '}
        {plural(openings.length, 'opening', 'openings')}
      </h2>
      <div className="open-when" role="group" aria-label="Openings when">
        {CHOICES.map(([value, words]) => (
          <Button
            key={value}
            size="sm"
            variant={when === value ? 'dark' : 'outline-dark'}
            aria-pressed={when === value}
            onClick={() => onWhen(value)}
          >
            {words}
          </Button>
        ))}
      </div>
      {openings.length === 0 && <p>Nothing hangs together yet: join the first seam.</p>}
      <ul className="openings">
        {openings.map((opening) => (
          <li key={openingKey(opening.id)}>
            <span>
              {opening.name}
              <small className="soft">{opening.corners}</small>
              {when === 'JOINED' && (
                <Link to={`edges?opening=${encodeURIComponent(openingKey(opening.id) ?? '')}`}>
                  {edging(plan, openingKey(opening.id)) ?? 'Work an edging'}
                </Link>
              )}
            </span>
            <strong>{length(opening.lengthMm, plan.unit)}</strong>
          </li>
        ))}
      </ul>
    </section>
  );
}
