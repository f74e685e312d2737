// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { FindingView } from '../api/types';
import { Findings } from './Findings';

afterEach(cleanup);

const TURNED: FindingView = {
  code: 'TURNED',
  level: 'DECIDE_FIRST',
  levelWords: 'Decide first',
  sentence: 'Right front shows its wrong side.',
  remedy: 'Turn the piece over.',
  piece: 'front.right',
  against: [],
  facts: [],
  key: 'k1',
};

test('a turned piece is turned over from where it is told', () => {
  const sent: unknown[] = [];
  render(<Findings findings={[TURNED]} title="Look" onDecide={(change) => sent.push(change)} />);
  fireEvent.click(screen.getByRole('button', { name: 'Turn it over' }));
  expect(sent).toEqual([{ kind: 'PIECE_TURNED_OVER', piece: 'front.right' }]);
});

test('where nothing can be decided, or it is left so, there is nothing to press', () => {
  const { rerender } = render(<Findings findings={[TURNED]} title="Look" />);
  expect(screen.queryByRole('button')).toBeNull();
  rerender(
    <Findings findings={[{ ...TURNED, left: 'It is meant so' }]} title="Look" onDecide={() => undefined} />,
  );
  expect(screen.queryByRole('button', { name: 'Turn it over' })).toBeNull();
});
