import { expect, test } from 'vitest';
import type { BenchPlan } from '../api/types';
import { promptAt, spokenAt, timeLeft } from './moments';

const plan = {
  prompts: [{ joint: 7, kind: 'MARKER', words: 'Marker 1.', expected: '' }],
  stops: [
    { number: 1, joint: 7, words: 'stitch 7' },
    { number: 2, joint: 14, words: 'stitch 14' },
  ],
} as unknown as BenchPlan;

test('a prompt comes right after its joint', () => {
  expect(promptAt(plan, 7)?.words).toBe('Marker 1.');
  expect(promptAt(plan, 6)).toBeUndefined();
});

test('time left is told in minutes, and only once the pace is known', () => {
  expect(timeLeft(30, undefined)).toBe('');
  expect(timeLeft(2, 6)).toBe('less than a minute left');
  expect(timeLeft(34, 6)).toBe('about 3 min left');
  expect(timeLeft(700, 6)).toBe('about 1 h 10 min left');
  expect(timeLeft(0, 6)).toBe('');
});

test('the way to the next marker is said at the start and after each marker', () => {
  expect(spokenAt(plan, 0)).toBe('7 more, to stitch 7.');
  expect(spokenAt(plan, 3)).toBe('');
  expect(spokenAt(plan, 7)).toBe('Marker 1.');
  expect(spokenAt(plan, 8)).toBe('6 more, to stitch 14.');
});

test('all that is to be done at one joint is told together', () => {
  const both = {
    ...plan,
    prompts: [
      ...plan.prompts,
      { joint: 7, kind: 'CLOSING', words: 'Close the point.', expected: 'No joint.' },
    ],
  } as unknown as BenchPlan;
  expect(promptAt(both, 7)).toMatchObject({ words: 'Marker 1. Close the point.', kind: 'MARKER' });
});
