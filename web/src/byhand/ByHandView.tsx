import { useQuery } from '@tanstack/react-query';
import { type ComponentProps, useState } from 'react';
import { Button } from 'react-bootstrap';
import { byHandQuery } from '../api/garments';
import type { ByHand, PiecePlan } from '../api/types';
import { useSize } from '../drawing/useSize';
import { useEditor } from '../shell/GarmentPage';
import { OutlineForm } from './OutlineForm';
import { PartsDrawing } from './PartsDrawing';
import { PiecesByHand } from './PiecesByHand';
import { SeamByHand } from './SeamByHand';
import { SeamsByHand } from './SeamsByHand';
import { useSeamDraft } from './useSeamDraft';
import { WalkForm } from './WalkForm';

const NOTHING: ByHand = { parts: [], pieces: [], seams: [], changed: [], roles: [] };

/** Seams and pieces told by hand, on the pieces as they lie. */
export function ByHandView() {
  const editor = useEditor();
  const { garment } = editor;
  const [walking, setWalking] = useState<PiecePlan | 'another'>();
  const [shown, setShown] = useState<string>();
  const { data: hand = NOTHING } = useQuery(byHandQuery(garment.id, garment.version));
  const draft = useSeamDraft(garment, hand.parts);
  if (walking) {
    return (
      <div className="by-hand-walk">
        <h1>{walking === 'another' ? 'Another piece' : walking.name}</h1>
        {walking === 'another' ? (
          <WalkForm
            action="Add the piece"
            refused={[]}
            onDone={(piece) => void editor.change([piece]).then((saved) => saved && setWalking(undefined))}
          />
        ) : (
          <OutlineForm editor={editor} piece={walking.id} onDone={() => setWalking(undefined)} />
        )}
        <Button variant="outline-dark" onClick={() => setWalking(undefined)}>
          Back without it
        </Button>
      </div>
    );
  }
  const seam = draft.seam ?? garment.plan.seams.find((candidate) => candidate.id === shown);
  return (
    <div className="by-hand-view">
      <ByHandMat plan={garment.plan} parts={hand.parts} draft={draft} seam={seam} />
      <aside className="by-hand-side">
        <h1>By hand</h1>
        <SeamByHand editor={editor} hand={hand} draft={draft} />
        <SeamsByHand editor={editor} hand={hand} shown={shown} onShow={setShown} />
        <PiecesByHand editor={editor} hand={hand} onWalk={setWalking} onAdd={() => setWalking('another')} />
      </aside>
    </div>
  );
}

/** The mat with its own size, which is measured anew whenever it comes back. */
function ByHandMat(props: Omit<ComponentProps<typeof PartsDrawing>, 'width' | 'height'>) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  return (
    <div ref={ref} className="by-hand-mat">
      {width > 0 && <PartsDrawing {...props} width={width} height={height} />}
    </div>
  );
}
