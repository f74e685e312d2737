import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { ByHand, SeamPlan } from '../api/types';
import { Sign, stateWords } from '../drawing/Signs';
import { seamState } from '../drawing/seamState';
import { Findings } from '../shell/Findings';
import type { GarmentEditor } from '../shell/useGarment';
import { RoleChoice } from './RoleChoice';
import { SideParts } from './SideParts';
import type { SeamDraft } from './useSeamDraft';

interface Props {
  editor: GarmentEditor;
  hand: ByHand;
  draft: SeamDraft;
}

/** An edge, its partner, and what would come of it, before it is kept. */
export function SeamByHand({ editor, hand, draft }: Props) {
  const { parts } = hand;
  const { made, preview, seam } = draft;
  const first = draft.sides.a[0]?.part;
  const likely = first === undefined ? [] : (parts[first]?.partners ?? []);
  const keep = async () => {
    if (made && (await editor.change([made]))) {
      draft.clear();
    }
  };
  return (
    <section className="by-hand" aria-label="A seam by hand">
      <h2>Join two edges</h2>
      <p className="soft">
        {parts.length === 0
          ? 'Every edge is joined already.'
          : 'Point at an edge, then at the one it meets; the likeliest is chosen for you.'}
      </p>
      {parts.length > 0 && (
        <>
          <SideParts draft={draft} side="a" parts={parts} label="This edge" likely={[]} />
          {first !== undefined && (
            <SideParts draft={draft} side="b" parts={parts} label="meets this one" likely={likely} />
          )}
        </>
      )}
      {made && (
        <>
          <div className="by-hand-how">
            <Form.Group controlId="by-hand-name">
              <Form.Label>Name of the seam</Form.Label>
              <Form.Control
                value={draft.name}
                maxLength={bounds.name}
                placeholder="Seam by hand"
                onChange={(event) => draft.setName(event.target.value)}
              />
            </Form.Group>
            <RoleChoice id="by-hand-role" roles={hand.roles} value={draft.role} onChange={draft.setRole} />
          </div>
          <div className="by-hand-would" aria-live="polite">
            {seam && <Would seam={seam} effects={preview.data?.effects ?? []} />}
            <Findings
              findings={(preview.data?.findings ?? []).filter(
                (finding) => !seam || finding.seam === made.seam || finding.code === 'TURNED',
              )}
              title="What stands out"
            />
          </div>
          <div className="by-hand-go">
            <Button disabled={!seam} onClick={() => void keep()}>
              Keep this seam
            </Button>
            <Button variant="outline-dark" onClick={draft.clear}>
              Begin again
            </Button>
          </div>
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
