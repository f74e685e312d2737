import { useEffect } from 'react';

const TYPING = new Set(['INPUT', 'TEXTAREA', 'SELECT', 'BUTTON', 'A', 'SUMMARY']);
const FORWARD = new Set([' ', 'Enter', 'ArrowRight']);
const BACK = new Set(['Backspace', 'ArrowLeft']);

interface Keys {
  forward: () => void;
  back: () => void;
  oneMore: () => void;
  toMarker: () => void;
}

/** Joints counted by the keyboard, unless something else has the focus. */
export function useBenchKeys({ forward, back, oneMore, toMarker }: Keys) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || event.ctrlKey || event.metaKey || TYPING.has((event.target as Element).tagName)) {
        return;
      }
      if (FORWARD.has(event.key) || BACK.has(event.key)) {
        event.preventDefault();
        (FORWARD.has(event.key) ? forward : back)();
      } else if (event.key.toLowerCase() === 'x') {
        oneMore();
      } else if (event.key.toLowerCase() === 'm') {
        toMarker();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
