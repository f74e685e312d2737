import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { GarmentEditor } from '../shell/useGarment';

const STEP_MM = 10;
const WAYS: [string, string, number, number][] = [
  ['←', 'left', -STEP_MM, 0],
  ['↑', 'up', 0, STEP_MM],
  ['↓', 'down', 0, -STEP_MM],
  ['→', 'right', STEP_MM, 0],
];

/** Moves and turns a piece on the table without a pointer. */
export function Nudges({ editor }: { editor: GarmentEditor }) {
  const { pieces } = editor.garment.plan;
  const [chosen, setChosen] = useState(pieces[0]?.id ?? '');
  const laid = pieces.find((piece) => piece.id === chosen)?.laid;
  const now = { dxMm: laid?.dxMm ?? 0, dyMm: laid?.dyMm ?? 0, quarterTurns: laid?.quarterTurns ?? 0 };
  const lay = (changed: Partial<typeof now>) =>
    void editor.change([{ kind: 'PIECE_MOVED', piece: chosen, laid: { ...now, ...changed } }]);
  return (
    <details>
      <summary>Move a piece on the table</summary>
      <Form.Select aria-label="Piece" value={chosen} onChange={(event) => setChosen(event.target.value)}>
        {pieces.map((piece) => (
          <option key={piece.id} value={piece.id}>
            {piece.name}
          </option>
        ))}
      </Form.Select>
      <div className="nudges">
        {WAYS.map(([sign, word, dx, dy]) => (
          <Button
            key={word}
            variant="outline-dark"
            aria-label={`1 cm ${word}`}
            onClick={() => lay({ dxMm: now.dxMm + dx, dyMm: now.dyMm + dy })}
          >
            {sign}
          </Button>
        ))}
        <Button variant="outline-dark" onClick={() => lay({ quarterTurns: (now.quarterTurns + 1) % 4 })}>
          Turn
        </Button>
        <Button
          variant="outline-dark"
          disabled={!laid}
          onClick={() => void editor.change([{ kind: 'PIECE_MOVED', piece: chosen }])}
        >
          Put it back
        </Button>
      </div>
    </details>
  );
}
