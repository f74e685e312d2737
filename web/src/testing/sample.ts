import type { EaseView, Ladder, Opened, PiecePlan, Rail, SeamPlan, StepPlan } from '../api/types';

/** Small made-up plans for tests of the front end, in the shapes the server publishes. */
export const EASE: EaseView = {
  aMm: 364.3,
  bMm: 350,
  share: 0.039,
  differenceMm: 14.3,
  verdict: 'EASE_EVENLY',
  rippleMm: 2.5,
  words: 'The sleeve top is 14 mm longer.',
};

export const LADDER: Ladder = {
  rungs: [
    { verdict: 'MATCHED', from: 0, to: 0.02 },
    { verdict: 'EASE_EVENLY', from: 0.02, to: 0.05 },
    { verdict: 'EASE_WITH_MARKERS', from: 0.05, to: 0.1 },
    { verdict: 'STOP', from: 0.1 },
  ],
  waveMm: 40,
};

function rail(over: Partial<Rail>): Rail {
  return {
    piece: 'back',
    pieceName: 'Back',
    edge: 'left',
    run: 'armhole',
    span: 0,
    kind: 'ROW_END',
    fabric: 'PLAIN',
    noEase: false,
    space: false,
    label: '',
    word: 'row end',
    words: 'row ends',
    firstPlace: 0,
    places: 4,
    placesPerUnit: 1,
    firstNumber: 1,
    numberStep: 1,
    startMm: 0,
    placeMm: 12.5,
    x: 0,
    y: 0,
    dx: 0,
    dy: 12.5,
    ...over,
  };
}

/** Seven stitches on four row ends, with an anchor that can be moved after the fourth stitch. */
export function seam(over: Partial<SeamPlan> = {}): SeamPlan {
  const tops = rail({
    piece: 'sleeve',
    pieceName: 'Sleeve',
    run: 'top',
    kind: 'STITCH_TOP',
    words: 'stitches',
    places: 7,
    placeMm: 7,
  });
  const interval = {
    positionsA: [],
    positionsB: [],
    noEaseA: [],
    noEaseB: [],
    most: 2,
    cost: { e: 0, q: 0, worst: 0 },
    optimum: { e: 0, q: 0, worst: 0 },
    worked: 'OPTIMUM' as const,
    worstMm: 3,
    ease: EASE,
    from: 'START' as const,
  };
  const anchor = (id: string, a: number, b: number, aMm: number, bMm: number, movable: boolean) => ({
    id,
    name: id === 'START' ? 'the start' : id === 'END' ? 'the end' : id,
    a,
    b,
    aMm,
    bMm,
    joins: false,
    movable,
    own: false,
    aName: `after stitch ${a / 2}`,
    bName: `after row end ${b / 2}`,
  });
  return {
    id: 'armhole.left',
    name: 'Left armhole',
    title: 'Set in the left sleeve',
    direction: 'From underarm to underarm.',
    counts: '7 on 4',
    role: 'ARMHOLE',
    planned: true,
    level: 'NOTE',
    fold: false,
    a: { name: 'Sleeve top', lengthMm: 49, places: 7, rails: [tops], joints: Array(7).fill(1) },
    b: { name: 'Armhole', lengthMm: 50, places: 4, rails: [rail({})], joints: [2, 2, 2, 1] },
    anchors: [
      anchor('START', 0, 0, 0, 0, false),
      anchor('shoulder', 8, 4, 28, 25, true),
      anchor('END', 14, 8, 49, 50, false),
    ],
    intervals: [
      {
        ...interval,
        heading: 'From the start to the shoulder, 4 on 2',
        words: 'Two into one twice',
        start: 'START',
        end: 'shoulder',
        aFrom: 0,
        aTo: 4,
        bFrom: 0,
        bTo: 2,
        groups: [[2, 1, 2]],
        groupJoints: [2],
      },
      {
        ...interval,
        heading: 'From the shoulder to the end, 3 on 2',
        words: 'Two into one, then one to one',
        start: 'shoulder',
        end: 'END',
        aFrom: 4,
        aTo: 7,
        bFrom: 2,
        bTo: 4,
        groups: [
          [2, 1, 1],
          [1, 1, 1],
        ],
        groupJoints: [2, 1],
      },
    ],
    joints: 7,
    checkpoints: [
      {
        number: 1,
        kind: 'ANCHOR',
        name: 'shoulder',
        joint: 4,
        placeA: 4,
        placeB: 2,
        nameA: 'stitch 4',
        nameB: 'row end 2',
      },
    ],
    stretches: [
      { aFromMm: 0, aToMm: 28, bFromMm: 0, bToMm: 25, surplusMm: 3, share: 0.1, rippleMm: 4 },
      { aFromMm: 28, aToMm: 49, bFromMm: 25, bToMm: 50, surplusMm: -4, share: 0.16, rippleMm: 5 },
    ],
    ease: EASE,
    method: 'mattress-rows',
    methods: [],
    working: {
      seamPlaces: false,
      hasSeamPlaces: false,
      together: false,
      surplus: 'EVEN',
      fullness: 0,
      choices: [
        { surplus: 'EVEN', title: 'Evenly', words: 'Spread along the whole length.' },
        { surplus: 'TO_HIDDEN', title: 'Towards the start', words: 'Gathered there.' },
        {
          surplus: 'SKIP',
          title: 'Pass over some',
          words: 'Left out.',
          reason: 'A stitch is never passed over.',
        },
      ],
      a: { spaces: 'ROUND', hasRows: false, hasSpaces: false },
      b: { spaces: 'ROUND', hasRows: true, hasSpaces: false },
    },
    phases: [],
    takeUp: { aMm: 0, bMm: 3.5, words: 'In the seam disappear 3.5 mm of the armhole.' },
    ...over,
  };
}

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
  });
  const edge = (edgeId: string, r: ReturnType<typeof run>) => ({
    id: edgeId,
    name: edgeId,
    units: r.count,
    lengthMm: r.lengthMm,
    runs: [r],
    landmarks: [],
    counts: `${r.count} ${r.kind === 'ROW_END' ? 'row ends' : 'stitches'}`,
    words: `${r.count} by count and gauge.`,
    finished: r.count + r.heldBack,
    pickUp: r.count,
    edgingWords: `Along the ${edgeId} they change its count.`,
  });
  return {
    id,
    name: id.charAt(0).toUpperCase() + id.slice(1),
    part: id === 'back' ? 'BACK' : 'SLEEVE',
    cloth: { stitchWidthMm: 7, rowHeightMm: 12.5, ribMm: 11, colour: 'WOAD', ribColour: 'WELD' },
    edges: [
      edge('hem', run('hem', 40, 0, 0, 7, 0)),
      edge('right', run('side', 30, 280, 0, 0, 12.5)),
      edge('top', run('top', 40, 280, 375, -7, 0)),
      edge('left', run('side', 30, 0, 375, 0, -12.5)),
    ],
    assumed: false,
    ribs: [],
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

/** A garment with three seams; none begun unless said. */
export function garment(over: Partial<Opened> = {}): Opened {
  const ids = ['armhole.left', 'side.left', 'side.right'];
  return {
    id: '00000000-0000-0000-0000-000000000001',
    version: 3,
    construction: 'drop-shoulder',
    answers: {},
    plan: {
      name: 'Quay coat',
      unit: 'CM',
      terms: 'US',
      hand: 'RIGHT',
      pieces: [piece('back'), piece('sleeve')],
      seams: ids.map((id) => seam({ id, name: id })),
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
      findings: [],
    },
    progress: ids.map((id) => ({ seam: id, position: 0, joints: 7 })),
    ...over,
  };
}
