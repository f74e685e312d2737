import type { Ladder, Opened, PiecePlan, SeamPlan, StepPlan, WorkStep } from '../api/types';
import { EASE, seam } from './sampleSeam';

export { EASE, seam };

export const LADDER: Ladder = {
  rungs: [
    { verdict: 'MATCHED', from: 0, to: 0.02 },
    { verdict: 'EASE_EVENLY', from: 0.02, to: 0.05 },
    { verdict: 'EASE_WITH_MARKERS', from: 0.05, to: 0.1 },
    { verdict: 'STOP', from: 0.1 },
  ],
  waveMm: 40,
};

export function piece(id: string, over: Partial<PiecePlan> = {}): PiecePlan {
  const run = (runId: string, count: number, x: number, y: number, dx: number, dy: number) => ({
    id: runId,
    kind: dx === 0 ? ('ROW_END' as const) : ('STITCH_TOP' as const),
    fabric: 'PLAIN' as const,
    count,
    planned: count,
    source: 'PLANNED' as const,
    x,
    y,
    dx,
    dy,
    lengthMm: count * Math.hypot(dx, dy),
    noEase: false,
    label: '',
    chains: 0,
    heldBack: 0,
    told: false,
    edging: false,
    under: false,
  });
  const edge = (edgeId: string, r: ReturnType<typeof run>) => ({
    id: edgeId,
    name: edgeId,
    units: r.count,
    lengthMm: r.lengthMm,
    runs: [r],
    landmarks: [],
    cornerAngle: 90,
    counts: `${r.count} ${r.kind === 'ROW_END' ? 'row ends' : 'stitches'}`,
    words: `${r.count} by count and gauge.`,
    finished: r.count + r.heldBack,
    pickUp: r.count,
    edgingWords: `Along the ${edgeId} they change its count.`,
    places: [],
  });
  return {
    id,
    name: id.charAt(0).toUpperCase() + id.slice(1),
    part: id === 'back' ? 'BACK' : 'SLEEVE',
    cloth: {
      stitchWidthMm: 7,
      rowHeightMm: 12.5,
      ribMm: 11,
      colour: 'WOAD',
      ribColour: 'WELD',
      countedChain: 0,
    },
    edges: [
      edge('hem', run('hem', 40, 0, 0, 7, 0)),
      edge('right', run('side', 30, 280, 0, 0, 12.5)),
      edge('top', run('top', 40, 280, 375, -7, 0)),
      edge('left', run('side', 30, 0, 375, 0, -12.5)),
    ],
    assumed: false,
    ribs: [],
    rowAreas: [],
    placement: { piece: id, quarterTurns: 0, xMm: id === 'back' ? -140 : 260, yMm: 0 },
    closes: true,
    gapMm: 0,
    size: {
      widthMm: 280,
      heightMm: 375,
      finishedWidthMm: 273,
      finishedHeightMm: 375,
      words: '28 cm wide, 37.5 cm high as made.',
    },
    inspection: { verdict: 'FINE', checks: [] },
    ...over,
  };
}

export function step(seamId: string, number: number, over: Partial<StepPlan> = {}): StepPlan {
  return {
    seam: seamId,
    number,
    title: `Join ${seamId}`,
    direction: 'In to the neck.',
    after: [],
    reasons: [{ code: 'SHOULDERS_FIRST', weight: 'EASIER', seams: [], sentence: 'Both shoulders first.' }],
    first: [],
    markers: [],
    closing: [],
    openAfter: [],
    toDecide: [],
    ...over,
  };
}

function workStep(seam: string, number: number): WorkStep {
  return {
    number,
    kind: 'SEAM',
    of: { seam },
    title: `Join ${seam}`,
    words: '',
    todo: [],
    fastenOn: true,
    cut: true,
    flat: true,
    minutes: 5,
    endsSoFar: 2 * number,
    minutesSoFar: 5 * number,
    mayComeBefore: [],
    done: false,
  };
}

/** A garment with three seams; none begun unless said. */
export function garment(over: Partial<Opened> = {}): Opened {
  const ids = ['armhole.left', 'side.left', 'side.right'];
  return {
    id: '00000000-0000-0000-0000-000000000001',
    version: 3,
    revision: '7',
    construction: 'drop-shoulder',
    answers: {},
    plan: {
      name: 'Quay coat',
      unit: 'CM',
      terms: 'US',
      hand: 'RIGHT',
      pieces: [piece('back'), piece('sleeve')],
      seams: ids.map((id) => seam({ id, name: id })),
      pairs: [],
      facings: [],
      laidWords: 'Opened flat.',
      worn: [],
      ladder: LADDER,
      gluing: {
        points: 0,
        segments: 0,
        pieces: 2,
        handles: 0,
        openings: [],
        turned: [],
        twist: [],
        parts: [],
      },
      steps: ids.map((id, i) => step(id, i + 1)),
      rules: [],
      consequences: [],
      assumed: [],
      dimensions: [],
      handles: [],
      owed: [],
      yarn: { yarns: [], seams: [], pieces: [], strips: [], tails: [], withoutMethod: [] },
      order: {
        steps: ids.map((id, i) => workStep(id, i + 1)),
        passes: 3,
        ends: 6,
        minutes: 30,
        flatMinutes: 10,
        yarnMm: 3000,
        bound: 2,
        odd: [],
        alternatives: [],
        tails: [],
      },
      wearer: [],
      wearing: { measures: [], care: [] },
      boards: [],
      strips: [],
      edged: [],
      wishes: [],
      schools: [],
      gone: [],
      findings: [],
    },
    progress: ids.map((id) => ({ seam: id, position: 0, joints: 7 })),
    finished: [],
    byEarlierPlan: [],
    ...over,
  };
}

/** A shoulder held with its right sides together: side B nearest. */
export const HOLD: NonNullable<SeamPlan['hold']> = {
  kind: 'STACKED',
  edges: 'ON_TOP',
  sides: ['B', 'A'],
  pieces: ['back', 'front'],
  shows: ['WRONG_SIDE', 'RIGHT_SIDE'],
  from: 'the armhole',
  to: 'the neck',
  beginsAt: 'RIGHT',
  below: 'B',
  choices: [],
  words: '',
};
