import { Form } from 'react-bootstrap';
import { useQuery } from '@tanstack/react-query';
import { methodsQuery } from '../api/garments';
import type { MethodEntry, MethodFacts, SeamPlan, Terms } from '../api/types';
import { difference, length } from '../format';

interface Props {
  seam: SeamPlan;
  terms: Terms;
  unit: 'CM' | 'INCH';
  onChoose: (method: string) => void;
}

/** The methods that may be used here with their facts; the others with why not and what instead. */
export function Methods({ seam, terms, unit, onChoose }: Props) {
  const { data: catalogue } = useQuery(methodsQuery(terms));
  if (!catalogue) {
    return null;
  }
  const entry = (id: string) => catalogue.find((candidate) => candidate.id === id)!;
  const allowed = seam.methods.filter((method) => method.allowed);
  const refused = seam.methods.filter((method) => !method.allowed);
  const chosen = seam.methods.find((method) => method.id === seam.method);
  const others = allowed.filter((method) => method !== chosen);
  return (
    <section aria-label="How to join">
      <h2>How to join it</h2>
      <p>{seam.takeUp.words}</p>
      <fieldset className="methods">
        <legend className="visually-hidden">Joining method</legend>
        {chosen && (
          <Method
            method={chosen}
            entry={entry(chosen.id)}
            unit={unit}
            checked
            onChoose={onChoose}
            name={seam.id}
          />
        )}
        <details>
          <summary>
            {others.length} other {others.length === 1 ? 'way' : 'ways'} that can be used here
          </summary>
          {others.map((method) => (
            <Method
              key={method.id}
              method={method}
              entry={entry(method.id)}
              unit={unit}
              checked={false}
              onChoose={onChoose}
              name={seam.id}
            />
          ))}
        </details>
      </fieldset>
      <details>
        <summary>{refused.length} not for this seam</summary>
        <ul className="refused">
          {refused.map((method) => (
            <li key={method.id}>
              <strong>{entry(method.id).title}:</strong> {method.reason} {method.instead}
            </li>
          ))}
        </ul>
      </details>
      <p className="soft">
        5 is best for its word. Yarn figures are starting values for worsted yarn, with a tail at each end.
      </p>
    </section>
  );
}

interface MethodProps {
  method: MethodFacts;
  entry: MethodEntry;
  unit: 'CM' | 'INCH';
  checked: boolean;
  name: string;
  onChoose: (method: string) => void;
}

function Method({ method, entry, unit, checked, name, onChoose }: MethodProps) {
  const { strong, stretch, flat, hidden, quick, undo } = entry.scores;
  return (
    <div className="method">
      <Form.Check
        type="radio"
        id={`${name}-${method.id}`}
        name={`method-${name}`}
        label={entry.title}
        checked={checked}
        onChange={() => onChoose(method.id)}
      />
      <p>
        {entry.tool === 'HOOK' ? 'Hook' : 'Needle'}, {entry.held}. Yarn about {length(method.yarnMm, unit)}.
        {method.takeUpMm > 0 && ` Takes ${difference(method.takeUpMm, unit)} of both pieces together.`}
      </p>
      <p className="scores soft">
        {Object.entries({ strong, stretch, flat, hidden, quick, undo }).map(([word, score]) => (
          <span key={word}>
            {word} <strong>{score}</strong>
          </span>
        ))}
      </p>
    </div>
  );
}
