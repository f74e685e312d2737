// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { GarmentPlan } from '../api/types';
import { editorOf } from '../testing/editor';
import { garment } from '../testing/sample';
import { LostStrips } from './LostStrips';
import { openingKey } from './strips';

afterEach(cleanup);

const NECK = {
  id: { piece: 'back', edge: 'neck', stretch: 0 },
  name: 'Neck',
  start: { piece: 'back', edge: 'neck', cut: { run: 'neck', offset: 0, from: 'START' }, at: 'CUT' },
} as unknown as GarmentPlan['gluing']['openings'][number];

test('an edging without a place is told with what it was, laid on an opening, or removed', () => {
  const sent: unknown[] = [];
  const opened = garment();
  opened.plan.gluing.openings = [NECK];
  opened.plan.gone = [
    {
      key: 'k',
      of: { strip: 'own.1' },
      words: 'The front edging: 1 round: single crochet.',
      why: ['The edge is no more.'],
    },
    { key: 'other', words: 'The length of the left front.', why: [] },
  ];
  render(<LostStrips editor={editorOf(opened, sent)} />);
  expect(screen.getByText(/front edging: 1 round.*no more/)).toBeTruthy();
  expect(screen.queryByText(/length of the left front/), 'it is listed on the table').toBeNull();
  fireEvent.change(screen.getByLabelText(/Lay on an opening/), { target: { value: openingKey(NECK.id) } });
  fireEvent.click(screen.getByRole('button', { name: 'Remove it' }));
  expect(sent).toEqual([
    { kind: 'STRIP_LAID_ON', strip: 'own.1', from: NECK.start },
    { kind: 'GONE_REMOVED', gone: 'k' },
  ]);
});
