import { useState } from 'react';
import { Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import type { Change, ChangeOf, SeamPlan, SurplusChoice } from '../api/types';
import { figure, trimmed } from '../format';
import { SavedField } from '../shell/SavedField';

interface Props {
  seam: SeamPlan;
  /** What the seam on the other side of the wearer is called. */
  twinName: string | undefined;
  onChange: (changes: Change[]) => void;
}

type Working = ChangeOf<'SEAM_WORKED'>['working'];
const ROW_PLACES = Array.from({ length: bounds.placesPerRow }, (_, i) => i + 1);
const PERCENT = 100;

/** Where the surplus goes, whether several into one are one joint, and what rows and spaces give. */
export function WorkingPanel({ seam, twinName, onChange }: Props) {
  const [both, setBoth] = useState(true);
  const { working } = seam;
  const now: Working = {
    together: working.together,
    surplus: working.surplus,
    fullness: working.fullness,
    ...(working.fuller === undefined ? {} : { fuller: working.fuller }),
    seamPlaces: working.seamPlaces,
    a: gives(working.a),
    b: gives(working.b),
  };
  const onWorking = (wanted: Working) =>
    onChange(
      [seam.id, ...(both && seam.twin !== undefined ? [seam.twin] : [])].map((id) => ({
        kind: 'SEAM_WORKED',
        seam: id,
        working: wanted,
      })),
    );
  const change = (over: Partial<Working>) => onWorking({ ...now, ...over });
  const unequal = seam.a.places !== seam.b.places || working.a.hasSpaces || working.b.hasSpaces;
  return (
    <section aria-label="Surplus">
      <h2>Where the surplus goes</h2>
      {unequal || working.surplus !== 'EVEN' ? (
        <fieldset className="choices">
          <legend className="visually-hidden">Surplus</legend>
          {working.choices.map((choice) => (
            <Choice
              key={choice.surplus}
              choice={choice}
              name={`surplus-${seam.id}`}
              checked={choice.surplus === working.surplus}
              onChoose={() => change({ surplus: choice.surplus })}
            />
          ))}
        </fieldset>
      ) : (
        <p className="soft">Both sides have equal counts: there is none.</p>
      )}
      {twinName !== undefined && (
        <Form.Check
          type="checkbox"
          id={`both-${seam.id}`}
          label={`The same on the ${twinName.toLowerCase()}`}
          checked={both}
          onChange={(event) => setBoth(event.target.checked)}
        />
      )}
      <details>
        <summary>More about how it is worked</summary>
        <Form.Check
          type="checkbox"
          id={`together-${seam.id}`}
          label="Several into one are joined all at once, as one joint"
          checked={working.together}
          onChange={(event) => change({ together: event.target.checked })}
        />
        {working.hasSeamPlaces && (
          <Form.Check
            type="checkbox"
            id={`seam-places-${seam.id}`}
            label="Join into the spot where two pieces meet as well, as a place of its own"
            checked={working.seamPlaces}
            onChange={(event) => change({ seamPlaces: event.target.checked })}
          />
        )}
        <Fullness
          key={working.fullness}
          value={working.fullness}
          onSave={(fullness) => change({ fullness })}
        />
        {working.fullness > 0 && (
          <Form.Group className="inline-field" controlId={`fuller-${seam.id}`}>
            <Form.Label>The fuller side</Form.Label>
            <Form.Select
              value={working.fuller ?? ''}
              onChange={(event) => {
                const wanted = { ...now };
                delete wanted.fuller;
                const side = event.target.value;
                onWorking(side === 'A' || side === 'B' ? { ...wanted, fuller: side } : wanted);
              }}
            >
              <option value="">the longer one</option>
              <option value="A">{seam.a.name}</option>
              <option value="B">{seam.b.name}</option>
            </Form.Select>
          </Form.Group>
        )}
        {(['a', 'b'] as const).map((side) => (
          <SideGives
            key={side}
            name={seam[side].name}
            id={`${seam.id}-${side}`}
            given={working[side]}
            onChange={(given) => change({ [side]: given })}
          />
        ))}
      </details>
    </section>
  );
}

function gives(side: SeamPlan['working']['a']): Working['a'] {
  return {
    spaces: side.spaces,
    ...(side.placesPerRow === undefined ? {} : { placesPerRow: side.placesPerRow }),
  };
}

interface ChoiceProps {
  choice: SurplusChoice;
  name: string;
  checked: boolean;
  onChoose: () => void;
}

function Choice({ choice, name, checked, onChoose }: ChoiceProps) {
  const id = `${name}-${choice.surplus}`;
  return (
    <div className="choice">
      <Form.Check
        type="radio"
        id={id}
        name={name}
        label={choice.title}
        checked={checked}
        disabled={choice.reason !== undefined}
        aria-describedby={`${id}-words`}
        onChange={onChoose}
      />
      <p id={`${id}-words`} className="soft">
        {choice.reason ?? choice.words}
      </p>
    </div>
  );
}

function Fullness({ value, onSave }: { value: number; onSave: (share: number) => void }) {
  return (
    <SavedField
      id="fullness"
      label="Meant to be fuller by"
      shown={value === 0 ? '' : trimmed(value * PERCENT)}
      wrong={(text) =>
        figure(text) >= 0 && figure(text) <= bounds.fullness * PERCENT
          ? undefined
          : `From 0 to ${bounds.fullness * PERCENT} percent.`
      }
      onSave={(text) => onSave(text === '' ? 0 : figure(text) / PERCENT)}
    >
      <span>%</span>
    </SavedField>
  );
}

interface SideProps {
  name: string;
  id: string;
  given: SeamPlan['working']['a'];
  onChange: (given: Working['a']) => void;
}

function SideGives({ name, id, given, onChange }: SideProps) {
  return (
    <>
      {given.hasRows && (
        <Form.Group className="inline-field" controlId={`rows-${id}`}>
          <Form.Label>{name}: places in a row end</Form.Label>
          <Form.Select
            value={given.placesPerRow ?? ''}
            onChange={(event) =>
              onChange({
                spaces: given.spaces,
                ...(event.target.value === '' ? {} : { placesPerRow: Number(event.target.value) }),
              })
            }
          >
            <option value="">the usual</option>
            {ROW_PLACES.map((count) => (
              <option key={count} value={count}>
                {count}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      {given.hasSpaces && (
        <Form.Check
          type="checkbox"
          id={`spaces-${id}`}
          label={`${name}: into each chain of a space, not round it`}
          checked={given.spaces === 'INTO_CHAINS'}
          onChange={(event) =>
            onChange({ ...gives(given), spaces: event.target.checked ? 'INTO_CHAINS' : 'ROUND' })
          }
        />
      )}
    </>
  );
}
