// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { seam } from '../testing/sample';
import { Pins } from './Pins';
import { WorkingPanel } from './WorkingPanel';

afterEach(cleanup);

function panel(over: Parameters<typeof seam>[0] = {}) {
  const onChange = vi.fn();
  render(<WorkingPanel seam={seam(over)} twinName={over.twin && 'Right armhole'} onChange={onChange} />);
  return onChange;
}

test('a choice changes where the surplus goes and nothing else', () => {
  const onChange = panel();
  fireEvent.click(screen.getByLabelText('Towards the start'));
  expect(onChange).toHaveBeenCalledWith([
    {
      kind: 'SEAM_WORKED',
      seam: 'armhole.left',
      working: {
        together: false,
        surplus: 'TO_HIDDEN',
        fullness: 0,
        seamPlaces: false,
        a: { spaces: 'ROUND' },
        b: { spaces: 'ROUND' },
      },
    },
  ]);
});

test('the other side follows unless the maker parts them', () => {
  const onChange = panel({ twin: 'armhole.right' });
  fireEvent.click(screen.getByLabelText('Towards the start'));
  expect(onChange.mock.calls[0]![0].map((change: { seam: string }) => change.seam)).toEqual([
    'armhole.left',
    'armhole.right',
  ]);
  fireEvent.click(screen.getByLabelText('The same on the right armhole'));
  fireEvent.click(screen.getByLabelText('Towards the start'));
  expect(onChange.mock.calls[1]![0]).toHaveLength(1);
});

test('what cannot be chosen says why', () => {
  panel();
  expect(screen.getByLabelText('Pass over some')).toHaveProperty('disabled', true);
  expect(screen.getByText('A stitch is never passed over.')).toBeTruthy();
});

test('equal counts have no surplus to steer', () => {
  const side = seam().b;
  panel({ a: side, b: side });
  expect(screen.getByText(/there is none/)).toBeTruthy();
});

test('fullness is typed in percent and stays within 0 to 300', () => {
  const onChange = panel();
  const field = screen.getByLabelText('Meant to be fuller by');
  fireEvent.change(field, { target: { value: '400' } });
  fireEvent.blur(field);
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.getByRole('alert')).toBeTruthy();
  fireEvent.change(field, { target: { value: '25' } });
  fireEvent.blur(field);
  expect(onChange.mock.calls[0]![0][0].working.fullness).toBeCloseTo(0.25);
});

test('which side is the fuller one can be said and left open again', () => {
  expect(panel() && screen.queryByLabelText('The fuller side')).toBeNull();
  cleanup();
  const onChange = panel({ working: { ...seam().working, fullness: 0.2, fuller: 'A' } });
  const field = screen.getByLabelText('The fuller side');
  expect(field).toHaveProperty('value', 'A');
  fireEvent.change(field, { target: { value: 'B' } });
  expect(onChange.mock.calls[0]![0][0].working.fuller).toBe('B');
  fireEvent.change(field, { target: { value: '' } });
  expect(onChange.mock.calls[1]![0][0].working).not.toHaveProperty('fuller');
});

test('the spot where two pieces meet may be a place, where there is one', () => {
  panel();
  expect(screen.queryByLabelText(/the spot where two pieces meet/)).toBeNull();
  cleanup();
  const { working } = seam();
  const onChange = panel({ working: { ...working, hasSeamPlaces: true } });
  fireEvent.click(screen.getByLabelText(/the spot where two pieces meet/));
  expect(onChange.mock.calls[0]![0][0].working.seamPlaces).toBe(true);
});

test('a row end may give two places', () => {
  const onChange = panel();
  fireEvent.change(screen.getByLabelText('Armhole: places in a row end'), { target: { value: '2' } });
  expect(onChange.mock.calls[0]![0][0].working.b).toEqual({ spaces: 'ROUND', placesPerRow: 2 });
});

test('a place is pinned to a place, in half places', () => {
  const onChange = vi.fn();
  render(<Pins seam={seam()} onChange={onChange} />);
  fireEvent.change(screen.getByLabelText('Sleeve top, after place'), { target: { value: '3' } });
  fireEvent.change(screen.getByLabelText('Armhole, after place'), { target: { value: '2' } });
  fireEvent.click(screen.getByText('Pin'));
  expect(onChange.mock.calls[0]![0]).toMatchObject({
    kind: 'ANCHOR_PINNED',
    pin: { name: 'pin 1', a: 6, b: 4 },
  });
});

test('a pin beyond the seam is refused before it is sent', () => {
  render(<Pins seam={seam()} onChange={vi.fn()} />);
  fireEvent.change(screen.getByLabelText('Sleeve top, after place'), { target: { value: '9' } });
  expect(screen.getByRole('alert').textContent).toContain('1 to 6');
  expect(screen.getByText('Pin')).toHaveProperty('disabled', true);
});

test('only own anchors can be taken out', () => {
  const onChange = vi.fn();
  const anchors = seam().anchors.map((anchor) => ({ ...anchor, own: anchor.id === 'shoulder' }));
  render(<Pins seam={seam({ anchors })} onChange={onChange} />);
  fireEvent.click(screen.getByLabelText('Take out shoulder'));
  expect(onChange).toHaveBeenCalledWith({ kind: 'ANCHOR_REMOVED', seam: 'armhole.left', anchor: 'shoulder' });
});
