import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { ChangeOf, EdgePlan, PiecePlan, Terms } from '../api/types';
import { stitchName } from '../edges/strips';
import { count, figure, trimmed } from '../format';
import { NumberField } from '../shell/NumberField';

type Rows = ChangeOf<'EDGING_WORKED'>['edging'];
type Stitch = NonNullable<Rows['joins']>;

interface Props {
  piece: PiecePlan;
  edge: EdgePlan;
  terms: Terms;
  onEdging: (edging: Rows) => void;
}

/** Rows worked along an edge before its piece is joined: they change its count, and lengthen the edges beside it. */
export function Edging({ piece, edge, terms, onEdging }: Props) {
  const there = edge.edging;
  const [rows, setRows] = useState(there ? String(there.rows) : '');
  const usual = there?.rowMm ?? piece.cloth.rowHeightMm;
  const [height, setHeight] = useState(trimmed(usual));
  const [stitches, setStitches] = useState(there ? String(there.stitches) : '');
  const [joins, setJoins] = useState<Rows['joins']>(there?.joins);
  const typed: Rows = {
    rows: Number(rows),
    rowMm: height === trimmed(usual) ? usual : figure(height),
    stitches: stitches.trim() === '' ? edge.pickUp : Number(stitches),
    ...(there?.within ? { within: there.within } : {}),
    ...(joins ? { joins } : {}),
  };
  const ready =
    Number.isInteger(typed.rows) && typed.rows > 0 && typed.rowMm > 0 && Number.isInteger(typed.stitches);
  return (
    <details className="landmarks" open={there !== undefined}>
      <summary>
        Edging rows:{' '}
        {there
          ? `${there.rows} of ${count(there.stitches, 'stitch', 'stitches')}${there.within ? ', over a part of the edge' : ''}`
          : 'none'}
      </summary>
      <p className="soft">{edge.edgingWords}</p>
      <Form
        className="new-pin"
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) {
            onEdging(typed);
          }
        }}
      >
        <NumberField id="edging-rows" label="Rows" value={rows} onValue={setRows} />
        <NumberField id="edging-height" label="Each, mm high" value={height} onValue={setHeight} />
        <NumberField
          id="edging-stitches"
          label="Stitches"
          value={stitches}
          placeholder={String(edge.pickUp)}
          onValue={setStitches}
        />
        <Form.Group controlId="edging-joins">
          <Form.Label>The last row</Form.Label>
          <Form.Select
            value={joins ?? ''}
            onChange={(event) => setJoins((event.target.value || undefined) as Rows['joins'])}
          >
            <option value="">is worked before joining</option>
            {bounds.stitches.map(({ stitch }) => (
              <option key={stitch} value={stitch}>
                joins while it is worked: {stitchName(stitch as Stitch, terms)}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Button type="submit" variant="outline-dark" disabled={!ready}>
          Work them on
        </Button>
        {there && (
          <Button variant="outline-dark" onClick={() => onEdging({ rows: 0, rowMm: 0, stitches: 0 })}>
            Take them out
          </Button>
        )}
      </Form>
    </details>
  );
}
