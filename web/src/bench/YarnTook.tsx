import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { Change, Opened } from '../api/types';
import { length, toMm } from '../format';

interface Props {
  garment: Opened;
  seam: string;
  /** Whether it is kept. */
  onKeep: (changes: Change[]) => Promise<boolean>;
}

/** How much yarn a joined seam took: one more measurement of the maker’s own factor. */
export function YarnTook({ garment, seam, onKeep }: Props) {
  const { plan } = garment;
  const [took, setTook] = useState('');
  const [kept, setKept] = useState(false);
  const method = plan.seams.find(({ id }) => id === seam)?.method;
  const of = plan.yarn.seams.find((each) => each.seam === seam);
  const yarn = plan.yarn.yarns.find(({ id }) => id === of?.yarn);
  if (!method || !of || !yarn) {
    return null;
  }
  if (kept) {
    return <p>Kept: with it, the yarn of the seams still to come is reckoned.</p>;
  }
  const yarnMm = toMm(took, plan.unit);
  return (
    <Form
      className="inline-field"
      onSubmit={(event) => {
        event.preventDefault();
        void onKeep([{ kind: 'FACTOR_MEASURED', method, yarn: yarn.id, seamMm: of.lengthMm, yarnMm }]).then(
          setKept,
        );
      }}
    >
      <Form.Label htmlFor="yarn-took">
        Measured it? Its {length(of.lengthMm, plan.unit)} took, without the tails,
      </Form.Label>
      <Form.Control
        id="yarn-took"
        inputMode="decimal"
        value={took}
        onChange={(event) => setTook(event.target.value)}
      />
      <span>{plan.unit === 'CM' ? 'cm' : 'in'}</span>
      <Button type="submit" variant="outline-dark" disabled={!(yarnMm > 0)}>
        Keep it
      </Button>
    </Form>
  );
}
