import { Form } from 'react-bootstrap';
import type { Strip } from '../api/types';
import { Figure } from './Figure';

type Trims = Strip['trims'];

/** All of it but what has one key. */
function omit<T extends object>(of: T, key: keyof T): T {
  const left = { ...of };
  delete left[key];
  return left;
}

/** Gathering, picots, buttons and fringe on the last round. */
export function TrimFields({ trims, onTrims }: { trims: Trims; onTrims: (trims: Trims) => void }) {
  const without = (key: keyof Trims) => onTrims(omit(trims, key));
  const { buttons, fringe } = trims;
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
      <div className="line">
        <Form.Check
          type="checkbox"
          id="buttons"
          label="Buttons"
          checked={buttons !== undefined}
          onChange={(event) =>
            event.target.checked
              ? onTrims({ ...trims, buttons: { count: 5, marginMm: 20, diameterMm: 18 } })
              : without('buttons')
          }
        />
        {buttons && (
          <>
            <Figure
              label="How many buttons"
              value={buttons.count}
              onFigure={(count) => onTrims({ ...trims, buttons: { ...buttons, count } })}
            />
            <span>margin, mm</span>
            <Figure
              label="Margin in mm"
              value={buttons.marginMm}
              step={0.1}
              onFigure={(marginMm) => onTrims({ ...trims, buttons: { ...buttons, marginMm } })}
            />
            <span>width, mm</span>
            <Figure
              label="Width of a button in mm"
              value={buttons.diameterMm}
              step={0.1}
              onFigure={(diameterMm) => onTrims({ ...trims, buttons: { ...buttons, diameterMm } })}
            />
            <Form.Select
              size="sm"
              aria-label="Which side lies over"
              value={buttons.lies ?? ''}
              onChange={(event) => {
                const told = event.target.value as NonNullable<typeof buttons.lies> | '';
                onTrims({ ...trims, buttons: told ? { ...buttons, lies: told } : omit(buttons, 'lies') });
              }}
            >
              <option value="">which side lies over?</option>
              <option value="OVER">this one, with the holes</option>
              <option value="UNDER">the other; the buttons are here</option>
            </Form.Select>
          </>
        )}
      </div>
      <div className="line">
        <Form.Check
          type="checkbox"
          id="fringe"
          label="Fringe"
          checked={fringe !== undefined}
          onChange={(event) =>
            event.target.checked
              ? onTrims({ ...trims, fringe: { every: 2, lengthMm: 120, strands: 2, curled: false } })
              : without('fringe')
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
    </details>
  );
}
