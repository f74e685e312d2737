// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { piece } from '../testing/sample';
import { LeanField } from './LeanField';

afterEach(cleanup);

function lean(found?: { mm: number; expected: boolean }) {
  const onChange = vi.fn();
  render(<LeanField piece={piece('back', found ? { lean: found } : {})} onChange={onChange} />);
  return onChange;
}

function type(value: string) {
  const field = screen.getByLabelText('It leans by, mm');
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}

test('a lean to the left is below 0', () => {
  const onChange = lean();
  fireEvent.change(screen.getByLabelText('Which way it leans'), { target: { value: 'left' } });
  type('12,5');
  expect(onChange).toHaveBeenCalledWith({ kind: 'LEAN_FOUND', piece: 'back', mm: -12.5, expected: false });
});

test('what is no length is said and not sent', () => {
  const onChange = lean();
  type('1200');
  expect(screen.getByRole('alert').textContent).toContain('1000');
  expect(onChange).not.toHaveBeenCalled();
});

test('an expected lean is told as such, an emptied field takes it back', () => {
  const onChange = lean({ mm: -8, expected: false });
  expect(screen.getByLabelText('It leans by, mm')).toHaveProperty('value', '8');
  fireEvent.click(screen.getByLabelText(/will be blocked out/));
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'LEAN_FOUND', piece: 'back', mm: -8, expected: true });
  type('');
  expect(onChange).toHaveBeenLastCalledWith({ kind: 'LEAN_FOUND', piece: 'back' });
});
