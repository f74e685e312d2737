// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, expect, test } from 'vitest';
import { EASE, LADDER, seam } from '../testing/sample';
import { EasePanel } from './EasePanel';

afterEach(cleanup);

test('the ladder has the garment’s own steps and marks the one of the seam’s verdict', () => {
  render(<EasePanel seam={seam()} ladder={LADDER} unit="CM" rulesAt="/rules" />, { wrapper: MemoryRouter });
  const rungs = [...screen.getByRole('img').querySelectorAll('rect')].map((rect) =>
    rect.getAttribute('fill'),
  );
  expect(rungs).toEqual(['var(--paper)', 'var(--weld)', 'var(--paper)', 'var(--paper)']);
  expect(screen.getByText(/steps of 2, 5 and 10 %/)).toBeTruthy();
});

test('ease is told in per cent, in mm and in words, for each interval too', () => {
  render(<EasePanel seam={seam()} ladder={LADDER} unit="INCH" rulesAt="/rules" />, { wrapper: MemoryRouter });
  expect(screen.getByText('Ease in evenly, 3.9 %')).toBeTruthy();
  expect(screen.getByText(EASE.words)).toBeTruthy();
  expect(screen.getByText('0.56 in')).toBeTruthy();
  expect(screen.getAllByText(/^3.9 %, 0.56 in$/)).toHaveLength(2);
});

test('a seam without a plan has no ease to tell', () => {
  const unplanned = seam();
  delete unplanned.ease;
  const { container } = render(<EasePanel seam={unplanned} ladder={LADDER} unit="CM" rulesAt="/rules" />, {
    wrapper: MemoryRouter,
  });
  expect(container.textContent).toBe('');
});
