import { Form } from 'react-bootstrap';
import type { Change, PiecePlan } from '../api/types';

/** Which rows of a piece are right-side rows: asked once, shown with its usual answer. */
export function RowsField({ piece, onChange }: { piece: PiecePlan; onChange: (change: Change) => void }) {
  const { rows } = piece;
  if (!rows) {
    return null;
  }
  return (
    <Form.Group controlId="right-side-rows" className="inline-field">
      <Form.Label>{rows.words}. Right-side rows</Form.Label>
      <Form.Select
        value={rows.rightSideRows}
        onChange={({ target }) =>
          onChange({ kind: 'ROWS_TOLD', piece: piece.id, rightSideRow: target.value === 'ODD' ? 1 : 2 })
        }
      >
        <option value="ODD">rows 1, 3, 5 and so on{rows.told ? '' : ' (as usual)'}</option>
        <option value="EVEN">rows 2, 4, 6 and so on</option>
      </Form.Select>
      {rows.tail && <Form.Text>{rows.tail}</Form.Text>}
    </Form.Group>
  );
}
