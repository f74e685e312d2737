import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { Change, PiecePlan, StripPlan } from '../api/types';
import { Edging } from '../pieces/Edging';
import type { GarmentEditor } from '../shell/useGarment';
import { StripYarnField } from './StripYarnField';

interface Props {
  editor: GarmentEditor;
  strip: StripPlan;
  row: NonNullable<StripPlan['row']>;
  onGone: () => void;
}

/** Rows that belong to a piece: what joins, and edge by edge how many, how high and of how many stitches. */
export function RowForm({ editor, strip, row, onGone }: Props) {
  const { plan } = editor.garment;
  const piece = plan.pieces.find(({ id }) => id === row.piece);
  const joined = row.parts.filter(({ seam }) => seam);
  return (
    <>
      <p>{row.words}</p>
      {row.wrongSide && (
        <p className="wrong">It is a row of the wrong side, if row 1 was one of the right side.</p>
      )}
      {joined.length > 0 && (
        <ul>
          {joined.map(({ seam, words }) => (
            <li key={seam}>
              <Link to={`../seam/${seam}`}>{words}</Link>
            </li>
          ))}
        </ul>
      )}
      {piece && row.other.length > 0 && (
        <Button
          className="mb-2"
          variant="outline-dark"
          size="sm"
          onClick={() => void editor.change(onOtherSide(piece, row))}
        >
          Work the same on the other side
        </Button>
      )}
      <StripYarnField editor={editor} strip={strip} />
      {piece &&
        row.edges.map((id) => {
          const edge = piece.edges.find((each) => each.id === id);
          return (
            edge && (
              <section key={id} aria-label={`Rows along the ${edge.name}`}>
                {row.edges.length > 1 && <h2>Along the {edge.name}</h2>}
                <Edging
                  key={JSON.stringify(edge.edging)}
                  piece={piece}
                  edge={edge}
                  terms={plan.terms}
                  onEdging={(edging) =>
                    void editor
                      .change([{ kind: 'EDGING_WORKED', piece: piece.id, edge: id, edging }])
                      .then((done) => done && edging.rows === 0 && onGone())
                  }
                />
              </section>
            )
          );
        })}
    </>
  );
}

/** The same rows on the edges that mirror these. */
export function onOtherSide(piece: PiecePlan, row: NonNullable<StripPlan['row']>): Change[] {
  return row.other.flatMap((other, index) => {
    const edging = piece.edges.find(({ id }) => id === row.edges[index])?.edging;
    return edging ? [{ kind: 'EDGING_WORKED' as const, ...other, edging }] : [];
  });
}
