import { useState } from 'react';
import { useFullScreen, useSpoken, useWakeLock } from './useComforts';
import { usePedal } from './usePedal';

interface Props {
  /** What is to be said at this joint. */
  say: Parameters<typeof useSpoken>[1];
  onForward: () => void;
  onBack: () => void;
}

/** What keeps the hands free: pedal, voice, a full screen that stays awake. */
export function Comforts({ say, onForward, onBack }: Props) {
  const [spoken, setSpoken] = useState(false);
  const [pedal, setPedal] = useState(false);
  const fullScreen = useFullScreen();
  useWakeLock();
  useSpoken(spoken, say);
  usePedal(pedal, onForward, onBack);
  return (
    <div className="bench-comforts" role="toolbar" aria-label="Comforts">
      <button type="button" aria-pressed={pedal} onClick={() => setPedal(!pedal)}>
        {pedal ? 'Listening to the pedal' : 'Use the pedal'}
      </button>
      <button type="button" aria-pressed={spoken} onClick={() => setSpoken(!spoken)}>
        {spoken ? 'Speaking' : 'Speak'}
      </button>
      <button type="button" aria-pressed={fullScreen.on} onClick={fullScreen.toggle}>
        Full screen
      </button>
      {pedal && (
        <a href="/pedal.html" target="_blank" rel="noreferrer">
          Open the pedal page
        </a>
      )}
    </div>
  );
}
