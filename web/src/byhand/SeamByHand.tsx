import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { byHandQuery, previewChanges } from '../api/garments';
import type { ChangeOf, FreePart, SeamPlan } from '../api/types';
import { Sign, stateWords } from '../drawing/Signs';
import { seamState } from '../drawing/seamState';
import { Findings } from '../shell/Findings';
import type { GarmentEditor } from '../shell/useGarment';
import { freeId } from './freeId';

type Made = ChangeOf<'SEAM_MADE'>;
const ROLES: [Made['role'], string][] = [
  ['SHOULDER', 'shoulder'],
  ['ARMHOLE', 'armhole'],
  ['SIDE', 'side'],
  ['SLEEVE', 'sleeve'],
  ['SIDE_SLEEVE', 'side and sleeve'],
  ['CENTRE_BACK', 'centre back'],
  ['BAND', 'band'],
  ['OTHER', 'something else'],
];

function part(free: FreePart, along: 'FORWARD' | 'BACKWARD') {
  return { piece: free.piece, edge: free.edge, first: free.first, last: free.last, along };
}

interface Props {
  editor: GarmentEditor;
  /** The seam that is being tried, to be shown on the pieces. */
  onTried: (seam: SeamPlan | undefined) => void;
}

/** An edge, its partner, and what would come of it, before it is kept. */
export function SeamByHand({ editor, onTried }: Props) {
  const { garment } = editor;
  const query = useQuery(byHandQuery(garment.id, garment.version));
  const [one, setOne] = useState<number>();
  const [other, setOther] = useState<number>();
  const [turned, setTurned] = useState(false);
  const [name, setName] = useState('');
  const [role, setRole] = useState<Made['role']>('OTHER');
  const parts = query.data?.parts ?? [];
  const a = one === undefined ? undefined : parts[one];
  const b = other === undefined ? undefined : parts[other];
  const made: Made | undefined = a &&
    b && {
      kind: 'SEAM_MADE',
      seam: freeId(garment.plan.seams),
      name: name.trim() || 'Seam by hand',
      role,
      a: [part(a, 'FORWARD')],
      b: [part(b, turned ? 'FORWARD' : 'BACKWARD')],
    };
  const preview = useQuery({
    queryKey: ['seam-by-hand', garment.id, garment.version, made],
    queryFn: () => previewChanges(garment.id, garment.version, [made!], []),
    enabled: made !== undefined,
  });
  const seam = preview.data?.plan?.seams.find((candidate) => candidate.id === made?.seam);
  useEffect(() => onTried(seam), [seam, onTried]);
  const keep = async () => {
    if (made && (await editor.change([made]))) {
      setOne(undefined);
      setOther(undefined);
      setName('');
      setTurned(false);
    }
  };
  return (
    <section className="by-hand" aria-label="A seam by hand">
      <h2>Join two edges</h2>
      {parts.length === 0 && query.isSuccess && <p className="soft">Every edge is joined already.</p>}
      <Form.Group controlId="by-hand-one">
        <Form.Label>This edge</Form.Label>
        <Form.Select
          value={one ?? ''}
          onChange={(event) => {
            const chosen = event.target.value === '' ? undefined : Number(event.target.value);
            setOne(chosen);
            setOther(chosen === undefined ? undefined : parts[chosen]?.partners[0]);
          }}
        >
          <option value="">Choose an edge</option>
          {parts.map((free, index) => (
            <option key={index} value={index}>
              {free.words}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {a && (
        <Form.Group controlId="by-hand-other">
          <Form.Label>meets this one; the likeliest stands first</Form.Label>
          <Form.Select value={other ?? ''} onChange={(event) => setOther(Number(event.target.value))}>
            {a.partners.length === 0 && <option value="">No free edge is about as long</option>}
            {a.partners.map((index) => (
              <option key={index} value={index}>
                {parts[index]?.words}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      {made && (
        <>
          <div className="by-hand-how">
            <Form.Group controlId="by-hand-name">
              <Form.Label>Name of the seam</Form.Label>
              <Form.Control
                value={name}
                maxLength={200}
                placeholder="Seam by hand"
                onChange={(event) => setName(event.target.value)}
              />
            </Form.Group>
            <Form.Group controlId="by-hand-role">
              <Form.Label>It is a</Form.Label>
              <Form.Select value={role} onChange={(event) => setRole(event.target.value as Made['role'])}>
                {ROLES.map(([value, words]) => (
                  <option key={value} value={value}>
                    {words}
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
          </div>
          <Form.Check
            id="by-hand-turned"
            label="The other way round: it would be twisted"
            checked={turned}
            onChange={(event) => setTurned(event.target.checked)}
          />
          <div className="by-hand-would" aria-live="polite">
            {seam && <Would seam={seam} effects={preview.data?.effects ?? []} />}
            <Findings
              findings={(preview.data?.findings ?? []).filter(
                (finding) => !seam || finding.seam === made.seam || finding.code === 'TURNED',
              )}
              title="What stands out"
            />
          </div>
          <Button disabled={!seam} onClick={() => void keep()}>
            Keep this seam
          </Button>
        </>
      )}
    </section>
  );
}

function Would({ seam, effects }: { seam: SeamPlan; effects: string[] }) {
  const state = seamState(seam, undefined);
  return (
    <>
      <p className="by-hand-verdict">
        <Sign state={state} /> <strong>{seam.counts}</strong> {stateWords(state, seam.ease?.share)}
      </p>
      <p className="soft">{seam.ease?.words}</p>
      {effects.map((effect) => (
        <p key={effect}>{effect}</p>
      ))}
    </>
  );
}
