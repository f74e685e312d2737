import { Form } from 'react-bootstrap';
import type { GarmentPlan } from '../api/types';

type Choice = GarmentPlan['facings'][number];

interface Props {
  id: string;
  label: string;
  choices: Choice[];
  /** What it is where none is chosen; without it one always is. */
  none?: string;
  onChoose: (facing: Choice['facing'] | undefined) => void;
}

/** How pieces face each other while they are joined. */
export function FacingSelect({ id, label, choices, none, onChoose }: Props) {
  const choose = (wanted: string) => onChoose(choices.find(({ facing }) => facing === wanted)?.facing);
  return (
    <Form.Group controlId={id} className="inline-field">
      <Form.Label>{label}</Form.Label>
      <Form.Select
        value={choices.find(({ now }) => now)?.facing ?? ''}
        onChange={({ target }) => choose(target.value)}
      >
        {none !== undefined && <option value="">{none}</option>}
        {choices.map(({ facing, title }) => (
          <option key={facing} value={facing}>
            {title}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
