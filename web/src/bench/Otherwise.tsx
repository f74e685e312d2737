import { Form } from 'react-bootstrap';
import type { BenchPlan, WorkView } from '../api/types';
import { count } from '../format';
import type { Counted } from './BenchCount';
import { choicesAt, type Told } from './departures';

interface Props {
  plan: BenchPlan;
  position: number;
  word: Counted;
  disabled: boolean;
  onTell: (events: Told[]) => void;
  /** The maker wants to end a seam here. */
  onEnd?: () => void;
}

const END = 'end';

/** What is worked otherwise than planned at this very place. */
export function Otherwise({ plan, position, word, disabled, onTell, onEnd }: Props) {
  const choices = choicesAt(plan, position, word);
  return (
    <Form.Select
      aria-label="Worked otherwise here"
      value=""
      disabled={disabled || choices.length === 0}
      onChange={({ target }) =>
        target.value === END ? onEnd?.() : onTell(choices[Number(target.value)]?.events ?? [])
      }
    >
      <option value="">Otherwise …</option>
      {choices.map(({ words }, index) => (
        <option key={words} value={index}>
          {words}
        </option>
      ))}
      {onEnd && position > 0 && <option value={END}>The seam ends here, the rest stays open …</option>}
    </Form.Select>
  );
}

interface SoFarProps {
  beside: WorkView['beside'];
  ledger: WorkView['ledger'];
}

/** What was worked otherwise than planned so far, here and on the other side. */
export function OtherwiseSoFar({ beside, ledger }: SoFarProps) {
  if (beside.departures.length === 0 && !ledger?.words.length) {
    return null;
  }
  const here = beside.departures;
  return (
    <section className="otherwise" aria-label="Worked otherwise than planned">
      {beside.apart && <p className="wrong">{beside.apart}</p>}
      <details>
        <summary>
          {here.length > 0
            ? `${count(here.length, 'thing')} worked otherwise than planned`
            : 'On the other side'}
        </summary>
        {here.length > 0 && (
          <ul>
            {here.map(({ words }, index) => (
              <li key={index}>{words}</li>
            ))}
          </ul>
        )}
        {ledger && (
          <p>
            {ledger.name}
            {ledger.state === 'JOINED' ? '' : ', so far'}:{' '}
            {ledger.words.length > 0 ? ledger.words.join(' ') : 'as planned.'}
          </p>
        )}
      </details>
    </section>
  );
}
