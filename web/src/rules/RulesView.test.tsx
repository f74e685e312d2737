// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import type { RuleEntry } from '../api/types';
import { Rule } from './RulesView';
import { readable } from './ruleUnits';

afterEach(cleanup);

const EASE: RuleEntry = {
  rule: 'EVEN_SHARE',
  unit: 'SHARE',
  usual: 0.05,
  least: 0,
  most: 0.5,
  words: 'Ease that is eased in evenly',
  why: 'It lies flat.',
  used: 'Verdicts',
};
const MARKER: RuleEntry = {
  ...EASE,
  rule: 'MARKER_MM',
  unit: 'MM',
  usual: 80,
  least: 10,
  most: 1000,
  words: 'Without a marker',
};

function rule(entry: RuleEntry, value?: number, unit: 'CM' | 'INCH' = 'CM') {
  const onChange = vi.fn();
  render(<Rule rule={entry} value={value} unit={unit} onChange={onChange} />);
  return onChange;
}

function type(label: string, text: string) {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

test('shares are read and typed in percent', () => {
  const onChange = rule(EASE);
  expect(screen.getByLabelText(EASE.words)).toHaveProperty('value', '5');
  type(EASE.words, '4');
  expect(onChange).toHaveBeenCalledWith({ kind: 'RULE_CHANGED', rule: 'EVEN_SHARE', value: 0.04 });
});

test('a number beyond the bounds is not sent and says which may be', () => {
  const onChange = rule(EASE);
  type(EASE.words, '60');
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.getByRole('alert').textContent).toBe('From 0 % to 50 %.');
});

test('an own number can be given up for the house’s', () => {
  const onChange = rule(MARKER, 60);
  fireEvent.click(screen.getByText('Take the house’s 80 mm again'));
  expect(onChange).toHaveBeenCalledWith({ kind: 'RULE_CHANGED', rule: 'MARKER_MM' });
});

test('who measures in inches reads and types inches', () => {
  expect(readable(80, MARKER, 'INCH')).toBe('3.15');
  const onChange = rule(MARKER, undefined, 'INCH');
  type(MARKER.words, '2');
  expect(onChange).toHaveBeenCalledWith({ kind: 'RULE_CHANGED', rule: 'MARKER_MM', value: 50.8 });
});
