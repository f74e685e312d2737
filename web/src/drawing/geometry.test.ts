import { expect, test } from 'vitest';
import { piece } from '../testing/sample';
import { seenOutline, underLayer, widestAt } from './geometry';

const L = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 4 },
  { x: 4, y: 4 },
  { x: 4, y: 12 },
  { x: 0, y: 12 },
];

test('a name stands where the cloth is, not in the middle of its box', () => {
  expect(widestAt(L, 2)).toEqual({ from: 0, to: 10 });
  expect(widestAt(L, 8)).toEqual({ from: 0, to: 4 });
});

test('of two stretches of cloth the longer one counts', () => {
  const notched = [
    { x: 0, y: 0 },
    { x: 12, y: 0 },
    { x: 12, y: 10 },
    { x: 9, y: 10 },
    { x: 9, y: 4 },
    { x: 7, y: 4 },
    { x: 7, y: 10 },
    { x: 0, y: 10 },
  ];
  expect(widestAt(notched, 6)).toEqual({ from: 0, to: 7 });
});

const FOLD = [
  { x: 0, y: 50 },
  { x: 100, y: 50 },
];

test('of a folded piece the upper layer is seen, and the one under it where it is slid out', () => {
  const layer = [...FOLD, { x: 100, y: 0 }, { x: 0, y: 0 }];
  const folded = piece('back', {
    folded: {
      layers: [
        { points: layer, shows: 'RIGHT_SIDE' },
        { points: layer, shows: 'WRONG_SIDE' },
      ],
      folds: [FOLD],
      slide: { x: 0, y: -14 },
    },
  });
  expect(seenOutline(folded)).toEqual(layer);
  expect(underLayer(folded)).toEqual([...FOLD, { x: 100, y: -14 }, { x: 0, y: -14 }]);
});

test('what lies flat is seen whole', () => {
  expect(seenOutline(piece('back'))).toHaveLength(4);
  expect(underLayer(piece('back'))).toEqual([]);
});
