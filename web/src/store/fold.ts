import type { SentEvent, WorkView } from '../api/types';

export interface Place {
  position: number;
  state: WorkView['state'];
  nextSeq: number;
  /** What was worked otherwise than planned, and at which joint. */
  departures: Departure[];
}

export type Departure = Pick<SentEvent, 'joint' | 'what' | 'side' | 'count'>;

/** What an event tells that was worked otherwise; a note tells nothing. */
function departed({ joint, what, side, count }: SentEvent): Departure[] {
  return what ? [{ joint, what, ...(side ? { side } : {}), ...(count ? { count } : {}) }] : [];
}

/** Where the maker is after one more event; the server checks each, this only shows it at once. */
export function after(place: Place, event: SentEvent): Place {
  const nextSeq = event.seq + 1;
  switch (event.kind) {
    case 'JOINT':
    case 'DONE_TO':
    case 'BACK_TO': {
      const departures = place.departures.filter(({ joint }) => joint <= event.joint);
      return { position: event.joint, state: 'IN_HAND', nextSeq, departures };
    }
    case 'AS_WORKED':
      return { ...place, nextSeq, departures: [...place.departures, ...departed(event)] };
    case 'PAUSE':
      return { ...place, state: 'PAUSED', nextSeq };
    case 'RESUME':
      return { ...place, state: 'IN_HAND', nextSeq };
    case 'FINISH':
      return { ...place, state: 'JOINED', nextSeq };
    case 'UNDONE':
      return { position: 0, state: 'UNDONE', nextSeq, departures: [] };
    default:
      return { ...place, nextSeq };
  }
}

/**
 * Events that another place overtook, as far as they lead on from it: joints that are not there yet, what was worked beside the plan,
 * and what was seen, numbered anew.
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
      event.kind === 'AS_WORKED' &&
      event.joint <= now.position &&
      !place.departures.some(
        ({ joint, what, side }) => joint === event.joint && what === event.what && side === event.side,
      );
    const isLook = event.kind === 'LOOKED' && event.joint <= now.position;
    if (isNext || isMore || isLook) {
      const renumbered = { ...event, seq: now.nextSeq };
      events.push(renumbered);
      now = after(now, renumbered);
    }
  }
  return events;
}
