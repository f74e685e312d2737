import { useQuery } from '@tanstack/react-query';
import { Button } from 'react-bootstrap';
import { methodsQuery } from '../api/garments';
import type { Change, SeamPlan } from '../api/types';
import { counted, plural, yarnLength } from '../format';
import { useEditor } from '../shell/GarmentPage';
import { Loading } from '../shell/Messages';
import './joins.css';
import { RoleJoins } from './RoleJoins';
import { Wants } from './Wants';

/** One look over the garment: what is wanted, and which method joins the seams of each role, as they will look. */
export function JoinsView() {
  const editor = useEditor();
  const { plan } = editor.garment;
  const { data: catalogue } = useQuery(methodsQuery(plan.terms));
  if (!catalogue) {
    return <Loading what="Fetching the methods…" />;
  }
  const best = (seam: SeamPlan): Change[] => {
    const method = seam.advice.answers[0]?.method;
    return method && method !== seam.method ? [{ kind: 'METHOD_CHOSEN', seam: seam.id, method }] : [];
  };
  const better = plan.seams.flatMap(best);
  return (
    <div className="joins">
      <div className="joins-head">
        <div>
          <h1>
            {counted(plan.seams.length)} {plural(plan.seams.length, 'seam', 'seams')}, joined how?
          </h1>
          <p className="joins-sum">
            As chosen: <strong>{yarnLength(plan.order.yarnMm, plan.unit)}</strong> of yarn,{' '}
            <strong>{plan.order.ends}</strong> ends to weave in
            {plan.yarn.withoutMethod.length > 0 &&
              `; ${plan.yarn.withoutMethod.length} ${plural(plan.yarn.withoutMethod.length, 'seam has', 'seams have')} no method yet`}
            .
          </p>
        </div>
        {better.length > 0 && (
          <Button onClick={() => void editor.change(better)}>
            Take the best answer for{' '}
            {better.length === plan.seams.length ? 'every seam' : `${better.length} more`}
          </Button>
        )}
      </div>
      <Wants editor={editor} />
      {alikeAdvised(plan.seams).map((seams) => (
        <RoleJoins key={seams[0]!.id} seams={seams} editor={editor} catalogue={catalogue} />
      ))}
    </div>
  );
}

/** Seams by role, and within it by what may be taken there and what is answered: what is said of one holds for all of them. */
function alikeAdvised(seams: SeamPlan[]): SeamPlan[][] {
  const groups = new Map<string, SeamPlan[]>();
  for (const seam of seams) {
    const { answers, ranking, load, wish } = seam.advice;
    const key = JSON.stringify([seam.role, answers, ranking, load, wish]);
    groups.set(key, [...(groups.get(key) ?? []), seam]);
  }
  return [...groups.values()];
}
