import { useQuery } from '@tanstack/react-query';
import { Button, Modal } from 'react-bootstrap';
import { previewChanges } from '../api/garments';
import type { GarmentPlan, Repair, SeamPlan } from '../api/types';
import { GarmentDrawing } from '../drawing/GarmentDrawing';
import { corners, tableBox } from '../drawing/geometry';
import { Sign, stateWords } from '../drawing/Signs';
import type { GarmentEditor } from '../shell/useGarment';
import { Findings } from '../shell/Findings';
import { Loading } from '../shell/Messages';
import { asHeld } from './asHeld';
import { Rails } from './Rails';

interface Props {
  repair: Repair;
  seam: SeamPlan;
  editor: GarmentEditor;
  onClose: () => void;
}

const PICTURE = { width: 500, height: 330 };
const RAILS_PX = 500;
const NOTHING = () => undefined;

/** The garment as it is beside the garment as a repair would make it; saved only when it is kept. */
export function TryIt({ repair, seam, editor, onClose }: Props) {
  const { garment } = editor;
  const { data, isError } = useQuery({
    queryKey: ['try', garment.id, garment.version, repair.title],
    queryFn: () => previewChanges(garment.id, garment.version, repair.changes, []),
  });
  const after = data?.plan;
  const keep = async () => {
    if (await editor.change(repair.changes)) {
      onClose();
    }
  };
  return (
    <Modal show size="xl" onHide={onClose} aria-labelledby="try-title" scrollable>
      <Modal.Header closeButton>
        <Modal.Title id="try-title" as="h2">
          {repair.title}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body tabIndex={0} role="group" aria-labelledby="try-title">
        {isError && (
          <p role="alert">It could not be tried: the garment has changed. Close this and try again.</p>
        )}
        {!data && !isError && <Loading what="Trying it…" />}
        {data && !after && <Findings findings={data.findings} title="It cannot be" />}
        {after && (
          <>
            <div className="try-pair">
              <Side title="Now" plan={garment.plan} both={[garment.plan, after]} seam={seam} />
              <Side
                title={repair.rung === 'JOINING_ROW' ? 'With the row' : 'With the repair'}
                plan={after}
                both={[garment.plan, after]}
                seam={after.seams.find((other) => other.id === seam.id) ?? seam}
                before={seam}
              />
            </div>
            <h3>What else changes</h3>
            {data.effects.length === 0 ? (
              <p>Nothing: only this seam is joined in another way.</p>
            ) : (
              <ul>
                {data.effects.map((effect) => (
                  <li key={effect}>{effect}</li>
                ))}
              </ul>
            )}
            <p className="soft">
              {repair.effortWords} Risk: {repair.risk}
            </p>
          </>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-dark" onClick={onClose}>
          Leave it as it is
        </Button>
        <Button disabled={!after} onClick={() => void keep()}>
          Keep it
        </Button>
      </Modal.Footer>
    </Modal>
  );
}

interface SideProps {
  title: string;
  plan: GarmentPlan;
  both: GarmentPlan[];
  seam: SeamPlan;
  before?: SeamPlan;
}

function countsOf(plan: GarmentPlan, id: string): string | undefined {
  return plan.seams.find((seam) => seam.id === id)?.counts;
}

function outlines(plan: GarmentPlan): string {
  return JSON.stringify(plan.pieces.map((piece) => corners(piece)));
}

/** The rails of a seam to look at, with nothing to move: where the pieces stay, the joining is what changes. */
function StillRails({ plan, seam }: { plan: GarmentPlan; seam: SeamPlan }) {
  const held = asHeld(seam, plan.hand);
  const still = { ...held.seam, anchors: held.seam.anchors.map((anchor) => ({ ...anchor, movable: false })) };
  return (
    <Rails
      seam={still}
      pieces={plan.pieces}
      unit={plan.unit}
      width={RAILS_PX}
      stretch={undefined}
      mirrored={held.fromRight}
      wrongSide={held.wrongSide}
      asHeld={seam.hold !== undefined}
      waveMm={plan.ladder.waveMm}
      onMove={NOTHING}
      onDone={NOTHING}
      onRest={NOTHING}
      onCancel={NOTHING}
    />
  );
}

/** Both pictures at one scale, so that what grows is seen to grow. */
function Side({ title, plan, both, seam, before }: SideProps) {
  const boxes = both.map((one) => tableBox(one.pieces));
  const widest = Math.max(...boxes.map((box) => box.right - box.left));
  const highest = Math.max(...boxes.map((box) => box.top - box.bottom));
  const scale = Math.min(PICTURE.width / widest, PICTURE.height / highest);
  const state = seam.ease?.verdict ?? 'LOOK';
  const alike =
    both.every((one) => outlines(one) === outlines(plan)) &&
    both.every((one) => countsOf(one, seam.id) === seam.counts);
  return (
    <section aria-label={title}>
      <h3>{title}</h3>
      {alike ? (
        <StillRails plan={plan} seam={seam} />
      ) : (
        <GarmentDrawing
          pieces={plan.pieces}
          scale={scale}
          seam={seam}
          title={`${title}, to scale`}
          {...(before ? { before } : {})}
        />
      )}
      <p>
        <Sign state={state} /> <strong>{seam.counts}</strong>, {stateWords(state, seam.ease?.share)}
      </p>
      <p>{seam.ease?.words ?? 'There is no plan yet.'}</p>
      {seam.phases.map((phase) => (
        <p key={phase.kind}>{phase.words}</p>
      ))}
    </section>
  );
}
