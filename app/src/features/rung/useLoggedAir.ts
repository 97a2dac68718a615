import type { WorkPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import { airOfPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import { loggedAirAt } from '@zinc-ladder/model/log/loggedAirAt';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import { useAirs } from '../plan/usePlan';

/** The air at any moment and place, for the log: what was sprayed out of doors was done in the air there. Null before there is a shop. */
export function useLoggedAir(): (atMs: number, place: WorkPlace) => LoggedAir | null {
  const airs = useAirs();
  return (atMs, place) => airs && loggedAirAt(airOfPlace(airs, place), atMs);
}
