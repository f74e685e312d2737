import { Button, Form } from 'react-bootstrap';
import type { SeamPlan } from '../api/types';

interface Props {
  position: number;
  isPaused: boolean;
  checkpoints: SeamPlan['checkpoints'];
  onForward: () => void;
  onBack: () => void;
  onBackTo: (joint: number) => void;
  onPause: () => void;
}

/** On, back, rest; back to a marker that is passed. */
export function BenchKeys({ position, isPaused, checkpoints, onForward, onBack, onBackTo, onPause }: Props) {
  const passed = checkpoints.filter((checkpoint) => checkpoint.joint > 0 && checkpoint.joint < position);
  return (
    <div className="bench-keys">
      <Button variant="outline-dark" onClick={onBack} disabled={position === 0}>
        Back one
      </Button>
      <Button className="bench-main" onClick={onForward}>
        {isPaused ? 'Go on' : `Joint ${position + 1} is done`}
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
        {passed.map((checkpoint) => (
          <option key={checkpoint.number} value={checkpoint.joint}>
            Marker {checkpoint.number}: {checkpoint.nameA}
          </option>
        ))}
      </Form.Select>
    </div>
  );
}
