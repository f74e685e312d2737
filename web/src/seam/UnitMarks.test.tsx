// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import type { UnitKind } from '../api/types';
import { UnitMarks } from './UnitMarks';
import type { DrawnUnit } from './units';

afterEach(cleanup);

function unit(kind: UnitKind, over: Partial<DrawnUnit> = {}): DrawnUnit {
  return {
    key: kind,
    kind,
    noEase: false,
    number: 1,
    fromMm: 0,
    widthMm: 10,
    joints: 2,
    rare: false,
    lastPlace: 0,
    ...over,
  };
}

function drawn(units: DrawnUnit[], banded = false) {
  const { container } = render(
    <svg>
      <UnitMarks units={units} x={(mm) => mm * 4} pxPerMm={4} y={0} height={20} banded={banded} />
    </svg>,
  );
  const [usual, rare, noEase] = [...container.querySelectorAll('path')].map((path) =>
    path.getAttribute('d')!,
  );
  return { usual, rare, noEase, figures: [...container.querySelectorAll('text')].map((t) => t.textContent) };
}

test('each kind of unit has a shape of its own', () => {
  const kinds: UnitKind[] = ['STITCH_TOP', 'ROW_END', 'CHAIN_SPACE', 'CORNER'];
  const shapes = kinds.map((kind) => drawn([unit(kind)]).usual);
  expect(new Set(shapes).size).toBe(kinds.length);
  expect(drawn([unit('SEAM_PLACE')]).usual).toBe(drawn([unit('CORNER')]).usual);
});

test('a seam place without width is still seen', () => {
  const { usual } = drawn([unit('SEAM_PLACE', { widthMm: 0.001 })]);
  expect(usual).toContain('a4 4');
});

test('row ends carry how many joints they take, others do not', () => {
  expect(drawn([unit('ROW_END')]).figures).toEqual(['2']);
  expect(drawn([unit('STITCH_TOP')]).figures).toEqual([]);
});

test('the rarer kind is drawn apart, what takes no ease is underlined', () => {
  const { usual, rare, noEase } = drawn([unit('STITCH_TOP', { rare: true, noEase: true })]);
  expect(usual).toBe('');
  expect(rare).not.toBe('');
  expect(noEase).toContain('H40');
});

test('units too small to be told apart are one band', () => {
  expect(drawn([unit('STITCH_TOP')], true).usual).toBe(drawn([unit('ROW_END')], true).usual);
});
