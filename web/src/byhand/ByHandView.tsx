import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { byHandQuery } from '../api/garments';
import type { SeamPlan } from '../api/types';
import { PlanDrawing } from '../drawing/PlanDrawing';
import { useSize } from '../drawing/useSize';
import { useEditor } from '../shell/GarmentPage';
import { freeId } from './freeId';
import { SeamByHand } from './SeamByHand';
import { WalkForm } from './WalkForm';

/** Seams and pieces of the maker's own, beside all pieces as they lie. */
export function ByHandView() {
  const editor = useEditor();
  const { garment } = editor;
  const { ref, width, height } = useSize<HTMLDivElement>();
  const [adding, setAdding] = useState(false);
  const pieces = garment.plan.pieces;
  const [tried, setTried] = useState<SeamPlan>();
  const { data: hand } = useQuery(byHandQuery(garment.id, garment.version));
  const seams = garment.plan.seams.filter((seam) => hand?.seams.includes(seam.id));
  if (adding) {
    return (
      <div className="by-hand-walk">
        <h1>Another piece</h1>
        <WalkForm
          id={freeId(pieces)}
          action="Add the piece"
          refused={[]}
          onDone={(piece) => void editor.change([piece]).then((saved) => saved && setAdding(false))}
        />
        <Button variant="outline-dark" onClick={() => setAdding(false)}>
          Back without it
        </Button>
      </div>
    );
  }
  return (
    <div className="by-hand-view">
      <div ref={ref} className="by-hand-mat">
        {width > 0 && <PlanDrawing plan={garment.plan} width={width} height={height} seam={tried} />}
      </div>
      <aside className="by-hand-side">
        <h1>By hand</h1>
        <SeamByHand editor={editor} onTried={setTried} />
        {seams.length > 0 && (
          <section aria-label="Seams you made">
            <h2>Seams you made</h2>
            <ul className="by-hand-list">
              {seams.map((seam) => (
                <li key={seam.id}>
                  <Link to={`/garments/${garment.id}/seam/${seam.id}`}>{seam.name}</Link> {seam.counts}
                  <Button
                    variant="outline-dark"
                    aria-label={`Take out ${seam.name}`}
                    onClick={() => void editor.change([{ kind: 'SEAM_UNMADE', seam: seam.id }])}
                  >
                    Take out
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        )}
        <section aria-label="Pieces">
          <h2>Pieces</h2>
          <ul className="by-hand-list">
            {pieces.map((piece) => (
              <li key={piece.id}>
                {piece.name}
                {[false, true].map((mirrored) => (
                  <Button
                    key={String(mirrored)}
                    variant="outline-dark"
                    aria-label={`${mirrored ? 'Mirror' : 'Copy'} ${piece.name}`}
                    onClick={() =>
                      void editor.change([
                        {
                          kind: 'PIECE_COPIED',
                          piece: piece.id,
                          copy: freeId(pieces),
                          name: `${piece.name}, ${mirrored ? 'mirrored' : 'again'}`,
                          mirrored,
                        },
                      ])
                    }
                  >
                    {mirrored ? 'Mirror' : 'Copy'}
                  </Button>
                ))}
                {hand?.pieces.includes(piece.id) && (
                  <Button
                    variant="outline-dark"
                    aria-label={`Remove ${piece.name}`}
                    onClick={() => void editor.change([{ kind: 'PIECE_REMOVED', piece: piece.id }])}
                  >
                    Remove
                  </Button>
                )}
              </li>
            ))}
          </ul>
          <Button variant="outline-dark" onClick={() => setAdding(true)}>
            Walk round another piece
          </Button>
        </section>
      </aside>
    </div>
  );
}
