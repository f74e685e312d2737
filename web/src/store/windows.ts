/** Which windows are open. A window is known by a name of its own, which no other ever had, and holds a lock of that name while it lives. */
const PREFIX = 'ruxel.window.';
const OWN = crypto.randomUUID();

/** Held until this page goes. */
function hold(): void {
  const locks = globalThis.navigator?.locks;
  void locks?.request(PREFIX + OWN, () => new Promise<never>(() => undefined)).catch(() => undefined);
}

hold();

export function thisWindow(): string {
  return OWN;
}

/** The names of windows that are open now, this one with them. */
export async function openWindows(): Promise<Set<string>> {
  const held = (await globalThis.navigator?.locks?.query())?.held ?? [];
  return new Set([OWN, ...held.map(({ name }) => (name ?? '').slice(PREFIX.length))]);
}
