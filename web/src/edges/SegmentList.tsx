import { useState } from 'react';
import { Form } from 'react-bootstrap';
import type { InnerPlan, StripPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';

/** What is worked, round by round; in the first one each stretch takes a count of the maker's own, wanted or worked. */
export function SegmentList({ editor, strip }: { editor: GarmentEditor; strip: StripPlan }) {
  if (strip.band) {
    return (
      <section aria-label="The band">
        <h2>The band</h2>
        <p>{strip.band.words}</p>
        <ol>
          {strip.band.quarters.map(({ row, words }) => (
            <li key={row}>
              Row {row} meets {words}.
            </li>
          ))}
        </ol>
      </section>
    );
  }
  const [first, ...later] = strip.rounds;
  const title = strip.row ? 'Row by row' : 'Round by round';
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <p>
        <strong>{first?.words}</strong>
      </p>
      <ol className="segments">
        {first?.segments.map((segment, index) => (
          <li key={index}>
            {segment.words}
            {segment.thumb !== undefined && segment.thumb !== segment.stitches && (
              <span className="soft"> The rule of thumb says {segment.thumb}.</span>
            )}
            {segment.stretch !== undefined && !strip.row && (
              <Counts
                key={`${segment.stitches}`}
                editor={editor}
                strip={strip}
                inner={strip.inner[segment.stretch]!}
                stitches={segment.stitches}
              />
            )}
            {first.corners
              .filter(({ behind }) => behind === index)
              .map((corner, i) => (
                <em key={i} className="corner-words">
                  {corner.words}
                </em>
              ))}
          </li>
        ))}
      </ol>
      {later.map((round) => (
        <p key={round.number}>{round.words}</p>
      ))}
      {strip.trims.map(({ kind, words }) => (
        <p key={kind}>{words}</p>
      ))}
    </section>
  );
}

interface CountProps {
  editor: GarmentEditor;
  strip: StripPlan;
  inner: InnerPlan;
  stitches: number;
}

/** The knob of a stretch: how many are wanted, and how many were really worked. */
function Counts({ editor, strip, inner, stitches }: CountProps) {
  const tell = (wanted: number | undefined, worked: number | undefined, trial: number[] = []) =>
    void editor.change([
      {
        kind: 'STRIP_STITCHES',
        strip: strip.id,
        at: inner.at,
        ...(wanted ? { wanted } : {}),
        ...(worked ? { worked } : {}),
        trial: wanted ? [] : trial,
      },
    ]);
  const listed = inner.trial.join(', ');
  const field = (
    label: string,
    value: number | undefined,
    shown: string,
    onTold: (value: number | undefined) => void,
  ) => (
    <Form.Label>
      {label}{' '}
      <Form.Control
        size="sm"
        type="number"
        min={1}
        aria-label={`${label} along ${inner.name.toLowerCase()}`}
        defaultValue={value}
        placeholder={shown}
        onBlur={(event) => {
          const now = event.target.value === '' ? undefined : Number(event.target.value);
          if (now !== value) {
            onTold(now);
          }
        }}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
    </Form.Label>
  );
  return (
    <span className="segment-counts" key={`${inner.wanted}/${inner.worked}/${listed}`}>
      {!strip.strip.mirrorOf &&
        field('I want', inner.wanted, String(stitches), (now) => tell(now, inner.worked))}
      {!strip.strip.mirrorOf && (
        <Trial inner={inner} onTold={(list) => tell(undefined, inner.worked, list)} />
      )}
      {field('I worked', inner.worked, '', (now) => tell(inner.wanted, now, inner.trial))}
    </span>
  );
}

/** Stitches into one unit after the other, as they were found by trial. */
function Trial({ inner, onTold }: { inner: InnerPlan; onTold: (list: number[]) => void }) {
  const listed = inner.trial.join(', ');
  const [wrong, setWrong] = useState(false);
  return (
    <Form.Label>
      by trial{' '}
      <Form.Control
        size="sm"
        aria-label={`By trial along ${inner.name.toLowerCase()}`}
        defaultValue={listed}
        placeholder="3, 2, 3"
        isInvalid={wrong}
        onBlur={(event) => {
          const parts = event.target.value.split(/[\s,;]+/).filter(Boolean);
          const isWrong = parts.some((part) => !/^\d+$/.test(part));
          setWrong(isWrong);
          if (!isWrong && parts.join(', ') !== listed) {
            onTold(parts.map(Number));
          }
        }}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
      {wrong && <span className="wrong">Type numbers, like 3, 2, 3.</span>}
    </Form.Label>
  );
}
