import { useState } from 'react';
import { Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';

interface Props {
  label: string;
  value: number | undefined;
  onCount: (count: number | undefined) => void;
}

/** Saved on Enter or when it is left; what is no whole number stays and says so. */
export function MadeCount({ label, value, onCount }: Props) {
  const shown = value === undefined ? '' : String(value);
  const [text, setText] = useState(shown);
  const [last, setLast] = useState(shown);
  if (last !== shown) {
    setLast(shown);
    setText(shown);
  }
  const trimmed = text.trim();
  const wrong = trimmed !== '' && !(/^[1-9]\d*$/.test(trimmed) && Number(trimmed) <= bounds.units);
  const save = () => {
    if (!wrong && trimmed !== shown) {
      onCount(trimmed === '' ? undefined : Number(trimmed));
    }
  };
  return (
    <>
      <Form.Control
        className="made-count"
        aria-label={label}
        inputMode="numeric"
        value={text}
        isInvalid={wrong}
        onChange={(event) => setText(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => event.key === 'Enter' && save()}
      />
      {wrong && (
        <span className="wrong" role="alert">
          A whole number from 1 to {bounds.units}.
        </span>
      )}
    </>
  );
}
