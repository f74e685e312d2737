import { Form } from 'react-bootstrap';

interface Props {
  id: string;
  label: string;
  value: string;
  wrong?: boolean;
  placeholder?: string;
  onValue: (value: string) => void;
}

/** A labelled field for a whole number, as it is typed. */
export function NumberField({ id, label, value, wrong = false, placeholder, onValue }: Props) {
  return (
    <Form.Group controlId={id}>
      <Form.Label>{label}</Form.Label>
      <Form.Control
        inputMode="numeric"
        value={value}
        isInvalid={wrong}
        placeholder={placeholder}
        onChange={(event) => onValue(event.target.value)}
      />
    </Form.Group>
  );
}
