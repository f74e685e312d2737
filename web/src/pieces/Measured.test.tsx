// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { Unit } from '../format';
import { Measured } from './Measured';

afterEach(cleanup);

function field(value: number | undefined, unit: Unit = 'CM') {
  const onSave = vi.fn();
  render(<Measured value={value} unit={unit} onSave={onSave} />);
  return { onSave, input: screen.getByLabelText('Measured, blocked and lying flat') };
}

test.each<[string, Unit, number]>([
  ['35,5', 'CM', 355],
  ['14', 'INCH', 355.6],
])('%s %s are saved in mm', (typed, unit, mm) => {
  const { onSave, input } = field(undefined, unit);
  fireEvent.change(input, { target: { value: typed } });
  fireEvent.blur(input);
  expect(onSave.mock.calls[0]![0]).toBeCloseTo(mm);
});

test.each(['0', '-3', 'long', '99999'])('%s is not saved and says why', (typed) => {
  const { onSave, input } = field(undefined);
  fireEvent.change(input, { target: { value: typed } });
  fireEvent.blur(input);
  expect(onSave).not.toHaveBeenCalled();
  expect(screen.getByRole('alert').textContent).toContain('above 0');
});

test('emptied, the length is taken back', () => {
  const { onSave, input } = field(350);
  fireEvent.change(input, { target: { value: '' } });
  fireEvent.keyDown(input, { key: 'Enter' });
  expect(onSave).toHaveBeenCalledWith(undefined);
});
