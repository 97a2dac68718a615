import type { DryingData } from './dryingData';

/** What is left of washing on a part, as plans and clocks name it. */
export const WASH_WATER_NAME = 'water of the washing';

/** Label minutes until a washed part that was blotted is dry in its gaps too, at 23 °C and 50 % (common practice: an hour; guessed). */
const DRY_MINUTES = 60;

/** Water on a washed part: no film stays, but what comes next waits until it is gone, longer in cold or damp air. It stops where it freezes. */
export const WASH_WATER: DryingData = {
  kind: 'water',
  coatMicrometres: 20,
  touchMinutes: DRY_MINUTES,
  recoatFromMinutes: DRY_MINUTES,
  recoatUntilMinutes: null,
  recoatAgainMinutes: null,
  handleMinutes: DRY_MINUTES,
  sandMinutes: DRY_MINUTES,
  tapeMinutes: DRY_MINUTES,
  hardMinutes: DRY_MINUTES,
  minimumFilmCelsius: -20,
};
