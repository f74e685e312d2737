// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { garment } from '../testing/sample';
import { Alternatives } from './Alternatives';
import { Tails } from './Tails';

afterEach(cleanup);

const ORDER = {
  name: 'SHOULDERS_FIRST' as const,
  title: 'Shoulders first',
  words: 'Left, then right.',
  seams: ['armhole.left', 'side.left', 'side.right'],
  turned: [],
  passes: 3,
  ends: 6,
  yarnMm: 4200,
  minutes: 75,
  flatMinutes: 20,
  now: true,
};

test('another order is taken whole, with the seams that are turned for it', () => {
  const sent: unknown[] = [];
  const opened = garment();
  opened.plan.order.alternatives = [
    ORDER,
    {
      ...ORDER,
      name: 'FEWEST_PASSES',
      title: 'Fewest passes',
      seams: ['side.left', 'armhole.left', 'side.right'],
      turned: ['side.left'],
      passes: 2,
      now: false,
    },
  ];
  render(
    <Alternatives
      garment={opened}
      change={(changes) => {
        sent.push(...changes);
        return Promise.resolve(true);
      }}
    />,
  );
  expect(screen.getByText('as now')).toBeTruthy();
  expect(screen.getByText(/Turned: side.left./)).toBeTruthy();
  expect(screen.getAllByText('4.2 m')).toHaveLength(2);
  fireEvent.click(screen.getByRole('button', { name: 'Take it: fewest passes' }));
  expect(sent).toEqual([
    { kind: 'SEAM_TURNED', seam: 'side.left' },
    { kind: 'ORDER_TAKEN', seams: ['side.left', 'armhole.left', 'side.right'] },
  ]);
});

test('ends that hang already are counted, and those whose last moment comes stand out', () => {
  const opened = garment();
  opened.progress[0] = { seam: 'armhole.left', state: 'JOINED', position: 7, joints: 7 };
  opened.finished = [{ seam: 'armhole.left' }];
  opened.plan.order.tails = [
    {
      of: { seam: 'armhole.left' },
      ends: 1,
      step: 1,
      where: 'the underarm',
      before: 'side.left',
      words: 'Left armhole, the underarm.',
    },
    { of: { seam: 'side.left' }, ends: 1, step: 2, where: 'the hem', words: 'Left side, the hem.' },
  ];
  render(<Tails garment={opened} />);
  expect(screen.getByText('2 ends to weave in, 1 of them hang already')).toBeTruthy();
  expect(screen.getByText('Left armhole, the underarm.').className).toBe('wrong');
  expect(screen.getByText('Left side, the hem.').className).toBe('');
});
