import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { openNowQuery } from '../api/garments';
import type { Opened } from '../api/types';
import { joinedSeams } from '../shell/joined';

/** When openings are looked at. */
export type OpenWhen = 'JOINED' | 'NOW';

/** The openings that are shown: those of the finished garment, or what is open now. */
export function useOpenings(garment: Opened) {
  const [when, setWhen] = useState<OpenWhen>('JOINED');
  const now = useQuery({
    ...openNowQuery(garment.id, garment.version, joinedSeams(garment)),
    enabled: when === 'NOW',
  });
  return { when, setWhen, openings: when === 'NOW' && now.data ? now.data : garment.plan.gluing.openings };
}
