import { useState } from 'react';
import { Button, Form } from 'react-bootstrap';
import type { MethodEntry, SeamPlan } from '../api/types';
import { length, toMm } from '../format';
import type { GarmentEditor } from '../shell/useGarment';
import { readScale } from './scale';

/** The maker’s own factor: work twenty joints of a seam and say how much yarn they took, or weigh before and after. */
export function Calibration({ editor, catalogue }: { editor: GarmentEditor; catalogue: MethodEntry[] }) {
  const { plan } = editor.garment;
  const ready = plan.yarn.seams.filter(({ yarn, seam }) => yarn && seamOf(plan.seams, seam).planned);
  const [chosen, setChosen] = useState('');
  const [took, setTook] = useState('');
  const [before, setBefore] = useState<number>();
  const [silent, setSilent] = useState(false);
  const seam = ready.find(({ seam: id }) => id === chosen) ?? ready[0];
  if (!seam) {
    return null;
  }
  const planned = seamOf(plan.seams, seam.seam);
  const { joints, seamMm } = seam.sample;
  const { yarn, mmPerGram } = plan.yarn.yarns.find(({ id }) => id === seam.yarn)!;
  const method = planned.method!;
  const title = catalogue.find(({ id }) => id === method)!.title.toLowerCase();
  const measure = async (yarnMm: number) => {
    if (await editor.change([{ kind: 'FACTOR_MEASURED', method, yarn: yarn.id, seamMm, yarnMm }])) {
      setTook('');
      setBefore(undefined);
    }
  };
  const weigh = async () => {
    const grams = await readScale();
    setSilent(grams === undefined);
    if (grams === undefined) {
      return;
    }
    if (before === undefined) {
      setBefore(grams);
    } else if (mmPerGram) {
      await measure((before - grams) * mmPerGram);
    }
  };
  const typed = toMm(took, plan.unit);
  return (
    <section aria-label="Your own factor">
      <h2>Measure your own</h2>
      <Form.Group controlId="measured-seam" className="inline-field">
        <Form.Label>Working</Form.Label>
        <Form.Select value={seam.seam} onChange={(event) => setChosen(event.target.value)}>
          {ready.map((each) => (
            <option key={each.seam} value={each.seam}>
              {seamOf(plan.seams, each.seam).name}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <p>
        Work {joints} joints ({length(seamMm, plan.unit)}) by {title} in {yarn.name}. How much yarn did they
        take, without the tail?
      </p>
      <Form
        className="inline-field"
        onSubmit={(event) => {
          event.preventDefault();
          void measure(typed);
        }}
      >
        <Form.Label htmlFor="yarn-taken">They took</Form.Label>
        <Form.Control
          id="yarn-taken"
          inputMode="decimal"
          value={took}
          onChange={(event) => setTook(event.target.value)}
        />
        <span>{plan.unit === 'CM' ? 'cm' : 'in'}</span>
        <Button type="submit" disabled={!(typed > 0)}>
          Keep it
        </Button>
      </Form>
      {mmPerGram ? (
        <p className="yarn-keys">
          <Button variant="outline-dark" size="sm" onClick={() => void weigh()}>
            {before === undefined ? 'Weigh the ball before' : 'Weigh it again, after'}
          </Button>
          <a href="/scale.html" target="_blank" rel="noreferrer">
            The scale
          </a>
          {before !== undefined && <span role="status">{before} g before.</span>}
          {silent && <span role="alert">The scale does not answer.</span>}
        </p>
      ) : (
        <p className="soft">With metres and grams of a ball told, the scale can do it, too.</p>
      )}
      {seam.measured > 0 && (
        <p>
          Yours: <strong>{seam.factor.toFixed(2)}</strong> mm of yarn for each mm
          {seam.measured > 1 && `, give or take ${seam.spread.toFixed(2)}`}, measured {seam.measured}{' '}
          {seam.measured === 1 ? 'time' : 'times'} (table:{' '}
          {catalogue.find(({ id }) => id === method)!.yarnCmPerCm}).{' '}
          <Button
            variant="link"
            onClick={() => void editor.change([{ kind: 'FACTOR_FORGOTTEN', method, yarn: yarn.id }])}
          >
            Take the table’s again
          </Button>
        </p>
      )}
    </section>
  );
}

function seamOf(seams: SeamPlan[], id: string): SeamPlan {
  return seams.find((candidate) => candidate.id === id)!;
}
