// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { MadeCount } from './MadeCount';

afterEach(cleanup);

function field(value?: number) {
  const onCount = vi.fn();
  render(<MadeCount label="as made" value={value} onCount={onCount} />);
  return { onCount, input: screen.getByLabelText('as made') };
}

test('a whole number is saved on Enter and when the field is left', () => {
  const { onCount, input } = field();
  fireEvent.change(input, { target: { value: '31' } });
  fireEvent.keyDown(input, { key: 'Enter' });
  expect(onCount).toHaveBeenLastCalledWith(31);
  fireEvent.change(input, { target: { value: ' 32 ' } });
  fireEvent.blur(input);
  expect(onCount).toHaveBeenLastCalledWith(32);
});

test.each(['0', '-3', '2.5', 'many', '99999'])('%s stays, is not saved and says why', (typed) => {
  const { onCount, input } = field(30);
  fireEvent.change(input, { target: { value: typed } });
  fireEvent.blur(input);
  expect(onCount).not.toHaveBeenCalled();
  expect(input).toHaveProperty('value', typed);
  expect(screen.getByRole('alert').textContent).toContain('whole number');
});

test('an emptied field takes the count back, an unchanged one does nothing', () => {
  const { onCount, input } = field(30);
  fireEvent.blur(input);
  expect(onCount).not.toHaveBeenCalled();
  fireEvent.change(input, { target: { value: '' } });
  fireEvent.blur(input);
  expect(onCount).toHaveBeenLastCalledWith(undefined);
});
