import { Form } from 'react-bootstrap';
import type { Wish } from '../api/types';
import { WISH_WORDS } from './words';

interface Props {
  id: string;
  label: string;
  /** What holds when nothing is chosen. */
  none: string;
  value: Wish | undefined;
  onChoose: (wish: Wish | undefined) => void;
}

export function WishChoice({ id, label, none, value, onChoose }: Props) {
  return (
    <Form.Group controlId={id} className="inline-field">
      <Form.Label>{label}</Form.Label>
      <Form.Select
        value={value ?? ''}
        onChange={(event) => onChoose((event.target.value || undefined) as Wish | undefined)}
      >
        <option value="">{none}</option>
        {(Object.keys(WISH_WORDS) as Wish[]).map((wish) => (
          <option key={wish} value={wish}>
            {WISH_WORDS[wish]}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
