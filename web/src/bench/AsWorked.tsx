import { Button } from 'react-bootstrap';
import type { Change, StripPlan, WorkView } from '../api/types';
import { count } from '../format';

interface Props {
  strip: StripPlan;
  stretches: WorkView['beside']['stretches'];
  onKeep: (changes: Change[]) => void;
}

/** What each stretch of the first round has come to; kept, it is what the mirror image is worked by. */
export function AsWorked({ strip, stretches, onKeep }: Props) {
  const counts = stretches.flatMap(({ stretch, name, more }) => {
    const planned = strip.rounds[0]?.segments.find((segment) => segment.stretch === stretch)?.stitches;
    const inner = strip.inner[stretch];
    return planned !== undefined && inner ? [{ inner, name, more, worked: planned + more }] : [];
  });
  if (counts.length !== strip.inner.length) {
    return null;
  }
  const changes: Change[] = counts
    .filter(({ inner, worked }) => inner.worked !== worked)
    .map(({ inner, worked }) => ({
      kind: 'STRIP_STITCHES',
      strip: strip.id,
      at: inner.at,
      worked,
      trial: inner.trial,
      ...(inner.wanted === undefined ? {} : { wanted: inner.wanted }),
    }));
  return (
    <section aria-label="As worked">
      <p>As worked, in the first round:</p>
      <ol>
        {counts.map(({ name, more, worked }, index) => (
          <li key={index}>
            {count(worked, 'stitch', 'stitches')} along the {name.toLowerCase()}
            {more > 0 && ` (${more} more than planned)`}
          </li>
        ))}
      </ol>
      {changes.length > 0 ? (
        <Button variant="outline-dark" onClick={() => onKeep(changes)}>
          Keep these counts for the other side
        </Button>
      ) : (
        <p>These counts are kept: later edgings and the other side go by them.</p>
      )}
    </section>
  );
}
