import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { garmentQuery, sendChanges } from '../api/garments';
import { workQuery } from '../api/work';
import type { Change, Opened, WorkView } from '../api/types';

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
  const change = useMutation({
    mutationFn: (changes: Change[]) => sendChanges(id, garment!.version, changes, crypto.randomUUID()),
    onSettled: () => queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey }),
  });
  const workId = take.data?.id ?? begun;
  const work = useQuery({ ...workQuery(workId ?? ''), enabled: workId !== undefined });
  const onOvertaken = (words: string) => {
    setTold(words);
    void queries.resetQueries({ queryKey: workQuery(workId ?? '').queryKey });
  };
  const undone = async () => {
    await queries.invalidateQueries({ queryKey: garmentQuery(id).queryKey });
    await undoneToo?.();
    take.reset();
  };
  return {
    take,
    change,
    work,
    isBegun: workId !== undefined,
    told,
    onOvertaken,
    onUndone: () => void undone(),
  };
}
