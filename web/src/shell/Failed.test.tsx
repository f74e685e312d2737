// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { ProblemError } from '../api/client';
import type { FindingView } from '../api/types';
import { Failed } from './Messages';

afterEach(cleanup);

const finding = {
  sentence: 'The trim runs over the left shoulder.',
  remedy: 'Join it first.',
} as FindingView;

function refused(findings: FindingView[]) {
  const detail = 'Some of it cannot be.';
  render(<Failed error={new ProblemError({ status: 422, detail, findings, labels: [] })} again={vi.fn()} />);
  return screen.getByRole('alert').textContent;
}

test('a refusal names each place and its remedy', () => {
  expect(refused([finding])).toContain('The trim runs over the left shoulder. Join it first.');
});

test('without findings it says what the server says', () => {
  expect(refused([])).toContain('Some of it cannot be.');
});
