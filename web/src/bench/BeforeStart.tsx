import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { heldQuery, methodsQuery } from '../api/garments';
import type { Change, Opened } from '../api/types';
import { Findings } from '../shell/Findings';
import { count } from '../format';
import { HowTo } from '../howto/HowTo';
import { HeldEdges } from './HeldEdges';
import { HoldChoices } from './HoldChoices';
import { TakeIt } from './TakeIt';

interface Props {
  garment: Opened;
  seamId: string;
  onTake: () => void;
  onAlready: () => void;
  onDecide: (change: Change) => void;
}

/** What to have ready; the plan is frozen when the seam is taken. */
export function BeforeStart({ garment, seamId, onTake, onAlready, onDecide }: Props) {
  const { plan, progress } = garment;
  const seam = plan.seams.find((candidate) => candidate.id === seamId);
  const step = plan.steps.find((candidate) => candidate.seam === seamId);
  const { data: catalogue } = useQuery(methodsQuery(plan.terms));
  const { data: held } = useQuery(heldQuery(garment.id, garment.version, seamId));
  if (!seam || !step) {
    return <p className="quiet">This garment has no such seam.</p>;
  }
  const method = catalogue?.find((candidate) => candidate.id === seam.method);
  const first = step.after.filter((other) => progress.find((p) => p.seam === other)?.state !== 'JOINED');
  const firstNames = first.map(
    (other) => plan.seams.find((candidate) => candidate.id === other)?.name.toLowerCase() ?? other,
  );
  return (
    <section className="before-start">
      <h1>{seam.title}</h1>
      <div className="held">
        {held && (
          <HeldEdges
            seam={seam}
            clothOf={(piece) => plan.pieces.find(({ id }) => id === piece)!.cloth}
            held={held}
          />
        )}
        {held && (
          <p className="held-how">
            <strong>{held.start}</strong>
          </p>
        )}
        <HoldChoices garment={garment} seam={seam} onChange={onDecide} />
        <HowTo seam={seam} />
      </div>
      <dl>
        <dt>What meets what</dt>
        <dd>
          {seam.a.name}, on {seam.b.name.toLowerCase()}: {seam.counts}, {count(seam.joints, 'joint')}.
        </dd>
        <dt>How</dt>
        <dd>{method ? `${method.title}: ${method.held}.` : 'Choose a joining method at the seam.'}</dd>
        <dt>Have ready</dt>
        <dd>
          {count(seam.checkpoints.length, 'marker')},{' '}
          {method?.tool === 'HOOK' ? 'the hook' : 'a blunt needle'}, yarn. Count needles, clips and markers in
          and out; for children’s things locking markers only. Rest your hands when they ask for it.
        </dd>
        {step.markers.length > 0 && (
          <>
            <dt>Markers on its edges</dt>
            {step.markers.map((words) => (
              <dd key={words}>{words}</dd>
            ))}
          </>
        )}
      </dl>
      {step.first.length > 0 && (
        <ul className="waiting" aria-label="Before you begin">
          {step.first.map((words) => (
            <li key={words}>
              <strong>{words}</strong>
            </li>
          ))}
        </ul>
      )}
      <Findings findings={step.toDecide} title="Decide this first" onDecide={onDecide} />
      {first.length > 0 ? (
        <p className="waiting" role="alert">
          <strong>First join the {firstNames.join(' and the ')}:</strong>{' '}
          {step.reasons.find((reason) => reason.weight === 'MUST')?.sentence}
        </p>
      ) : (
        <TakeIt
          disabled={!seam.planned || !method || step.toDecide.length > 0}
          onTake={onTake}
          onAlready={onAlready}
        />
      )}
      <p>
        <Link to={`/garments/${garment.id}/seam/${seamId}`}>Look at the seam again</Link>
      </p>
    </section>
  );
}
