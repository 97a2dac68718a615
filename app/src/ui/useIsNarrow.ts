import { useSyncExternalStore } from 'react';

const QUERY = '(max-width: 47.99rem)';

function subscribe(listener: () => void): () => void {
  const media = matchMedia(QUERY);
  media.addEventListener('change', listener);
  return () => media.removeEventListener('change', listener);
}

/** Whether the screen is a phone's. */
export function useIsNarrow(): boolean {
  return useSyncExternalStore(subscribe, () => matchMedia(QUERY).matches);
}
