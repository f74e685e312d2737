// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { FinishForm } from './FinishForm';

afterEach(cleanup);

const QUESTIONS = [
  { fault: 'GAPS' as const, words: 'There is a gap.', remedy: 'Take two strands.' },
  { fault: 'NOT_FLAT' as const, words: 'It puckers.', remedy: 'Tug it.' },
];

function finish() {
  const onFinish = vi.fn();
  render(
    <FinishForm
      marked={5}
      sides={['front shoulder', 'back shoulder']}
      questions={QUESTIONS}
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
  expect(onFinish).toHaveBeenCalledWith({
    note: 'Pins, clips and needles: 5 in, 5 out.',
    leftOver: [0, 0],
    faults: [],
  });
});

test('who counts nothing keeps only the note', () => {
  const onFinish = finish();
  fireEvent.change(screen.getByLabelText(/note/), { target: { value: ' lies flat ' } });
  fireEvent.click(screen.getByRole('button', { name: 'The seam is joined' }));
  expect(onFinish).toHaveBeenCalledWith({ note: 'lies flat', leftOver: [0, 0], faults: [] });
});

test('what is left over of a side is told', () => {
  const onFinish = finish();
  fireEvent.change(screen.getByLabelText(/of the back shoulder/), { target: { value: '2' } });
  fireEvent.click(screen.getByRole('button', { name: 'The seam is joined' }));
  expect(onFinish).toHaveBeenCalledWith({ note: '', leftOver: [0, 2], faults: [] });
});

test('what is not right brings what helps, and is kept if it is left so', () => {
  const onFinish = finish();
  expect(screen.queryByText('Tug it.')).toBeNull();
  fireEvent.click(screen.getByLabelText('It puckers.'));
  expect(screen.getByText('Tug it.')).toBeTruthy();
  expect(screen.queryByText('Take two strands.')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Leave it so. The seam is joined' }));
  expect(onFinish).toHaveBeenCalledWith({ note: '', leftOver: [0, 0], faults: ['NOT_FLAT'] });
});
