import { isOnEdge } from '../drawing/geometry';
import type { LandmarkPlan, MarkerPlan, UnitKind } from '../api/types';

/** What units are called, one and several. */
export const KINDS: Record<UnitKind, [string, string]> = {
  STITCH_TOP: ['stitch', 'stitches'],
  FOUNDATION_LOOP: ['foundation loop', 'foundation loops'],
  ROW_END: ['row end', 'row ends'],
  CHAIN_SPACE: ['chain space', 'chain spaces'],
  CORNER: ['corner place', 'corner places'],
  SEAM_PLACE: ['seam place', 'seam places'],
};

/** Of what an edge can be told; corners and seams have places of their own. */
export const EDGE_KINDS = (Object.keys(KINDS) as UnitKind[]).filter((kind) => isOnEdge({ kind }));

export const FABRICS = { PLAIN: 'plain', RIB: 'rib', LACE: 'lace', DENSE: 'dense' } as const;

export const MARKS: Record<LandmarkPlan['kind'], string> = {
  CENTRE: 'centre',
  NOTCH: 'notch corner',
  STRIPE: 'stripe',
  REPEAT: 'repeat',
  RIB: 'rib ridge',
  FOLD: 'fold',
  SHOULDER_STEP: 'step of a shoulder',
  MARKER: 'marker alone',
};

export const PURPOSES: Record<MarkerPlan['purpose'], string> = {
  RIGHT_SIDE: 'shows the right side',
  ANCHOR: 'where both sides meet',
  STOP: 'where to stop',
  ROW: 'moves up with the rows',
  WARNING: 'a warning',
  LIVE_LOOP: 'holds a live loop',
};
