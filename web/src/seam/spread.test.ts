import { expect, test } from 'vitest';
import { spread } from './spread';

test('words keep their places where there is room', () => {
  expect(spread([{ text: 'underarm', x: 500 }], 100, 900)).toEqual([{ text: 'underarm', x: 500 }]);
});

test('words that would touch move apart, and never beyond the ends', () => {
  const [first, second] = spread(
    [
      { text: 'top of the hem ribbing', x: 120 },
      { text: 'underarm', x: 280 },
    ],
    100,
    900,
  );
  expect(first!.x - (22 * 7.6) / 2).toBeGreaterThanOrEqual(100);
  expect(second!.x - first!.x).toBeCloseTo(((22 + 8) * 7.6) / 2 + 12, 6);
});

test('a word without room is left out', () => {
  expect(spread([{ text: 'top of the cuff ribbing', x: 50 }], 0, 100)).toEqual([]);
});
