// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { FinishForm } from './Endings';

afterEach(cleanup);

function finish() {
  const onFinish = vi.fn();
  render(
    <FinishForm
      marked={5}
      sides={['front shoulder', 'back shoulder']}
      onBack={vi.fn()}
      onFinish={onFinish}
    />,
  );
  return onFinish;
}

test('as many are counted in as were marked; one that is missing is asked for', () => {
  const onFinish = finish();
  expect(screen.getByLabelText(/put in/)).toHaveProperty('value', '5');
  fireEvent.change(screen.getByLabelText(/taken out/), { target: { value: '4' } });
  expect(screen.getByRole('alert').textContent).toBe('1 is still in there. Find it before you go on.');
  fireEvent.change(screen.getByLabelText(/taken out/), { target: { value: '5' } });
  expect(screen.queryByRole('alert')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'The seam is joined' }));
  expect(onFinish).toHaveBeenCalledWith('Pins, clips and needles: 5 in, 5 out.', [0, 0]);
});

test('who counts nothing keeps only the note', () => {
  const onFinish = finish();
  fireEvent.change(screen.getByLabelText(/note/), { target: { value: ' lies flat ' } });
  fireEvent.click(screen.getByRole('button', { name: 'The seam is joined' }));
  expect(onFinish).toHaveBeenCalledWith('lies flat', [0, 0]);
});

test('what is left over of a side is told', () => {
  const onFinish = finish();
  fireEvent.change(screen.getByLabelText(/of the back shoulder/), { target: { value: '2' } });
  fireEvent.click(screen.getByRole('button', { name: 'The seam is joined' }));
  expect(onFinish).toHaveBeenCalledWith('', [0, 2]);
});
