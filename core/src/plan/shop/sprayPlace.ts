import type { AirTimeline } from '../../climate/airTimeline';
import type { Application } from '../../cure/productClasses';
import { findMethod } from '../../ladder/methods';
import type { ShopAirs } from './shopPlanInput';

/** Where something is worked on: out where cans are sprayed, which may be in the yard, or in the shop. */
export type WorkPlace = 'out' | 'in';

/**
 * Where a rung is worked on: `out` for what is sprayed where cans are, which may be out of doors; `in` for what is not sprayed, and for the airbrush
 * of a shop that keeps it inside.
 *
 * @param application what its product is laid on with; null: it has none, or it is not known yet
 * @throws RangeError for an unknown method
 */
export function sprayPlace(
  { airbrushesInside }: Pick<ShopAirs, 'airbrushesInside'>,
  methodId: string,
  application: Application | null,
): WorkPlace {
  if (!findMethod(methodId).isSprayed) return 'in';
  return airbrushesInside && application === 'airbrush' ? 'in' : 'out';
}

/** The air of such a place. */
export function airOfPlace({ air, yardAir }: Pick<ShopAirs, 'air' | 'yardAir'>, place: WorkPlace): AirTimeline {
  return place === 'out' ? (yardAir ?? air) : air;
}
