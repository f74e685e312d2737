import { expect, test } from 'vitest';
import type { GarmentPlan } from '../api/types';
import { ALL, looked, type Sheet, zoomedAt } from './sheet';

const sheet: Sheet = {
  plan: {} as GarmentPlan,
  shifts: {},
  scale: 0.5,
  origin: { x: 300, y: 200 },
  px: (point) => ({ x: 300 + point.x * 0.5, y: 200 - point.y * 0.5 }),
};

test('all is seen as it is fitted', () => {
  expect(looked(sheet, ALL).px({ x: 100, y: 40 })).toEqual(sheet.px({ x: 100, y: 40 }));
});

test('coming nearer keeps what lies under the pointer', () => {
  const point = { x: 130, y: -60 };
  const before = sheet.px(point);
  let look = ALL;
  for (const factor of [1.3, 1.3, 0.7, 2]) {
    look = zoomedAt(look, factor, before);
    const after = looked(sheet, look).px(point);
    expect(after.x).toBeCloseTo(before.x, 6);
    expect(after.y).toBeCloseTo(before.y, 6);
  }
});

test('there is a nearest and a furthest look', () => {
  expect(zoomedAt(ALL, 1000, { x: 0, y: 0 }).zoom).toBe(12);
  expect(zoomedAt(ALL, 0.001, { x: 0, y: 0 }).zoom).toBe(0.5);
});
