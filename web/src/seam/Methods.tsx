import { Form } from 'react-bootstrap';
import type { MethodFacts, SeamPlan } from '../api/types';
import { difference, length } from '../format';

interface Props {
  seam: SeamPlan;
  unit: 'CM' | 'INCH';
  onChoose: (method: string) => void;
}

/** The methods that may be used here with their facts; the others with why not and what instead. */
export function Methods({ seam, unit, onChoose }: Props) {
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
        {chosen && <Method method={chosen} unit={unit} checked onChoose={onChoose} name={seam.id} />}
        <details>
          <summary>
            {others.length} other {others.length === 1 ? 'way' : 'ways'} that can be used here
          </summary>
          {others.map((method) => (
            <Method
              key={method.id}
              method={method}
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
              <strong>{method.title}:</strong> {method.reason} {method.instead}
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
  unit: 'CM' | 'INCH';
  checked: boolean;
  name: string;
  onChoose: (method: string) => void;
}

function Method({ method, unit, checked, name, onChoose }: MethodProps) {
  const { strong, stretch, flat, hidden, quick, undo } = method.scores;
  return (
    <div className="method">
      <Form.Check
        type="radio"
        id={`${name}-${method.id}`}
        name={`method-${name}`}
        label={method.title}
        checked={checked}
        onChange={() => onChoose(method.id)}
      />
      <p>
        {method.tool === 'HOOK' ? 'Hook' : 'Needle'}, {method.held}. Yarn about {length(method.yarnMm, unit)}.
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
