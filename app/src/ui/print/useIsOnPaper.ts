import { useSyncExternalStore } from 'react';

let isOnPaper = false;
// Followed whoever asks: a view that is left while the page is printed would never hear of the end.
globalThis.addEventListener('beforeprint', () => (isOnPaper = true));
globalThis.addEventListener('afterprint', () => (isOnPaper = false));

/**
 * Whether the page is being printed, from the browser's `beforeprint` to its `afterprint`: what is drawn only where it
 * is in sight must all be drawn then.
 */
export function useIsOnPaper(): boolean {
  return useSyncExternalStore(followPaper, () => isOnPaper);
}

function followPaper(changed: () => void): () => void {
  globalThis.addEventListener('beforeprint', changed);
  globalThis.addEventListener('afterprint', changed);
  return () => {
    globalThis.removeEventListener('beforeprint', changed);
    globalThis.removeEventListener('afterprint', changed);
  };
}
