import type { Stretch } from './railGeometry';

interface Props {
  stretches: Stretch[];
  near: number | undefined;
  onNear: (near: number | undefined) => void;
  wrongSide: boolean;
  onTurn: () => void;
}

/** How the rails are seen: whole or one stretch between markers, right or wrong side up. */
export function RailControls({ stretches, near, onNear, wrongSide, onTurn }: Props) {
  const many = stretches.length > 1;
  const at = near === undefined ? 'Whole seam' : (stretches[near]?.name ?? '');
  return (
    <div className="rail-controls" role="toolbar" aria-label="How the rails are seen">
      {many && (
        <>
          <button
            type="button"
            onClick={() => onNear(near === undefined ? 0 : undefined)}
            aria-pressed={near !== undefined}
          >
            {near === undefined ? 'Come near' : 'Whole seam'}
          </button>
          <button
            type="button"
            disabled={near === undefined || near === 0}
            onClick={() => near !== undefined && onNear(near - 1)}
            aria-label="The stretch before"
          >
            ◂
          </button>
          <span className="rail-at" aria-live="polite">
            {at}
          </span>
          <button
            type="button"
            disabled={near === undefined || near >= stretches.length - 1}
            onClick={() => near !== undefined && onNear(near + 1)}
            aria-label="The next stretch"
          >
            ▸
          </button>
        </>
      )}
      <button type="button" onClick={onTurn} aria-pressed={wrongSide}>
        {wrongSide ? 'Wrong side up: turn back' : 'Turn over'}
      </button>
    </div>
  );
}
