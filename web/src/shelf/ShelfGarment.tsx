import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import type { Summary } from '../api/types';
import { GarmentDrawing } from '../drawing/GarmentDrawing';

function closed(garment: Summary): number {
  return garment.progress.filter((seam) => seam.state === 'JOINED').length;
}

/** One garment on its board: the drawing, what is joined, the one next step. */
export function ShelfGarment({
  garment,
  scale,
  onArchive,
  onDelete,
}: {
  garment: Summary;
  scale: number;
  onArchive: () => void;
  onDelete: () => void;
}) {
  const joined = closed(garment);
  const next = garment.next;
  return (
    <li className="board">
      <div className="board-row">
        {garment.unreadable === undefined && (
          <Link to={`/garments/${garment.id}`} className="board-drawing" aria-label={`Open ${garment.name}`}>
            <GarmentDrawing
              pieces={garment.pieces}
              scale={scale}
              title={`${garment.name}, its pieces to scale`}
            />
          </Link>
        )}
        <div className="board-words">
          <h2>
            {garment.unreadable === undefined ? (
              <Link to={`/garments/${garment.id}`}>{garment.name}</Link>
            ) : (
              garment.name
            )}
          </h2>
          {garment.unreadable === undefined && (
            <>
              <Stitches joined={joined} all={garment.progress.length} />
              <p className="soft">
                {joined} of {garment.progress.length} seams joined
              </p>
            </>
          )}
          {garment.unreadable !== undefined ? (
            <p>
              <strong>This one cannot be read.</strong> {garment.unreadable} Nothing of it is lost: save it as
              a file, or open it with the version that wrote it.
            </p>
          ) : next ? (
            <>
              <p>
                <strong>Next:</strong> {next.title.charAt(0).toLowerCase() + next.title.slice(1)}.{' '}
                {next.words}
              </p>
              <Link
                className="btn btn-primary"
                to={`/garments/${garment.id}/${next.begun ? 'bench' : 'seam'}/${next.seam}`}
              >
                {next.begun ? 'Go on with it' : 'Look at this seam'}
              </Link>
            </>
          ) : (
            <p>
              <strong>All joined.</strong> Weave in the ends, block it once more, and wear it.
            </p>
          )}
          <p className="board-links">
            <a
              className="btn btn-link"
              href={`/api/garments/${garment.id}/file`}
              download={`${garment.name}.ruxel.json`}
            >
              Save as file
            </a>
            <Button variant="link" onClick={onArchive}>
              Archive
            </Button>
            <Button variant="link" onClick={onDelete}>
              Delete
            </Button>
          </p>
        </div>
      </div>
      <Ruler scale={scale} />
    </li>
  );
}

/** Joined seams as a zigzag, the rest as open rings. */
function Stitches({ joined, all }: { joined: number; all: number }) {
  const step = 16;
  const zigzag = Array.from(
    { length: joined },
    (_, i) => `L${i * step + step / 2} 3L${(i + 1) * step} 15`,
  ).join('');
  return (
    <svg width={all * step + 4} height={18} aria-hidden="true">
      {joined > 0 && (
        <path d={`M0 15${zigzag}`} fill="none" stroke="var(--ink)" strokeWidth={2} strokeLinejoin="round" />
      )}
      {Array.from({ length: all - joined }, (_, i) => (
        <circle
          key={i}
          cx={(joined + i) * step + 9}
          cy={9}
          r={4.5}
          fill="none"
          stroke="var(--waiting)"
          strokeWidth={1.6}
        />
      ))}
    </svg>
  );
}

function Ruler({ scale }: { scale: number }) {
  const tick = 100 * scale;
  return (
    <svg className="ruler" width="100%" height={18} aria-hidden="true">
      <defs>
        <pattern id="ticks" width={tick * 5} height={18} patternUnits="userSpaceOnUse">
          {[0, 1, 2, 3, 4].map((i) => (
            <line
              key={i}
              x1={i * tick + 0.5}
              x2={i * tick + 0.5}
              y1={0}
              y2={i === 0 ? 14 : 8}
              stroke="var(--hairline)"
              strokeWidth={1}
            />
          ))}
        </pattern>
      </defs>
      <rect width="100%" height={18} fill="var(--mat)" />
      <rect width="100%" height={18} fill="url(#ticks)" />
      <line x1={0} x2="100%" y1={1} y2={1} stroke="var(--ink)" strokeWidth={2.5} />
    </svg>
  );
}
