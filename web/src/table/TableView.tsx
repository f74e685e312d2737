import { useCallback, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { FindingView, Opened } from '../api/types';
import { Sign } from '../drawing/Signs';
import { fitScale } from '../drawing/sheet';
import { useSize } from '../drawing/useSize';
import { useEditor } from '../shell/GarmentPage';
import type { Lit } from './lit';
import { ExploreCard } from './ExploreCard';
import { LitCard } from './LitCard';
import { TableDrawing } from './TableDrawing';
import { TableStrip } from './TableStrip';
import { type Dragged, useTableLook } from './useTableLook';
import { useOpenings } from './useOpenings';
import { useExplore } from './useExplore';
import { Worn } from './Worn';

/** The whole garment opened flat: pieces to scale, threads between edges, openings, the next step. */
export function TableView() {
  const editor = useEditor();
  const { garment, change } = editor;
  const { ref, width, height } = useSize<HTMLDivElement>();
  const [worn, setWorn] = useState(false);
  const [lit, setLit] = useState<Lit>();
  const joined = useMemo(
    () => new Set(garment.progress.filter((seam) => seam.state === 'JOINED').map((seam) => seam.seam)),
    [garment.progress],
  );
  const drop = useCallback(
    (dragged: Dragged, pxPerMm: number) => {
      const laid = garment.plan.pieces.find((piece) => piece.id === dragged.piece)?.laid;
      void change([
        {
          kind: 'PIECE_MOVED',
          piece: dragged.piece,
          laid: {
            dxMm: (laid?.dxMm ?? 0) + dragged.by.x / pxPerMm,
            dyMm: (laid?.dyMm ?? 0) - dragged.by.y / pxPerMm,
            quarterTurns: laid?.quarterTurns ?? 0,
          },
        },
      ]);
    },
    [garment.plan.pieces, change],
  );
  const table = useTableLook(ref, { width, height }, (dragged) =>
    drop(dragged, fitScale(garment.plan, { width, height }) * table.look.zoom),
  );
  const openings = useOpenings(garment);
  const explore = useExplore(editor);
  const exploring = explore.on && !worn;
  const warning = garment.plan.findings.find((finding) => finding.seam && finding.level !== 'NOTE');
  return (
    <div className="table-view">
      <div
        ref={ref}
        className="table-mat"
        tabIndex={0}
        role="group"
        aria-label="The mat: plus and minus come nearer and go further, arrow keys move it, 0 shows all"
        {...(worn ? {} : table.handlers)}
      >
        {width > 0 && worn && <Worn plan={garment.plan} width={width} height={height} />}
        {width > 0 && !worn && (
          <TableDrawing
            openings={openings.openings}
            {...{ garment, joined, width, height, lit, warning }}
            look={table.look}
            dragged={table.dragged}
            onLit={setLit}
            explore={exploring ? explore : undefined}
          />
        )}
        <div className="table-controls" role="toolbar" aria-label="How the table is seen">
          <button type="button" aria-pressed={worn} onClick={() => setWorn(!worn)}>
            {worn ? 'As laid' : 'As worn'}
          </button>
          {!worn && (
            <>
              <button type="button" onClick={table.nearer} aria-label="Nearer">
                +
              </button>
              <button type="button" onClick={table.further} aria-label="Further">
                −
              </button>
              <button type="button" onClick={table.fit}>
                All
              </button>
              {garment.plan.handles.length > 0 && (
                <button type="button" aria-pressed={explore.on} onClick={explore.toggle}>
                  Try sizes
                </button>
              )}
            </>
          )}
        </div>
        {lit && !worn && !exploring && <LitCard garment={garment} lit={lit} />}
        {warning && !worn && !exploring && <WarningLabel finding={warning} garment={garment} />}
        {!worn && !exploring && <NextLabel garment={garment} />}
      </div>
      {exploring ? (
        <ExploreCard editor={editor} explore={explore} />
      ) : (
        <TableStrip editor={editor} joined={joined} openings={openings} onLit={setLit} />
      )}
    </div>
  );
}

function WarningLabel({ finding, garment }: { finding: FindingView; garment: Opened }) {
  return (
    <div className="warning-label">
      <Link to={`/garments/${garment.id}/seam/${finding.seam ?? ''}`}>
        <Sign state={finding.level === 'DECIDE_FIRST' ? 'DECIDE' : 'LOOK'} /> {finding.levelWords}
      </Link>
      <p>{finding.sentence}</p>
    </div>
  );
}

function NextLabel({ garment }: { garment: Opened }) {
  const { next } = garment;
  if (!next) {
    return null;
  }
  return (
    <div className="next-label">
      <span className="soft">Next step</span>
      <h2>{next.title}</h2>
      <p>{next.direction}</p>
      <Link
        className="btn btn-primary"
        to={`/garments/${garment.id}/${next.begun ? 'bench' : 'seam'}/${next.seam}`}
      >
        {next.begun ? 'Go on with it' : 'Look at this seam'}
      </Link>
    </div>
  );
}
