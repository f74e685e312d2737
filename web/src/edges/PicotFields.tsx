import { Form } from 'react-bootstrap';
import type { Strip, StripPlan } from '../api/types';
import { Figure } from './Figure';
import { omit } from './omit';

type Trims = Strip['trims'];
type Inner = StripPlan['inner'][number];

interface Props {
  trims: Trims;
  inner: Inner[];
  onTrims: (trims: Trims) => void;
}

const isOn =
  ({ piece, edge }: Inner) =>
  (plain: { piece: string; edge: string }) =>
    plain.piece === piece && plain.edge === edge;

/** Picots on every so many stitches, and the stretches that stay plain: both halves alike. */
export function PicotFields({ trims, inner, onTrims }: Props) {
  const plain = trims.plain ?? [];
  const toggle = (stretch: Inner, on: boolean) => {
    const both = [stretch, ...(stretch.twin === undefined ? [] : [inner[stretch.twin]!])];
    const others = plain.filter((edge) => !both.some((one) => isOn(one)(edge)));
    const next = on ? [...others, ...both.map(({ piece, edge }) => ({ piece, edge }))] : others;
    onTrims(next.length > 0 ? { ...trims, plain: next } : omit(trims, 'plain'));
  };
  return (
    <>
      <div className="line">
        <span>A picot on every</span>
        <Figure
          label="Stitches from picot to picot"
          value={trims.picotEvery}
          placeholder="none"
          onFigure={(picotEvery) => onTrims({ ...trims, picotEvery })}
          onNone={() => onTrims(omit(omit(trims, 'picotEvery'), 'plain'))}
        />
        <span>stitches</span>
      </div>
      {trims.picotEvery !== undefined && inner.length > 1 && (
        <fieldset className="plain-edges">
          <legend>Plain, without picots</legend>
          {inner.map((stretch, index) => (
            <Form.Check
              key={index}
              id={`plain-${index}`}
              label={stretch.name}
              checked={plain.some(isOn(stretch))}
              onChange={({ target }) => toggle(stretch, target.checked)}
            />
          ))}
        </fieldset>
      )}
    </>
  );
}
