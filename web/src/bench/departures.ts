import type { BenchPlan, SentEvent } from '../api/types';
import type { Counted } from './BenchCount';

export type Told = Omit<SentEvent, 'seq'>;

/** Something that can be worked otherwise at a joint, and what is told of it. */
export interface Choice {
  words: string;
  events: Told[];
}

/** What can be worked otherwise than planned where the maker is: of an edging, or of a side of a seam. */
export function choicesAt(plan: BenchPlan, position: number, word: Counted): Choice[] {
  return plan.plan ? atSeam(plan, plan.plan, position) : onEdging(plan, position, word);
}

/** One more than planned behind what is done. */
export function oneMore(joint: number): Told[] {
  return joint > 0 ? [{ kind: 'AS_WORKED', joint, what: 'ONE_MORE' }] : [];
}

function onEdging(plan: BenchPlan, position: number, word: Counted): Choice[] {
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
      // Rows of a band are no stitches.
      events: rest > 1 && word === 'Stitch' ? passed(position + 2, 'TWO_INTO_ONE') : [],
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
  const sides = (['A', 'B'] as const).flatMap((side): Choice[] => {
    return [
      {
        words: `Two of the ${of(side)} into one`,
        events: [{ kind: 'AS_WORKED', joint: position, what: 'TWO_INTO_ONE', side }],
      },
      {
        words: `One of the ${of(side)} left out`,
        events: [{ kind: 'AS_WORKED', joint: position, what: 'LEFT_OUT', side }],
      },
    ];
  });
  const more: Choice = { words: 'One more, into the same places', events: oneMore(position) };
  const end: Choice = {
    words: 'A side has ended: what is left over is told at the end',
    events: [{ kind: 'DONE_TO', joint: all }],
  };
  return [more, ...sides, ...(position < all ? [end] : [])];
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
