import { useCallback, useRef } from 'react';

const REST_MS = 600;

/** Does something when it is asked for, or when keys have rested for a while. */
export function useRest(act: () => Promise<unknown>) {
  const rest = useRef<number | undefined>(undefined);
  const still = useCallback(() => window.clearTimeout(rest.current), []);
  const done = useCallback(async () => {
    window.clearTimeout(rest.current);
    await act();
  }, [act]);
  const restThenDone = useCallback(() => {
    window.clearTimeout(rest.current);
    rest.current = window.setTimeout(() => void done(), REST_MS);
  }, [done]);
  return { done, restThenDone, still };
}
