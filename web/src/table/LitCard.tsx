import type { Opened } from '../api/types';
import { Sign, stateWords } from '../drawing/Signs';
import { seamState } from '../drawing/seamState';
import { count, length } from '../format';
import type { Lit } from './lit';

/** What there is to know of the seam or edge the maker points at. */
export function LitCard({ garment, lit }: { garment: Opened; lit: Lit }) {
  return (
    <div className="seam-card" role="status">
      {'seam' in lit ? (
        <SeamFacts garment={garment} seamId={lit.seam} />
      ) : (
        <EdgeFacts garment={garment} lit={lit} />
      )}
    </div>
  );
}

function SeamFacts({ garment, seamId }: { garment: Opened; seamId: string }) {
  const seam = garment.plan.seams.find((candidate) => candidate.id === seamId);
  if (!seam) {
    return null;
  }
  const state = seamState(
    seam,
    garment.progress.find((p) => p.seam === seamId),
  );
  return (
    <>
      <strong>{seam.name}</strong>
      <span>
        <Sign state={state} /> {stateWords(state, seam.ease?.share)}
      </span>
      <span>
        {seam.counts}, {count(seam.joints, 'joint')}
      </span>
      {seam.ease && <span>{seam.ease.words}</span>}
    </>
  );
}

function EdgeFacts({ garment, lit }: { garment: Opened; lit: { piece: string; edge: string } }) {
  const piece = garment.plan.pieces.find((candidate) => candidate.id === lit.piece);
  const edge = piece?.edges.find((candidate) => candidate.id === lit.edge);
  if (!piece || !edge) {
    return null;
  }
  const rows = edge.runs.filter((run) => run.kind === 'ROW_END').length;
  const units = rows === 0 ? 'stitches' : rows === edge.runs.length ? 'rows' : 'stitches and rows';
  return (
    <>
      <strong>
        {piece.name}, {edge.name}
      </strong>
      <span>
        {edge.runs.map((run) => run.count).join(' + ')} {units}, {length(edge.lengthMm, garment.plan.unit)}
      </span>
      {edge.runs.some((run) => run.source !== 'PLANNED') && <span>Counted on the finished piece.</span>}
    </>
  );
}
