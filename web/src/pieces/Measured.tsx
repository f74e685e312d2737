import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { trimmed, type Unit } from '../format';

const MM = { CM: 10, INCH: 25.4 } as const;
const WORDS = { CM: 'cm', INCH: 'in' } as const;
const MOST_MM = 10_000;

/** An edge's length by the tape. Saved on Enter or when it is left; emptied, it is taken back. */
export function Measured({
  value,
  unit,
  onSave,
}: {
  value: number | undefined;
  unit: Unit;
  onSave: (mm: number | undefined) => void;
}) {
  const shown = value === undefined ? '' : trimmed(value / MM[unit]);
  const [text, setText] = useState(shown);
  const typed = Number(text.trim().replace(',', '.')) * MM[unit];
  const empty = text.trim() === '';
  const wrong = !empty && !(typed >= 1 && typed <= MOST_MM);
  const save = () => {
    if (!wrong && text.trim() !== shown) {
      onSave(empty ? undefined : typed);
    }
  };
  return (
    <Form.Group className="inline-field" controlId="measured">
      <Form.Label>Measured, blocked and lying flat</Form.Label>
      <Form.Control
        inputMode="decimal"
        value={text}
        isInvalid={wrong}
        onChange={(event) => setText(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => event.key === 'Enter' && save()}
      />
      <span>{WORDS[unit]}</span>
      {wrong && (
        <span className="wrong" role="alert">
          A length above 0 and up to {trimmed(MOST_MM / MM[unit])} {WORDS[unit]}.
        </span>
      )}
    </Form.Group>
  );
}
