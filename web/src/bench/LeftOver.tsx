import { Button } from 'react-bootstrap';
import type { SentEvent } from '../api/types';
import { count } from '../format';
import type { Counted } from './BenchCount';

interface Props {
  left: SentEvent[];
  word: Counted;
  onAdd: () => void;
  onDrop: () => void;
}

/** What a window counted and could not save, since another went on: added behind what is saved now, or dropped. */
export function LeftOver({ left, word, onAdd, onDrop }: Props) {
  const last = left.filter(({ kind }) => kind === 'JOINT').at(-1);
  if (left.length === 0) {
    return null;
  }
  return (
    <div className="left-over" role="alert">
      <p>
        {count(left.length, 'step')} counted in a window could not be saved: another window went on meanwhile.
        {last && ` They led up to ${word.toLowerCase()} ${last.joint}.`}
      </p>
      <Button onClick={onAdd}>Go on from there</Button>{' '}
      <Button variant="outline-dark" onClick={onDrop}>
        They are counted already
      </Button>
    </div>
  );
}
