import { expect, test } from 'vitest';
import type { DrawnJoint } from '../drawing/sheet';
import { threads } from './SeamThreads';

/** Two mm to the pixel. */
const SHEET = { origin: { x: 0, y: 0 }, scale: 0.5 };

function joints(apart: number, samePiece = false): DrawnJoint[] {
  return Array.from({ length: 24 }, (_, i) => ({
    a: { x: 10 * i, y: 0 },
    b: { x: 10 * i, y: apart },
    samePiece,
  }));
}

function drawn(path: string): number {
  return path.split('M').length - 1;
}

test('every joint between pieces that lie beside each other has its thread; closed up they zigzag', () => {
  expect(drawn(threads(false, SHEET, joints(30), false))).toBe(24);
  expect(drawn(threads(false, SHEET, joints(30), true))).toBe(1);
});

test('threads that cross other pieces are few, joined or not', () => {
  expect(drawn(threads(false, SHEET, joints(300), false))).toBe(2);
  expect(drawn(threads(false, SHEET, joints(300), true))).toBe(2);
  expect(drawn(threads(false, { ...SHEET, scale: 2 }, joints(300), false))).toBe(24);
});

test('an edge joined to itself arches over its outside, as the right half of a top meets the left', () => {
  const top = [{ a: { x: 100, y: 50 }, b: { x: 0, y: 50 }, samePiece: true }];
  expect(threads(false, SHEET, top, false)).toBe('M100 50Q50 15 0 50');
});

test('where layers fold, only the ends of the threads show', () => {
  expect(drawn(threads(true, SHEET, joints(30, true), false))).toBe(12);
  expect(drawn(threads(true, SHEET, joints(30), false))).toBe(6);
});
