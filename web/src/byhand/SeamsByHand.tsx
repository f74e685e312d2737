import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Link } from 'react-router';
import bounds from '../api/bounds.json';
import type { ByHand, SeamPlan } from '../api/types';
import { figure } from '../format';
import type { GarmentEditor } from '../shell/useGarment';
import { RoleChoice } from './RoleChoice';

interface Props {
  editor: GarmentEditor;
  hand: ByHand;
  /** The seam shown on the pieces. */
  shown: string | undefined;
  onShow: (seam: string | undefined) => void;
}

/** All seams, each to be told anew; and those of the construction that are not as it made them. */
export function SeamsByHand({ editor, hand, shown, onShow }: Props) {
  const { garment, change } = editor;
  return (
    <section aria-label="Seams">
      <h2>Seams</h2>
      <ul className="by-hand-list">
        {garment.plan.seams.map((seam) => (
          <li key={seam.id}>
            <button
              type="button"
              className="seam-name"
              aria-expanded={shown === seam.id}
              onClick={() => onShow(shown === seam.id ? undefined : seam.id)}
            >
              <strong>{seam.name}</strong> {seam.counts}
              {hand.seams.includes(seam.id) && <span className="soft"> yours</span>}
            </button>
            {shown === seam.id && <ToldAnew key={garment.version} editor={editor} hand={hand} seam={seam} />}
          </li>
        ))}
      </ul>
      {hand.changed.length > 0 && (
        <>
          <h3>Not as the construction made them</h3>
          <ul className="by-hand-list">
            {hand.changed.map(({ seam, name, out }) => (
              <li key={seam} className="by-hand-row">
                {name}: {out ? 'taken out' : 'told anew'}
                <Button
                  variant="outline-dark"
                  aria-label={`Put back ${name}`}
                  onClick={() => void change([{ kind: 'SEAM_PUT_BACK', seam }])}
                >
                  Put back
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** What can be done with a seam but to join it. */
function ToldAnew({ editor, hand, seam }: { editor: GarmentEditor; hand: ByHand; seam: SeamPlan }) {
  const { garment, change } = editor;
  const [name, setName] = useState(seam.name);
  const [role, setRole] = useState(seam.role);
  const between = seam.anchors.filter((anchor) => anchor.id !== 'START' && anchor.id !== 'END');
  const others = garment.plan.seams.filter((other) => other.id !== seam.id);
  const named = name.trim() !== '' && (name.trim() !== seam.name || role !== seam.role);
  return (
    <div className="told-anew">
      <Link to={`/garments/${garment.id}/seam/${seam.id}`}>Look at this seam</Link>
      <div className="by-hand-how">
        <Form.Group controlId="seam-name">
          <Form.Label>Name</Form.Label>
          <Form.Control
            value={name}
            maxLength={bounds.name}
            onChange={(event) => setName(event.target.value)}
          />
        </Form.Group>
        <RoleChoice id="seam-role" roles={hand.roles} value={role} onChange={setRole} />
      </div>
      <div className="by-hand-go">
        <Button
          variant="outline-dark"
          disabled={!named}
          onClick={() => void change([{ kind: 'SEAM_NAMED', seam: seam.id, name, role }])}
        >
          Call it that
        </Button>
        <Button variant="outline-dark" onClick={() => void change([{ kind: 'SEAM_TURNED', seam: seam.id }])}>
          Begin at its other end
        </Button>
        <Button
          variant="outline-dark"
          onClick={() =>
            void change([{ kind: 'SEAM_MIRRORED', seam: seam.id, name: `${seam.name}, other side` }])
          }
        >
          The same on the other side
        </Button>
        <Button
          variant="outline-dark"
          aria-label={`Take it out: ${seam.name}`}
          onClick={() => void change([{ kind: 'SEAM_UNMADE', seam: seam.id }])}
        >
          Take it out
        </Button>
      </div>
      <GussetForm editor={editor} seam={seam.id} />
      {between.length > 0 && (
        <Form.Group controlId="seam-part">
          <Form.Label>Part it in two at</Form.Label>
          <Form.Select
            value=""
            onChange={(event) =>
              void change([
                {
                  kind: 'SEAM_PARTED',
                  seam: seam.id,
                  anchor: event.target.value,
                  name: `${seam.name}, second part`,
                },
              ])
            }
          >
            <option value="">Choose an anchor</option>
            {between.map((anchor) => (
              <option key={anchor.id} value={anchor.id}>
                {anchor.name}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      {others.length > 0 && (
        <Form.Group controlId="seam-next">
          <Form.Label>Go on from its end, in one pass, with</Form.Label>
          <Form.Select
            value=""
            onChange={(event) =>
              void change([{ kind: 'SEAMS_TOGETHER', seam: seam.id, next: event.target.value }])
            }
          >
            <option value="">Choose a seam</option>
            {others.map((other) => (
              <option key={other.id} value={other.id}>
                {other.name}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
    </div>
  );
}

/** Rows let in between both sides: worked onto the one, and closed by what was the seam. */
function GussetForm({ editor, seam }: { editor: GarmentEditor; seam: string }) {
  const [rows, setRows] = useState('');
  const count = figure(rows);
  return (
    <Form
      className="inline-field"
      onSubmit={(event) => {
        event.preventDefault();
        void editor.change([{ kind: 'GUSSET_LET_IN', seam, rows: count }]);
      }}
    >
      <Form.Label htmlFor="gusset-rows">Let in rows between its two sides</Form.Label>
      <Form.Control
        id="gusset-rows"
        inputMode="numeric"
        value={rows}
        onChange={(event) => setRows(event.target.value)}
      />
      <Button
        type="submit"
        variant="outline-dark"
        disabled={!(Number.isInteger(count) && count >= 1 && count <= bounds.gussetRows)}
      >
        Let them in
      </Button>
    </Form>
  );
}
