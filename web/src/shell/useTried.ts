import { useCallback, useRef, useState } from 'react';
import { problemIn } from '../api/client';
import { previewChanges } from '../api/garments';
import type { Change, FindingView } from '../api/types';
import type { GarmentEditor } from './useGarment';

type Preview = Awaited<ReturnType<typeof previewChanges>>;

/**
 * Tries changes out while something is moved; saves nothing until they are kept. One preview in flight, the newest wanted changes next;
 * impossible ones keep the last good answer and say why.
 *
 * @param read what is shown of an answer; the same function each time
 * @param want seams that are asked for, all for none; the same list each time
 */
export function useTried<T>(
  editor: GarmentEditor,
  read: (preview: Preview) => T | undefined,
  want: string[],
) {
  const [tried, setTried] = useState<T>();
  const [findings, setFindings] = useState<FindingView[]>([]);
  const wanted = useRef<Change[] | undefined>(undefined);
  const good = useRef<Change[] | undefined>(undefined);
  const inFlight = useRef<Promise<void> | undefined>(undefined);
  const { garment, change } = editor;

  const cancel = useCallback(() => {
    wanted.current = undefined;
    good.current = undefined;
    setTried(undefined);
    setFindings([]);
  }, []);

  const ask = useCallback(async () => {
    while (wanted.current) {
      const asked = wanted.current;
      try {
        const preview = await previewChanges(garment.id, garment.version, asked, want);
        const shown = read(preview);
        if (shown !== undefined && wanted.current) {
          good.current = asked;
          setTried(() => shown);
          setFindings([]);
        } else {
          setFindings(preview.findings);
        }
      } catch (error) {
        setFindings(problemIn(error).findings);
      }
      if (wanted.current === asked) {
        wanted.current = undefined;
      }
    }
  }, [garment.id, garment.version, read, want]);

  const attempt = useCallback(
    (changes: Change[]) => {
      wanted.current = changes;
      inFlight.current ??= ask().finally(() => {
        inFlight.current = undefined;
      });
    },
    [ask],
  );

  /** The last good changes are made; whether all went well. */
  const keep = useCallback(async () => {
    await inFlight.current;
    const last = good.current;
    good.current = undefined;
    const kept = last === undefined || (await change(last));
    setTried(undefined);
    return kept;
  }, [change]);

  return { tried, findings, attempt, keep, cancel };
}
