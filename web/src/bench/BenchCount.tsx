import { timeLeft } from './moments';

interface Props {
  all: number;
  position: number;
  /** Seconds a joint takes; undefined until it is known. */
  pace: Parameters<typeof timeLeft>[1];
  unsent: number;
  /** So often it was worked otherwise than planned. */
  otherwise: number;
  word: Counted;
}

/** What is counted at the bench. */
export type Counted = 'Joint' | 'Stitch' | 'Pair of rows';

const ALL: Record<Counted, string> = {
  Joint: 'All joints',
  Stitch: 'All stitches',
  'Pair of rows': 'All rows',
};

/** The number of the joint at hand, as large as the room allows, and whether it is kept. */
export function BenchCount({ all, position, pace, unsent, otherwise, word }: Props) {
  const isDone = position === all;
  return (
    <section className="bench-count" aria-live="polite" aria-label={word}>
      <span className="bench-word">{isDone ? ALL[word] : word}</span>
      <span
        className={position + 1 > 99 ? 'bench-number display long' : 'bench-number display'}
        data-testid="joint"
      >
        {isDone ? all : position + 1}
      </span>
      <span className="bench-word">
        of {all}
        {otherwise > 0 && `, ${otherwise} otherwise`}
      </span>
      <span className="bench-pace">{timeLeft(all - position, pace)}</span>
      <span className="bench-kept">
        {unsent === 0 ? `Kept to the ${word.toLowerCase()}` : `${unsent} not sent yet; kept in this browser`}
      </span>
    </section>
  );
}
