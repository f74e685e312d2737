import { useState } from 'react';
import { Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Change, PiecePlan } from '../api/types';
import { figure, trimmed } from '../format';
import { SavedField } from '../shell/SavedField';

/** How far a piece leans over its height; emptied, it is taken back. */
export function LeanField({ piece, onChange }: { piece: PiecePlan; onChange: (change: Change) => void }) {
  const { lean } = piece;
  const [left, setLeft] = useState(lean !== undefined && lean.mm < 0);
  const send = (mm: number, expected: boolean) =>
    onChange({ kind: 'LEAN_FOUND', piece: piece.id, mm, expected });
  const turn = (toLeft: boolean) => {
    setLeft(toLeft);
    if (lean) {
      send(toLeft ? -Math.abs(lean.mm) : Math.abs(lean.mm), lean.expected);
    }
  };
  return (
    <div className="lean">
      <SavedField
        id="lean"
        label="It leans by, mm"
        shown={lean === undefined ? '' : trimmed(Math.abs(lean.mm))}
        wrong={(text) =>
          figure(text) >= 0 && figure(text) <= bounds.leanMm ? undefined : `From 0 to ${bounds.leanMm} mm.`
        }
        onSave={(text) =>
          text === ''
            ? onChange({ kind: 'LEAN_FOUND', piece: piece.id })
            : send(left ? -figure(text) : figure(text), lean?.expected ?? false)
        }
      >
        <Form.Select
          aria-label="Which way it leans"
          value={left ? 'left' : 'right'}
          onChange={(event) => turn(event.target.value === 'left')}
        >
          <option value="right">to the right</option>
          <option value="left">to the left</option>
        </Form.Select>
      </SavedField>
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
