import { expect, test } from 'vitest';
import { piece } from '../testing/sample';
import { endsOf, inARow, outward } from './layOut';

const [hem, right, top, left] = piece('back').edges;

test('every edge points out of its piece', () => {
  expect(outward(hem!).out).toEqual({ x: 0, y: -1 });
  expect(outward(right!).out.x).toBeCloseTo(1);
  expect(outward(top!).out.y).toBeCloseTo(1);
  expect(outward(left!).out.x).toBeCloseTo(-1);
});

test('an edge runs from its first run to the end of its last', () => {
  expect(endsOf(hem!)).toEqual([
    { x: 0, y: 0 },
    { x: 280, y: 0 },
  ]);
});

test('pieces lie side by side at one scale with room for numbers between them', () => {
  const row = inARow([piece('back'), piece('sleeve')], { width: 672, height: 1000 });
  // 112 px between them leave 560 px for 560 mm.
  expect(row.scale).toBeCloseTo(1);
  expect(row.laid.map((one) => Math.round(one.x))).toEqual([0, 392]);
  expect(row.width).toBeCloseTo(672);
});

test('a low room makes them smaller', () => {
  expect(inARow([piece('back')], { width: 2000, height: 75 }).scale).toBeCloseTo(0.2);
});

test('of an edge that goes over a fold the upper part is marked; what lies under is marked inside', () => {
  const [hem] = piece('back').edges;
  const [run] = hem!.runs;
  const over = {
    ...hem!,
    runs: [
      { ...run!, count: 20 },
      { ...run!, count: 20, x: 140, dx: -7, under: true },
    ],
  };
  expect(outward(over)).toEqual({ at: { x: 70, y: 0 }, out: { x: 0, y: -1 } });
  const under = { ...hem!, runs: [{ ...run!, x: 280, dx: -7, under: true }] };
  expect(outward(under).out.y).toBeCloseTo(1);
});
