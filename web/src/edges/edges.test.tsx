// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { GarmentEditor } from '../shell/useGarment';
import { garment } from '../testing/sample';
import { OUTER, rowStrip, SPOT, strip } from '../testing/strips';
import { MemoryRouter } from 'react-router';
import { RowForm } from './RowForm';
import { SegmentList } from './SegmentList';
import { StripForm } from './StripForm';
import { Unrolled } from './Unrolled';
import { countChange } from './useCountMoves';

afterEach(cleanup);

function editor(changed = vi.fn().mockResolvedValue(true)): GarmentEditor {
  const open = garment();
  return {
    garment: { ...open, plan: { ...open.plan, strips: [strip()] } },
    change: changed,
  } as unknown as GarmentEditor;
}

test('a drawn stretch has a tick for each unit and each stitch, and says what stands behind it', () => {
  const { container } = render(<Unrolled plan={garment().plan} strip={strip()} width={800} />);
  expect(container.querySelectorAll('.unit')).toHaveLength(15);
  expect(container.querySelectorAll('.pick')).toHaveLength(31);
  expect(screen.getByText('seam: 1')).toBeTruthy();
});

test('stitches found by trial are drawn into the units they were told for', () => {
  const listed = strip();
  listed.rounds[0]!.segments[0]!.into = Array.from({ length: 31 }, (_, stitch) => Math.min(stitch, 15));
  const { container } = render(<Unrolled plan={garment().plan} strip={listed} width={800} />);
  const ends = [...container.querySelectorAll('.pick')].map((line) => line.getAttribute('x2'));
  expect(new Set(ends.slice(0, 15)).size).toBe(15);
  expect(new Set(ends.slice(15)).size).toBe(1);
});

test('a ripple is drawn where it would stand, and where it pulls in', () => {
  const lies = (waveMm: number) => {
    const shown = strip();
    shown.rounds[0]!.segments[0]!.waveMm = waveMm;
    const { container, unmount } = render(<Unrolled plan={garment().plan} strip={shown} width={800} />);
    const path = container.querySelector('.wave')?.getAttribute('d') ?? '';
    unmount();
    return path;
  };
  expect(lies(0)).toBe('');
  expect(lies(2.5).match(/Q/g)!.length, '20 cm in waves of 4 cm').toBe(10);
  expect(lies(-2).match(/Q/g)).toHaveLength(1);
});

test('a bead draws a count longer, stitch by stitch', () => {
  const moved = vi.fn();
  const moves = { base: strip(), move: moved, done: vi.fn(), rest: vi.fn(), cancel: vi.fn() };
  render(<Unrolled plan={garment().plan} strip={strip()} width={800} moves={moves} />);
  const bead = screen.getByRole('slider', { name: 'Stitches along neck of the back' });
  expect(bead.getAttribute('aria-valuenow')).toBe('31');
  fireEvent.keyDown(bead, { key: 'ArrowRight' });
  expect(moved).toHaveBeenCalledWith(0, 32);
  expect(moves.rest).toHaveBeenCalled();
  fireEvent.keyDown(bead, { key: 'Escape' });
  expect(moves.cancel).toHaveBeenCalled();
});

test('stitches are drawn into the units they go into', () => {
  const short = strip();
  const first = short.rounds[0]!.segments[0]!;
  short.rounds[0]!.segments[0] = { ...first, stitches: 12, into: [0, 1, 2, 4, 5, 6, 8, 9, 10, 12, 13, 15] };
  const { container } = render(<Unrolled plan={garment().plan} strip={short} width={800} />);
  const last = [...container.querySelectorAll('.pick')].at(-1)!;
  expect(Math.abs(Number(last.getAttribute('x1')) - Number(last.getAttribute('x2')))).toBeLessThan(20);
});

test('the outer edge is drawn shorter behind an inner corner', () => {
  const [inner] = strip().inner;
  const { container } = render(
    <Unrolled
      plan={garment().plan}
      strip={strip({ inner: [{ ...inner!, turn: -90, leansBehind: -1 }], round: false })}
      width={800}
    />,
  );
  const xs = container
    .querySelector('.round')!
    .getAttribute('points')!
    .split(' ')
    .map((point) => Number(point.split(',')[0]));
  expect(xs[2]!).toBeLessThan(xs[1]!);
});

test('a count that is wanted, and one that was worked, are told at the stretch', () => {
  const change = vi.fn().mockResolvedValue(true);
  render(<SegmentList editor={editor(change)} strip={strip()} />);
  expect(screen.getByText(/The rule of thumb says 32/)).toBeTruthy();
  const worked = screen.getByLabelText('I worked along neck of the back');
  fireEvent.change(worked, { target: { value: '33' } });
  fireEvent.blur(worked);
  expect(change).toHaveBeenCalledWith([
    { kind: 'STRIP_STITCHES', strip: 'strip.1', at: SPOT, worked: 33, trial: [] },
  ]);
});

test('a list found by trial is told in the place of a count, and emptied taken back', () => {
  const change = vi.fn().mockResolvedValue(true);
  const listed = strip();
  listed.inner[0]!.trial = [2, 2];
  const { unmount } = render(<SegmentList editor={editor(change)} strip={strip()} />);
  const field = screen.getByLabelText('By trial along neck of the back');
  fireEvent.change(field, { target: { value: '3 2,  3' } });
  fireEvent.blur(field);
  const told = { kind: 'STRIP_STITCHES', strip: 'strip.1', at: SPOT };
  expect(change).toHaveBeenLastCalledWith([{ ...told, trial: [3, 2, 3] }]);
  fireEvent.change(field, { target: { value: 'three, 2' } });
  fireEvent.blur(field);
  expect(screen.getByText('Type numbers, like 3, 2, 3.')).toBeTruthy();
  unmount();
  render(<SegmentList editor={editor(change)} strip={listed} />);
  const again = screen.getByLabelText('By trial along neck of the back');
  fireEvent.blur(again);
  expect(change).toHaveBeenCalledTimes(1);
  fireEvent.change(again, { target: { value: '' } });
  fireEvent.blur(again);
  expect(change).toHaveBeenLastCalledWith([{ ...told, trial: [] }]);
});

test('the round that meets the multiple is named, kept with the multiple, and forgotten with the round', () => {
  const change = vi.fn().mockResolvedValue(true);
  const two = strip();
  two.strip.rounds = [two.strip.rounds[0]!, two.strip.rounds[0]!];
  two.strip.multiple = { of: 6, more: 1 };
  const { rerender } = render(<StripForm editor={editor(change)} strip={two} onChoose={() => {}} />);
  fireEvent.change(screen.getByLabelText('Which round is that multiple'), { target: { value: '2' } });
  expect(change.mock.calls[0]![0][0].strip.multiple).toEqual({ of: 6, more: 1, round: 2 });
  const named = { ...two, strip: { ...two.strip, multiple: { of: 6, more: 1, round: 2 } } };
  rerender(<StripForm editor={editor(change)} strip={named} onChoose={() => {}} />);
  const of = screen.getByLabelText('Multiple');
  fireEvent.change(of, { target: { value: '8' } });
  fireEvent.blur(of);
  expect(change.mock.calls[1]![0][0].strip.multiple).toEqual({ of: 8, more: 1, round: 2 });
  fireEvent.click(screen.getByText('One fewer'));
  expect(change.mock.calls[2]![0][0].strip.multiple).toEqual({ of: 6, more: 1 });
});

test('the multiple keeps what is more below it; a mirrored edging is only taken out', () => {
  const change = vi.fn().mockResolvedValue(true);
  const { rerender } = render(<StripForm editor={editor(change)} strip={strip()} onChoose={() => {}} />);
  const of = screen.getByLabelText('Multiple');
  fireEvent.change(of, { target: { value: '6' } });
  fireEvent.blur(of);
  expect(change.mock.calls[0]![0][0].strip.multiple).toEqual({ of: 6, more: 0 });
  const mirrored = strip();
  mirrored.strip.mirrorOf = 'strip.0';
  rerender(<StripForm editor={editor(change)} strip={mirrored} onChoose={() => {}} />);
  expect(screen.queryByLabelText('Multiple')).toBeNull();
  expect(screen.getByText('Take it out')).toBeTruthy();
});

test('a band worked on is asked for as one; what comes of it is chosen', async () => {
  const addStrip = vi.fn().mockResolvedValueOnce('strip.2').mockResolvedValue(undefined);
  const chosen = vi.fn();
  const adding = { ...editor(), addStrip };
  const { rerender } = render(<StripForm editor={adding} strip={strip()} onChoose={chosen} />);
  fireEvent.click(screen.getByLabelText('A band, worked on sideways'));
  expect(addStrip.mock.calls[0]![0]).toEqual({
    kind: 'BAND_WORKED_ON',
    strip: 'strip.1',
    band: { kind: 'NECKBAND', widthMm: 40, rowMm: 5, workedOn: true },
  });
  await waitFor(() => expect(chosen).toHaveBeenLastCalledWith('strip.2'));
  rerender(<StripForm editor={adding} strip={strip({ ofStitches: true })} onChoose={chosen} />);
  fireEvent.click(screen.getByLabelText('A band, worked on sideways'));
  await waitFor(() => expect(chosen).toHaveBeenLastCalledWith('strip.1'));
});

test('another is worked onto the outer edge of one', async () => {
  const addStrip = vi.fn().mockResolvedValue('strip.2');
  const chosen = vi.fn();
  render(<StripForm editor={{ ...editor(), addStrip }} strip={strip()} onChoose={chosen} />);
  fireEvent.click(screen.getByText('Work another onto it'));
  expect(addStrip.mock.calls[0]![0]).toMatchObject({ kind: 'STRIP_ADDED', strip: { id: '', from: OUTER } });
  await waitFor(() => expect(chosen).toHaveBeenCalledWith('strip.2'));
});

test('rows on a piece are told edge by edge, and taken out', async () => {
  const change = vi.fn().mockResolvedValue(true);
  const gone = vi.fn();
  const on = editor(change);
  on.garment.plan.pieces[0]!.edges[0]!.edging = { rows: 1, rowMm: 12.5, stitches: 31 };
  const { id, edges } = on.garment.plan.pieces[0]!;
  const row = rowStrip({ piece: id, edges: [edges[0]!.id] });
  render(<RowForm editor={on} strip={row} row={row.row!} onGone={gone} />, { wrapper: MemoryRouter });
  fireEvent.change(screen.getByLabelText('Stitches'), { target: { value: '34' } });
  fireEvent.click(screen.getByText('Work them on'));
  expect(change.mock.calls[0]![0]).toEqual([
    {
      kind: 'EDGING_WORKED',
      piece: id,
      edge: edges[0]!.id,
      edging: expect.objectContaining({ rows: 1, stitches: 34 }) as unknown,
    },
  ]);
  expect(gone).not.toHaveBeenCalled();
  change.mockResolvedValueOnce(false);
  fireEvent.click(screen.getByText('Take them out'));
  await waitFor(() => expect(change).toHaveBeenCalledTimes(2));
  expect(gone, 'a seam is joined with them').not.toHaveBeenCalled();
  fireEvent.click(screen.getByText('Take them out'));
  await waitFor(() => expect(gone).toHaveBeenCalled());
});

test('rows are worked the same on the other side with one press', () => {
  const change = vi.fn().mockResolvedValue(true);
  const on = editor(change);
  const { id, edges } = on.garment.plan.pieces[0]!;
  const edging = { rows: 2, rowMm: 6, stitches: 31 };
  edges[0]!.edging = edging;
  const row = rowStrip({ piece: id, edges: [edges[0]!.id], other: [{ piece: 'front', edge: 'top' }] });
  render(<RowForm editor={on} strip={row} row={row.row!} onGone={() => {}} />, { wrapper: MemoryRouter });
  fireEvent.click(screen.getByText('Work the same on the other side'));
  expect(change).toHaveBeenCalledWith([{ kind: 'EDGING_WORKED', piece: 'front', edge: 'top', edging }]);
});

test('the bead of a row moves all the stitches of its edge', () => {
  const on = editor(vi.fn());
  on.garment.plan.pieces[0]!.edges[0]!.edging = { rows: 1, rowMm: 12.5, stitches: 31 };
  const { id, edges } = on.garment.plan.pieces[0]!;
  const row = rowStrip({ piece: id, edges: [edges[0]!.id] });
  expect(countChange(on, row, 0, 34)).toMatchObject({ edge: edges[0]!.id, edging: { stitches: 34 } });
  expect(countChange(on, strip(), 0, 34)).toMatchObject({ kind: 'STRIP_STITCHES', wanted: 34 });
});
