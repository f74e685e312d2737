import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { length, toMm } from '../format';
import type { GarmentEditor } from '../shell/useGarment';

/** Tails left on the pieces to be joined with: where they hang, how long they are, and which seam begins with each. */
export function KeptTails({ editor }: { editor: GarmentEditor }) {
  const { plan } = editor.garment;
  const [corner, setCorner] = useState('');
  const [long, setLong] = useState('');
  const corners = plan.pieces.flatMap((piece) =>
    piece.edges.map((edge, i) => ({
      piece: piece.id,
      corner: edge.id,
      words: `${piece.name}: ${piece.edges.at(i - 1)!.name} and ${edge.name}`,
    })),
  );
  const chosen = corners[Number(corner)];
  const mm = toMm(long, plan.unit);
  const keep = async () => {
    if (
      chosen &&
      (await editor.change([{ kind: 'TAIL_KEPT', piece: chosen.piece, corner: chosen.corner, mm }]))
    ) {
      setLong('');
    }
  };
  return (
    <section aria-label="Tails left on the pieces">
      <h2>Tails left on the pieces</h2>
      <p className="soft">
        A seam that starts at one begins with it: no end to fasten on, and less new yarn.
      </p>
      <ul className="kept-tails">
        {plan.yarn.tails.map((tail) => (
          <li key={`${tail.piece} ${tail.corner}`}>
            <strong>{length(tail.mm, plan.unit)}</strong> {tail.words}
            <Button
              variant="outline-dark"
              size="sm"
              aria-label={`Take out: ${tail.words}`}
              onClick={() =>
                void editor.change([{ kind: 'TAIL_KEPT', piece: tail.piece, corner: tail.corner }])
              }
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      <Form
        className="inline-field"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <Form.Select
          aria-label="Corner at which a tail hangs"
          value={corner}
          onChange={(event) => setCorner(event.target.value)}
        >
          <option value="">Between which edges?</option>
          {corners.map((each, index) => (
            <option key={`${each.piece} ${each.corner}`} value={index}>
              {each.words}
            </option>
          ))}
        </Form.Select>
        <Form.Control
          aria-label="Length of the tail"
          inputMode="decimal"
          value={long}
          onChange={(event) => setLong(event.target.value)}
        />
        <span>{plan.unit === 'CM' ? 'cm' : 'in'}</span>
        <Button type="submit" variant="outline-dark" disabled={corner === '' || !(mm > 0)}>
          It hangs there
        </Button>
      </Form>
    </section>
  );
}
