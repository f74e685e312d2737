import { queryOptions } from '@tanstack/react-query';
import { api, dataOf } from './client';
import type { SentEvent } from './types';

export function takeWork(garment: string, seam: string) {
  return dataOf(api.POST('/api/garments/{garment}/work', { params: { path: { garment } }, body: { seam } }));
}

/** A line of a board by today's plan, and its work if it has one. */
export function lineQuery(garment: string, version: number, board: string, line: string) {
  return queryOptions({
    queryKey: ['line', garment, version, board, line],
    queryFn: () =>
      dataOf(
        api.GET('/api/garments/{garment}/boards/{board}/lines/{line}', {
          params: { path: { garment, board, line } },
        }),
      ),
    staleTime: 0,
  });
}

/** The lines of boards that are in hand or joined. */
export function linesQuery(garment: string) {
  return queryOptions({
    queryKey: ['lines', garment],
    queryFn: () => dataOf(api.GET('/api/garments/{garment}/lines', { params: { path: { garment } } })),
    staleTime: 0,
  });
}

/** @param outOfTurn before the lines that it crosses */
export function takeLine(garment: string, board: string, line: string, outOfTurn: boolean) {
  return dataOf(
    api.POST('/api/garments/{garment}/work', {
      params: { path: { garment }, query: { outOfTurn } },
      body: { board, line },
    }),
  );
}

/** A strip by today's plan, and its work if it has one. */
export function stripQuery(garment: string, version: number, strip: string) {
  return queryOptions({
    queryKey: ['strip', garment, version, strip],
    queryFn: () =>
      dataOf(api.GET('/api/garments/{garment}/strips/{strip}', { params: { path: { garment, strip } } })),
    staleTime: 0,
  });
}

/** The strips that are in hand or worked. */
export function stripsQuery(garment: string) {
  return queryOptions({
    queryKey: ['strips', garment],
    queryFn: () => dataOf(api.GET('/api/garments/{garment}/strips', { params: { path: { garment } } })),
    staleTime: 0,
  });
}

export function takeStrip(garment: string, strip: string) {
  return dataOf(api.POST('/api/garments/{garment}/work', { params: { path: { garment } }, body: { strip } }));
}

export function workQuery(id: string) {
  return queryOptions({
    queryKey: ['work', id],
    queryFn: () => dataOf(api.GET('/api/work/{id}', { params: { path: { id } } })),
    // Read once for each visit: a later answer would set the maker back to where they were when it was asked for.
    staleTime: Infinity,
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

/** What it would do to end a seam where it stands. */
export function endQuery(id: string, position: number) {
  return queryOptions({
    queryKey: ['end', id, position],
    queryFn: () => dataOf(api.GET('/api/work/{id}/end', { params: { path: { id } } })),
    gcTime: 0,
  });
}

/** Ends a seam where it stands; the rest of it stays open. */
export function endWork(id: string, body: { client: string; seq: number; joint: number; twinToo: boolean }) {
  return dataOf(api.POST('/api/work/{id}/end', { params: { path: { id } }, body }));
}
