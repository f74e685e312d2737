import { expect, test } from 'vitest';
import { apart } from '../drawing/rects';
import { fieldRect, type Line, placeFields } from './fieldPlaces';

const SIZE = { width: 800, height: 600 };

function line(key: string, x: number, y: number, long: number): Line {
  return { key, from: { x, y }, to: { x: x + long, y } };
}

test('a field stands on the middle of its line', () => {
  const [field] = placeFields([line('back', 100, 300, 200)], SIZE, []);
  expect(field!.at).toEqual({ x: 200, y: 300 });
});

test('twenty fields of short lines side by side lie over nothing and stay on the mat', () => {
  const lines = Array.from({ length: 20 }, (_, i) => line(String(i), 390 + i, 20 + 4 * i, 6));
  const card = { left: 0, right: 240, top: 360, bottom: 600 };
  const rects = placeFields(lines, SIZE, [card]).map(({ at }) => fieldRect(at));
  const all = [card, ...rects];
  all.forEach((one, i) => all.slice(i + 1).forEach((other) => expect(apart(one, other)).toBe(true)));
  rects.forEach((rect) => {
    expect(Math.min(rect.left, rect.top)).toBeGreaterThanOrEqual(0);
    expect(rect.right).toBeLessThanOrEqual(SIZE.width);
    expect(rect.bottom).toBeLessThanOrEqual(SIZE.height);
  });
});
