// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { ProblemError } from '../api/client';
import * as server from '../api/garments';
import type { Changed, Opened } from '../api/types';
import { garment } from '../testing/sample';
import type { Unsent } from '../store/changeQueue';
import { readUnsent, writeUnsent } from '../store/unsent';
import { useGarmentEditor } from './useGarment';

vi.mock('../api/garments', async (original) => ({
  ...(await original<typeof server>()),
  sendChanges: vi.fn(),
  copyGarment: vi.fn(),
  takeStep: vi.fn(),
}));

const opened = garment();
const rename = { kind: 'RENAMED' as const, name: 'Harbour coat' };
const send = vi.mocked(server.sendChanges);
const newer = (version: number): Changed => ({
  ...opened,
  version,
  pieces: opened.plan.pieces.map((piece) => piece.id),
  seams: opened.plan.seams.map((seam) => seam.id),
  boards: [],
});
const problem = (status: number, more = {}) =>
  new ProblemError({ status, detail: 'No.', findings: [], labels: [], ...more });

beforeEach(() => {
  vi.clearAllMocks();
  localStorage.clear();
});
afterEach(cleanup);

function editor() {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queries.setQueryData(server.garmentQuery(opened.id).queryKey, opened);
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  return { queries, ...renderHook(() => useGarmentEditor(opened), { wrapper }) };
}

test('a change lies in the browser until it is acknowledged', async () => {
  let acknowledge: (value: Changed) => void = () => undefined;
  send.mockReturnValue(new Promise((resolve) => (acknowledge = resolve)));
  const { result } = editor();
  act(() => void result.current.change([rename]));
  expect(readUnsent<Unsent>('changes', opened.id)).toHaveLength(1);
  await act(async () => acknowledge(newer(4)));
  expect(readUnsent<Unsent>('changes', opened.id)).toEqual([]);
  expect(result.current.saving).toEqual({ status: 'saved' });
});

test('two changes go one after the other, the second on the version the first made', async () => {
  send.mockResolvedValueOnce(newer(4)).mockResolvedValueOnce(newer(5));
  const { result } = editor();
  await act(async () => {
    void result.current.change([rename]);
    await result.current.change([{ ...rename, name: 'Mooring coat' }]);
  });
  expect(send.mock.calls.map((call) => call[1])).toEqual([3, 4]);
});

test('the header says how many are not saved until all are', async () => {
  const acknowledge: ((value: Changed) => void)[] = [];
  send.mockImplementation(() => new Promise((resolve) => acknowledge.push(resolve)));
  const { result } = editor();
  await act(async () => {
    void result.current.change([rename]);
    void result.current.change([{ ...rename, name: 'Mooring coat' }]);
    void result.current.change([{ ...rename, name: 'Ferry coat' }]);
  });
  expect(result.current.saving).toEqual({ status: 'saving', count: 3 });
  await act(async () => acknowledge[0]!(newer(4)));
  expect(result.current.saving).toEqual({ status: 'saving', count: 2 });
  expect(readUnsent<Unsent>('changes', opened.id).map((one) => one.base)).toEqual([4, 4]);
  await act(async () => acknowledge[1]!(newer(5)));
  await act(async () => acknowledge[2]!(newer(6)));
  expect(result.current.saving).toEqual({ status: 'saved' });
  expect(readUnsent<Unsent>('changes', opened.id)).toEqual([]);
});

test('a change queued behind one that fails is not sent past it', async () => {
  let fail: (error: unknown) => void = () => undefined;
  send.mockImplementationOnce(() => new Promise((_, reject) => (fail = reject)));
  const { result } = editor();
  await act(async () => {
    void result.current.change([rename]);
    void result.current.change([{ ...rename, name: 'Mooring coat' }]);
  });
  await act(async () => fail(problem(0)));
  expect(send).toHaveBeenCalledOnce();
  expect(result.current.saving).toMatchObject({ status: 'unsent', count: 2 });
  send.mockResolvedValueOnce(newer(4)).mockResolvedValueOnce(newer(5));
  await act(() => result.current.putOnTop());
  expect(send.mock.calls.slice(1).map((call) => [call[1], call[2]])).toEqual([
    [3, [rename]],
    [4, [{ ...rename, name: 'Mooring coat' }]],
  ]);
  expect(result.current.saving).toEqual({ status: 'saved' });
});

test('a change behind one that is refused is sent all the same', async () => {
  send
    .mockRejectedValueOnce(problem(422, { findings: [{ code: 'NAME_LENGTH' }] }))
    .mockResolvedValueOnce(newer(4));
  const { result } = editor();
  await act(async () => {
    void result.current.change([rename]);
    await result.current.change([{ ...rename, name: 'Mooring coat' }]);
  });
  expect(result.current.refused).toHaveLength(1);
  expect(result.current.saving).toEqual({ status: 'saved' });
  expect(send.mock.calls.map((call) => call[1])).toEqual([3, 3]);
});

test('without an answer the change waits, and later ones wait behind it', async () => {
  send.mockRejectedValue(problem(0));
  const { result } = editor();
  await act(() => result.current.change([rename]));
  expect(result.current.saving).toMatchObject({ status: 'unsent', count: 1 });
  await act(() => result.current.change([{ ...rename, name: 'Mooring coat' }]));
  expect(result.current.saving).toMatchObject({ status: 'unsent', count: 2 });
  expect(send).toHaveBeenCalledOnce();
  expect(readUnsent<Unsent>('changes', opened.id)).toHaveLength(2);
});

test('what waited is sent again when the garment is opened, with the same key', async () => {
  writeUnsent('changes', opened.id, [{ key: 'k1', base: 3, changes: [rename] }]);
  send.mockResolvedValue(newer(4));
  editor();
  await waitFor(() => expect(readUnsent<Unsent>('changes', opened.id)).toEqual([]));
  expect(send).toHaveBeenCalledExactlyOnceWith(opened.id, 3, [rename], 'k1');
});

test('a change another window overtook is told and can be kept as a copy of what it was based on', async () => {
  send.mockRejectedValue(problem(412, { labels: ['Named Quay coat'] }));
  vi.mocked(server.copyGarment).mockResolvedValue({ id: 'copy' });
  const { result } = editor();
  await act(() => result.current.change([rename]));
  expect(result.current.saving).toEqual({ status: 'stale', labels: ['Named Quay coat'], count: 1 });
  const id = await act(() => result.current.keepAsCopy());
  expect(id).toBe('copy');
  expect(server.copyGarment).toHaveBeenCalledWith(opened.id, 3, [rename]);
  expect(readUnsent<Unsent>('changes', opened.id)).toEqual([]);
});

test('a refused change is told and does not wait', async () => {
  const finding = { code: 'NAME_LENGTH', sentence: 'Too long.' };
  send.mockRejectedValue(problem(422, { findings: [finding] }));
  const { result } = editor();
  await act(() => result.current.change([rename]));
  expect(result.current.refused).toEqual([finding]);
  expect(readUnsent<Unsent>('changes', opened.id)).toEqual([]);
  expect(result.current.saving).toEqual({ status: 'saved' });
});

test('dropped changes are gone', async () => {
  send.mockRejectedValue(problem(0));
  const { result } = editor();
  await act(() => result.current.change([rename]));
  await act(() => result.current.drop());
  expect(readUnsent<Unsent>('changes', opened.id)).toEqual([]);
  expect(result.current.saving).toEqual({ status: 'saved' });
});

test('undo is based on the version that lies open', async () => {
  vi.mocked(server.takeStep).mockResolvedValue(newer(4));
  const { result, queries } = editor();
  await act(() => result.current.undo());
  expect(server.takeStep).toHaveBeenCalledWith(opened.id, 'undo', 3);
  expect(queries.getQueryData<Opened>(server.garmentQuery(opened.id).queryKey)?.version).toBe(4);
});
