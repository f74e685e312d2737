// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, test } from 'vitest';
import type { Opened } from '../api/types';
import { garment } from '../testing/sample';
import { EarlierPlan } from './EarlierPlan';

afterEach(cleanup);

function shown(opened: Opened) {
  render(
    <MemoryRouter>
      <EarlierPlan garment={opened} of={{ seam: 'armhole.left' }} to="/bench" />
    </MemoryRouter>,
  );
}

test('what was worked by an earlier plan says so and leads to how it was worked', () => {
  shown(garment({ finished: [{ seam: 'armhole.left' }], byEarlierPlan: [{ seam: 'armhole.left' }] }));
  expect(screen.getByRole('status').textContent).toContain('This was worked by an earlier plan.');
  expect(screen.getByRole('link', { name: 'the bench' }).getAttribute('href')).toBe('/bench');
});

test('what is in hand is being worked by it', () => {
  shown(garment({ byEarlierPlan: [{ seam: 'armhole.left' }] }));
  expect(screen.getByRole('status').textContent).toContain('This is being worked by an earlier plan.');
});

test('a strip of the same name is not meant', () => {
  shown(garment({ byEarlierPlan: [{ strip: 'armhole.left' }] }));
  expect(screen.queryByRole('status')).toBeNull();
});
