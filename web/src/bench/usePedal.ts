import { useEffect, useRef } from 'react';

/** Listens to the counter pedal while it is switched on: forward is a joint, back takes one away. */
export function usePedal(on: boolean, forward: () => void, back: () => void): void {
  const steps = useRef({ forward, back });
  useEffect(() => {
    steps.current = { forward, back };
  });
  useEffect(() => {
    if (!on) {
      return undefined;
    }
    const stream = new EventSource('/api/pedal/stream');
    stream.addEventListener('press', (event) => {
      if ((event as MessageEvent<string>).data === 'BACK') {
        steps.current.back();
      } else {
        steps.current.forward();
      }
    });
    return () => stream.close();
  }, [on]);
}
