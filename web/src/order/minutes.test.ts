import { expect, test } from 'vitest';
import { minutes } from './minutes';

test.each([
  [0.2, '1 min'],
  [7.4, '7 min'],
  [23, '25 min'],
  [60, '1 h'],
  [196, '3 h 15 min'],
  [59.9, '1 h'],
])('%s minutes are said as %s', (exact, said) => {
  expect(minutes(exact)).toBe(said);
});
