import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { previewChanges } from '../api/garments';
import type { ChangeOf, FreePart, Opened } from '../api/types';

export type Made = ChangeOf<'SEAM_MADE'>;
export type SideKey = 'a' | 'b';

/** A part of a side that is being chosen, by its place among the free parts; which way the seam goes along it. */
export interface Slot {
  part: number | undefined;
  turned: boolean;
}

const EMPTY: Slot = { part: undefined, turned: false };

function toPart(free: FreePart, side: SideKey, turned: boolean): Made['a'][number] {
  const forward = (side === 'a') !== turned;
  return {
    piece: free.piece,
    edge: free.edge,
    first: free.first,
    last: free.last,
    along: forward ? 'FORWARD' : 'BACKWARD',
  };
}

/** A seam that is being made by hand, tried on the whole garment as soon as both sides are told. */
export function useSeamDraft(garment: Opened, parts: FreePart[]) {
  const [sides, setSides] = useState<Record<SideKey, Slot[]>>({ a: [EMPTY], b: [EMPTY] });
  const [aim, setAim] = useState<SideKey>('a');
  const [name, setName] = useState('');
  const [role, setRole] = useState<Made['role']>('OTHER');

  const told = (side: SideKey) =>
    sides[side].flatMap(({ part, turned }) => {
      const free = part === undefined ? undefined : parts[part];
      return free ? [toPart(free, side, turned)] : [];
    });
  const whole = [...sides.a, ...sides.b].every(({ part }) => part !== undefined && parts[part]);
  const made: Made | undefined = whole
    ? {
        kind: 'SEAM_MADE',
        name: name.trim() || 'Seam by hand',
        role,
        a: told('a'),
        b: told('b'),
      }
    : undefined;
  const preview = useQuery({
    queryKey: ['seam-by-hand', garment.id, garment.version, made],
    queryFn: () => previewChanges(garment.id, garment.version, [made!], []),
    enabled: made !== undefined,
  });

  const set = (side: SideKey, slots: Slot[]) => setSides({ ...sides, [side]: slots });
  /** The first part of a side brings the likeliest partner with it. */
  const choose = (side: SideKey, index: number, part: number | undefined) => {
    const slots = sides[side].map((slot, i) => (i === index ? { ...slot, part } : slot));
    const alone = side === 'a' && slots.length === 1 && sides.b.length === 1;
    const partner = part === undefined ? undefined : parts[part]?.partners[0];
    setSides(alone ? { a: slots, b: [{ part: partner, turned: false }] } : { ...sides, [side]: slots });
    setAim(alone ? 'b' : side);
  };
  /** The largest part at a spot; pointing at it again takes the next smaller one. */
  const point = (spots: number[]) => {
    const index = sides[aim].length - 1;
    const now = spots.indexOf(sides[aim][index]?.part ?? -1);
    choose(aim, index, spots[(now + 1) % spots.length]);
  };
  return {
    sides,
    aim,
    setAim,
    name,
    setName,
    role,
    setRole,
    made,
    preview,
    seam: preview.data?.plan?.seams.find(
      (candidate) => !garment.plan.seams.some(({ id }) => id === candidate.id),
    ),
    choose,
    point,
    turn: (side: SideKey, index: number) =>
      set(
        side,
        sides[side].map((slot, i) => (i === index ? { ...slot, turned: !slot.turned } : slot)),
      ),
    more: (side: SideKey) => {
      set(side, [...sides[side], EMPTY]);
      setAim(side);
    },
    fewer: (side: SideKey, index: number) =>
      set(
        side,
        sides[side].filter((_, i) => i !== index),
      ),
    clear: () => {
      setSides({ a: [EMPTY], b: [EMPTY] });
      setAim('a');
      setName('');
    },
  };
}

export type SeamDraft = ReturnType<typeof useSeamDraft>;
