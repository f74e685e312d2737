import { beforeEach, expect, test, vi } from 'vitest';
import { ProblemError } from '../api/client';
import * as server from '../api/garments';
import type { Change, FindingView } from '../api/types';
import { Previews } from './previews';

vi.mock('../api/garments', () => ({ previewChanges: vi.fn() }));

const ask = vi.mocked(server.previewChanges);
const named = (name: string): Change => ({ kind: 'RENAMED', name });
const shows = (name: string) => ({ plan: { name }, findings: [], effects: [] }) as never;
const problem = (status: number, findings: FindingView[] = []) =>
  new ProblemError({ status, detail: 'No.', findings, labels: [] });

function on(version = 1) {
  const open = {
    id: 'g',
    at: version,
    version: () => open.at,
    settled: vi.fn(() => Promise.resolve()),
    refresh: vi.fn(() => Promise.resolve()),
    change: vi.fn(() => Promise.resolve(true)),
  };
  return open;
}

const nameIn = (preview: { plan?: { name: string } }) => preview.plan?.name;
const of = (open: ReturnType<typeof on>) => new Previews<string>(open, nameIn, []);

beforeEach(() => {
  vi.clearAllMocks();
});

test('what is tried is kept as it was last shown', async () => {
  ask.mockResolvedValue(shows('B'));
  const open = on();
  const previews = of(open);
  previews.attempt([named('A')]);
  previews.attempt([named('B')]);
  expect(await previews.keep()).toBe(true);
  expect(open.change).toHaveBeenCalledExactlyOnceWith([named('B')]);
  expect(ask.mock.calls.map((call) => call[2])).toEqual([[named('A')], [named('B')]]);
});

test('a move made while the last one is being saved is tried on what that made, and kept', async () => {
  const open = on();
  open.settled.mockImplementation(() => {
    open.at = 2;
    return Promise.resolve();
  });
  ask.mockRejectedValueOnce(problem(412)).mockResolvedValue(shows('B'));
  const previews = of(open);
  previews.attempt([named('B')]);
  expect(await previews.keep()).toBe(true);
  expect(
    ask.mock.calls.map((call) => call[1]),
    'the version that is there then',
  ).toEqual([1, 2]);
  expect(open.change).toHaveBeenCalledExactlyOnceWith([named('B')]);
});

test('a change of another window is read before it is tried again', async () => {
  const open = on();
  open.refresh.mockImplementation(() => {
    open.at = 7;
    return Promise.resolve();
  });
  ask.mockRejectedValueOnce(problem(412)).mockResolvedValue(shows('B'));
  const previews = of(open);
  previews.attempt([named('B')]);
  expect(await previews.keep()).toBe(true);
  expect(ask.mock.calls.at(-1)![1]).toBe(7);
});

test('where nothing can be tried that is told, and keeping says that nothing was kept', async () => {
  ask.mockRejectedValue(problem(412));
  const open = on();
  const previews = of(open);
  previews.attempt([named('B')]);
  expect(await previews.keep()).toBe(false);
  expect(previews.snapshot().refused).toBe('No.');
  expect(open.change).not.toHaveBeenCalled();
});

test('an impossible one keeps the last good answer and says why', async () => {
  const why = { code: 'NAME_LENGTH' } as FindingView;
  ask.mockResolvedValueOnce(shows('A')).mockResolvedValueOnce({ findings: [why], effects: [] } as never);
  const open = on();
  const previews = of(open);
  previews.attempt([named('A')]);
  await vi.waitFor(() => expect(previews.snapshot().tried).toBe('A'));
  previews.attempt([named('')]);
  await vi.waitFor(() => expect(previews.snapshot().findings).toEqual([why]));
  expect(previews.snapshot().tried).toBe('A');
  previews.cancel();
  expect(previews.snapshot()).toEqual({ tried: undefined, findings: [], refused: '' });
});
