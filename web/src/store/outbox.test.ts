// @vitest-environment jsdom
import { beforeEach, expect, test, vi } from 'vitest';
import { ProblemError } from '../api/client';
import type { Kept, WorkView } from '../api/types';
import * as server from '../api/work';
import { Outbox } from './outbox';
import { thisWindow } from './windows';

vi.mock('../api/work', () => ({ sendEvents: vi.fn(), placeOf: vi.fn(() => new Promise(() => undefined)) }));

const send = vi.mocked(server.sendEvents);
const NOTHING = { departures: [], stretches: [], prompts: [], sewn: [], lengths: [], faults: [] };
const work = { id: 'w', position: 2, state: 'IN_HAND', nextSeq: 3, beside: NOTHING } as unknown as WorkView;
const kept = (position: number): Kept => ({
  position,
  state: 'IN_HAND',
  nextSeq: position + 1,
  secondsPerJoint: 4,
  beside: NOTHING,
});
const silent = () => new ProblemError({ status: 0, detail: '', findings: [], labels: [] });

beforeEach(() => {
  vi.clearAllMocks();
  vi.useFakeTimers();
  localStorage.clear();
  sessionStorage.clear();
});

const KEY = `ruxel.unsent:${JSON.stringify(['joints', 'w', thisWindow()])}`;
const stored = () => JSON.parse(localStorage.getItem(KEY) ?? '[]') as { seq: number }[];

test('a joint is shown at once and kept until it is acknowledged', async () => {
  send.mockResolvedValue(kept(3));
  const outbox = new Outbox(work, vi.fn());
  outbox.add('JOINT', 3);
  expect(outbox.snapshot().place.position).toBe(3);
  expect(stored()).toHaveLength(1);
  await vi.runAllTimersAsync();
  expect(outbox.snapshot()).toMatchObject({ unsent: 0, pace: 4 });
  expect(stored()).toEqual([]);
});

test('while nobody answers joints gather and go together, in order', async () => {
  send.mockRejectedValueOnce(silent()).mockResolvedValue(kept(5));
  const outbox = new Outbox(work, vi.fn());
  outbox.add('JOINT', 3);
  outbox.add('JOINT', 4);
  outbox.add('JOINT', 5);
  await vi.runAllTimersAsync();
  const last = send.mock.calls.at(-1)![2];
  expect(last.map((event) => event.seq)).toEqual([3, 4, 5]);
  expect(outbox.snapshot().unsent).toBe(0);
});

test('what a closed browser still had is taken up again', () => {
  localStorage.setItem(KEY, JSON.stringify([{ seq: 3, kind: 'JOINT', joint: 3 }]));
  const outbox = new Outbox(work, vi.fn());
  expect(outbox.snapshot()).toMatchObject({ unsent: 1, place: { position: 3, nextSeq: 4 } });
});

test('what a window that is gone left is taken up and sent', async () => {
  vi.stubGlobal(
    'EventSource',
    class {
      addEventListener() {}
      close() {}
    },
  );
  localStorage.setItem(
    `ruxel.unsent:["joints","w","gone"]`,
    JSON.stringify([{ seq: 3, kind: 'JOINT', joint: 3 }]),
  );
  send.mockResolvedValue(kept(3));
  const outbox = new Outbox(work, vi.fn());
  outbox.subscribe(vi.fn());
  await vi.runAllTimersAsync();
  expect(send.mock.calls[0]![2]).toEqual([{ seq: 3, kind: 'JOINT', joint: 3 }]);
  expect(outbox.snapshot()).toMatchObject({ unsent: 0, place: { position: 3, nextSeq: 4 } });
  expect(localStorage).toHaveLength(0);
});

test('another window that went on is told; what could not be saved waits, and leads on from where that came to', async () => {
  send.mockRejectedValueOnce(
    new ProblemError({ status: 409, detail: 'Another window works on this seam.', findings: [], labels: [] }),
  );
  const onOvertaken = vi.fn();
  const outbox = new Outbox(work, onOvertaken);
  outbox.add('JOINT', 3);
  outbox.add('JOINT', 4);
  await vi.runAllTimersAsync();
  expect(onOvertaken).toHaveBeenCalledExactlyOnceWith('Another window works on this seam.');
  expect(stored()).toEqual([]);
  const again = new Outbox({ ...work, position: 3, nextSeq: 5 }, vi.fn());
  expect(again.snapshot().left.map(({ joint }) => joint)).toEqual([3, 4]);
  send.mockResolvedValue(kept(4));
  again.addLeft();
  await vi.runAllTimersAsync();
  expect(send.mock.calls.at(-1)![2]).toEqual([{ seq: 5, kind: 'JOINT', joint: 4 }]);
  expect(again.snapshot()).toMatchObject({ left: [], unsent: 0, place: { position: 4 } });
  expect(localStorage).toHaveLength(0);
});
