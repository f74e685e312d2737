import { useEffect, useRef, useState } from 'react';

/** Keeps the screen on while the bench is open, where the browser can. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    const ask = () => {
      if (document.visibilityState === 'visible' && 'wakeLock' in navigator) {
        navigator.wakeLock.request('screen').then(
          (granted) => {
            lock = granted;
          },
          () => undefined,
        );
      }
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      void lock?.release().catch(() => undefined);
    };
  }, []);
}

const LOOK_EVERY_MS = 15_000;
const MS_PER_MINUTE = 60_000;
/** A rest this long starts the time anew. */
const REST_MS = 5 * MS_PER_MINUTE;

/** Whether it is time for a break: so many minutes of joining without a rest. */
export function useBreak(position: number, minutes: number): { due: boolean; rested: () => void } {
  const since = useRef(0);
  const last = useRef(0);
  const [due, setDue] = useState(false);
  useEffect(() => {
    const now = Date.now();
    if (now - last.current > REST_MS) {
      since.current = now;
    }
    last.current = now;
  }, [position]);
  useEffect(() => {
    const timer = window.setInterval(() => {
      const now = Date.now();
      const working = now - last.current < REST_MS;
      setDue(working && now - since.current > minutes * MS_PER_MINUTE);
    }, LOOK_EVERY_MS);
    return () => window.clearInterval(timer);
  }, [minutes]);
  const rested = () => {
    since.current = Date.now();
    setDue(false);
  };
  return { due, rested };
}

/** Says words aloud when they change, where the browser has speech and it is switched on. */
export function useSpoken(on: boolean, words: string): void {
  useEffect(() => {
    if (on && words !== '' && 'speechSynthesis' in window) {
      window.speechSynthesis.cancel();
      window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    }
  }, [on, words]);
}

export function useFullScreen(): { on: boolean; toggle: () => void } {
  const [on, setOn] = useState(document.fullscreenElement !== null);
  useEffect(() => {
    const look = () => setOn(document.fullscreenElement !== null);
    document.addEventListener('fullscreenchange', look);
    return () => document.removeEventListener('fullscreenchange', look);
  }, []);
  const toggle = () => {
    const turned = on ? document.exitFullscreen() : document.documentElement.requestFullscreen();
    void turned.catch(() => undefined);
  };
  return { on, toggle };
}
