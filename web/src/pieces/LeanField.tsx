import { useState } from 'react';
import { Form } from 'react-bootstrap';
import type { Change, PiecePlan } from '../api/types';
import { trimmed } from '../format';

const MOST_MM = 1000;

/** How far a piece leans over its height. Saved on Enter or when it is left; emptied, it is taken back. */
export function LeanField({ piece, onChange }: { piece: PiecePlan; onChange: (change: Change) => void }) {
  const { lean } = piece;
  const shown = lean === undefined ? '' : trimmed(Math.abs(lean.mm));
  const [text, setText] = useState(shown);
  const [left, setLeft] = useState(lean !== undefined && lean.mm < 0);
  const typed = Number(text.trim().replace(',', '.'));
  const empty = text.trim() === '';
  const wrong = !empty && !(typed >= 0 && typed <= MOST_MM);
  const send = (mm: number, expected: boolean) =>
    onChange({ kind: 'LEAN_FOUND', piece: piece.id, mm, expected });
  const save = () => {
    if (wrong || text.trim() === shown) {
      return;
    }
    if (empty) {
      onChange({ kind: 'LEAN_FOUND', piece: piece.id });
    } else {
      send(left ? -typed : typed, lean?.expected ?? false);
    }
  };
  return (
    <div className="lean">
      <Form.Group className="inline-field" controlId="lean">
        <Form.Label>It leans by, mm</Form.Label>
        <Form.Control
          inputMode="decimal"
          value={text}
          isInvalid={wrong}
          onChange={(event) => setText(event.target.value)}
          onBlur={save}
          onKeyDown={(event) => event.key === 'Enter' && save()}
        />
        <Form.Select
          aria-label="Which way it leans"
          value={left ? 'left' : 'right'}
          onChange={(event) => {
            const turned = event.target.value === 'left';
            setLeft(turned);
            if (lean) {
              send(turned ? -Math.abs(lean.mm) : Math.abs(lean.mm), lean.expected);
            }
          }}
        >
          <option value="right">to the right</option>
          <option value="left">to the left</option>
        </Form.Select>
        {wrong && (
          <span className="wrong" role="alert">
            From 0 to {MOST_MM} mm.
          </span>
        )}
      </Form.Group>
      {lean && (
        <Form.Check
          id="lean-expected"
          label="This stitch leans, and it will be blocked out"
          checked={lean.expected}
          onChange={(event) => send(lean.mm, event.target.checked)}
        />
      )}
    </div>
  );
}
