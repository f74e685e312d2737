import { expect, test } from 'vitest';
import { after, onTop, type Place } from './fold';

const begun: Place = { position: 0, state: 'IN_HAND', nextSeq: 1, departures: [] };
const joint = (seq: number, n: number) => ({ seq, kind: 'JOINT' as const, joint: n });

test('folds joints, pauses and steps back', () => {
  let place = after(after(begun, joint(1, 1)), joint(2, 2));
  expect(place).toEqual({ position: 2, state: 'IN_HAND', nextSeq: 3, departures: [] });
  place = after(place, { seq: 3, kind: 'PAUSE', joint: 0 });
  expect(place.state).toBe('PAUSED');
  place = after(place, { seq: 4, kind: 'BACK_TO', joint: 1 });
  expect(place).toEqual({ position: 1, state: 'IN_HAND', nextSeq: 5, departures: [] });
});

test('what was worked otherwise stands at its joint until that is taken back', () => {
  const more = { joint: 2, what: 'ONE_MORE' as const };
  const two = { joint: 5, what: 'TWO_INTO_ONE' as const, side: 'B' as const };
  let place: Place = { position: 5, state: 'IN_HAND', nextSeq: 6, departures: [more] };
  place = after(place, { seq: 6, kind: 'AS_WORKED', ...two });
  expect(place).toEqual({ position: 5, state: 'IN_HAND', nextSeq: 7, departures: [more, two] });
  expect(after(place, { seq: 7, kind: 'AS_WORKED', joint: 0, note: 'Lovely.' }).departures).toEqual([
    more,
    two,
  ]);
  expect(after(place, { seq: 7, kind: 'BACK_TO', joint: 4 }).departures).toEqual([more]);
  expect(after(place, { seq: 7, kind: 'UNDONE', joint: 0 }).departures).toEqual([]);
});

test('what another window overtook leads on from where that has come to', () => {
  const place: Place = {
    position: 4,
    state: 'IN_HAND',
    nextSeq: 9,
    departures: [{ joint: 3, what: 'ONE_MORE' }],
  };
  const left = [
    joint(3, 3),
    joint(4, 4),
    { seq: 5, kind: 'AS_WORKED' as const, joint: 3, what: 'ONE_MORE' as const },
    joint(6, 5),
    { seq: 7, kind: 'PAUSE' as const, joint: 0 },
    joint(8, 6),
  ];
  expect(onTop(place, left)).toEqual([joint(9, 5), joint(10, 6)]);
  expect(onTop({ ...place, departures: [] }, left)[0]).toEqual({
    seq: 9,
    kind: 'AS_WORKED',
    joint: 3,
    what: 'ONE_MORE',
  });
  expect(onTop({ ...place, position: 9 }, [joint(1, 4)])).toEqual([]);
});

test('done to a marker stands there, and leads on only forwards', () => {
  const place = after(begun, { seq: 1, kind: 'DONE_TO', joint: 12 });
  expect(place).toEqual({ position: 12, state: 'IN_HAND', nextSeq: 2, departures: [] });
  expect(onTop(place, [{ seq: 1, kind: 'DONE_TO', joint: 9 }])).toEqual([]);
  expect(onTop(place, [{ seq: 1, kind: 'DONE_TO', joint: 20 }])).toEqual([
    { seq: 2, kind: 'DONE_TO', joint: 20 },
  ]);
});
