import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Strip, StripPlan } from '../api/types';
import type { GarmentEditor } from '../shell/useGarment';
import { Along } from './Along';
import { BandFields } from './BandFields';
import { MadeHow } from './MadeHow';
import { MultipleFields, withRounds } from './MultipleFields';
import { RoundFields } from './RoundFields';
import { StripYarnField } from './StripYarnField';
import { added, nextStrip, told } from './strips';
import { TrimFields } from './TrimFields';

interface Props {
  editor: GarmentEditor;
  strip: StripPlan;
  /** Another edging is looked at, or none. */
  onChoose: (id?: string) => void;
}

/** What the maker wants of an edging; each answer is saved when its field is left. */
export function StripForm({ editor, strip, onChoose }: Props) {
  const { plan } = editor.garment;
  const wanted = strip.strip;
  const change = (changed: Partial<Strip>) => void editor.change([told(wanted, changed)]);
  const mirror = plan.strips.find(({ strip: other }) => other.mirrorOf === strip.id);
  const out = (
    <Button
      variant="outline-dark"
      size="sm"
      onClick={() =>
        void editor.change([{ kind: 'STRIP_REMOVED', strip: strip.id }]).then((done) => done && onChoose())
      }
    >
      Take it out
    </Button>
  );
  const yarn = <StripYarnField editor={editor} strip={strip} />;
  if (wanted.mirrorOf !== undefined) {
    const original = plan.strips.find(({ id }) => id === wanted.mirrorOf);
    return (
      <div className="strip-form">
        <p>
          It keeps to the {original?.strip.name.toLowerCase()}: its rounds, and the stitches worked there.
        </p>
        {yarn}
        {out}
      </div>
    );
  }
  const { band } = wanted;
  return (
    <div className="strip-form">
      <MadeHow editor={editor} strip={strip} onChoose={onChoose} />
      {band ? (
        <BandFields
          band={band}
          sewn={strip.sewn}
          terms={plan.terms}
          onBand={(told) => change({ band: told })}
        />
      ) : (
        <>
          <RoundFields
            rounds={wanted.rounds}
            terms={plan.terms}
            onRounds={(rounds) => change({ rounds, multiple: withRounds(wanted.multiple, rounds.length) })}
          />
          <MultipleFields
            multiple={wanted.multiple}
            rounds={wanted.rounds.length}
            onMultiple={(multiple) => change({ multiple })}
          />
          <Form.Check
            type="checkbox"
            id="straight-on"
            label="Straight on at inner corners (up to four low rounds)"
            checked={wanted.straightOn}
            onChange={(event) => change({ straightOn: event.target.checked })}
          />
          <TrimFields trims={wanted.trims} inner={strip.inner} onTrims={(trims) => change({ trims })} />
        </>
      )}
      {yarn}
      <Along key={JSON.stringify([wanted.from, wanted.to])} strip={strip} onAlong={change} />
      <div className="line">
        {strip.mirrorable && !mirror && (
          <Button
            variant="outline-dark"
            size="sm"
            disabled={plan.strips.length >= bounds.strips}
            onClick={() =>
              void editor.change([
                {
                  kind: 'STRIP_MIRRORED',
                  strip: strip.id,
                  name: otherSide(wanted.name),
                },
              ])
            }
          >
            The same on the other side
          </Button>
        )}
        <Button
          variant="outline-dark"
          size="sm"
          disabled={plan.strips.length >= bounds.strips}
          onClick={() =>
            void editor.addStrip(added(nextStrip(strip))).then((next) => next !== undefined && onChoose(next))
          }
        >
          Work another onto it
        </Button>
        {out}
      </div>
    </div>
  );
}

/** What the twin of an edging is called: the other side where its name says one. */
function otherSide(name: string): string {
  if (/left/i.test(name)) {
    return name.replace(/left/i, (word) => (word === 'Left' ? 'Right' : 'right'));
  }
  if (/right/i.test(name)) {
    return name.replace(/right/i, (word) => (word === 'Right' ? 'Left' : 'left'));
  }
  return `${name}, other side`;
}
