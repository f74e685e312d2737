import { type ReactNode, useState } from 'react';
import { Form } from 'react-bootstrap';

interface Props {
  id: string;
  label: string;
  /** What is saved, as it is shown. */
  shown: string;
  /** What stands against a text, in words; nothing when it may be saved. */
  wrong: (text: string) => string | undefined;
  onSave: (text: string) => void;
  /** What stands behind the field. */
  children?: ReactNode;
}

/** A figure in a line of its own: saved on Enter or when it is left, and only when it has changed and may be. */
export function SavedField({ id, label, shown, wrong, onSave, children }: Props) {
  const [text, setText] = useState(shown);
  const trimmed = text.trim();
  const against = trimmed === '' ? undefined : wrong(trimmed);
  const save = () => {
    if (against === undefined && trimmed !== shown) {
      onSave(trimmed);
    }
  };
  return (
    <Form.Group className="inline-field" controlId={id}>
      <Form.Label>{label}</Form.Label>
      <Form.Control
        inputMode="decimal"
        value={text}
        isInvalid={against !== undefined}
        onChange={(event) => setText(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => event.key === 'Enter' && save()}
      />
      {children}
      {against !== undefined && (
        <span className="wrong" role="alert">
          {against}
        </span>
      )}
    </Form.Group>
  );
}
