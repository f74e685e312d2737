import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Opened, StripPlan } from '../api/types';
import { stripsQuery } from '../api/work';
import { count } from '../format';
import { isAmong } from '../shell/joined';
import { byThemselves } from './strips';

/** Where an edging stands at the bench, and the way there. */
export function AtBench({ garment, strip }: { garment: Opened; strip: StripPlan }) {
  const { data } = useQuery(stripsQuery(garment.id));
  const begun = data?.find((each) => each.strip === strip.id);
  const workedOn = strip.strip.band?.workedOn;
  const ofHowMany = isAmong(garment.byEarlierPlan, { strip: strip.id })
    ? ''
    : ` of ${workedAltogether(strip)}`;
  if ((strip.band && !strip.sewn && !workedOn) || (strip.row && byThemselves(strip).length === 0)) {
    return null;
  }
  return (
    <p>
      <Link className="btn btn-outline-dark btn-sm" to={`/garments/${garment.id}/edging-bench/${strip.id}`}>
        {begun?.state === 'JOINED' ? 'Worked; see it' : begun ? 'Go on at the bench' : 'Take it to the bench'}
      </Link>
      {begun && begun.state !== 'JOINED' && ` ${begun.position}${ofHowMany} done.`}
    </p>
  );
}

/** How much there is to work at the bench, as the bench counts it. */
function workedAltogether(plan: StripPlan): string {
  const { sewn, band, strip } = plan;
  if (sewn) {
    return count(sewn.joints, 'joint');
  }
  return strip.band?.workedOn
    ? count((band?.rows ?? 0) / 2, 'pair of rows', 'pairs of rows')
    : count(
        byThemselves(plan).reduce((sum, round) => sum + round.total, 0),
        'stitch',
        'stitches',
      );
}
