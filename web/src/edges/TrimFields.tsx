import type { Strip, StripPlan } from '../api/types';
import { ButtonFields } from './ButtonFields';
import { Figure } from './Figure';
import { FringeFields } from './FringeFields';
import { omit } from './omit';
import { PicotFields } from './PicotFields';

type Trims = Strip['trims'];

interface Props {
  trims: Trims;
  /** What it lies along. */
  inner: StripPlan['inner'];
  onTrims: (trims: Trims) => void;
}

/** Gathering, picots, buttons and fringe on the last round. */
export function TrimFields({ trims, inner, onTrims }: Props) {
  const without = (key: keyof Trims) => onTrims(omit(trims, key));
  return (
    <details className="trims" open={Object.keys(trims).length > 0}>
      <summary>Picots, buttons, fringe, gathering</summary>
      <PicotFields trims={trims} inner={inner} onTrims={onTrims} />
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
