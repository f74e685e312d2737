import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { BoardPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import bounds from '../api/bounds.json';

/** A further board of the maker's own, of squares like those of another. */
export function NewBoard({ editor, like }: { editor: GarmentEditor; like: BoardPlan }) {
  const [name, setName] = useState('');
  const [rows, setRows] = useState('2');
  const [columns, setColumns] = useState('2');
  const size = (label: string, value: string, onChange: (value: string) => void) => (
    <Form.Label>
      {label}{' '}
      <Form.Control
        size="sm"
        type="number"
        min={1}
        max={bounds.along}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </Form.Label>
  );
  return (
    <details className="new-board">
      <summary>Lay out a board by hand</summary>
      <form
        className="square-keys"
        onSubmit={(event) => {
          event.preventDefault();
          const { stitches, corner, sideMm } = like.motif;
          void editor
            .change([
              {
                kind: 'BOARD_LAID',
                name,
                rows: Number(rows),
                columns: Number(columns),
                stitches,
                corner,
                sideMm,
              },
            ])
            .then(() => setName(''));
        }}
      >
        <Form.Control
          size="sm"
          aria-label="Name of the board"
          placeholder="Name"
          required
          maxLength={bounds.name}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        {size('Rows', rows, setRows)}
        {size('Columns', columns, setColumns)}
        <Button type="submit" variant="outline-dark" size="sm">
          Lay it out
        </Button>
      </form>
      <p className="soft">
        Of squares as on the {like.name.toLowerCase()}. Take a square of it to add others beside; copy, mirror
        and join it under “By hand”.
      </p>
    </details>
  );
}
