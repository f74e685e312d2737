import type { SentEvent, WorkView } from '../api/types';

export interface Place {
  position: number;
  state: WorkView['state'];
  nextSeq: number;
  /** Behind how many stitches one more was worked than planned. */
  extras: number[];
}

/** Where the maker is after one more event; the server checks each, this only shows it at once. */
export function after(place: Place, event: SentEvent): Place {
  const nextSeq = event.seq + 1;
  switch (event.kind) {
    case 'JOINT':
    case 'DONE_TO':
    case 'BACK_TO': {
      const extras = place.extras.filter((joint) => joint <= event.joint);
      return { position: event.joint, state: 'IN_HAND', nextSeq, extras };
    }
    case 'AS_WORKED':
      return { ...place, nextSeq, extras: event.joint > 0 ? [...place.extras, event.joint] : place.extras };
    case 'PAUSE':
      return { ...place, state: 'PAUSED', nextSeq };
    case 'RESUME':
      return { ...place, state: 'IN_HAND', nextSeq };
    case 'FINISH':
      return { ...place, state: 'JOINED', nextSeq };
    case 'UNDONE':
      return { position: 0, state: 'UNDONE', nextSeq, extras: [] };
    default:
      return { ...place, nextSeq };
  }
}

/**
 * Events that another place overtook, as far as they lead on from it: joints that are not there yet, and what was worked beside the
 * plan, numbered anew.
 */
export function onTop(place: Place, left: SentEvent[]): SentEvent[] {
  const events: SentEvent[] = [];
  let now = place;
  for (const event of left) {
    const isNext =
      event.kind === 'JOINT'
        ? event.joint === now.position + 1
        : event.kind === 'DONE_TO' && event.joint > now.position;
    const isMore =
      event.kind === 'AS_WORKED' && event.joint <= now.position && !place.extras.includes(event.joint);
    if (isNext || isMore) {
      const renumbered = { ...event, seq: now.nextSeq };
      events.push(renumbered);
      now = after(now, renumbered);
    }
  }
  return events;
}
