import { Form } from 'react-bootstrap';
import type { Strip } from '../api/types';
import { Figure } from './Figure';
import { omit } from './omit';

type Trims = Strip['trims'];

/** Buttons: how many, where the first lies, how wide, and which side lies over. */
export function ButtonFields({ trims, onTrims }: { trims: Trims; onTrims: (trims: Trims) => void }) {
  const { buttons } = trims;
  return (
    <div className="line">
      <Form.Check
        type="checkbox"
        id="buttons"
        label="Buttons"
        checked={buttons !== undefined}
        onChange={(event) =>
          event.target.checked
            ? onTrims({ ...trims, buttons: { count: 5, marginMm: 20, diameterMm: 18 } })
            : onTrims(omit(trims, 'buttons'))
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
  );
}
