import { Button, Form } from 'react-bootstrap';
import { Link } from 'react-router';
import type { Answer, Change, MethodEntry, SeamPlan, Wish } from '../api/types';
import { difference, plural, yarnLength } from '../format';
import type { GarmentEditor } from '../shell/useGarment';
import { seamColours } from './answers';
import { JoinedCloth } from './JoinedCloth';
import { WishChoice } from './WishChoice';

interface Props {
  /** Seams of one role that have the same advice. */
  seams: SeamPlan[];
  editor: GarmentEditor;
  catalogue: MethodEntry[];
}

/** Seams of one role with one advice: how they are joined and look, what is wanted of them, and the two answers for all at once. */
export function RoleJoins({ seams, editor, catalogue }: Props) {
  const { garment, change } = editor;
  const { plan } = garment;
  const first = seams[0]!;
  const entry = (id: string | undefined) => catalogue.find((candidate) => candidate.id === id);
  const chosen = [...new Set(seams.map((seam) => seam.method))];
  const alike = chosen.length === 1 ? entry(chosen[0]) : undefined;
  const looks = first.howTo?.lines.find(({ part }) => part === 'LOOK')?.words ?? alike?.looks;
  const take = (method: string) =>
    void change(seams.map((seam): Change => ({ kind: 'METHOD_CHOSEN', seam: seam.id, method })));
  const wish = plan.wishes.find((told) => told.role === first.role)?.wish;
  const colours = seamColours(plan, first);
  return (
    <section className="role-joins" aria-label={seams.map((seam) => seam.name).join(', ')}>
      <div className="role-now">
        {alike ? (
          <JoinedCloth
            look={first.howTo?.look ?? alike.look}
            left={colours[0]}
            right={colours[1]}
            title={`As joined now. ${looks}`}
          />
        ) : (
          <div className="joined-cloth not-yet">{chosen.length > 1 ? 'not alike' : 'not chosen'}</div>
        )}
        <p className="soft">{alike && looks}</p>
      </div>
      <div className="role-chosen">
        <h2>
          {seams.map((seam, index) => (
            <span key={seam.id}>
              {index > 0 && ' · '}
              <Link to={`/garments/${garment.id}/seam/${seam.id}`}>{seam.name}</Link>
            </span>
          ))}
        </h2>
        <Form.Group controlId={`join-${first.id}`} className="inline-field">
          <Form.Label>Joined by</Form.Label>
          <Form.Select value={alike?.id ?? ''} onChange={(event) => take(event.target.value)}>
            {!alike && <option value="">{chosen.length > 1 ? 'more than one' : 'nothing yet'}</option>}
            {first.advice.ranking.map(({ method, sum }) => (
              <option key={method} value={method}>
                {entry(method)!.title} · {sum.toFixed(2)}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <WishChoice
          id={`wish-${first.id}`}
          label="Wanted of it"
          none="as of the garment"
          value={wish}
          onChoose={(wanted: Wish | undefined) =>
            void change([{ kind: 'WISHED', role: first.role, ...(wanted ? { wish: wanted } : {}) }])
          }
        />
        {alike && <Costs seams={seams} unit={plan.unit} />}
        {first.advice.load && (
          <p className={first.advice.load.heavy ? 'wrong' : 'soft'}>{first.advice.load.words}</p>
        )}
      </div>
      <div className="role-answers">
        {first.advice.answers.map((answer) => (
          <ShortAnswer
            key={answer.method}
            answer={answer}
            title={entry(answer.method)!.title}
            taken={alike?.id === answer.method}
            onTake={() => take(answer.method)}
          />
        ))}
        <Link to={`/garments/${garment.id}/seam/${first.id}`}>The sums, and why not another</Link>
      </div>
    </section>
  );
}

/** What the chosen method costs in all of them. */
function Costs({ seams, unit }: { seams: SeamPlan[]; unit: 'CM' | 'INCH' }) {
  const facts = seams.map((seam) => seam.methods.find((method) => method.id === seam.method)!);
  const yarn = facts.reduce((sum, fact) => sum + fact.yarnMm, 0);
  const ends = facts.reduce((sum, fact) => sum + fact.ends, 0);
  const takeUp = facts.reduce((sum, fact) => sum + fact.takeUpMm, 0);
  return (
    <p>
      Yarn {yarnLength(yarn, unit)}, {ends} {plural(ends, 'end', 'ends')}
      {takeUp > 0 ? `, ${difference(takeUp, unit)} of the pieces disappear` : ', nothing disappears'}.
    </p>
  );
}

interface ShortProps {
  answer: Answer;
  title: string;
  taken: boolean;
  onTake: () => void;
}

function ShortAnswer({ answer, title, taken, onTake }: ShortProps) {
  return (
    <div className="short-answer">
      <p className="soft">{answer.heading}</p>
      <p>
        <strong>{title}</strong> <span className="answer-sum">{answer.sum.toFixed(2)}</span>
      </p>
      {answer.objection && <p className="objection">But: {answer.objection.words}</p>}
      {taken ? (
        <p>
          <strong>Taken.</strong>
        </p>
      ) : (
        <Button variant="outline-dark" size="sm" onClick={onTake}>
          Take it
        </Button>
      )}
    </div>
  );
}
