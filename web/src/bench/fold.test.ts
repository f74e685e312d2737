import { expect, test } from 'vitest';
import { after, type Place, stillWaiting } from './fold';

const begun: Place = { position: 0, state: 'IN_HAND', nextSeq: 1, extras: [] };
const joint = (seq: number, n: number) => ({ seq, kind: 'JOINT' as const, joint: n });

test('folds joints, pauses and steps back', () => {
  let place = after(after(begun, joint(1, 1)), joint(2, 2));
  expect(place).toEqual({ position: 2, state: 'IN_HAND', nextSeq: 3, extras: [] });
  place = after(place, { seq: 3, kind: 'PAUSE', joint: 0 });
  expect(place.state).toBe('PAUSED');
  place = after(place, { seq: 4, kind: 'BACK_TO', joint: 1 });
  expect(place).toEqual({ position: 1, state: 'IN_HAND', nextSeq: 5, extras: [] });
});

test('one more than planned stands behind its stitch until that is taken back', () => {
  let place: Place = { position: 5, state: 'IN_HAND', nextSeq: 6, extras: [2] };
  place = after(place, { seq: 6, kind: 'AS_WORKED', joint: 5 });
  expect(place).toEqual({ position: 5, state: 'IN_HAND', nextSeq: 7, extras: [2, 5] });
  expect(after(place, { seq: 7, kind: 'AS_WORKED', joint: 0 }).extras).toEqual([2, 5]);
  expect(after(place, { seq: 7, kind: 'BACK_TO', joint: 4 }).extras).toEqual([2]);
  expect(after(place, { seq: 7, kind: 'UNDONE', joint: 0 }).extras).toEqual([]);
});

test('keeps only waiting events that follow the server without a gap', () => {
  const server: Place = { position: 2, state: 'IN_HAND', nextSeq: 3, extras: [] };
  expect(stillWaiting(server, [joint(2, 2), joint(3, 3), joint(4, 4)]).map((e) => e.seq)).toEqual([3, 4]);
  expect(stillWaiting(server, [joint(5, 5)])).toEqual([]);
});
