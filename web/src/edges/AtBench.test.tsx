// @vitest-environment jsdom
import { cleanup, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { Opened } from '../api/types';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { garment } from '../testing/sample';
import { strip } from '../testing/strips';
import { AtBench } from './AtBench';

vi.mock('../api/work', () => ({
  stripsQuery: () => ({
    queryKey: ['strips'],
    queryFn: () => [{ strip: strip().id, work: 'w', state: 'IN_HAND', position: 7 }],
  }),
}));

afterEach(cleanup);

function shown(opened: Opened) {
  inEditor(<AtBench garment={opened} strip={strip()} />, editorOf(opened, []));
}

test('an edging in hand says how far it is, of all there is', async () => {
  shown(garment());
  expect(await screen.findByText(/^7 of \d+ stitches done\.$/)).toBeTruthy();
});

test('of one worked by an earlier plan the total of today is not told', async () => {
  shown(garment({ byEarlierPlan: [{ strip: strip().id }] }));
  expect(await screen.findByText(/^7 done\.$/)).toBeTruthy();
});
