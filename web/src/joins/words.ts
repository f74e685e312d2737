import type { Answer, Wish } from '../api/types';

export const TERM_WORDS: Record<Answer['terms'][number]['name'], string> = {
  STRONG: 'strong',
  STRETCH: 'stretch',
  FLAT: 'flat',
  HIDDEN: 'hidden',
  QUICK: 'quick',
  UNDO: 'easily undone',
  SCHOOL: 'your school',
};

export const WISH_WORDS: Record<Wish, string> = {
  NONE: 'No wish',
  HIDDEN: 'Not seen',
  FLAT: 'Flat',
  ON_SHOW: 'On show',
};
