import { Link } from 'react-router';
import type { Opened, WorkReference } from '../api/types';
import { isAmong } from './joined';

interface Props {
  garment: Opened;
  of: WorkReference;
  /** Where it is seen as it was worked. */
  to: string;
}

/** Says of what is begun or done that today's plan is another one. */
export function EarlierPlan({ garment, of, to }: Props) {
  if (!isAmong(garment.byEarlierPlan, of)) {
    return null;
  }
  return (
    <p className="soft earlier" role="status">
      {isAmong(garment.finished, of) ? 'This was worked' : 'This is being worked'} by an earlier plan. What
      stands here is today’s; <Link to={to}>the bench</Link> has the counts and stops it is worked by.
    </p>
  );
}
