import { Form } from 'react-bootstrap';
import type { Asking } from './asking';

interface Props {
  asking: Asking;
  onCurrent: () => void;
}

/** The field of one number; its name shows while it is in hand. */
export function DrawnField({ asking, onCurrent }: Props) {
  const { question, text, onText, usual, finding, blamed } = asking;
  return (
    <Form.Control
      id={question.key}
      className={`drawn-field ${blamed ? 'is-blamed' : ''}`}
      aria-label={question.label}
      aria-describedby={`${question.key}-below`}
      aria-invalid={Boolean(finding)}
      isInvalid={Boolean(finding)}
      title={question.label}
      value={text}
      inputMode="decimal"
      autoComplete="off"
      placeholder={usual}
      onChange={(event) => onText(event.target.value)}
      onFocus={(event) => {
        onCurrent();
        event.target.select();
      }}
    />
  );
}
