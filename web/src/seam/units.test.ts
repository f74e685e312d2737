import { expect, test } from 'vitest';
import type { Rail, SidePlan } from '../api/types';
import { seam } from '../testing/sample';
import { unitsInWords, unitsOf } from './units';

function side(...rails: Partial<Rail>[]): SidePlan {
  const usual = seam().a.rails[0]!;
  let firstPlace = 0;
  const all = rails.map((over) => {
    const rail = { ...usual, ...over, firstPlace };
    firstPlace += rail.places;
    return rail;
  });
  return { ...seam().a, places: firstPlace, rails: all };
}

const STITCHES = { words: 'stitches', word: 'stitch' };
const CORNER = { kind: 'CORNER' as const, words: 'corner places', word: 'corner place' };

test('the units of an edge are told before those of its corners', () => {
  const told = side(
    { ...CORNER, run: 'corner before', places: 1 },
    { ...STITCHES, places: 55, placesPerUnit: 1 },
    { ...CORNER, run: 'corner behind', places: 2, placesPerUnit: 2 },
  );
  expect(unitsInWords(told)).toBe('55 stitches and 3 corner places');
});

test('row ends count once, however many places they give', () => {
  expect(
    unitsInWords(side({ words: 'row ends', word: 'row end', kind: 'ROW_END', places: 40, placesPerUnit: 2 })),
  ).toBe('20 row ends');
  expect(unitsInWords(side({ ...STITCHES, places: 1, placesPerUnit: 1 }))).toBe('1 stitch');
});

test('units cover the places of a side, one after the other', () => {
  const plan = seam();
  const units = unitsOf(plan, plan.b, false, []);
  expect(units.at(-1)!.lastPlace).toBe(plan.b.places - 1);
  expect(units.every((unit, index) => index === 0 || unit.lastPlace > units[index - 1]!.lastPlace)).toBe(
    true,
  );
  expect(units.map((unit) => unit.joints)).toEqual(plan.b.joints);
});
