import { Form } from 'react-bootstrap';
import type { Strip } from '../api/types';
import { Figure } from './Figure';

interface Props {
  multiple: Strip['multiple'];
  /** How many rounds there are. */
  rounds: number;
  onMultiple: (multiple: Strip['multiple']) => void;
}

/** What a round is to be a multiple of, and which round that is; the last one where none is named. */
export function MultipleFields({ multiple, rounds, onMultiple }: Props) {
  const { of, more, round } = multiple;
  return (
    <div className="line">
      <span>A multiple of</span>
      <Figure
        label="Multiple"
        value={of}
        onFigure={(value) => onMultiple({ ...multiple, of: value, more: Math.min(more, value - 1) })}
      />
      <span>and</span>
      <Figure
        label="and so many more"
        value={more}
        onFigure={(value) => onMultiple({ ...multiple, more: value })}
      />
      <span>more</span>
      {of > 1 && rounds > 1 && (
        <Form.Select
          size="sm"
          aria-label="Which round is that multiple"
          value={round ?? ''}
          onChange={({ target: { value } }) =>
            onMultiple(value ? { of, more, round: Number(value) } : { of, more })
          }
        >
          <option value="">in the last round</option>
          {Array.from({ length: rounds }, (_, index) => (
            <option key={index} value={index + 1}>
              in round {index + 1}
            </option>
          ))}
        </Form.Select>
      )}
    </div>
  );
}

/** A round that is there no more is not waited for. */
export function withRounds(multiple: Strip['multiple'], rounds: number): Strip['multiple'] {
  const { of, more, round } = multiple;
  return round !== undefined && round > rounds ? { of, more } : multiple;
}
