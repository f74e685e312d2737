import { useEffect } from 'react';

const TYPING = new Set(['INPUT', 'TEXTAREA', 'SELECT', 'BUTTON', 'A', 'SUMMARY']);
const FORWARD = new Set([' ', 'Enter', 'ArrowRight']);
const BACK = new Set(['Backspace', 'ArrowLeft']);

/** Joints counted by the keyboard, unless something else has the focus. */
export function useBenchKeys(forward: () => void, back: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.repeat || event.ctrlKey || event.metaKey || TYPING.has((event.target as Element).tagName)) {
        return;
      }
      if (FORWARD.has(event.key) || BACK.has(event.key)) {
        event.preventDefault();
        (FORWARD.has(event.key) ? forward : back)();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
