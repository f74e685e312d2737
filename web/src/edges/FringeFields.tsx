import { Form } from 'react-bootstrap';
import type { Strip } from '../api/types';
import { Figure } from './Figure';
import { omit } from './omit';

type Trims = Strip['trims'];

/** Fringe: how dense, how long, of how many strands, and from where to where. */
export function FringeFields({ trims, onTrims }: { trims: Trims; onTrims: (trims: Trims) => void }) {
  const { fringe } = trims;
  return (
    <div className="line">
      <Form.Check
        type="checkbox"
        id="fringe"
        label="Fringe"
        checked={fringe !== undefined}
        onChange={(event) =>
          event.target.checked
            ? onTrims({ ...trims, fringe: { every: 2, lengthMm: 120, strands: 2, curled: false } })
            : onTrims(omit(trims, 'fringe'))
        }
      />
      {fringe && (
        <>
          <span>every</span>
          <Figure
            label="Stitches from tuft to tuft"
            value={fringe.every}
            onFigure={(every) => onTrims({ ...trims, fringe: { ...fringe, every } })}
          />
          <span>length, mm</span>
          <Figure
            label="Length of the fringe in mm"
            value={fringe.lengthMm}
            step={0.1}
            onFigure={(lengthMm) => onTrims({ ...trims, fringe: { ...fringe, lengthMm } })}
          />
          <span>strands</span>
          <Figure
            label="Strands of a tuft"
            value={fringe.strands}
            onFigure={(strands) => onTrims({ ...trims, fringe: { ...fringe, strands } })}
          />
          <span>from stitch</span>
          <Figure
            label="First stitch with fringe"
            value={fringe.first}
            onFigure={(first) => onTrims({ ...trims, fringe: { ...fringe, first } })}
            onNone={() => onTrims({ ...trims, fringe: omit(fringe, 'first') })}
          />
          <span>to</span>
          <Figure
            label="Last stitch with fringe"
            value={fringe.last}
            onFigure={(last) => onTrims({ ...trims, fringe: { ...fringe, last } })}
            onNone={() => onTrims({ ...trims, fringe: omit(fringe, 'last') })}
          />
          <Form.Check
            type="checkbox"
            id="curled"
            label="twisted curls"
            checked={fringe.curled}
            onChange={(event) => onTrims({ ...trims, fringe: { ...fringe, curled: event.target.checked } })}
          />
        </>
      )}
    </div>
  );
}
