import { queryOptions } from '@tanstack/react-query';
import { api, dataOf } from './client';
import type { AnswerMap, Change } from './types';

export const shelfQuery = queryOptions({
  queryKey: ['shelf'],
  queryFn: () => dataOf(api.GET('/api/garments')),
});

export const constructionsQuery = queryOptions({
  queryKey: ['constructions'],
  queryFn: () => dataOf(api.GET('/api/constructions')),
  staleTime: Infinity,
});

export function garmentQuery(id: string) {
  return queryOptions({
    queryKey: ['garment', id],
    queryFn: () => dataOf(api.GET('/api/garments/{id}', { params: { path: { id } } })),
  });
}

export function create(name: string, construction: string, answers: AnswerMap) {
  return dataOf(api.POST('/api/garments', { body: { name, construction, answers } }));
}

/** The file goes as the bytes it is, so that the server checks exactly what was chosen. */
export function importFile(text: string) {
  return dataOf(
    api.POST('/api/garments/import', {
      body: text as never,
      bodySerializer: (body) => body as unknown as string,
      headers: { 'Content-Type': 'application/json' },
    }),
  );
}

export function setShelfState(id: string, state: 'OPEN' | 'DELETED') {
  return dataOf(api.PUT('/api/garments/{id}/state', { params: { path: { id } }, body: { state } }));
}

export function sendChanges(id: string, version: number, changes: Change[]) {
  return dataOf(
    api.POST('/api/garments/{id}/changes', {
      params: { path: { id }, header: { 'If-Match': `"${version}"` } },
      body: { changes },
    }),
  );
}

export function previewChanges(id: string, baseVersion: number, changes: Change[], want: string[]) {
  return dataOf(
    api.POST('/api/garments/{id}/preview', {
      params: { path: { id } },
      body: { baseVersion, changes, want },
    }),
  );
}

export function previewAnswers(construction: string, answers: AnswerMap) {
  return dataOf(api.POST('/api/preview', { body: { construction, answers } }));
}
