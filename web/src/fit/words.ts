import type { CheckView, Fit, Measure, Wearer } from '../api/types';
import bounds from '../api/bounds.json';

export const WEARER_WORDS: Record<Wearer, string> = {
  ADULT: 'an adult',
  CHILD: 'a child',
  SMALL_CHILD: 'a small child',
};

export const FIT_WORDS: Record<Fit, string> = { CLOSE: 'close', EASY: 'easily', LOOSE: 'loosely' };

export const VERDICT_WORDS: Record<CheckView['verdict'], string> = {
  FITS: 'Fits',
  TIGHT: 'Too little',
  LONG: 'Too long',
  ASK: 'Measure',
};

/** What a tape takes, with its bounds in mm. */
export const MEASURES: { measure: Measure; label: string; least: number; most: number }[] =
  bounds.measures.map((each) => ({ ...each, measure: each.measure as Measure }));
