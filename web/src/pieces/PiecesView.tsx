import { useState } from 'react';
import { Link } from 'react-router';
import type { GarmentPlan } from '../api/types';
import { useEditor } from '../shell/GarmentPage';
import { EdgeEditor } from './EdgeEditor';
import { LeanField } from './LeanField';
import { RowsField } from './RowsField';
import { Owed } from './Owed';
import { PieceInspection } from './PieceInspection';
import { type Chosen, PiecesMat } from './PiecesMat';

/** The first edge that is to be looked at, else the first of all. */
function firstChosen(plan: GarmentPlan): Chosen {
  const said = plan.findings.find((finding) => finding.piece && finding.edge);
  const piece = plan.pieces.find((candidate) => candidate.id === said?.piece) ?? plan.pieces[0]!;
  return { piece: piece.id, edge: said?.edge ?? piece.edges[0]!.id };
}

/** The pieces side by side with their counts; the chosen edge told and measured, its piece inspected. */
export function PiecesView() {
  const editor = useEditor();
  const { plan } = editor.garment;
  const [wanted, setChosen] = useState(() => firstChosen(plan));
  const piece = plan.pieces.find((candidate) => candidate.id === wanted.piece) ?? plan.pieces[0]!;
  const edge = piece.edges.find((candidate) => candidate.id === wanted.edge) ?? piece.edges[0]!;
  const chosen = { piece: piece.id, edge: edge.id };
  return (
    <div className="pieces">
      <div className="pieces-head">
        <h1>Pieces</h1>
        <p className="soft">
          Count and measure the finished pieces. Choose an edge by its number; what you made stands beside
          what was planned, and seams use what you made.
        </p>
        {editor.garment.construction && (
          <Link className="btn btn-outline-dark" to={`/garments/${editor.garment.id}/numbers`}>
            Change the planned numbers
          </Link>
        )}
      </div>
      <PiecesMat pieces={plan.pieces} unit={plan.unit} chosen={chosen} onChoose={setChosen} />
      <div className="pieces-below">
        <EdgeEditor
          key={`${piece.id} ${edge.id}`}
          piece={piece}
          edge={edge}
          unit={plan.unit}
          terms={plan.terms}
          onEdge={(id) => setChosen({ piece: piece.id, edge: id })}
          onChange={(change) => void editor.change([change])}
        />
        <div>
          <PieceInspection garmentId={editor.garment.id} plan={plan} piece={piece} />
          <LeanField
            key={`lean ${piece.id} ${piece.lean?.mm ?? ''}`}
            piece={piece}
            onChange={(change) => void editor.change([change])}
          />
          <RowsField piece={piece} onChange={(change) => void editor.change([change])} />
          <Owed
            key={piece.id}
            plan={plan}
            piece={piece}
            onChange={(change) => void editor.change([change])}
          />
        </div>
      </div>
    </div>
  );
}
