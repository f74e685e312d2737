// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { RepairList } from '../api/types';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { garment } from '../testing/sample';
import { rowStrip } from '../testing/strips';
import { JoiningRows } from './JoiningRows';

const { asked } = vi.hoisted(() => ({ asked: vi.fn() }));

vi.mock('../api/garments', () => ({
  joiningRowsQuery: () => ({
    queryKey: ['rows'],
    queryFn: (): RepairList => {
      asked();
      return {
        version: 3,
        repairs: [
          {
            rung: 'JOINING_ROW',
            title: 'Work one row more on the back, and join with it',
            words: 'Row 49 of the back.',
            elsewhere: [],
            effort: 'SOME',
            effortWords: 'One row.',
            risk: 'The loop stays live.',
            changes: [],
          },
        ],
      };
    },
  }),
  previewChanges: () => new Promise(() => undefined),
}));

afterEach(() => {
  cleanup();
  asked.mockReset();
});

test('a row that could be kept back is offered, and tried before it is taken', async () => {
  const opened = garment();
  const editor = editorOf(opened, []);
  inEditor(<JoiningRows seam={opened.plan.seams[0]!} editor={editor} />, editor);
  expect(await screen.findByText('Work one row more on the back, and join with it')).toBeTruthy();
  fireEvent.click(screen.getByText('Try it'));
  expect(await screen.findByText('Trying it…')).toBeTruthy();
});

test('a seam that has its row says so, and asks for no other', () => {
  const opened = garment();
  const seam = opened.plan.seams[0]!;
  opened.plan.strips = [
    rowStrip({ parts: [{ seam: seam.id, stitches: 18, words: '18 join' }], joining: true, wrongSide: true }),
  ];
  const editor = editorOf(opened, []);
  inEditor(<JoiningRows seam={seam} editor={editor} />, editor);
  expect(screen.getByText(/Row 48 of the back\. It adds 12\.5 mm there\./)).toBeTruthy();
  expect(screen.getByText(/a row of the wrong side/)).toBeTruthy();
  expect(screen.getByText('See its stitches').getAttribute('href')).toContain('edging=back:neck');
  expect(asked).not.toHaveBeenCalled();
});
