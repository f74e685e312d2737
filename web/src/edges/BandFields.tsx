import { Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Strip } from '../api/types';
import { Figure } from './Figure';

type Band = NonNullable<Strip['band']>;

/** A band made separately: what for, how wide, how high a row is, and its rows where the maker wants others. */
export function BandFields({ band, onBand }: { band: Band; onBand: (band: Band) => void }) {
  const usual: Band = { kind: band.kind, widthMm: band.widthMm, rowMm: band.rowMm };
  return (
    <>
      <div className="line">
        <Form.Select
          size="sm"
          aria-label="What the band is"
          value={band.kind}
          onChange={(event) => onBand({ ...band, kind: event.target.value as Band['kind'] })}
        >
          {bounds.bands.map(({ kind, words, usual: share }) => (
            <option key={kind} value={kind}>
              {words}, {Math.round(share * 100)} % of its edge
            </option>
          ))}
        </Form.Select>
      </div>
      <div className="line">
        <Figure
          label="Width of the band in mm"
          value={band.widthMm}
          step={0.1}
          onFigure={(widthMm) => onBand({ ...band, widthMm })}
        />
        <span>mm wide, rows of</span>
        <Figure
          label="Height of a row in mm"
          value={band.rowMm}
          step={0.1}
          onFigure={(rowMm) => onBand({ ...band, rowMm })}
        />
        <span>mm</span>
      </div>
      <div className="line">
        <span>Rows, if you want others</span>
        <Figure
          label="Rows"
          value={band.rows}
          placeholder="usual"
          onFigure={(rows) => onBand({ ...band, rows })}
          onNone={() => onBand(usual)}
        />
      </div>
    </>
  );
}
