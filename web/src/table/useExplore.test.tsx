// @vitest-environment jsdom
import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, expect, test, vi } from 'vitest';
import { editorOf } from '../testing/editor';
import { garment } from '../testing/sample';
import { useExplore } from './useExplore';

const { previewed } = vi.hoisted(() => ({ previewed: vi.fn() }));
vi.mock('../api/garments', () => ({ previewChanges: previewed }));
beforeEach(() => previewed.mockReset());

function explore() {
  const sent: unknown[] = [];
  const editor = editorOf(garment(), sent);
  return { sent, ...renderHook(() => useExplore(editor)) };
}

test('dragging asks for the newest steps only and saves nothing', async () => {
  previewed.mockResolvedValue({ plan: garment().plan, findings: [], effects: ['Neck: 40 cm.'] });
  const { sent, result } = explore();
  act(() => result.current.drag('neck', 2));
  await waitFor(() => expect(result.current.tried?.effects).toEqual(['Neck: 40 cm.']));
  expect(previewed.mock.calls[0]![2]).toEqual([{ kind: 'HANDLE_DRAGGED', handle: 'neck', steps: 2 }]);
  expect(sent).toEqual([]);
});

test('an impossible drag keeps the last good one, which is what is kept', async () => {
  previewed.mockResolvedValueOnce({ plan: garment().plan, findings: [], effects: [] });
  previewed.mockResolvedValueOnce({
    findings: [{ code: 'SHOULDERS_TOO_WIDE', sentence: 'No neck is left.' }],
    effects: [],
  });
  const { sent, result } = explore();
  act(() => result.current.drag('neck', 2));
  await waitFor(() => expect(result.current.tried).toBeDefined());
  act(() => result.current.drag('neck', 40));
  await waitFor(() => expect(result.current.findings).toHaveLength(1));
  await act(() => result.current.keep());
  expect(sent).toEqual([{ kind: 'HANDLE_DRAGGED', handle: 'neck', steps: 2 }]);
  expect(result.current.tried).toBeUndefined();
});
