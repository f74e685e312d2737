// @vitest-environment jsdom
import { fireEvent, render, screen } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import type { StripPlan } from '../api/types';
import { garment } from '../testing/sample';
import { rowStrip } from '../testing/strips';
import { AsWorked } from './AsWorked';

const at = { piece: 'back', edge: 'neck', cut: { run: 'neck', offset: 0, from: 'START' }, at: 'CUT' };

function strip(worked?: number): StripPlan {
  return {
    id: 'one',
    inner: [{ at, ...(worked === undefined ? {} : { worked }) }],
    rounds: [{ segments: [{ stretch: 0, stitches: 32 }] }],
  } as unknown as StripPlan;
}

const stretches = [{ stretch: 0, name: 'Neck of the back', more: 1 }];

test('what was worked is kept for the other side with one press', () => {
  const keep = vi.fn();
  render(<AsWorked plan={garment().plan} strip={strip()} stretches={stretches} onKeep={keep} />);
  expect(screen.getByText('33 stitches along the neck of the back (1 more than planned)')).toBeTruthy();
  fireEvent.click(screen.getByText('Keep these counts for the other side'));
  expect(keep).toHaveBeenCalledWith([{ kind: 'STRIP_STITCHES', strip: 'one', at, worked: 33 }]);
});

test('what is kept already is not kept again', () => {
  const { container } = render(
    <AsWorked plan={garment().plan} strip={strip(33)} stretches={stretches} onKeep={vi.fn()} />,
  );
  expect(container.querySelector('button')).toBeNull();
  expect(container.textContent).toContain('These counts are kept');
});

test('counts of stretches that are no more are not offered', () => {
  const { container } = render(
    <AsWorked plan={garment().plan} strip={strip()} stretches={[]} onKeep={vi.fn()} />,
  );
  expect(container.textContent).toBe('');
});

test('a row worked with more stitches gives its edge as many', () => {
  const keep = vi.fn();
  const { plan } = garment();
  const { id, edges } = plan.pieces[0]!;
  edges[0]!.edging = { rows: 1, rowMm: 12.5, stitches: 31 };
  const row = rowStrip({ piece: id, edges: [edges[0]!.id] });
  row.inner[0]!.edge = edges[0]!.id;
  render(<AsWorked plan={plan} strip={row} stretches={stretches} onKeep={keep} />);
  fireEvent.click(screen.getByText('Keep these counts for the seams'));
  expect(keep).toHaveBeenCalledWith([
    {
      kind: 'EDGING_WORKED',
      piece: id,
      edge: edges[0]!.id,
      edging: { rows: 1, rowMm: 12.5, stitches: 32 },
    },
  ]);
});
