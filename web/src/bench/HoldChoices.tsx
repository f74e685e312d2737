import { Button, Form } from 'react-bootstrap';
import type { Change, Opened, SeamPlan } from '../api/types';
import { PairChoice } from './PairChoice';

interface Props {
  garment: Opened;
  seam: SeamPlan;
  onChange: (change: Change) => void;
}

/** What the maker may choose of how a seam lies in the hands, before it is begun. */
export function HoldChoices({ garment, seam, onChange }: Props) {
  const { plan, progress } = garment;
  const pair = plan.pairs.find(({ first, second }) => first === seam.id || second === seam.id);
  const { hold } = seam;
  if (!hold) {
    return null;
  }
  return (
    <div className="hold-choices">
      {pair && (
        <PairChoice pair={pair} seamId={seam.id} hand={plan.hand} progress={progress} onChange={onChange} />
      )}
      {hold.choices.length > 1 && (
        <Form.Group controlId="facing" className="inline-field">
          <Form.Label>Held</Form.Label>
          <Form.Select
            value={hold.choices.find(({ now }) => now)?.facing}
            onChange={({ target }) =>
              onChange({
                kind: 'FACING_CHOSEN',
                seam: seam.id,
                facing: target.value as (typeof hold.choices)[number]['facing'],
              })
            }
          >
            {hold.choices.map(({ facing, title }) => (
              <option key={facing} value={facing}>
                {title}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      {hold.forcedBy !== 'LIVE_ROW' && (
        <Button variant="outline-dark" onClick={() => onChange({ kind: 'SEAM_TURNED', seam: seam.id })}>
          Begin at {hold.to}
        </Button>
      )}
    </div>
  );
}
