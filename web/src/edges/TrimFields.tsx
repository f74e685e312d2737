import type { Strip } from '../api/types';
import { ButtonFields } from './ButtonFields';
import { Figure } from './Figure';
import { FringeFields } from './FringeFields';
import { omit } from './omit';

type Trims = Strip['trims'];

/** Gathering, picots, buttons and fringe on the last round. */
export function TrimFields({ trims, onTrims }: { trims: Trims; onTrims: (trims: Trims) => void }) {
  const without = (key: keyof Trims) => onTrims(omit(trims, key));
  return (
    <details className="trims" open={Object.keys(trims).length > 0}>
      <summary>Picots, buttons, fringe, gathering</summary>
      <div className="line">
        <span>A picot on every</span>
        <Figure
          label="Stitches from picot to picot"
          value={trims.picotEvery}
          placeholder="none"
          onFigure={(picotEvery) => onTrims({ ...trims, picotEvery })}
          onNone={() => without('picotEvery')}
        />
        <span>stitches</span>
      </div>
      <div className="line">
        <span>Gathered to</span>
        <Figure
          label="Stitches gathered to"
          value={trims.gatherTo}
          placeholder="none"
          onFigure={(gatherTo) => onTrims({ ...trims, gatherTo })}
          onNone={() => without('gatherTo')}
        />
        <span>stitches</span>
      </div>
      <ButtonFields trims={trims} onTrims={onTrims} />
      <FringeFields trims={trims} onTrims={onTrims} />
    </details>
  );
}
