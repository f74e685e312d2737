import { expect, test } from 'vitest';
import type { BenchPlan } from '../api/types';
import { after, type Place } from '../store/fold';
import { choicesAt, leftOver } from './otherwise';

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
  const events = choicesAt(plan, position).find((choice) => words.test(choice.words))?.events ?? [];
  return events.reduce((now, event) => after(now, { ...event, seq: now.nextSeq }), begun);
}

test('of a seam each side may be worked otherwise, once something is done', () => {
  expect(choicesAt(seam, 0)).toEqual([]);
  expect(place(seam, 2, /^Two of the back into one$/)).toMatchObject({
    position: 2,
    departures: [{ joint: 2, what: 'TWO_INTO_ONE', side: 'B' }],
  });
  expect(place(seam, 2, /^One of the front left out$/).departures).toEqual([
    { joint: 2, what: 'LEFT_OUT', side: 'A' },
  ]);
});

test('a side that has ended leaves over what the other still has', () => {
  expect(place(seam, 3, /^The front has ended: 2 of the back left over$/)).toMatchObject({
    position: 5,
    departures: [{ joint: 5, what: 'LEFT_OVER', side: 'B', count: 2 }],
  });
  expect(choicesAt(seam, 5).some(({ words }) => words.includes('has ended'))).toBe(false);
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
  expect(choicesAt(edging, 3).some(({ words }) => words.includes('two'))).toBe(false);
});

test('at the end only what is left over is told', () => {
  expect(leftOver(5, 0, 0)).toEqual([]);
  expect(leftOver(5, 0, 2)).toEqual([
    { kind: 'AS_WORKED', joint: 5, what: 'LEFT_OVER', side: 'B', count: 2 },
  ]);
});
