/** A page that never rests goes on after that. */
const LATEST_MS = 500;

/** Waits until a page has nothing more urgent to do; where no browser tells, until what was begun is done. */
export function whenIdle(): Promise<void> {
  return new Promise((resolve) => {
    if (typeof requestIdleCallback === 'function') requestIdleCallback(() => resolve(), { timeout: LATEST_MS });
    else setTimeout(resolve);
  });
}
