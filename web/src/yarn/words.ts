import type { Yarn } from '../api/types';

export const CLASS_WORDS: Record<Yarn['weight'], string> = {
  LACE: 'Lace',
  FINGERING: 'Fingering',
  SPORT: 'Sport',
  LIGHT_WORSTED: 'Light worsted',
  WORSTED: 'Worsted',
  BULKY: 'Bulky',
  SUPER_BULKY: 'Super bulky',
};

export const TRAIT_WORDS: Record<Yarn['traits'][number], string> = {
  FUZZY: 'Fuzzy',
  SLIPPERY: 'Slippery',
  SPLITTY: 'Splits easily',
  VARIEGATED: 'Variegated',
  STEAMABLE: 'May be steamed',
};
