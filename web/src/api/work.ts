import { queryOptions } from '@tanstack/react-query';
import { api, dataOf } from './client';
import type { SentEvent } from './types';

export function takeWork(garment: string, seam: string) {
  return dataOf(api.POST('/api/garments/{garment}/work', { params: { path: { garment } }, body: { seam } }));
}

export function workQuery(garment: string, seam: string) {
  return queryOptions({
    queryKey: ['work', garment, seam],
    queryFn: () => takeWork(garment, seam),
    staleTime: 0,
    gcTime: 0,
  });
}

export function sendEvents(id: string, client: string, events: SentEvent[]) {
  return dataOf(api.POST('/api/work/{id}/events', { params: { path: { id } }, body: { client, events } }));
}
