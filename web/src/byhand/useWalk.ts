import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { drawWalk } from '../api/garments';
import type { ChangeOf } from '../api/types';
import { figure } from '../format';

export type Walked = ChangeOf<'PIECE_ADDED'>;
export type Step = Walked['walk'][number];

/** An edge as it is being typed. */
export interface DraftStep {
  name: string;
  kind: Step['kind'];
  count: string;
  unitMm: string;
  turn: string;
}

export const EMPTY: DraftStep = { name: '', kind: 'STITCH_TOP', count: '', unitMm: '', turn: '90' };
const FIRST: DraftStep[] = [
  { name: 'lower edge', kind: 'FOUNDATION_LOOP', count: '', unitMm: '', turn: '90' },
  { name: 'right side', kind: 'ROW_END', count: '', unitMm: '', turn: '90' },
  { name: 'upper edge', kind: 'STITCH_TOP', count: '', unitMm: '', turn: '90' },
  { name: 'left side', kind: 'ROW_END', count: '', unitMm: '', turn: '90' },
];

export function told(draft: DraftStep): Step | undefined {
  const [count, unitMm, turn] = [figure(draft.count), figure(draft.unitMm), figure(draft.turn)];
  const isTyped = [draft.count, draft.unitMm, draft.turn].every((text) => text.trim() !== '');
  return isTyped && Number.isInteger(count) && Number.isFinite(unitMm) && Number.isFinite(turn)
    ? { name: draft.name, kind: draft.kind, count, unitMm, turn }
    : undefined;
}

/** A walk round a piece while it is told; drawn as soon as every edge has its numbers. */
export function useWalk() {
  const [name, setName] = useState('');
  const [part, setPart] = useState<Walked['part']>('BACK');
  const [colour, setColour] = useState<Walked['colour']>('WOAD');
  const [steps, setSteps] = useState<DraftStep[]>(FIRST);
  const walk = steps.map(told);
  const whole = walk.every((step) => step !== undefined);
  const piece: Walked = { kind: 'PIECE_ADDED', name, part, colour, walk: whole ? walk : [] };
  const drawn = useQuery({
    queryKey: ['walk', piece.walk, part, colour],
    queryFn: () => drawWalk({ ...piece, name: 'walk' }),
    enabled: whole,
    placeholderData: (last) => last,
  });
  const set = (index: number, changed: Partial<DraftStep>) =>
    setSteps(steps.map((step, i) => (i === index ? { ...step, ...changed } : step)));
  return {
    piece,
    whole,
    drawn: drawn.data?.piece,
    findings: whole ? (drawn.data?.findings ?? []) : [],
    name,
    setName,
    part,
    setPart,
    colour,
    setColour,
    steps,
    set,
    add: () => setSteps([...steps, EMPTY]),
    remove: (index: number) => setSteps(steps.filter((_, i) => i !== index)),
  };
}
