import type { BenchPlan, SentEvent } from '../api/types';

export type Told = Omit<SentEvent, 'seq'>;

/** Something that can be worked otherwise at a joint, and what is told of it. */
export interface Choice {
  words: string;
  events: Told[];
}

/** What can be worked otherwise than planned where the maker is: of an edging, or of a side of a seam. */
export function choicesAt(plan: BenchPlan, position: number): Choice[] {
  return plan.plan ? atSeam(plan, plan.plan, position) : onEdging(plan, position);
}

/** One more than planned behind what is done. */
export function oneMore(joint: number): Told[] {
  return joint > 0 ? [{ kind: 'AS_WORKED', joint, what: 'ONE_MORE' }] : [];
}

function onEdging(plan: BenchPlan, position: number): Choice[] {
  const stretch = plan.rounds
    .flatMap(({ segments }) => segments)
    .find(({ from, to }) => from <= position && position < to);
  const rest = (stretch?.to ?? position) - position;
  const passed = (joint: number, what: NonNullable<SentEvent['what']>, count = 1): Told[] => [
    { kind: 'DONE_TO', joint },
    { kind: 'AS_WORKED', joint, what, count },
  ];
  return [
    { words: 'One more', events: oneMore(position) },
    { words: 'The next one left out', events: rest > 0 ? passed(position + 1, 'LEFT_OUT') : [] },
    {
      words: 'The next two worked together',
      events: rest > 1 ? passed(position + 2, 'TWO_INTO_ONE') : [],
    },
    {
      words: `Nothing left for the last ${rest} of this stretch`,
      events: rest > 0 && position > 0 ? passed(position + rest, 'LEFT_OVER', rest) : [],
    },
  ].filter(({ events }) => events.length > 0);
}

function atSeam(plan: BenchPlan, seam: NonNullable<BenchPlan['plan']>, position: number): Choice[] {
  if (position === 0) {
    return [];
  }
  const all = plan.joints.length;
  const of = (side: 'A' | 'B') => (side === 'A' ? seam.a : seam.b).name.toLowerCase();
  const rest = (side: 'A' | 'B') => {
    const used = plan.joints.slice(0, position).map((joint) => (side === 'A' ? joint.a : joint.b) + 1);
    return (side === 'A' ? seam.a : seam.b).places - Math.max(0, ...used);
  };
  const sides = (['A', 'B'] as const).flatMap((side): Choice[] => {
    const other = side === 'A' ? 'B' : 'A';
    return [
      {
        words: `Two of the ${of(side)} into one`,
        events: [{ kind: 'AS_WORKED', joint: position, what: 'TWO_INTO_ONE', side }],
      },
      {
        words: `One of the ${of(side)} left out`,
        events: [{ kind: 'AS_WORKED', joint: position, what: 'LEFT_OUT', side }],
      },
      {
        words: `The ${of(other)} has ended: ${rest(side)} of the ${of(side)} left over`,
        events:
          position < all && rest(side) > 0
            ? [
                { kind: 'DONE_TO', joint: all },
                { kind: 'AS_WORKED', joint: all, what: 'LEFT_OVER', side, count: rest(side) },
              ]
            : [],
      },
    ];
  });
  return [{ words: 'One more, into the same places', events: oneMore(position) }, ...sides].filter(
    ({ events }) => events.length > 0,
  );
}

/** What is left over of each side once a seam has come to its end. */
export function leftOver(joints: number, a: number, b: number): Told[] {
  return (
    [
      ['A', a],
      ['B', b],
    ] as const
  )
    .filter(([, count]) => count > 0)
    .map(([side, count]) => ({ kind: 'AS_WORKED', joint: joints, what: 'LEFT_OVER', side, count }));
}
