import type { ReactNode } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { Stop } from '../api/types';
import type { Counted } from './BenchCount';

interface Props {
  position: number;
  isPaused: boolean;
  stops: Stop[];
  word: Counted;
  /** The next place that is looked at; without one the end is. */
  next: Stop | undefined;
  onForward: () => void;
  /** All up to the next marker, or to the end, is done. */
  onToMarker: () => void;
  onBack: () => void;
  onBackTo: (joint: number) => void;
  onPause: () => void;
  /** What is worked otherwise than planned. */
  otherwise: ReactNode;
}

/** On, back, rest; back to a marker that is passed. */
export function BenchKeys({
  position,
  isPaused,
  next,
  stops,
  word,
  onForward,
  onToMarker,
  onBack,
  onBackTo,
  onPause,
  otherwise,
}: Props) {
  const passed = stops.filter((stop) => stop.joint > 0 && stop.joint < position);
  return (
    <div className="bench-keys">
      <Button variant="outline-dark" onClick={onBack} disabled={position === 0}>
        Back one
      </Button>
      <Button className="bench-main" onClick={onForward}>
        {isPaused ? 'Go on' : `${word} ${position + 1} is done`}
        <small>space bar, click or tap</small>
      </Button>
      <Button
        variant="outline-dark"
        onClick={onToMarker}
        disabled={isPaused}
        title="For makers who go from marker to marker. Key M"
      >
        Done to {next ? `${word === 'Joint' ? 'marker ' : 'stop '}${next.number}` : 'the end'}
      </Button>
      <Button variant="outline-dark" onClick={onPause} disabled={isPaused}>
        Pause here
      </Button>
      {otherwise}
      <Form.Select
        aria-label="Back to a marker"
        value=""
        disabled={passed.length === 0}
        onChange={(event) => event.target.value !== '' && onBackTo(Number(event.target.value))}
      >
        <option value="">Back to a marker</option>
        {passed.map((stop) => (
          <option key={stop.number} value={stop.joint}>
            {word === 'Joint' ? 'Marker ' : ''}
            {stop.number}: {stop.words}
          </option>
        ))}
      </Form.Select>
    </div>
  );
}
