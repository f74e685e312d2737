import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { garmentQuery, sendChanges } from '../api/garments';
import { sendEvents, workQuery } from '../api/work';
import type { Change, Opened, WorkView } from '../api/types';
import { thisWindow } from '../store/windows';

interface Asked {
  garment: Opened | undefined;
  id: string;
  /** The work it has in hand, if that is known. */
  begun: string | undefined;
  take: () => Promise<WorkView>;
  /** What else is to be read again once the work is undone. */
  undoneToo?: () => Promise<unknown>;
}

/** A join taken to the bench, whatever it joins: taken, decided on first, found again, undone. */
export function useBenchWork({ garment, id, begun, take: taking, undoneToo }: Asked) {
  const queries = useQueryClient();
  const [told, setTold] = useState('');
  const take = useMutation({
    mutationFn: taking,
    onSuccess: (view) => queries.setQueryData(workQuery(view.id).queryKey, view),
  });
  const already = useMutation({
    mutationFn: async () => {
      const view = await taking();
      await sendEvents(view.id, thisWindow(), [
        { seq: view.nextSeq, kind: 'DONE_TO', joint: view.plan.joints.length },
        { seq: view.nextSeq + 1, kind: 'FINISH', joint: 0, note: 'It was joined before.' },
      ]);
      return view;
    },
    onSuccess: async (view) => {
      await queries.resetQueries({ queryKey: workQuery(view.id).queryKey });
      await queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey });
    },
  });
  const change = useMutation({
    mutationFn: (changes: Change[]) => sendChanges(id, garment!.version, changes, crypto.randomUUID()),
    onSettled: () => queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey }),
  });
  const workId = take.data?.id ?? already.data?.id ?? begun;
  const work = useQuery({ ...workQuery(workId ?? ''), enabled: workId !== undefined });
  const onOvertaken = (words: string) => {
    setTold(words);
    void queries.resetQueries({ queryKey: workQuery(workId ?? '').queryKey });
  };
  const undone = async () => {
    await queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey });
    await undoneToo?.();
    take.reset();
    already.reset();
  };
  return {
    take,
    already,
    change,
    work,
    isBegun: workId !== undefined,
    told,
    onOvertaken,
    onUndone: () => void undone(),
  };
}
