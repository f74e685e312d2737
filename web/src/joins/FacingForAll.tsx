import { Form } from 'react-bootstrap';
import type { Change, GarmentPlan } from '../api/types';

const FACINGS = [
  ['RIGHT_SIDES_TOGETHER', 'right sides together'],
  ['WRONG_SIDES_TOGETHER', 'wrong sides together'],
  ['FLAT_RIGHT_SIDES_UP', 'flat, right sides up'],
  ['FLAT_WRONG_SIDES_UP', 'flat, wrong sides up'],
] as const;

interface Props {
  facing: GarmentPlan['facing'];
  onChange: (change: Change) => void;
}

/** How pieces face each other at every seam whose method allows it. */
export function FacingForAll({ facing, onChange }: Props) {
  const choose = (wanted: string) => {
    const found = FACINGS.find(([value]) => value === wanted)?.[0];
    onChange({ kind: 'FACING_CHOSEN', ...(found ? { facing: found } : {}) });
  };
  return (
    <Form.Group controlId="facing-all" className="inline-field">
      <Form.Label>Pieces are held, where a method allows it</Form.Label>
      <Form.Select value={facing ?? ''} onChange={({ target }) => choose(target.value)}>
        <option value="">as each method has it</option>
        {FACINGS.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
