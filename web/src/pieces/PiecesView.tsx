import { Table } from 'react-bootstrap';
import { Link } from 'react-router';
import type { EdgePlan, PiecePlan, RunPlan } from '../api/types';
import { GarmentDrawing } from '../drawing/GarmentDrawing';
import { length } from '../format';
import { useEditor } from '../shell/GarmentPage';
import { Findings } from '../shell/Messages';
import type { GarmentEditor } from '../shell/useGarment';
import { MadeCount } from './MadeCount';

/** Every count of every piece: planned, and as made where the finished piece was counted. */
export function PiecesView() {
  const editor = useEditor();
  const { plan } = editor.garment;
  return (
    <div className="pieces">
      <h1>Pieces</h1>
      {editor.garment.construction && (
        <Link className="btn btn-outline-dark to-numbers" to={`/garments/${editor.garment.id}/numbers`}>
          Change the planned numbers
        </Link>
      )}
      <p className="soft">
        Count the finished pieces and type what you find under <em>as made</em>. The planned count stays
        beside it; seams use the one you made.
      </p>
      {plan.pieces.map((piece) => (
        <PieceCounts key={piece.id} piece={piece} editor={editor} />
      ))}
    </div>
  );
}

function PieceCounts({ piece, editor }: { piece: PiecePlan; editor: GarmentEditor }) {
  const upright = { ...piece, placement: { ...piece.placement, quarterTurns: 0, xMm: 0, yMm: 0 } };
  const findings = editor.garment.plan.findings.filter((finding) => finding.piece === piece.id);
  return (
    <section className="piece-counts" aria-label={piece.name}>
      <div className="piece-picture">
        <GarmentDrawing pieces={[upright]} scale={0.32} title={`${piece.name}, to scale`} />
      </div>
      <div>
        <h2>{piece.name}</h2>
        {piece.mirrorOf && (
          <p className="soft">
            The mirror image of the{' '}
            {editor.garment.plan.pieces.find((p) => p.id === piece.mirrorOf)?.name.toLowerCase()}.
          </p>
        )}
        <Findings findings={findings} title="Look at this piece first" />
        <Table size="sm">
          <thead>
            <tr>
              <th scope="col">Edge</th>
              <th scope="col">Stretch</th>
              <th scope="col">Planned</th>
              <th scope="col">As made</th>
              <th scope="col">Length</th>
            </tr>
          </thead>
          <tbody>
            {piece.edges.flatMap((edge) =>
              edge.runs.map((run) => (
                <Row key={`${edge.id} ${run.id}`} piece={piece} edge={edge} run={run} editor={editor} />
              )),
            )}
          </tbody>
        </Table>
      </div>
    </section>
  );
}

const KINDS = { STITCH_TOP: 'stitches', FOUNDATION_LOOP: 'foundation loops', ROW_END: 'row ends' } as const;

function Row({
  piece,
  edge,
  run,
  editor,
}: {
  piece: PiecePlan;
  edge: EdgePlan;
  run: RunPlan;
  editor: GarmentEditor;
}) {
  return (
    <tr>
      <th scope="row">{edge.name}</th>
      <td>
        {run.id === edge.id ? '' : `${run.id}, `}
        {KINDS[run.kind]}
      </td>
      <td>{run.planned}</td>
      <td>
        <MadeCount
          label={`${piece.name}, ${edge.name}, ${run.id}: as made`}
          value={run.made}
          onCount={(count) =>
            void editor.change([
              {
                kind: 'COUNT_MADE',
                piece: piece.id,
                edge: edge.id,
                run: run.id,
                ...(count === undefined ? {} : { count }),
              },
            ])
          }
        />
      </td>
      <td>{length(run.lengthMm, editor.garment.plan.unit)}</td>
    </tr>
  );
}
