// @vitest-environment jsdom
import { beforeEach, expect, test, vi } from 'vitest';
import { readUnsent, takeOver, writeUnsent } from './unsent';
import { thisWindow } from './windows';

const change = { key: 'k', base: 3, changes: [{ kind: 'RENAMED', name: 'Quay coat' }] };

/** Which windows hold their lock. */
let open: string[] = [];

beforeEach(() => {
  localStorage.clear();
  open = [];
  vi.stubGlobal('navigator', {
    locks: { query: () => Promise.resolve({ held: open.map((name) => ({ name: `ruxel.window.${name}` })) }) },
  });
});

/** Something that another window left. */
function leave(window: string, unsent: unknown[], of = 'a') {
  localStorage.setItem(`ruxel.unsent:${JSON.stringify(['changes', of, window])}`, JSON.stringify(unsent));
}

test('what waits is there again, for its own garment and kind only', () => {
  writeUnsent('changes', 'a', [change]);
  expect(readUnsent('changes', 'a')).toEqual([change]);
  expect(readUnsent('changes', 'b')).toEqual([]);
  expect(readUnsent('joints', 'a')).toEqual([]);
});

test('nothing is left behind when nothing waits', () => {
  writeUnsent('changes', 'a', [change]);
  writeUnsent('changes', 'a', []);
  expect(localStorage).toHaveLength(0);
});

test('no window writes to what another keeps', () => {
  leave('other', [1]);
  writeUnsent('changes', 'a', [2]);
  writeUnsent('changes', 'a', []);
  expect(localStorage.getItem(`ruxel.unsent:["changes","a","other"]`)).toBe('[1]');
});

test('what a window that is gone has left is taken over, before one’s own; an open one keeps its own', async () => {
  open = ['open'];
  leave('gone', [1]);
  leave('open', [2]);
  leave('gone', [3], 'b');
  writeUnsent('changes', 'a', [4]);
  expect(await takeOver('changes', 'a')).toEqual([1]);
  expect(readUnsent('changes', 'a')).toEqual([1, 4]);
  expect(await takeOver('changes', 'a'), 'once').toEqual([]);
  open = [];
  expect(await takeOver('changes', 'a')).toEqual([2]);
});

test('what an earlier Ruxel kept for all windows is taken over', async () => {
  localStorage.setItem('ruxel.bench.w', '[7]');
  expect(await takeOver('joints', 'w')).toEqual([7]);
  expect(localStorage.getItem('ruxel.bench.w')).toBeNull();
});

test('what cannot be read counts as nothing', async () => {
  localStorage.setItem(`ruxel.unsent:${JSON.stringify(['changes', 'a', thisWindow()])}`, '{"half":');
  localStorage.setItem('ruxel.unsent:{', '[1]');
  leave('gone', { not: 'a list' } as never);
  expect(readUnsent('changes', 'a')).toEqual([]);
  expect(await takeOver('changes', 'a')).toEqual([]);
});
