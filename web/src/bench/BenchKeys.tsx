import { Button, Form } from 'react-bootstrap';
import type { Stop } from '../api/types';

interface Props {
  position: number;
  isPaused: boolean;
  stops: Stop[];
  /** What is counted. */
  word: 'Joint' | 'Stitch';
  onForward: () => void;
  onBack: () => void;
  onBackTo: (joint: number) => void;
  onPause: () => void;
}

/** On, back, rest; back to a marker that is passed. */
export function BenchKeys({ position, isPaused, stops, word, onForward, onBack, onBackTo, onPause }: Props) {
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
      <Button variant="outline-dark" onClick={onPause} disabled={isPaused}>
        Pause here
      </Button>
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
