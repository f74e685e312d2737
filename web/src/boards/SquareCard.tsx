import { Button, Form } from 'react-bootstrap';
import type { GarmentEditor } from '../shell/useGarment';
import type { SquareAt } from './useSquares';

interface Props {
  editor: GarmentEditor;
  taken: SquareAt;
  onDrop: () => void;
}

/** Where a square may be added, by rows and columns. */
const BESIDE: [string, number, number][] = [
  ['One above', 1, 0],
  ['One below', -1, 0],
  ['One on the left', 0, -1],
  ['One on the right', 0, 1],
];

/** The square that is taken: its colourway, and whether it stays where it is. */
export function SquareCard({ editor, taken, onDrop }: Props) {
  const { plan } = editor.garment;
  const board = plan.boards.find(({ id }) => id === taken.piece);
  const cell = board?.cells.find(({ row, column }) => row === taken.row && column === taken.column);
  if (!board || !cell) {
    return null;
  }
  const colour = (colourway: string | undefined, locked: boolean) =>
    void editor.change([{ kind: 'SQUARE_COLOURED', ...taken, locked, ...(colourway ? { colourway } : {}) }]);
  return (
    <section className="square-card" aria-label="The square you hold">
      <h2>
        {board.name}, square {cell.row}.{cell.column}
      </h2>
      <p className="soft">
        Row {cell.row} from below, column {cell.column}. Take another one to swap them.
      </p>
      <Form.Select
        aria-label="Colourway of this square"
        value={cell.colourway ?? ''}
        onChange={(event) => colour(event.target.value || undefined, cell.locked)}
      >
        <option value="">no colourway</option>
        {plan.colours?.stock.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Form.Select>
      {board.own && (
        <div className="square-keys" role="group" aria-label="Squares of this board">
          {BESIDE.map(([words, rows, columns]) => (
            <Button
              key={words}
              variant="outline-dark"
              size="sm"
              onClick={() =>
                void editor.change([
                  {
                    kind: 'SQUARE_ADDED',
                    piece: taken.piece,
                    row: taken.row + rows,
                    column: taken.column + columns,
                  },
                ])
              }
            >
              {words}
            </Button>
          ))}
          <Button
            variant="outline-dark"
            size="sm"
            onClick={() => {
              onDrop();
              void editor.change([{ kind: 'SQUARE_TAKEN_AWAY', ...taken }]);
            }}
          >
            Take it away
          </Button>
        </div>
      )}
      <div className="square-keys">
        <Form.Check
          type="checkbox"
          id="square-kept"
          label="Keep it here"
          disabled={!cell.colourway}
          checked={cell.locked}
          onChange={(event) => colour(cell.colourway, event.target.checked)}
        />
        <Button
          variant="outline-dark"
          size="sm"
          onClick={() => void editor.change([{ kind: 'SQUARE_TURNED', ...taken }])}
        >
          Turn it to the left
        </Button>
        <Button variant="outline-dark" size="sm" onClick={onDrop}>
          Put it down
        </Button>
      </div>
    </section>
  );
}
