import { expect, test } from 'vitest';
import type { SeamPlan } from '../api/types';
import { expand } from '../drawing/joints';
import { asHeld } from './asHeld';

const interval = {
  start: 'START',
  aFrom: 0,
  aTo: 3,
  bFrom: 0,
  bTo: 2,
  groups: [
    [2, 1, 1],
    [1, 1, 1],
  ],
  groupJoints: [2, 1],
};
const seam = {
  a: { name: 'Front' },
  b: { name: 'Back' },
  anchors: [
    { id: 'START', a: 0, b: 0, aMm: 0, bMm: 0, joins: false, aName: 'stitch 1', bName: 'row 1' },
    { id: 'END', a: 6, b: 4, aMm: 30, bMm: 20, joins: false, aName: 'stitch 3', bName: 'row 2' },
  ],
  intervals: [interval],
  checkpoints: [{ number: 1, joint: 1, placeA: 1, placeB: 1, nameA: 'stitch 1', nameB: 'row 1' }],
  stretches: [{ aFromMm: 0, aToMm: 30, bFromMm: 0, bToMm: 20, surplusMm: 10 }],
  phases: [{ pairs: [{ aMm: 3, bMm: 4 }] }],
} as unknown as SeamPlan;
const held = (below: 'A' | 'B', beginsAt: 'RIGHT' | 'LEFT') =>
  ({
    ...seam,
    hold: {
      below,
      beginsAt,
      edges: 'ON_TOP',
      sides: [below, below === 'A' ? 'B' : 'A'],
      shows: ['WRONG_SIDE', 'RIGHT_SIDE'],
    },
  }) as unknown as SeamPlan;

test('What is nearest lies below, and every joint joins the same places.', () => {
  const drawn = asHeld(held('A', 'RIGHT'), 'RIGHT');
  expect(drawn.swapped).toBe(true);
  expect(drawn.seam.b.name).toBe('Front');
  expect(drawn.fromRight).toBe(true);
  expect(drawn.wrongSide).toBe(true);
  expect(expand(drawn.seam).map(({ a, b, joint }) => [b, a, joint])).toEqual(
    expand(seam).map(({ a, b, joint }) => [a, b, joint]),
  );
  expect(drawn.seam.anchors[1]).toMatchObject({ a: 4, b: 6, aMm: 20, aName: 'row 2' });
  expect(drawn.seam.stretches[0]).toMatchObject({ aToMm: 20, bToMm: 30, surplusMm: -10 });
  expect(asHeld(drawn.seam, 'RIGHT').swapped).toBe(false);
});

test('A kept row that begins at the left is drawn from the left.', () => {
  const drawn = asHeld(held('B', 'LEFT'), 'RIGHT');
  expect(drawn.swapped).toBe(false);
  expect(drawn.fromRight).toBe(false);
});

test('Without a method the hand that works begins.', () => {
  expect(asHeld(seam, 'RIGHT')).toMatchObject({ fromRight: true, swapped: false, wrongSide: false });
  expect(asHeld(seam, 'LEFT').fromRight).toBe(false);
});
