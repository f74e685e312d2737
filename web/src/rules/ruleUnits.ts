import type { RuleEntry } from '../api/types';
import { trimmed, type Unit } from '../format';

const MM_PER_INCH = 25.4;
const PERCENT = 100;

/** What a rule's number is multiplied with to be read, and what stands behind it. */
export function reading(unit: RuleEntry['unit'], maker: Unit): { factor: number; word: string } {
  switch (unit) {
    case 'SHARE':
      return { factor: PERCENT, word: '%' };
    case 'MM':
      return maker === 'CM' ? { factor: 1, word: 'mm' } : { factor: 1 / MM_PER_INCH, word: 'in' };
    case 'SECONDS':
      return { factor: 1, word: 'seconds' };
    case 'MINUTES':
      return { factor: 1, word: 'minutes' };
    case 'DEGREES':
      return { factor: 1, word: '°' };
    case 'POINTS':
      return { factor: 1, word: 'points' };
    case 'GRAMS_PER_CM':
      return { factor: 1, word: 'g/cm' };
    case 'COUNT':
      return { factor: 1, word: '' };
  }
}

/** A rule's number as it is read and typed, without its unit. */
export function readable(value: number, { unit }: Pick<RuleEntry, 'unit'>, maker: Unit): string {
  const { factor } = reading(unit, maker);
  return unit === 'MM' && maker === 'INCH' ? (value * factor).toFixed(2) : trimmed(value * factor);
}
