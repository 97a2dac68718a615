import { sprayAirOf } from '@zinc-ladder/core/plan/shop/shopPlanInput';
import { loggedAirAt } from '@zinc-ladder/model/log/loggedAirAt';
import type { LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import { useAirs } from '../plan/usePlan';

/** The air at any moment, for the log: what is sprayed was done in the air that is sprayed in. Null before there is a shop. */
export function useLoggedAir(): (atMs: number, isSprayed: boolean) => LoggedAir | null {
  const airs = useAirs();
  return (atMs, isSprayed) => airs && loggedAirAt(isSprayed ? sprayAirOf(airs) : airs.air, atMs);
}
