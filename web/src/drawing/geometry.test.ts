import { expect, test } from 'vitest';
import { widestAt } from './geometry';

const L = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 4 },
  { x: 4, y: 4 },
  { x: 4, y: 12 },
  { x: 0, y: 12 },
];

test('a name stands where the cloth is, not in the middle of its box', () => {
  expect(widestAt(L, 2)).toEqual({ from: 0, to: 10 });
  expect(widestAt(L, 8)).toEqual({ from: 0, to: 4 });
});

test('of two stretches of cloth the longer one counts', () => {
  const notched = [
    { x: 0, y: 0 },
    { x: 12, y: 0 },
    { x: 12, y: 10 },
    { x: 9, y: 10 },
    { x: 9, y: 4 },
    { x: 7, y: 4 },
    { x: 7, y: 10 },
    { x: 0, y: 10 },
  ];
  expect(widestAt(notched, 6)).toEqual({ from: 0, to: 7 });
});
