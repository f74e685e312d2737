// @vitest-environment jsdom
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { inEditor } from '../testing/inEditor';
import { editorOf } from '../testing/editor';
import { garment, piece } from '../testing/sample';
import { TableStrip } from './TableStrip';

afterEach(cleanup);

function strip(opened = garment()) {
  const sent: unknown[] = [];
  const onLit = vi.fn();
  const onWhen = vi.fn();
  inEditor(
    <TableStrip
      editor={editorOf(opened, sent)}
      openings={{ when: 'JOINED', setWhen: onWhen, openings: opened.plan.gluing.openings }}
      joined={new Set()}
      onLit={onLit}
    />,
    editorOf(opened, sent),
  );
  return { sent, onLit, onWhen };
}

test('every seam tells its counts and state, and lights up when it has the focus', () => {
  const { onLit } = strip();
  const link = screen.getByRole('link', { name: /side.left/ });
  expect(link.textContent).toContain('7 on 4');
  expect(link.textContent).toContain('Ease in evenly, 3.9 %');
  fireEvent.focus(link);
  expect(onLit).toHaveBeenLastCalledWith({ seam: 'side.left' });
  fireEvent.blur(link);
  expect(onLit).toHaveBeenLastCalledWith(undefined);
});

test('the openings are those of the finished garment until what is open now is asked for', () => {
  const { onWhen } = strip();
  const openings = screen.getByRole('region', { name: 'Openings' });
  expect(
    within(openings).getByRole('button', { name: 'when all is joined' }).getAttribute('aria-pressed'),
  ).toBe('true');
  fireEvent.click(within(openings).getByRole('button', { name: 'now' }));
  expect(onWhen).toHaveBeenCalledWith('NOW');
});

test('a seam to be looked at says so instead of its ease', () => {
  const opened = garment();
  opened.plan.seams[1] = { ...opened.plan.seams[1]!, level: 'LOOK_FIRST' };
  strip(opened);
  expect(screen.getByRole('link', { name: /side.left/ }).textContent).toContain('Look first');
});

test('the counts stand in a table too', () => {
  const { onLit } = strip();
  const table = screen.getByRole('table');
  expect(within(table).getAllByRole('row')).toHaveLength(1 + 2 * 4);
  expect(within(table).getByRole('row', { name: /Back, hem/ }).textContent).toContain('28 cm');
  fireEvent.focus(within(table).getByText('Back, hem'));
  expect(onLit).toHaveBeenLastCalledWith({ piece: 'back', edge: 'hem' });
});

test('a piece is moved by centimetres from where it lies, turned and put back', () => {
  const opened = garment();
  opened.plan.pieces[1] = piece('sleeve', { laid: { piece: 'sleeve', dxMm: 10, dyMm: 0, quarterTurns: 3 } });
  const { sent } = strip(opened);
  fireEvent.change(screen.getByLabelText('Piece'), { target: { value: 'sleeve' } });
  fireEvent.click(screen.getByRole('button', { name: '1 cm right' }));
  fireEvent.click(screen.getByRole('button', { name: 'Turn' }));
  fireEvent.click(screen.getByRole('button', { name: 'Put it back' }));
  expect(sent).toEqual([
    { kind: 'PIECE_MOVED', piece: 'sleeve', laid: { dxMm: 20, dyMm: 0, quarterTurns: 3 } },
    { kind: 'PIECE_MOVED', piece: 'sleeve', laid: { dxMm: 10, dyMm: 0, quarterTurns: 0 } },
    { kind: 'PIECE_MOVED', piece: 'sleeve' },
  ]);
});

test('a name is sent once, however the field is left', () => {
  const { sent } = strip();
  const field = screen.getByLabelText('Name of the garment');
  fireEvent.change(field, { target: { value: 'Harbour coat' } });
  fireEvent.submit(field);
  fireEvent.blur(field);
  expect(sent).toEqual([{ kind: 'RENAMED', name: 'Harbour coat' }]);
});
