import type { Material } from '../ladder/materials';
import { findMethod } from '../ladder/methods';
import type { DryingData } from './dryingData';

/** The name plans and clocks use for water left on a part after washing. */
export const WASH_WATER_NAME = 'water of the washing';

/** Label minutes until a washed part that was blotted is dry in its gaps too, at 23 °C and 50 % (common practice: an hour; guessed). */
const DRY_MINUTES = 60;
/** The same for what holds water in itself: webbing and cloth that were pressed out dry over a night (common practice; guessed). */
const SOAKED_DRY_MINUTES = 480;

function waterFor(minutes: number): DryingData {
  return {
    kind: 'water',
    coatMicrometres: 20,
    touchMinutes: minutes,
    recoatFromMinutes: minutes,
    recoatUntilMinutes: null,
    recoatAgainMinutes: null,
    handleMinutes: minutes,
    sandMinutes: minutes,
    tapeMinutes: minutes,
    hardMinutes: minutes,
    minimumFilmCelsius: -20,
  };
}

/** Water on a washed part: no film stays, but what comes next waits until it is gone, longer in cold or damp air. It stops where it freezes. */
export const WASH_WATER: DryingData = waterFor(DRY_MINUTES);
/** Water in what soaks. */
export const SOAKED_WATER: DryingData = waterFor(SOAKED_DRY_MINUTES);

/**
 * The water that a method leaves on a part; null: it leaves it dry.
 *
 * @param soaks whether the part's material holds water in itself
 * @throws RangeError for an unknown method
 */
export function waterLeft(methodId: string, soaks: Material['soaks'] = false): DryingData | null {
  if (!findMethod(methodId).leavesWater) return null;
  return soaks ? SOAKED_WATER : WASH_WATER;
}
