import { useSyncExternalStore } from 'react';

const QUERY = '(pointer: coarse)';

/** Whether fingers point, not a mouse: what is pressed must be as large as a fingertip then, 44 px. */
export function useIsCoarse(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = matchMedia(QUERY);
      media.addEventListener('change', changed);
      return () => media.removeEventListener('change', changed);
    },
    () => matchMedia(QUERY).matches,
  );
}
