import { expect, test } from 'vitest';
import { apart } from './JointRail';

test('figures that would lie on each other are left out, the first stays', () => {
  const stops = [12, 86, 106, 130].map((joint, index) => ({ number: index + 1, joint, words: '' }));
  expect([...apart(stops, 1.7)]).toEqual([1, 2, 4]);
  expect([...apart(stops, 10)]).toEqual([1, 2, 3, 4]);
  expect([...apart([], 1)]).toEqual([]);
});
