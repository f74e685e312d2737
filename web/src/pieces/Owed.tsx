import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Change, GarmentPlan, PiecePlan } from '../api/types';

interface Props {
  plan: GarmentPlan;
  piece: PiecePlan;
  onChange: (change: Change) => void;
}

/** What is to be mended later on a piece, each with the seam that is its last moment. */
export function Owed({ plan, piece, onChange }: Props) {
  const owed = plan.owed.filter((item) => item.piece === piece.id);
  return (
    <section aria-label={`Owed on the ${piece.name.toLowerCase()}`}>
      <h3>Still owed</h3>
      {owed.length === 0 ? (
        <p className="soft">Nothing was put off on this piece.</p>
      ) : (
        <ul className="own-anchors">
          {owed.map((item) => (
            <li key={item.id}>
              <span>{item.words}</span>
              <Button
                variant="outline-dark"
                size="sm"
                aria-label={`Done: ${item.what}`}
                onClick={() => onChange({ kind: 'OWED_DONE', owed: item.id })}
              >
                Done
              </Button>
            </li>
          ))}
        </ul>
      )}
      <NewOwed plan={plan} piece={piece} onChange={onChange} />
    </section>
  );
}

function NewOwed({ plan, piece, onChange }: Props) {
  const [what, setWhat] = useState('');
  const [before, setBefore] = useState('');
  const seams = plan.seams.filter((seam) =>
    [...seam.a.rails, ...seam.b.rails].some((rail) => rail.piece === piece.id),
  );
  return (
    <Form
      className="new-pin"
      onSubmit={(event) => {
        event.preventDefault();
        if (what.trim() !== '') {
          onChange({
            kind: 'OWED_NOTED',
            owed: `owed.${Date.now().toString(36)}`,
            piece: piece.id,
            what: what.trim(),
            ...(before === '' ? {} : { before }),
          });
          setWhat('');
        }
      }}
    >
      <Form.Group controlId="owed-what">
        <Form.Label>To mend later</Form.Label>
        <Form.Control
          className="wide"
          value={what}
          maxLength={bounds.owed}
          placeholder="weave in the tail at the neck"
          onChange={(event) => setWhat(event.target.value)}
        />
      </Form.Group>
      <Form.Group controlId="owed-before">
        <Form.Label>At the latest before</Form.Label>
        <Form.Select value={before} onChange={(event) => setBefore(event.target.value)}>
          <option value="">the end</option>
          {seams.map((seam) => (
            <option key={seam.id} value={seam.id}>
              {seam.name.toLowerCase()}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Button type="submit" variant="outline-dark" disabled={what.trim() === ''}>
        Note it
      </Button>
    </Form>
  );
}
