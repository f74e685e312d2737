import { Button } from 'react-bootstrap';
import type { Change, Opened, SeamPlan } from '../api/types';
import { FacingSelect } from '../drawing/FacingSelect';
import { PairChoice } from './PairChoice';

interface Props {
  garment: Opened;
  seam: SeamPlan;
  onChange: (change: Change) => void;
}

/** What the maker may choose of how a seam lies in the hands, before it is begun. */
export function HoldChoices({ garment, seam, onChange }: Props) {
  const { plan, progress } = garment;
  const pair = plan.pairs.find(({ first, second }) => first === seam.id || second === seam.id);
  const { hold } = seam;
  if (!hold) {
    return null;
  }
  return (
    <div className="hold-choices">
      {pair && (
        <PairChoice pair={pair} seamId={seam.id} hand={plan.hand} progress={progress} onChange={onChange} />
      )}
      {hold.choices.length > 1 && (
        <FacingSelect
          id="facing"
          label="Held"
          choices={hold.choices}
          onChoose={(facing) =>
            onChange({ kind: 'FACING_CHOSEN', seam: seam.id, ...(facing ? { facing } : {}) })
          }
        />
      )}
      {hold.forcedBy !== 'LIVE_ROW' && (
        <Button variant="outline-dark" onClick={() => onChange({ kind: 'SEAM_TURNED', seam: seam.id })}>
          Begin at {hold.to}
        </Button>
      )}
    </div>
  );
}
