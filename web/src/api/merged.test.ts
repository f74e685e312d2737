import { expect, test } from 'vitest';
import { garment, seam } from '../testing/sample';
import type { Changed } from './types';
import { merged } from './merged';

const opened = garment();
const ids = opened.plan.seams.map((one) => one.id);

function changed(seams: string[], over: Partial<Changed['plan']> = {}): Changed {
  const plan = { ...opened.plan, pieces: [], seams: [], ...over };
  return { ...opened, version: 4, pieces: ['back', 'sleeve'], seams, boards: [], plan };
}

test('what the answer does not carry stays as it was, in the order it tells', () => {
  const order = [...ids].reverse();
  const now = merged(opened, changed(order, { seams: [seam({ id: 'side.left', name: 'Longer side' })] }));
  expect(now?.version).toBe(4);
  expect(now?.plan.pieces).toEqual(opened.plan.pieces);
  expect(now?.plan.seams.map((one) => one.name)).toEqual(['side.right', 'Longer side', 'armhole.left']);
});

test('a seam that is gone goes', () => {
  expect(merged(opened, changed(ids.slice(0, 2)))?.plan.seams.map((one) => one.id)).toEqual(ids.slice(0, 2));
});

test('where something is missing there is nothing to show, and the whole is fetched', () => {
  expect(merged(opened, changed([...ids, 'hood']))).toBeUndefined();
  expect(merged(undefined, changed(ids))).toBeUndefined();
});
