import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import { Link } from 'react-router';
import bounds from '../api/bounds.json';
import { problemIn, STALE } from '../api/client';
import { keepWays, schoolsQuery, waysQuery } from '../api/garments';
import type { Opened, SchoolEntry, Way } from '../api/types';
import { FacingSelect } from '../drawing/FacingSelect';
import { figure, trimmed } from '../format';
import { SavedField } from '../shell/SavedField';
import type { GarmentEditor } from '../shell/useGarment';
import { WishChoice } from './WishChoice';

const { lightestGrams: LEAST_GRAMS, heaviestGrams: MOST_GRAMS } = bounds;

/** What the advice goes by for the whole garment: the wish, the weight, and the maker’s own way. */
export function Wants({ editor }: { editor: GarmentEditor }) {
  const { garment, change } = editor;
  const { plan } = garment;
  const { data: schools } = useQuery(schoolsQuery);
  const join = schools?.find(({ school }) => school === 'JOIN');
  const take = (school: SchoolEntry['school'], way: Way | undefined) =>
    void change([{ kind: 'SCHOOL_TAKEN', school, ...(way ? { way } : {}) }]);
  const weight = plan.yarn.weight;
  const shown = weight?.weighed ? trimmed(weight.grams) : '';
  return (
    <section className="wants" aria-label="What the advice goes by">
      <WishChoice
        id="wish-all"
        label="Seams are to be"
        none="as comes best"
        value={plan.wishes.find((wish) => !wish.role && !wish.seam)?.wish}
        onChoose={(wish) => void change([{ kind: 'WISHED', ...(wish ? { wish } : {}) }])}
      />
      {join && <WayChoice entry={join} ways={plan.schools} onTake={take} label="I join" />}
      <SavedField
        key={shown}
        id="garment-weight"
        label="Weight when finished"
        shown={shown}
        wrong={(text) =>
          figure(text) >= LEAST_GRAMS && figure(text) <= MOST_GRAMS
            ? undefined
            : `From ${LEAST_GRAMS} to ${MOST_GRAMS} g.`
        }
        onSave={(text) =>
          void change([{ kind: 'GARMENT_WEIGHED', ...(text === '' ? {} : { grams: figure(text) }) }])
        }
      >
        <span>
          g{weight && !weight.weighed && <span className="soft">, reckoned {Math.round(weight.grams)}</span>}
        </span>
      </SavedField>
      <details>
        <summary>How else I work</summary>
        <div className="wants-more">
          <FacingSelect
            id="facing-all"
            label="Pieces are held, where a method allows it"
            choices={plan.facings}
            none="as each method has it"
            onChoose={(facing) => void change([{ kind: 'FACING_CHOSEN', ...(facing ? { facing } : {}) }])}
          />
          {schools
            ?.filter((entry) => entry !== join)
            .map((entry) => (
              <WayChoice
                key={entry.school}
                entry={entry}
                ways={plan.schools}
                onTake={take}
                label={entry.words}
              />
            ))}
        </div>
      </details>
      <KeepWays ways={plan.schools} />
      <YarnUntold garment={garment} />
    </section>
  );
}

/** The advice goes by what the yarn is like, as far as that is told. */
function YarnUntold({ garment }: { garment: Opened }) {
  const { yarns, pieces } = garment.plan.yarn;
  if (yarns.length > 0 && pieces.every(({ yarn }) => yarn)) {
    return null;
  }
  return (
    <p className="wants-untold">
      {yarns.length === 0 ? 'No yarn is told yet' : 'It is not told yet in which yarn each piece is'}: a
      fuzzy, bulky or splitting one changes the advice.{' '}
      <Link to={`/garments/${garment.id}/yarn`}>Tell it</Link>
    </p>
  );
}

interface WayProps {
  entry: SchoolEntry;
  ways: Way[];
  label: string;
  onTake: (school: SchoolEntry['school'], way: Way | undefined) => void;
}

/** A question makers answer differently; without an answer the house takes no side. */
function WayChoice({ entry, ways, label, onTake }: WayProps) {
  const way = ways.find((taken) => entry.ways.some((each) => each.way === taken));
  return (
    <Form.Group controlId={`way-${entry.school}`} className="inline-field">
      <Form.Label>{label}</Form.Label>
      <Form.Select
        value={way ?? ''}
        title={entry.used}
        onChange={(event) => onTake(entry.school, (event.target.value || undefined) as Way | undefined)}
      >
        <option value="">either way</option>
        {entry.ways.map((each) => (
          <option key={each.way} value={each.way}>
            {each.words}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}

/** The maker’s ways, kept for every garment they begin from now on. */
function KeepWays({ ways }: { ways: Way[] }) {
  const client = useQueryClient();
  const { data: kept } = useQuery(waysQuery);
  const [told, setTold] = useState('');
  if (!kept || [...kept.ways].sort().join() === [...ways].sort().join()) {
    return null;
  }
  const keep = async () => {
    try {
      client.setQueryData(waysQuery.queryKey, await keepWays(ways, kept.version));
      setTold('');
    } catch (error) {
      const { status, detail } = problemIn(error);
      setTold(
        status === STALE ? 'Another window kept other ways meanwhile; press again to keep these.' : detail,
      );
      await client.invalidateQueries({ queryKey: waysQuery.queryKey });
    }
  };
  return (
    <>
      <Button variant="outline-dark" size="sm" onClick={() => void keep()}>
        Begin every new garment so
      </Button>
      {told && <p className="wrong">{told}</p>}
    </>
  );
}
