import { useQuery } from '@tanstack/react-query';
import { Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import { methodsQuery } from '../api/garments';
import type { SeamPlan, Strip, Terms } from '../api/types';
import { Figure } from './Figure';

type Band = NonNullable<Strip['band']>;

interface Props {
  band: Band;
  /** How it is sewn on, if it can be. */
  sewn: SeamPlan | undefined;
  terms: Terms;
  onBand: (band: Band) => void;
}

/** A band: what for, how wide, how high a row is, and of one made separately its rows where the maker wants others. */
export function BandFields({ band, sewn, terms, onBand }: Props) {
  const { data: catalogue } = useQuery(methodsQuery(terms));
  const usual: Band = { ...band };
  delete usual.rows;
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
      {!band.workedOn && (
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
      )}
      {sewn && (
        <Form.Group controlId="band-method" className="line">
          <Form.Label>Sewn on by</Form.Label>
          <Form.Select
            size="sm"
            value={sewn.method}
            onChange={(event) => onBand({ ...band, method: event.target.value })}
          >
            {sewn.advice.ranking.map(({ method }) => (
              <option key={method} value={method}>
                {catalogue?.find(({ id }) => id === method)?.title ?? method}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
    </>
  );
}
