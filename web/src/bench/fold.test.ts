import { expect, test } from 'vitest';
import { after, type Place, stillWaiting } from './fold';

const begun: Place = { position: 0, state: 'IN_HAND', nextSeq: 1 };
const joint = (seq: number, n: number) => ({ seq, kind: 'JOINT' as const, joint: n });

test('folds joints, pauses and steps back', () => {
  let place = after(after(begun, joint(1, 1)), joint(2, 2));
  expect(place).toEqual({ position: 2, state: 'IN_HAND', nextSeq: 3 });
  place = after(place, { seq: 3, kind: 'PAUSE', joint: 0 });
  expect(place.state).toBe('PAUSED');
  place = after(place, { seq: 4, kind: 'BACK_TO', joint: 1 });
  expect(place).toEqual({ position: 1, state: 'IN_HAND', nextSeq: 5 });
});

test('keeps only waiting events that follow the server without a gap', () => {
  const server: Place = { position: 2, state: 'IN_HAND', nextSeq: 3 };
  expect(stillWaiting(server, [joint(2, 2), joint(3, 3), joint(4, 4)]).map((e) => e.seq)).toEqual([3, 4]);
  expect(stillWaiting(server, [joint(5, 5)])).toEqual([]);
});
