import { useEffect } from 'react';
import { getPlanWorker } from '../../workers/plan/planClient';

let watching = 0;

/**
 * Says that the plan is looked at where this is used: better plans are then looked for as fast as the machine can. Elsewhere, and while the page is
 * hidden, the search takes its time for some seconds after a change, so that work on a ladder or a log has the machine to itself.
 */
export function useWatchedPlan(): void {
  useEffect(() => {
    watching += 1;
    tellWatched();
    document.addEventListener('visibilitychange', tellWatched);
    return () => {
      document.removeEventListener('visibilitychange', tellWatched);
      watching -= 1;
      tellWatched();
    };
  }, []);
}

/** Tells the planner whether its plan is looked at; one that was just begun knows nothing of it. */
export function tellWatched(): void {
  const isWatched = watching > 0 && document.visibilityState !== 'hidden';
  // A worker that does not come is told of where a plan is asked of it.
  getPlanWorker()
    .hurry(isWatched)
    .catch(() => undefined);
}
