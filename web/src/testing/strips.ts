import type { StripPlan } from '../api/types';
import { usualRound } from '../edges/strips';

export const SPOT = {
  piece: 'back',
  edge: 'neck',
  cut: { run: 'neck', offset: 0, from: 'START' as const },
  at: 'CUT' as const,
};
export const OUTER = { ...SPOT, piece: 'strip.1', edge: 'outer' };

/** A round of single crochet along a neck of 16 row ends. */
export function strip(over: Partial<StripPlan> = {}): StripPlan {
  const round = usualRound('SC', 6.25);
  return {
    id: 'strip.1',
    strip: {
      id: 'strip.1',
      name: 'Neck edging',
      from: SPOT,
      rounds: [round],
      multiple: { of: 2, more: 0 },
      straightOn: false,
      trims: {},
    },
    opening: 'Neck',
    round: true,
    mirrorable: true,
    ofStitches: false,
    inner: [
      {
        piece: 'back',
        edge: 'neck',
        name: 'Neck of the back',
        kind: 'ROW_END',
        from: 0,
        to: 16,
        lengthMm: 200,
        at: SPOT,
        start: SPOT,
        end: SPOT,
        turn: 0,
        leansBefore: 0,
        leansBehind: 0,
        seam: true,
        between: ['SEAM_PLACE'],
        trial: [],
        numbers: { first: 1, step: 1 },
      },
    ],
    innerMm: 200,
    rounds: [
      {
        number: 1,
        stitch: 'SC',
        hold: {
          kind: 'STACKED',
          pieces: ['back'],
          shows: ['RIGHT_SIDE'],
          beginsAt: 'RIGHT',
          from: 'the left shoulder seam',
          to: 'the left shoulder seam',
          reversed: false,
          words: 'Right side towards you.',
        },
        widthMm: 6.25,
        heightMm: 6.25,
        segments: [
          {
            stretch: 0,
            kind: 'ROW_END',
            units: 16,
            stitches: 31,
            byLength: 32,
            thumb: 32,
            rhythm: '',
            words: '31 along the neck.',
            waveMm: 0,
            into: Array.from({ length: 31 }, (_, stitch) => Math.floor(stitch / 2)),
          },
          {
            kind: 'SEAM_PLACE',
            units: 1,
            stitches: 1,
            byLength: 1,
            rhythm: '',
            words: 'One at the left shoulder.',
            waveMm: 0,
            into: [],
          },
        ],
        corners: [],
        total: 32,
        multiple: { of: 2, more: 0 },
        innerMm: 200,
        outerMm: 200,
        words: 'Round 1, single crochet: 32 stitches.',
      },
    ],
    trims: [],
    outer: { units: 32, lengthMm: 200, start: OUTER },
    heightMm: 6.25,
    yarnMm: 1200,
    after: ['shoulder.left'],
    effects: ['20 cm round before, 20 cm after.'],
    ...over,
  };
}

/** A row of the back along its neck. */
export function rowStrip(over: Partial<NonNullable<StripPlan['row']>> = {}): StripPlan {
  return strip({
    id: 'back:neck',
    opening: 'Back',
    round: false,
    row: {
      piece: 'back',
      edges: ['neck'],
      joining: false,
      parts: [],
      nowRows: 47,
      wrongSide: false,
      other: [],
      words: 'Row 48 of the back.',
      adds: 'It adds 12.5 mm there.',
      ...over,
    },
  });
}
