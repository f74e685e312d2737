import { beforeEach, expect, test, vi } from 'vitest';
import { readUnsent, writeUnsent } from './unsent';

const change = { key: 'k', base: 3, changes: [{ kind: 'RENAMED' as const, name: 'Quay coat' }] };

let stored: Map<string, string>;

beforeEach(() => {
  stored = new Map();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, value: string) => stored.set(key, value),
    removeItem: (key: string) => stored.delete(key),
  });
});

test('what waits is there again, for its own garment only', () => {
  writeUnsent('a', [change]);
  expect(readUnsent('a')).toEqual([change]);
  expect(readUnsent('b')).toEqual([]);
});

test('nothing is left behind when nothing waits', () => {
  writeUnsent('a', [change]);
  writeUnsent('a', []);
  expect(stored.size).toBe(0);
});

test('what cannot be read counts as nothing', () => {
  stored.set('ruxel.unsent.a', '{"half":');
  expect(readUnsent('a')).toEqual([]);
  stored.set('ruxel.unsent.a', '{"an":"object"}');
  expect(readUnsent('a')).toEqual([]);
});
