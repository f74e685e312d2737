import type { Change } from '../api/types';

/** Changes on their way: the version they are based on, and a key by which the server knows them again. */
export interface Unsent {
  key: string;
  base: number;
  changes: Change[];
}

function nameOf(garment: string): string {
  return `ruxel.unsent.${garment}`;
}

/** What was not acknowledged when this browser last had the garment open. */
export function readUnsent(garment: string): Unsent[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(nameOf(garment)) ?? '[]');
    return Array.isArray(stored) ? (stored as Unsent[]) : [];
  } catch {
    return [];
  }
}

export function writeUnsent(garment: string, unsent: Unsent[]): void {
  if (unsent.length === 0) {
    localStorage.removeItem(nameOf(garment));
  } else {
    localStorage.setItem(nameOf(garment), JSON.stringify(unsent));
  }
}
