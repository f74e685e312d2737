// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Preview, RepairList } from '../api/types';
import { inEditor } from '../testing/inEditor';
import { editorOf } from '../testing/editor';
import { garment } from '../testing/sample';
import { Repairs } from './Repairs';

const { previewed } = vi.hoisted(() => ({ previewed: vi.fn() }));

vi.mock('../api/garments', () => ({
  repairsQuery: () => ({
    queryKey: ['repairs'],
    queryFn: (): RepairList => ({
      version: 3,
      repairs: [
        {
          rung: 'MOVE_BOUNDARY',
          title: 'Rows of the armhole: 17 instead of 14',
          words: 'That makes it 42.5 cm long.',
          elsewhere: [],
          effort: 'LITTLE',
          effortWords: 'Markers move.',
          risk: 'The fit changes.',
          changes: [{ kind: 'ANSWERS_CHANGED', answers: { armholeRows: 17 } }],
        },
      ],
    }),
  }),
  previewChanges: previewed,
}));

beforeEach(() => previewed.mockReset());
afterEach(cleanup);

async function tryIt(preview: Preview) {
  previewed.mockResolvedValue(preview);
  const opened = garment();
  const sent: unknown[] = [];
  const editor = editorOf(opened, sent);
  inEditor(<Repairs seam={opened.plan.seams[0]!} editor={editor} />, editor);
  fireEvent.click(await screen.findByText('Try it'));
  return { sent, opened };
}

test('a repair is seen beside the saved garment, with what else changes, before anything is saved', async () => {
  const { sent, opened } = await tryIt({
    plan: garment().plan,
    findings: [],
    effects: ['Left side: 32 on 32 instead of 35 on 35.'],
  });
  expect(await screen.findByText(/32 on 32/)).toBeTruthy();
  expect(screen.getByRole('region', { name: 'Now' })).toBeTruthy();
  expect(screen.getByRole('region', { name: 'With the repair' })).toBeTruthy();
  expect(previewed).toHaveBeenCalledWith(
    opened.id,
    3,
    [{ kind: 'ANSWERS_CHANGED', answers: { armholeRows: 17 } }],
    [],
  );
  expect(sent).toEqual([]);
});

test('kept, its changes are sent and the window closes', async () => {
  const { sent } = await tryIt({ plan: garment().plan, findings: [], effects: [] });
  await screen.findByText(/only this seam is joined in another way/);
  fireEvent.click(screen.getByText('Keep it'));
  await waitFor(() => expect(screen.queryByText('Keep it')).toBeNull());
  expect(sent).toEqual([{ kind: 'ANSWERS_CHANGED', answers: { armholeRows: 17 } }]);
});

test('one that turns out impossible says why and cannot be kept', async () => {
  await tryIt({
    findings: [
      {
        code: 'ARMHOLE_TOO_LONG',
        level: 'DECIDE_FIRST',
        levelWords: 'Decide first',
        facts: [],
        against: [],
        sentence: 'The armhole has 99 rows.',
        remedy: 'Make it shorter.',
      },
    ],
    effects: [],
  });
  expect(await screen.findByText(/99 rows/)).toBeTruthy();
  expect(screen.getByText('Keep it')).toHaveProperty('disabled', true);
});
