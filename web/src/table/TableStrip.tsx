import { useRef, useState } from 'react';
import { Form } from 'react-bootstrap';
import { Link } from 'react-router';
import { counted, plural } from '../format';
import { Sign, stateWords } from '../drawing/Signs';
import { seamState } from '../drawing/seamState';
import { Findings } from '../shell/Findings';
import { Facts } from './Facts';
import { GoneList } from './GoneList';
import type { Lit } from './lit';
import { OpeningList } from './OpeningList';
import type { useOpenings } from './useOpenings';
import { Nudges } from './Nudges';
import type { GarmentEditor } from '../shell/useGarment';
import bounds from '../api/bounds.json';

interface Props {
  editor: GarmentEditor;
  joined: Set<string>;
  openings: ReturnType<typeof useOpenings>;
  onLit: (lit: Lit | undefined) => void;
}

/** Beside the mat: every seam with its state, the openings, and what to look at first. */
export function TableStrip({ editor, joined, openings, onLit }: Props) {
  const { garment } = editor;
  const { plan } = garment;
  return (
    <aside className="strip" aria-label="Seams and openings">
      <h1>
        {joined.size === 0 ? 'None' : counted(joined.size)} of {counted(plan.seams.length).toLowerCase()}{' '}
        {plural(plan.seams.length, 'seam', 'seams')} joined{joined.size === 0 && ' yet'}
      </h1>
      <p className="soft">{garment.plan.laidWords}</p>
      <ul className="seam-list">
        {plan.seams.map((seam) => {
          const state = seamState(
            seam,
            garment.progress.find((p) => p.seam === seam.id),
          );
          return (
            <li key={seam.id}>
              <Link
                to={`/garments/${garment.id}/seam/${seam.id}`}
                onPointerEnter={() => onLit({ seam: seam.id })}
                onPointerLeave={() => onLit(undefined)}
                onFocus={() => onLit({ seam: seam.id })}
                onBlur={() => onLit(undefined)}
              >
                <Sign state={state} />
                <strong>{seam.name}</strong>
                <span>{seam.counts}</span>
                <span className="state">{stateWords(state, seam.ease?.share)}</span>
              </Link>
            </li>
          );
        })}
      </ul>
      <p>
        <Link to={`/garments/${garment.id}/by-hand`}>Join edges by hand, add pieces</Link>
      </p>
      <OpeningList openings={openings.openings} plan={plan} when={openings.when} onWhen={openings.setWhen} />
      <Findings
        findings={plan.findings}
        title="Look at this first"
        onDecide={(change) => void editor.change([change])}
      />
      <GoneList editor={editor} />
      <Facts plan={plan} onLit={onLit} />
      <Nudges editor={editor} />
      <Rename editor={editor} />
    </aside>
  );
}

function Rename({ editor }: { editor: GarmentEditor }) {
  const [name, setName] = useState(editor.garment.plan.name);
  const sent = useRef<string>(undefined);
  const save = () => {
    if (name.trim() !== editor.garment.plan.name && name !== sent.current) {
      sent.current = name;
      void editor.change([{ kind: 'RENAMED', name }]);
    }
  };
  return (
    <Form
      className="rename"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <Form.Label htmlFor="rename">Name of the garment</Form.Label>
      <Form.Control
        id="rename"
        value={name}
        maxLength={bounds.name}
        onChange={(event) => setName(event.target.value)}
        onBlur={save}
      />
    </Form>
  );
}
