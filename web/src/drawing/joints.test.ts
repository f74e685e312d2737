import { expect, test } from 'vitest';
import type { SeamPlan } from '../api/types';
import { contrast, shade } from './dyes';
import { expand, rareSize } from './joints';
import { counted, difference, length } from '../format';
import { seam } from '../testing/sample';

const anchor = (id: string, a: number, b: number, joins: boolean) => ({ id, a, b, joins });

test('expands groups in order, with the fixed joint between intervals', () => {
  const seam = {
    anchors: [anchor('START', 0, 0, false), anchor('mid', 5, 2, true), anchor('END', 10, 4, false)],
    intervals: [
      { start: 'START', aFrom: 0, bFrom: 0, groups: [[2, 1, 1]], groupJoints: [2] },
      { start: 'mid', aFrom: 3, bFrom: 1, groups: [[2, 1, 1]], groupJoints: [1] },
    ],
  } as unknown as SeamPlan;
  expect(expand(seam).map((joint) => [joint.a, joint.b])).toEqual([
    [0, 0],
    [1, 0],
    [2, -1],
    [3, 1],
    [4, 1],
  ]);
  expect(expand(seam).map((pair) => pair.joint)).toEqual([0, 1, 2, 3, 3]);
});

test('finds the rarer group', () => {
  expect(
    rareSize([
      [2, 1, 11],
      [1, 1, 3],
    ]),
  ).toBe(1);
  expect(rareSize([[1, 1, 9]])).toBeUndefined();
});

test('text on every dye can be read', () => {
  for (const dye of ['WOAD', 'MADDER', 'WELD', 'LICHEN', 'MULBERRY', 'IRON', 'LINEN'] as const) {
    expect(contrast(shade(dye).base, shade(dye).text)).toBeGreaterThan(4.5);
  }
});

test('formats lengths and counts', () => {
  expect(length(364.29, 'CM')).toBe('36.4 cm');
  expect(length(350, 'CM')).toBe('35 cm');
  expect(length(350, 'INCH')).toBe('13¾ in');
  expect(length(12.7, 'INCH')).toBe('½ in');
  expect(difference(14.3, 'CM')).toBe('14 mm');
  expect(counted(3)).toBe('Three');
});

test('a parted interval goes on behind its split, and a place passed over has no joint', () => {
  const [first, second] = seam().intervals;
  const parted = seam({
    intervals: [
      { ...first!, end: '', aTo: 2, bTo: 1, groups: [[2, 1, 1]], groupJoints: [2] },
      {
        ...first!,
        start: '',
        aFrom: 2,
        aTo: 4,
        bFrom: 1,
        groups: [
          [1, 1, 1],
          [1, 0, 1],
        ],
        groupJoints: [1, 0],
      },
      second!,
    ],
  });
  const joints = expand(parted);
  expect(joints.map((joint) => joint.a)).toEqual([0, 1, 2, 4, 5, 6]);
  expect(joints.map((joint) => joint.interval)).toEqual([0, 0, 1, 2, 2, 2]);
  expect(joints.map((joint) => joint.joint)).toEqual([0, 1, 2, 3, 4, 5]);
});
