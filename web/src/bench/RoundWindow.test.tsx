import { expect, test } from 'vitest';
import { groupsOf, numberOf } from './RoundWindow';

test('stitches into one unit stand together, those at a seam or a corner alone', () => {
  const joints = [
    { a: 0, b: 0, words: 'Row end 1.' },
    { a: 0, b: 0, words: 'Row end 1 again.' },
    { a: 0, b: 1, words: 'Row end 2.' },
    { a: 1, b: -1, words: 'One at the left shoulder.' },
    { a: 2, b: -1, words: 'One into the corner.' },
    { a: 3, b: 1, words: 'Row end 2.' },
  ];
  const groups = groupsOf(joints, 0, joints.length);
  expect(groups.map(({ first, last }) => [first, last])).toEqual([
    [0, 1],
    [2, 2],
    [3, 3],
    [4, 4],
    [5, 5],
  ]);
  expect(groupsOf(joints, 1, 3).map(({ first, last }) => [first, last])).toEqual([
    [1, 1],
    [2, 2],
  ]);
});

test('a unit has the number of its row, or its place in work begun before that was told', () => {
  const segment = { name: 'Front', kind: 'ROW_END' as const, units: 9, from: 0, to: 9, words: '' };
  const round = { number: 1, words: '', reversed: false, from: 0, to: 9 };
  const falling = { ...round, segments: [{ ...segment, numbers: { first: 44, step: -1 } }] };
  expect(numberOf(falling, { a: 0, b: 2, words: '' })).toBe(42);
  const older = { ...round, segments: [segment] } as unknown as typeof falling;
  expect(numberOf(older, { a: 0, b: 2, words: '' })).toBe(3);
});
