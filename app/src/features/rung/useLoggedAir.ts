import { loggedAirAt } from '@zinc-ladder/model/log/loggedAirAt';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import { useAir } from '../plan/usePlan';

/** The shop's air at any moment, for the log; null before there is a shop. */
export function useLoggedAir(): (atMs: number) => LoggedAir | null {
  const air = useAir();
  return (atMs) => (air ? loggedAirAt(air, atMs) : null);
}
