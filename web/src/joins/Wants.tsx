import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Form } from 'react-bootstrap';
import bounds from '../api/bounds.json';
import { keepWays, schoolsQuery, waysQuery } from '../api/garments';
import type { Way } from '../api/types';
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
  const way = plan.schools.find((taken) => join?.ways.some((entry) => entry.way === taken));
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
      {join && (
        <Form.Group controlId="way-join" className="inline-field">
          <Form.Label>I join</Form.Label>
          <Form.Select
            value={way ?? ''}
            onChange={(event) => {
              const taken = (event.target.value || undefined) as Way | undefined;
              void change([{ kind: 'SCHOOL_TAKEN', school: 'JOIN', ...(taken ? { way: taken } : {}) }]);
            }}
          >
            <option value="">either way</option>
            {join.ways.map((entry) => (
              <option key={entry.way} value={entry.way}>
                {entry.words}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
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
      <KeepWays ways={plan.schools} />
    </section>
  );
}

/** The maker’s ways, kept for every garment they begin from now on. */
function KeepWays({ ways }: { ways: Way[] }) {
  const client = useQueryClient();
  const { data: kept } = useQuery(waysQuery);
  if (!kept || [...kept.ways].sort().join() === [...ways].sort().join()) {
    return null;
  }
  const keep = async () => {
    client.setQueryData(waysQuery.queryKey, await keepWays(ways));
  };
  return (
    <Button variant="outline-dark" size="sm" onClick={() => void keep()}>
      Begin every new garment so
    </Button>
  );
}
