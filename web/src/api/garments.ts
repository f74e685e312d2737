import { queryOptions } from '@tanstack/react-query';
import { api, dataOf } from './client';
import type { AnswerMap, Change, ChangeOf, Counted, Terms, Told, Way } from './types';

export const shelfQuery = queryOptions({
  queryKey: ['shelf'],
  queryFn: () => dataOf(api.GET('/api/garments')),
});

export const signsQuery = queryOptions({
  queryKey: ['signs'],
  queryFn: () => dataOf(api.GET('/api/constructions/signs')),
  staleTime: Infinity,
});

export const constructionsQuery = queryOptions({
  queryKey: ['constructions'],
  queryFn: () => dataOf(api.GET('/api/constructions')),
  staleTime: Infinity,
});

/** The house’s numbers of judgement. */
export const rulesQuery = queryOptions({
  queryKey: ['rules'],
  queryFn: () => dataOf(api.GET('/api/house/rules')),
  staleTime: Infinity,
});

/** The catalogue of joining methods in the maker’s words. */
export function methodsQuery(terms: Terms) {
  return queryOptions({
    queryKey: ['methods', terms],
    queryFn: () => dataOf(api.GET('/api/house/methods', { params: { query: { terms } } })),
    staleTime: Infinity,
  });
}

/** Questions makers answer differently. */
export const schoolsQuery = queryOptions({
  queryKey: ['schools'],
  queryFn: () => dataOf(api.GET('/api/house/schools')),
  staleTime: Infinity,
});

/** What the maker answers for every new garment. */
export const waysQuery = queryOptions({
  queryKey: ['ways'],
  queryFn: () => dataOf(api.GET('/api/house/ways')),
});

export function keepWays(ways: Way[], version: number) {
  return dataOf(
    api.PUT('/api/house/ways', { params: { header: { 'If-Match': `"${version}"` } }, body: { ways } }),
  );
}

/** Every method a seam may be joined with, and what each comes to. */
export function adviceQuery(id: string, version: number, seam: string) {
  return queryOptions({
    queryKey: ['advice', id, version, seam],
    queryFn: () =>
      dataOf(api.GET('/api/garments/{id}/seams/{seam}/advice', { params: { path: { id, seam } } })),
  });
}

/** What is open by the seams that are joined so far. */
export function openNowQuery(id: string, version: number, joined: string[]) {
  return queryOptions({
    queryKey: ['open-now', id, version, joined],
    queryFn: () => dataOf(api.GET('/api/garments/{id}/open-now', { params: { path: { id } } })),
  });
}

export function garmentQuery(id: string) {
  return queryOptions({
    queryKey: ['garment', id],
    queryFn: () => dataOf(api.GET('/api/garments/{id}', { params: { path: { id } } })),
  });
}

export function create(name: string, construction: string, answers: AnswerMap) {
  return dataOf(api.POST('/api/garments', { body: { name, construction, answers } }));
}

export function createFree(name: string, first: ChangeOf<'PIECE_ADDED'>) {
  return dataOf(api.POST('/api/garments/free', { body: { name, first } }));
}

/** A walk as far as it is told; saves nothing. */
export function drawWalk(piece: ChangeOf<'PIECE_ADDED'>) {
  return dataOf(api.POST('/api/walks', { body: piece }));
}

/** What may still be joined by hand, and what is the maker’s own. */
export function byHandQuery(id: string, version: number) {
  return queryOptions({
    queryKey: ['by-hand', id, version],
    queryFn: () => dataOf(api.GET('/api/garments/{id}/by-hand', { params: { path: { id } } })),
  });
}

/** The outline of a piece as a walk. */
export function outlineQuery(id: string, version: number, piece: string) {
  return queryOptions({
    queryKey: ['outline', id, version, piece],
    queryFn: () =>
      dataOf(api.GET('/api/garments/{id}/outlines/{piece}', { params: { path: { id, piece } } })),
  });
}

/** A piece as it would be with another outline; saves nothing. */
export function drawOutline(id: string, piece: string, told: Told[]) {
  return dataOf(
    api.POST('/api/garments/{id}/outlines/{piece}', { params: { path: { id, piece } }, body: told }),
  );
}

/** How a seam would be held and begun. */
export function heldQuery(id: string, version: number, seam: string) {
  return queryOptions({
    queryKey: ['held', id, version, seam],
    queryFn: () =>
      dataOf(
        api.GET('/api/garments/{garment}/seams/{seam}/held', { params: { path: { garment: id, seam } } }),
      ),
    retry: false,
  });
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

export const archiveQuery = queryOptions({
  queryKey: ['archive'],
  queryFn: () => dataOf(api.GET('/api/garments', { params: { query: { state: 'ARCHIVED' } } })),
});

export function historyQuery(id: string, version: number) {
  return queryOptions({
    queryKey: ['history', id, version],
    queryFn: () => dataOf(api.GET('/api/garments/{id}/history', { params: { path: { id } } })),
  });
}

export function sheetQuery(id: string, version: number) {
  return queryOptions({
    queryKey: ['sheet', id, version],
    queryFn: () => dataOf(api.GET('/api/garments/{id}/sheet', { params: { path: { id } } })),
  });
}

export function createSample() {
  return dataOf(api.POST('/api/garments/sample', { body: {} }));
}

/** A new garment like this one at a version, with changes made to it. */
export function copyGarment(id: string, version?: number, changes: Change[] = []) {
  return dataOf(
    api.POST('/api/garments/{id}/copy', {
      params: { path: { id } },
      body: { ...(version === undefined ? {} : { version }), changes },
    }),
  );
}

export function takeStep(id: string, way: 'undo' | 'redo', version: number) {
  const init = {
    params: { path: { id }, header: { 'If-Match': `"${version}"` } },
    body: {},
  };
  return dataOf(
    way === 'undo' ? api.POST('/api/garments/{id}/undo', init) : api.POST('/api/garments/{id}/redo', init),
  );
}

export type ShelfState = 'OPEN' | 'ARCHIVED' | 'DELETED';

/** Its new revision. */
export function setShelfState(id: string, revision: string, state: ShelfState) {
  return dataOf(
    api.PUT('/api/garments/{id}/state', {
      params: { path: { id }, header: { 'If-Match': `"${revision}"` } },
      body: { state },
    }),
  );
}

export function sendChanges(id: string, version: number, changes: Change[], key: string) {
  return dataOf(
    api.POST('/api/garments/{id}/changes', {
      params: { path: { id }, header: { 'If-Match': `"${version}"` } },
      body: { changes, key },
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

export function repairsQuery(id: string, version: number, seam: string) {
  return queryOptions({
    queryKey: ['repairs', id, version, seam],
    queryFn: () =>
      dataOf(api.GET('/api/garments/{id}/seams/{seam}/repairs', { params: { path: { id, seam } } })),
  });
}

/** Rows a seam could be joined with while they are worked. */
export function joiningRowsQuery(id: string, version: number, seam: string) {
  return queryOptions({
    queryKey: ['rows', id, version, seam],
    queryFn: () =>
      dataOf(api.GET('/api/garments/{id}/seams/{seam}/rows', { params: { path: { id, seam } } })),
  });
}

export function stopsQuery(id: string, version: number, mm: number) {
  return queryOptions({
    queryKey: ['stops', id, version, mm],
    queryFn: () => dataOf(api.GET('/api/garments/{id}/stops', { params: { path: { id }, query: { mm } } })),
    retry: false,
  });
}

export const cornersQuery = queryOptions({
  queryKey: ['corners'],
  queryFn: () => dataOf(api.GET('/api/count/corners')),
  staleTime: Infinity,
});

export function countTotal(counted: Counted) {
  return dataOf(api.POST('/api/count', { body: counted }));
}

export function previewAnswers(construction: string, answers: AnswerMap) {
  return dataOf(api.POST('/api/preview', { body: { construction, answers } }));
}
