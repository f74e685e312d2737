import { queryOptions } from '@tanstack/react-query';
import { api, dataOf } from './client';
import type { SentEvent } from './types';

export function takeWork(garment: string, seam: string) {
  return dataOf(api.POST('/api/garments/{garment}/work', { params: { path: { garment } }, body: { seam } }));
}

export function workQuery(id: string) {
  return queryOptions({
    queryKey: ['work', id],
    queryFn: () => dataOf(api.GET('/api/work/{id}', { params: { path: { id } } })),
    staleTime: 0,
    gcTime: 0,
  });
}

/** Where a work stands, without its plan. */
export function placeOf(id: string) {
  return dataOf(api.GET('/api/work/{id}/place', { params: { path: { id } } }));
}

export function sendEvents(id: string, client: string, events: SentEvent[]) {
  return dataOf(api.POST('/api/work/{id}/events', { params: { path: { id } }, body: { client, events } }));
}
