// @vitest-environment jsdom
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { Yarn } from '../api/types';
import { editorOf } from '../testing/editor';
import { inEditor } from '../testing/inEditor';
import { garment } from '../testing/sample';
import { KeptTails } from './KeptTails';
import { WorkedIn } from './WorkedIn';
import { YarnForm } from './YarnForm';

afterEach(cleanup);

const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });

test('a yarn is told as its label has it, and what is left of it once some seams are joined', () => {
  const sent: unknown[] = [];
  const opened = garment();
  opened.progress[0] = { seam: 'armhole.left', state: 'JOINED', position: 7, joints: 7 };
  opened.finished = [{ seam: 'armhole.left' }, { strip: 'strip.1' }];
  inEditor(<YarnForm editor={editorOf(opened, sent)} onClose={() => undefined} />, editorOf(opened, sent));
  expect(screen.getByRole('button', { name: 'Keep it' })).toHaveProperty('disabled', true);
  type('Name', 'Quay wool');
  type('Metres in a ball', '92,5');
  type('Grams left now', '31');
  fireEvent.click(screen.getByLabelText('Fuzzy'));
  fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
  expect(sent).toEqual([
    {
      kind: 'YARN_ADDED',
      yarn: {
        id: '',
        name: 'Quay wool',
        colour: '',
        fibre: '',
        weight: 'WORSTED',
        traits: ['FUZZY'],
        metresPerBall: 92.5,
        left: { grams: 31, after: [{ seam: 'armhole.left' }, { strip: 'strip.1' }] },
      },
    },
  ]);
});

test('a yarn changed keeps when it was weighed, and letters are no grams', () => {
  const sent: unknown[] = [];
  const opened = garment();
  const yarn: Yarn = {
    id: 'yarn.1',
    name: 'Quay wool',
    colour: 'grey',
    fibre: 'wool',
    weight: 'BULKY',
    traits: [],
    left: { grams: 20, after: [{ seam: 'side.left' }] },
  };
  inEditor(
    <YarnForm editor={editorOf(opened, sent)} yarn={yarn} onClose={() => undefined} />,
    editorOf(opened, sent),
  );
  type('Grams in a ball', 'fifty');
  expect(screen.getByRole('button', { name: 'Keep it' })).toHaveProperty('disabled', true);
  type('Grams in a ball', '50');
  fireEvent.click(screen.getByRole('button', { name: 'Keep it' }));
  expect(sent).toEqual([{ kind: 'YARN_TOLD', yarn: { ...yarn, gramsPerBall: 50 } }]);
});

test('a tail is told at a corner in the maker’s unit, shown with what begins with it, and taken out', async () => {
  const sent: unknown[] = [];
  const opened = garment();
  opened.plan.yarn.tails = [
    {
      piece: 'sleeve',
      corner: 'top',
      mm: 800,
      seam: 'armhole.left',
      words: 'Tail of the sleeve: it is used.',
    },
  ];
  const editor = editorOf(opened, sent);
  inEditor(<KeptTails editor={editor} />, editor);
  expect(screen.getByText('80 cm')).toBeDefined();
  const keep = screen.getByRole('button', { name: 'It hangs there' });
  type('Length of the tail', '62,5');
  expect(keep).toHaveProperty('disabled', true);
  const corners = screen.getByLabelText('Corner at which a tail hangs');
  expect(corners.textContent).toContain('Back: left and hem');
  const option = [...corners.querySelectorAll('option')].find(
    (each) => each.textContent === 'Back: hem and right',
  );
  fireEvent.change(corners, { target: { value: option!.value } });
  fireEvent.click(keep);
  fireEvent.click(screen.getByRole('button', { name: /^Take out/ }));
  expect(sent).toEqual([
    { kind: 'TAIL_KEPT', piece: 'back', corner: 'right', mm: 625 },
    { kind: 'TAIL_KEPT', piece: 'sleeve', corner: 'top' },
  ]);
  await screen.findByText('80 cm');
});

test('a piece and its ribbing are worked in a yarn each; ribbing is that of its piece until told', () => {
  const sent: unknown[] = [];
  const opened = garment();
  const yarn = (id: string, name: string) => ({
    id,
    neededMm: 0,
    stages: [],
    words: '',
    yarn: { id, name, colour: '', fibre: '', weight: 'WORSTED' as const, traits: [] },
  });
  opened.plan.yarn.yarns = [yarn('yarn.1', 'Quay wool'), yarn('yarn.2', 'Net cotton')];
  opened.plan.yarn.pieces = [
    { piece: 'back', told: false, ribbed: true, yarn: 'yarn.1', rib: 'yarn.2' },
    { piece: 'sleeve', told: false, ribbed: false },
  ];
  const editor = editorOf(opened, sent);
  inEditor(<WorkedIn editor={editor} />, editor);
  expect(screen.getAllByLabelText('its ribbing')).toHaveLength(1);
  fireEvent.change(screen.getByLabelText('its ribbing'), { target: { value: '' } });
  fireEvent.change(screen.getByLabelText('Sleeve'), { target: { value: 'yarn.2' } });
  fireEvent.click(screen.getByRole('button', { name: 'All in Quay wool' }));
  expect(sent).toEqual([
    { kind: 'RIB_YARNED', piece: 'back' },
    { kind: 'PIECE_YARNED', piece: 'sleeve', yarn: 'yarn.2' },
    { kind: 'PIECE_YARNED', piece: 'back', yarn: 'yarn.1' },
    { kind: 'PIECE_YARNED', piece: 'sleeve', yarn: 'yarn.1' },
  ]);
});
