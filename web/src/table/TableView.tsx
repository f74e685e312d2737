import { useMemo } from 'react';
import { useSize } from '../drawing/useSize';
import { useEditor } from '../shell/GarmentPage';
import { TableDrawing } from './TableDrawing';
import { TableStrip } from './TableStrip';

/** The whole garment opened flat: pieces to scale, threads between edges, openings, the next step. */
export function TableView() {
  const editor = useEditor();
  const { garment } = editor;
  const { ref, width, height } = useSize<HTMLDivElement>();
  const joined = useMemo(
    () => new Set(garment.progress.filter((seam) => seam.state === 'JOINED').map((seam) => seam.seam)),
    [garment.progress],
  );
  return (
    <div className="table-view">
      <div ref={ref} className="table-mat">
        {width > 0 && <TableDrawing garment={garment} joined={joined} width={width} height={height} />}
      </div>
      <TableStrip editor={editor} joined={joined} />
    </div>
  );
}
