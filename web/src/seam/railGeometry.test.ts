import { expect, test } from 'vitest';
import type { SeamPlan, SidePlan } from '../api/types';
import { halfPlaceAt, railScale, stretchesOf, stretchScale } from './railGeometry';

function side(places: number, placeMm: number): SidePlan {
  const rail = {
    span: 0,
    run: 'r',
    firstPlace: 0,
    places,
    placesPerUnit: 1,
    firstNumber: 1,
    numberStep: 1,
    startMm: 0,
    placeMm,
  };
  return { name: 'Side', lengthMm: places * placeMm, places, rails: [rail] } as unknown as SidePlan;
}

const seam = {
  a: side(51, 7),
  b: side(28, 12.5),
  anchors: [{ id: 'shoulder', movable: true, aMm: 178.5, bMm: 175 }],
  checkpoints: [
    { number: 1, name: '', joint: 7, placeA: 7, placeB: 4 },
    { number: 2, name: 'shoulder seam', joint: 26, placeA: 26, placeB: 14 },
  ],
} as unknown as SeamPlan;

test('both sides have one scale and meet at the anchor', () => {
  const scale = railScale(seam, 1280, false);
  expect(scale.xA(178.5)).toBeCloseTo(scale.xB(175), 6);
  expect(scale.xA(100) - scale.xA(90)).toBeCloseTo(scale.xB(60) - scale.xB(50), 6);
  expect(scale.xA(0)).toBeGreaterThan(0);
  expect(scale.xA(357)).toBeLessThan(1280);
});

test.each([false, true])('a place on the screen is found again (mirrored %s)', (mirrored) => {
  const scale = railScale(seam, 1000, mirrored);
  for (const mm of [0, 3.5, 100, 357]) {
    expect(scale.mmA(scale.xA(mm))).toBeCloseTo(mm, 6);
    expect(scale.mmB(scale.xB(mm))).toBeCloseTo(mm, 6);
  }
});

test('mirrored, the start lies on the right', () => {
  const [plain, mirrored] = [railScale(seam, 1000, false), railScale(seam, 1000, true)];
  expect(mirrored.xA(0)).toBeGreaterThan(mirrored.xA(300));
  expect(mirrored.xA(40)).toBeCloseTo(1000 - plain.xA(40), 6);
});

test('the stretches run from marker to marker and leave nothing out', () => {
  const stretches = stretchesOf(seam);
  expect(stretches.map((stretch) => stretch.name)).toEqual([
    'the start to marker 1',
    'marker 1 to shoulder seam',
    'shoulder seam to the end',
  ]);
  expect(stretches[0]!.aTo).toBe(49);
  expect(stretches[0]!.bTo).toBe(50);
  stretches.slice(1).forEach((stretch, i) => {
    expect(stretch.aFrom).toBe(stretches[i]!.aTo);
    expect(stretch.bFrom).toBe(stretches[i]!.bTo);
  });
  expect(stretches.at(-1)!.aTo).toBe(357);
});

test('a stretch seen near fills the width', () => {
  const [first] = stretchesOf(seam);
  const scale = stretchScale(first!, 1000, false);
  expect(scale.xB(first!.bTo) - scale.xB(first!.bFrom)).toBeCloseTo(1000 - 128, 6);
});

test('half places: the cut before a place is even, its middle odd', () => {
  expect(halfPlaceAt(seam.a, 0)).toBe(0);
  expect(halfPlaceAt(seam.a, 3.5)).toBe(1);
  expect(halfPlaceAt(seam.a, 7)).toBe(2);
  expect(halfPlaceAt(seam.a, 9999)).toBe(102);
});
