import type { Wish } from '../api/types';

export const WISH_WORDS: Record<Wish, string> = {
  NONE: 'No wish',
  HIDDEN: 'Not seen',
  FLAT: 'Flat',
  ON_SHOW: 'On show',
};
