import type { AirTimeline } from '../climate/airTimeline';
import { airAt } from '../climate/airTimeline';
import { wetBulbCelsius } from '../climate/wetBulb';
import type { DryingData } from './dryingData';
import { canFailToForm } from './dryingKind';

const STEP_MS = 10 * 60_000;
/** A film that stays wet for longer than this is looked at no further: it has long been too cold, or it is not a film. */
const LONGEST_MS = 2 * 86_400_000;

/** A water-borne film while its particles grow into one another. */
export interface FormingFilm {
  readonly laidMs: number;
  /** until then the film has the wet-bulb temperature; null when it never dries in this air */
  readonly touchMs: number | null;
  /** until then it must be warm enough; null: it never gets there */
  readonly handleMs: number | null;
}

/**
 * The first moment a film is colder than it can form at: its particles do not fuse any more, it cracks or chalks and is lost (ISO 2115 measures that
 * temperature). While wet a film has the wet bulb's temperature, afterwards the air's. Only some kinds of drying have such a temperature ({@link canFailToForm}).
 *
 * @returns epoch ms; null: it is never too cold
 */
export function tooColdToForm(
  { kind, minimumFilmCelsius }: Pick<DryingData, 'kind' | 'minimumFilmCelsius'>,
  air: AirTimeline,
  { laidMs, touchMs, handleMs }: FormingFilm,
): number | null {
  if (!canFailToForm(kind)) return null;
  const until = Math.min(handleMs ?? Infinity, laidMs + LONGEST_MS);
  for (let at = laidMs; at <= until; at += STEP_MS) {
    const { temperatureCelsius, relativeHumidityPercent } = airAt(air, at);
    const isWet = touchMs === null || at < touchMs;
    const film = isWet ? wetBulbCelsius(temperatureCelsius, relativeHumidityPercent) : temperatureCelsius;
    if (film < minimumFilmCelsius) return at;
  }
  return null;
}
