// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { SeamPlan } from '../api/types';
import { piece, seam } from '../testing/sample';
import { GarmentDrawing } from './GarmentDrawing';

afterEach(cleanup);

/** The armhole on the right side of the back, so many rows down from the top. */
function onBack(rows: number): SeamPlan {
  const plan = seam();
  const rail = {
    ...plan.b.rails[0]!,
    piece: 'back',
    span: 0,
    places: rows,
    x: 280,
    y: 375,
    dx: 0,
    dy: -12.5,
  };
  return { ...plan, a: { ...plan.a, rails: [] }, b: { ...plan.b, rails: [rail] } };
}

function rings(now: SeamPlan, before?: SeamPlan) {
  const { container } = render(
    <GarmentDrawing
      pieces={[piece('back')]}
      scale={0.5}
      title="Back"
      seam={now}
      {...(before ? { before } : {})}
    />,
  );
  return [...container.querySelectorAll('circle')].map((circle) => ({
    y: Number(circle.getAttribute('cy')),
    was: circle.hasAttribute('stroke-dasharray'),
  }));
}

test('a seam shows where it begins and ends', () => {
  expect(rings(onBack(14))).toEqual([
    { y: 375, was: false },
    { y: 200, was: false },
  ]);
});

test('an end that has moved is ringed where it was, one that has not is not', () => {
  expect(rings(onBack(16), onBack(14)).filter((ring) => ring.was)).toEqual([{ y: 200, was: true }]);
  cleanup();
  expect(rings(onBack(14), onBack(14)).some((ring) => ring.was)).toBe(false);
});

test('without a seam there are only the pieces', () => {
  const { container } = render(<GarmentDrawing pieces={[piece('back')]} scale={0.5} title="Back" />);
  expect(container.querySelectorAll('circle')).toHaveLength(0);
  expect(container.querySelector('svg')?.getAttribute('aria-label')).toBe('Back');
});
