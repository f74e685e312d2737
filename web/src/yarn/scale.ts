import { api } from '../api/client';

/** What the scale on the table shows, in grams; nothing when it does not answer. */
export async function readScale(): Promise<number | undefined> {
  try {
    const { data } = await api.GET('/api/scale/reading');
    return data?.grams;
  } catch {
    return undefined;
  }
}
