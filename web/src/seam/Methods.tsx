import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { methodsQuery } from '../api/garments';
import type { MethodEntry, Opened, SeamPlan } from '../api/types';
import { difference, plural, yarnLength } from '../format';
import { HowTo } from '../howto/HowTo';
import { AnswerCard } from '../joins/AnswerCard';
import { seamColours } from '../joins/answers';
import { WhyNot } from '../joins/WhyNot';

interface Props {
  garment: Opened;
  seam: SeamPlan;
  /** A method, and whether it is for this seam and not for its twin. */
  onChoose: (method: string, alone: boolean) => void;
}

/** The two answers for a seam with their sums, the other methods, why not another, and those that are never for it. */
export function Methods({ garment, seam, onChoose: onChosen }: Props) {
  const [alone, setAlone] = useState(false);
  const onChoose = (method: string) => onChosen(method, alone);
  const { plan } = garment;
  const { data: catalogue } = useQuery(methodsQuery(plan.terms));
  if (!catalogue) {
    return null;
  }
  const { advice } = seam;
  const twin = plan.seams.find((other) => other.id === seam.twin);
  const entries = new Map(catalogue.map((entry) => [entry.id, entry]));
  const titles = new Map(advice.ranking.map(({ method }) => [method, entries.get(method)!]));
  const answers = advice.answers.map((answer) => answer.method);
  const others = advice.ranking.filter(({ method }) => !answers.includes(method));
  const colours = seamColours(plan, seam);
  const other = seam.method && !answers.includes(seam.method) ? entries.get(seam.method) : undefined;
  return (
    <section aria-label="How to join">
      <h2>How to join it</h2>
      <p>{seam.takeUp.words}</p>
      {twin && twin.method === seam.method && (
        <Form.Check
          id={`alone-${seam.id}`}
          label={`Choose for this one alone, not for the ${twin.name.toLowerCase()}`}
          checked={alone}
          onChange={() => setAlone(!alone)}
        />
      )}
      {advice.load && <p className={advice.load.heavy ? 'wrong' : ''}>{advice.load.words}</p>}
      {other && (
        <p>
          Chosen: <strong>{other.title}</strong>
        </p>
      )}
      {seam.howTo && (
        <details className="how-to-fold">
          <summary>How {entries.get(seam.method ?? '')?.title.toLowerCase()} is worked here</summary>
          <HowTo seam={seam} />
        </details>
      )}
      <div className="answers">
        {advice.answers.map((answer) => (
          <AnswerCard
            key={answer.method}
            answer={answer}
            entry={entries.get(answer.method)!}
            seam={seam}
            colours={colours}
            unit={plan.unit}
            taken={seam.method === answer.method}
            onTake={() => onChoose(answer.method)}
          />
        ))}
      </div>
      <WhyNot
        garmentId={garment.id}
        version={garment.version}
        seam={seam.id}
        method={seam.method && titles.has(seam.method) ? seam.method : (answers[0] ?? '')}
        titles={titles}
      />
      <details>
        <summary>
          {others.length} other {plural(others.length, 'way', 'ways')} that can be used here
        </summary>
        <fieldset className="methods">
          <legend className="visually-hidden">Joining method</legend>
          {others.map(({ method, sum }) => (
            <OtherMethod
              key={method}
              entry={entries.get(method)!}
              sum={sum}
              seam={seam}
              unit={plan.unit}
              onChoose={onChoose}
            />
          ))}
        </fieldset>
      </details>
      <details>
        <summary>{advice.never.length} not for this seam</summary>
        <ul className="refused">
          {advice.never.map(({ method, reason, instead }) => (
            <li key={method}>
              <strong>{entries.get(method)!.title}:</strong> {reason} {instead}
            </li>
          ))}
        </ul>
      </details>
    </section>
  );
}

interface OtherProps {
  entry: MethodEntry;
  sum: number;
  seam: SeamPlan;
  unit: 'CM' | 'INCH';
  onChoose: (method: string) => void;
}

function OtherMethod({ entry, sum, seam, unit, onChoose }: OtherProps) {
  const facts = seam.methods.find((method) => method.id === entry.id)!;
  return (
    <div className="method">
      <Form.Check
        type="radio"
        id={`${seam.id}-${entry.id}`}
        name={`method-${seam.id}`}
        label={`${entry.title} ${sum.toFixed(2)}`}
        checked={seam.method === entry.id}
        onChange={() => onChoose(entry.id)}
      />
      <p>
        {entry.tool === 'HOOK' ? 'Hook' : 'Needle'}, {entry.held}. Yarn about {yarnLength(facts.yarnMm, unit)}
        .{facts.takeUpMm > 0 && ` Takes ${difference(facts.takeUpMm, unit)} of both pieces together.`}
      </p>
    </div>
  );
}
