import { expect, test } from 'vitest';
import type { BenchPlan } from '../api/types';
import { after, type Place } from '../store/fold';
import { choicesAt, leftOver } from './departures';

const seam = {
  joints: [0, 1, 2, 2, 3].map((a, b) => ({ a, b, words: '' })),
  plan: { a: { name: 'Front', places: 4 }, b: { name: 'Back', places: 5 } },
  rounds: [],
} as unknown as BenchPlan;

const edging = {
  joints: Array.from({ length: 9 }, (_, unit) => ({ a: 0, b: unit, words: '' })),
  rounds: [
    {
      segments: [
        { from: 0, to: 4 },
        { from: 4, to: 9 },
      ],
    },
  ],
} as unknown as BenchPlan;

/** Where the maker is after a choice. */
function place(plan: BenchPlan, position: number, words: RegExp): Place {
  const begun: Place = { position, state: 'IN_HAND', nextSeq: 1, departures: [] };
  const events =
    choicesAt(plan, position, plan === seam ? 'Joint' : 'Stitch').find((choice) => words.test(choice.words))
      ?.events ?? [];
  return events.reduce((now, event) => after(now, { ...event, seq: now.nextSeq }), begun);
}

test('of a seam each side may be worked otherwise, once something is done', () => {
  expect(choicesAt(seam, 0, 'Joint')).toEqual([]);
  expect(place(seam, 2, /^Two of the back into one$/)).toMatchObject({
    position: 2,
    departures: [{ joint: 2, what: 'TWO_INTO_ONE', side: 'B' }],
  });
  expect(place(seam, 2, /^One of the front left out$/).departures).toEqual([
    { joint: 2, what: 'LEFT_OUT', side: 'A' },
  ]);
});

test('a side that has ended leads to the end, where what is left over is told', () => {
  expect(place(seam, 3, /^A side has ended/)).toMatchObject({ position: 5, departures: [] });
  expect(choicesAt(seam, 5, 'Joint').some(({ words }) => words.includes('has ended'))).toBe(false);
});

test('pairs of rows of a band are never worked together', () => {
  const words = (word: 'Stitch' | 'Pair of rows') => choicesAt(edging, 1, word).map((each) => each.words);
  expect(words('Stitch').filter((each) => !words('Pair of rows').includes(each))).toEqual([
    'The next two worked together',
  ]);
});

test('stitches of an edging that are not worked are passed', () => {
  expect(place(edging, 2, /left out/)).toMatchObject({
    position: 3,
    departures: [{ joint: 3, what: 'LEFT_OUT', count: 1 }],
  });
  expect(place(edging, 4, /two worked together/).position).toBe(6);
  expect(place(edging, 6, /^Nothing left for the last 3 of/)).toMatchObject({
    position: 9,
    departures: [{ joint: 9, what: 'LEFT_OVER', count: 3 }],
  });
  expect(choicesAt(edging, 3, 'Stitch').some(({ words }) => words.includes('two'))).toBe(false);
});

test('at the end only what is left over is told', () => {
  expect(leftOver(5, 0, 0)).toEqual([]);
  expect(leftOver(5, 0, 2)).toEqual([
    { kind: 'AS_WORKED', joint: 5, what: 'LEFT_OVER', side: 'B', count: 2 },
  ]);
});
