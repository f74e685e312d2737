import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { Change, SeamPlan } from '../api/types';
import { NumberField } from '../shell/NumberField';

/** Anchors of the maker's own: a place of one side pinned to a place of the other. */
export function Pins({ seam, onChange }: { seam: SeamPlan; onChange: (change: Change) => void }) {
  const own = seam.anchors.filter((anchor) => anchor.own);
  return (
    <section aria-label="Own anchors">
      <h2>Pin a place to a place</h2>
      {own.length > 0 && (
        <ul className="own-anchors">
          {own.map((anchor) => (
            <li key={anchor.id}>
              <span>
                <strong>{anchor.name}</strong>: {anchor.aName}, {anchor.bName}
              </span>
              <Button
                variant="outline-dark"
                size="sm"
                aria-label={`Take out ${anchor.name}`}
                onClick={() => onChange({ kind: 'ANCHOR_REMOVED', seam: seam.id, anchor: anchor.id })}
              >
                Take out
              </Button>
            </li>
          ))}
        </ul>
      )}
      <NewPin seam={seam} taken={own.length} onChange={onChange} />
    </section>
  );
}

function NewPin({
  seam,
  taken,
  onChange,
}: {
  seam: SeamPlan;
  taken: number;
  onChange: (change: Change) => void;
}) {
  const [name, setName] = useState('');
  const [a, setA] = useState('');
  const [b, setB] = useState('');
  const wholeA = /^\d{1,4}$/.test(a) ? Number(a) : undefined;
  const wholeB = /^\d{1,4}$/.test(b) ? Number(b) : undefined;
  const wrongA = a !== '' && (wholeA === undefined || wholeA < 1 || wholeA >= seam.a.places);
  const wrongB = b !== '' && (wholeB === undefined || wholeB < 1 || wholeB >= seam.b.places);
  const ready = wholeA !== undefined && wholeB !== undefined && !wrongA && !wrongB;
  const pin = () => {
    if (ready) {
      onChange({
        kind: 'ANCHOR_PINNED',
        seam: seam.id,
        pin: {
          id: `own.${Date.now().toString(36)}`,
          name: name.trim() || `pin ${taken + 1}`,
          a: 2 * wholeA,
          b: 2 * wholeB,
        },
      });
      setName('');
      setA('');
      setB('');
    }
  };
  return (
    <Form
      className="new-pin"
      onSubmit={(event) => {
        event.preventDefault();
        pin();
      }}
    >
      <NumberField id="pin-a" label={`${seam.a.name}, after place`} value={a} wrong={wrongA} onValue={setA} />
      <NumberField id="pin-b" label={`${seam.b.name}, after place`} value={b} wrong={wrongB} onValue={setB} />
      <Form.Group controlId="pin-name">
        <Form.Label>What it is</Form.Label>
        <Form.Control value={name} maxLength={60} onChange={(event) => setName(event.target.value)} />
      </Form.Group>
      <Button type="submit" variant="outline-dark" disabled={!ready}>
        Pin
      </Button>
      {(wrongA || wrongB) && (
        <p className="wrong" role="alert">
          Places are counted along the seam: 1 to {seam.a.places - 1}, and 1 to {seam.b.places - 1}.
        </p>
      )}
    </Form>
  );
}
