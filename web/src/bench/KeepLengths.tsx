import { Button } from 'react-bootstrap';
import type { Change, GarmentPlan, WorkView } from '../api/types';

interface Props {
  plan: GarmentPlan;
  lengths: WorkView['beside']['lengths'];
  onKeep: (changes: Change[]) => void;
}

/** A seam that drew in, or hangs slack: its edges measure otherwise now, and what comes goes by that. */
export function KeepLengths({ plan, lengths: told, onKeep }: Props) {
  const lengths = told.filter((length) => !isKept(plan, length));
  if (lengths.length === 0) {
    return null;
  }
  return (
    <p>
      Left so, {lengths.map(({ words }) => words).join(', ')}.{' '}
      <Button
        variant="outline-dark"
        onClick={() =>
          onKeep(lengths.map(({ piece, edge, mm }): Change => ({ kind: 'EDGE_MEASURED', piece, edge, mm })))
        }
      >
        Go by these lengths
      </Button>{' '}
      <span className="soft">Sizes, openings and later seams follow.</span>
    </p>
  );
}

const SAME_MM = 0.5;

function isKept(plan: GarmentPlan, { piece, edge, mm }: Props['lengths'][number]): boolean {
  const of = plan.pieces.find(({ id }) => id === piece)?.edges.find(({ id }) => id === edge);
  return of?.measuredMm !== undefined && Math.abs(of.measuredMm - mm) < SAME_MM;
}
