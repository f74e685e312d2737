// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { piece } from '../testing/sample';
import type { EdgePlan } from '../api/types';
import { Edging } from './Edging';

afterEach(cleanup);

function edging(there?: EdgePlan['edging']) {
  const onEdging = vi.fn();
  const back = piece('back');
  const edge = { ...back.edges[0]!, ...(there ? { edging: there } : {}) };
  back.edges[0] = edge;
  render(<Edging piece={back} edge={edge} terms="US" onEdging={onEdging} />);
  return onEdging;
}

test('rows take the piece’s own height and as many stitches as lie along the edge', () => {
  const onEdging = edging();
  fireEvent.change(screen.getByLabelText('Rows'), { target: { value: '2' } });
  fireEvent.click(screen.getByText('Work them on'));
  expect(onEdging).toHaveBeenCalledWith({ rows: 2, rowMm: 12.5, stitches: 40 });
});

test('what is typed goes before what is usual', () => {
  const onEdging = edging();
  fireEvent.change(screen.getByLabelText('Rows'), { target: { value: '3' } });
  fireEvent.change(screen.getByLabelText('Each, mm high'), { target: { value: '6,5' } });
  fireEvent.change(screen.getByLabelText('Stitches'), { target: { value: '44' } });
  fireEvent.click(screen.getByText('Work them on'));
  expect(onEdging).toHaveBeenCalledWith({ rows: 3, rowMm: 6.5, stitches: 44 });
});

test('nothing is sent without rows, and it says what they change', () => {
  edging();
  expect(screen.getByText('Work them on')).toHaveProperty('disabled', true);
  expect(screen.getByText('Along the hem they change its count.')).toBeTruthy();
});

test('rows that are there can be taken out', () => {
  const onEdging = edging({ rows: 2, rowMm: 10, stitches: 38 });
  expect(screen.getByText(/2 of 38 stitches/)).toBeTruthy();
  fireEvent.click(screen.getByText('Take them out'));
  expect(onEdging).toHaveBeenCalledWith({ rows: 0, rowMm: 0, stitches: 0 });
});

test('the last row can be kept back, to join while it is worked', () => {
  const onEdging = edging({ rows: 1, rowMm: 12.5, stitches: 38 });
  fireEvent.change(screen.getByLabelText('The last row'), { target: { value: 'HDC' } });
  fireEvent.click(screen.getByText('Work them on'));
  expect(onEdging).toHaveBeenCalledWith({ rows: 1, rowMm: 12.5, stitches: 38, joins: 'HDC' });
});

test('rows over a part of the edge stay there when they are changed', () => {
  const within = { first: 'side', last: 'side' };
  const onEdging = edging({ rows: 1, rowMm: 12.5, stitches: 38, within });
  expect(screen.getByText(/over a part of the edge/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText('Stitches'), { target: { value: '40' } });
  fireEvent.click(screen.getByText('Work them on'));
  expect(onEdging).toHaveBeenCalledWith({ rows: 1, rowMm: 12.5, stitches: 40, within });
});
