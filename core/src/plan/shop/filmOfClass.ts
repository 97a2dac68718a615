import { findProductClass } from '../../cure/productClasses';
import type { PlanFilm } from './shopPlanInput';

/**
 * A film of a class, as the class has it, where no product is named.
 *
 * @throws RangeError for an unknown class
 */
export function filmOfClass(id: string): PlanFilm {
  const { drying, name, application, potLifeMinutes, removeWithinMinutes, coldestCelsius, warmestCelsius, mostHumidityPercent } =
    findProductClass(id);
  return {
    productId: id,
    name,
    drying,
    application,
    potLifeMinutes,
    removeWithinMinutes,
    limits: { coldestCelsius, warmestCelsius, mostHumidityPercent },
    lightness: null,
    coatMicrometres: drying.coatMicrometres,
  };
}
