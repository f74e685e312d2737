// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { piece } from '../testing/sample';
import { RowsField } from './RowsField';

afterEach(cleanup);

const ROWS = {
  first: 'hem',
  count: 46,
  rightSideRows: 'ODD' as const,
  told: false,
  words: '46 rows from the hem on',
};

test('the rows of the right side are told by one of them', () => {
  const onChange = vi.fn();
  render(<RowsField piece={piece('back', { rows: ROWS })} onChange={onChange} />);
  fireEvent.change(screen.getByLabelText(/46 rows from the hem on/), { target: { value: 'EVEN' } });
  expect(onChange).toHaveBeenCalledWith({ kind: 'ROWS_TOLD', piece: 'back', rightSideRow: 2 });
});

test('a piece without rows is not asked', () => {
  const { container } = render(<RowsField piece={piece('board', {})} onChange={vi.fn()} />);
  expect(container.childElementCount).toBe(0);
});
