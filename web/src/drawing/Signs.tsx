import type { EaseView } from '../api/types';
import { percent } from '../format';

export type SeamState = EaseView['verdict'] | 'JOINED' | 'IN_HAND' | 'LOOK' | 'DECIDE';

/** A word and a sign for each state, so that colour never stands alone. */
export const STATE_WORDS: Record<SeamState, string> = {
  MATCHED: 'Matched',
  EASE_EVENLY: 'Ease in evenly',
  EASE_WITH_MARKERS: 'Ease in, with markers',
  STOP: 'Stop and decide',
  JOINED: 'Joined',
  IN_HAND: 'In hand',
  LOOK: 'Look first',
  DECIDE: 'Decide first',
};

/** A state's word, with the share of ease where there is any. */
export function stateWords(state: SeamState, share: number | undefined): string {
  const isVerdict = !['JOINED', 'IN_HAND', 'LOOK', 'DECIDE'].includes(state);
  return isVerdict && share !== undefined && share >= 0.0005
    ? `${STATE_WORDS[state]}, ${percent(share)}`
    : STATE_WORDS[state];
}

export const STATE_COLOURS: Record<SeamState, string> = {
  MATCHED: 'var(--lichen-ink)',
  EASE_EVENLY: 'var(--weld-ink)',
  EASE_WITH_MARKERS: 'var(--weld-ink)',
  STOP: 'var(--mulberry)',
  JOINED: 'var(--ink)',
  IN_HAND: 'var(--madder)',
  LOOK: 'var(--weld-ink)',
  DECIDE: 'var(--mulberry)',
};

const PATHS: Record<SeamState, string> = {
  MATCHED: 'M2 4H24M2 16H24M7 4V16M13 4V16M19 4V16',
  EASE_EVENLY: 'M2 9c3-8 5-8 7 0s4 8 7 0 4-8 7 0M2 17H24',
  EASE_WITH_MARKERS: 'M2 8c3-7 5-7 7 0s4 7 7 0 4-7 7 0M8 12V19M18 12V19M5 19H21',
  STOP: 'M2 10H9L7 5 11 8M24 10H17L19 15 15 12',
  JOINED: 'M2 17 7 4 12 17 17 4 22 17M2 10H24',
  IN_HAND: 'M2 17 7 4 12 17 17 4M20 10H24',
  DECIDE: 'M2 4H16M2 16H24M6 4V16M12 4V16M21 3V11M21 14V15',
  LOOK: 'M2 4H16M2 16H24M6 4V16M12 4V16M22 5.5a2.5 2.5 0 1 1-.1 0',
};

export function Sign({ state, size = 26 }: { state: SeamState; size?: number }) {
  return (
    <svg width={size} height={size * 0.78} viewBox="0 0 26 20" aria-hidden="true" className="sign">
      <path
        d={PATHS[state]}
        fill="none"
        stroke={STATE_COLOURS[state]}
        strokeWidth={2}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
