import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { constructionsQuery } from '../api/garments';
import type { AnswerMap } from '../api/types';
import { useEditor } from '../shell/GarmentPage';
import { Loading } from '../shell/Messages';

import { Answering } from './Answering';

/** What differs between two sets of answers, and which are taken back. */
function differing(before: AnswerMap, after: AnswerMap): { answers: AnswerMap; cleared: string[] } {
  const answers = Object.fromEntries(Object.entries(after).filter(([key, value]) => before[key] !== value));
  return { answers, cleared: Object.keys(before).filter((key) => !(key in after)) };
}

/** The answers of a garment that lies open, changed all at once. */
export function ChangeNumbers() {
  const { garment, change } = useEditor();
  const navigate = useNavigate();
  const query = useQuery(constructionsQuery);
  const construction = query.data?.find((candidate) => candidate.id === garment.construction);
  if (!construction) {
    return query.isPending ? (
      <Loading what="Fetching the questions…" />
    ) : (
      <p className="quiet">The pieces of this garment were given in full; they have no questions.</p>
    );
  }
  const given = garment.answers as AnswerMap;
  const save = async (answers: AnswerMap) => {
    const changed = differing(given, answers);
    const nothing = Object.keys(changed.answers).length === 0 && changed.cleared.length === 0;
    if (nothing || (await change([{ kind: 'ANSWERS_CHANGED', ...changed }]))) {
      await navigate(`/garments/${garment.id}`);
    }
  };
  return (
    <Answering
      key={garment.version}
      construction={construction}
      given={given}
      title="The numbers"
      about="What you decided since stays: counts as made, anchors, methods and the order lie on top of these."
      action="Save the numbers"
      refused={[]}
      onDone={save}
    />
  );
}
