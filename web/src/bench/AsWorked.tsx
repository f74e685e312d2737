import { Button } from 'react-bootstrap';
import type { Change, GarmentPlan, InnerPlan, StripPlan, WorkView } from '../api/types';
import { count } from '../format';

interface Props {
  plan: GarmentPlan;
  strip: StripPlan;
  stretches: WorkView['beside']['stretches'];
  onKeep: (changes: Change[]) => void;
}

/** What each stretch of the first round has come to; kept, it is what the mirror image is worked by. */
export function AsWorked({ plan, strip, stretches, onKeep }: Props) {
  const counts = stretches.flatMap(({ stretch, name, more }) => {
    const planned = strip.rounds[0]?.segments.find((segment) => segment.stretch === stretch)?.stitches;
    const inner = strip.inner[stretch];
    return planned !== undefined && inner ? [{ inner, name, more, worked: planned + more }] : [];
  });
  if (counts.length !== strip.inner.length) {
    return null;
  }
  const changes: Change[] = strip.row ? ofRows(plan, strip.row, counts) : ofStrip(strip, counts);
  return (
    <section aria-label="As worked">
      <p>As worked, in the first {strip.row ? 'row' : 'round'}:</p>
      <ol>
        {counts.map(({ name, more, worked }, index) => (
          <li key={index}>
            {count(worked, 'stitch', 'stitches')} along the {name.toLowerCase()}
            {more !== 0 && ` (${Math.abs(more)} ${more > 0 ? 'more' : 'fewer'} than planned)`}
          </li>
        ))}
      </ol>
      {changes.length > 0 ? (
        <Button variant="outline-dark" onClick={() => onKeep(changes)}>
          {strip.row ? 'Keep these counts for the seams' : 'Keep these counts for the other side'}
        </Button>
      ) : (
        <p>
          {strip.row
            ? 'As planned: the seams go by these counts.'
            : 'These counts are kept: later edgings and the other side go by them.'}
        </p>
      )}
    </section>
  );
}

interface Counted {
  inner: InnerPlan;
  more: number;
  worked: number;
}

function ofStrip(strip: StripPlan, counts: Counted[]): Change[] {
  return counts
    .filter(({ inner, worked }) => inner.worked !== worked)
    .map(({ inner, worked }) => ({
      kind: 'STRIP_STITCHES',
      strip: strip.id,
      at: inner.at,
      worked,
      trial: inner.trial,
      ...(inner.wanted === undefined ? {} : { wanted: inner.wanted }),
    }));
}

/** Rows on a piece are told by all the stitches along their edge. */
function ofRows(plan: GarmentPlan, row: NonNullable<StripPlan['row']>, counts: Counted[]): Change[] {
  const edges = plan.pieces.find(({ id }) => id === row.piece)?.edges ?? [];
  return row.edges.flatMap((id) => {
    const edging = edges.find((edge) => edge.id === id)?.edging;
    const more = counts.filter(({ inner }) => inner.edge === id).reduce((sum, each) => sum + each.more, 0);
    return edging && more !== 0
      ? [
          {
            kind: 'EDGING_WORKED' as const,
            piece: row.piece,
            edge: id,
            edging: { ...edging, stitches: edging.stitches + more },
          },
        ]
      : [];
  });
}
