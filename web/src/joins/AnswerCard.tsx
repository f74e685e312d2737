import { Button } from 'react-bootstrap';
import type { Answer, MethodEntry, SeamPlan } from '../api/types';
import { difference, plural, type Unit, yarnLength } from '../format';
import { JoinedCloth } from './JoinedCloth';
import { SumTable } from './SumTable';

interface Props {
  answer: Answer;
  entry: MethodEntry;
  seam: SeamPlan;
  colours: [JoinedColour, JoinedColour];
  unit: Unit;
  taken: boolean;
  onTake: () => void;
}

type JoinedColour = Parameters<typeof JoinedCloth>[0]['left'];

/** One of the two answers: how it looks, its sum, what it costs, and the objection said once. */
export function AnswerCard({ answer, entry, seam, colours, unit, taken, onTake }: Props) {
  const facts = seam.methods.find((method) => method.id === answer.method)!;
  return (
    <section className={taken ? 'answer answer-taken' : 'answer'} aria-label={entry.title}>
      <p className="answer-kind soft">{answer.heading}</p>
      <h3>
        {entry.title} <span className="answer-sum">{answer.sum.toFixed(2)}</span>
      </h3>
      <div className="answer-look">
        <JoinedCloth
          look={entry.look}
          left={colours[0]}
          right={colours[1]}
          title={`Right side: ${entry.looks}`}
        />
        <p>
          {entry.tool === 'HOOK' ? 'Hook' : 'Needle'}, {entry.held}. Right side: {entry.looks}. Yarn{' '}
          {yarnLength(facts.yarnMm, unit)}, {facts.ends} {plural(facts.ends, 'end', 'ends')}
          {facts.takeUpMm > 0 && `; takes ${difference(facts.takeUpMm, unit)} of both pieces together`}.
        </p>
      </div>
      {answer.objection && <p className="objection">But: {answer.objection.words}</p>}
      <SumTable answer={answer} title={entry.title} />
      {taken ? (
        <p className="answer-here">
          <strong>Taken for this seam.</strong>
        </p>
      ) : (
        <Button variant="outline-dark" onClick={onTake}>
          Take it
        </Button>
      )}
    </section>
  );
}
