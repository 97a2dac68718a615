/** What flashing does to who sees it. */
export type FlashRisk = 'none' | 'photosensitive';

/** Flashes a second from which, and up to which, they are a danger to photosensitive people (three: WCAG 2.3.1; the upper end common practice). */
const FROM_HERTZ = 3;
const TO_HERTZ = 60;

/** Whether flashing at that rate is a danger to photosensitive people. */
export function flashRisk(hertz: number): FlashRisk {
  return hertz >= FROM_HERTZ && hertz <= TO_HERTZ ? 'photosensitive' : 'none';
}

/** A light dimmed by pulses before a camera. */
export interface Banding {
  /** pulses within one exposure */
  readonly pulses: number;
  /** (most − least) ÷ (most + least) between rows of a picture, 0–1 */
  readonly contrast: number;
  readonly isSeen: boolean;
}

/** Rows that differ by less are not seen as bands (guess). */
const SEEN_CONTRAST = 0.02;

/**
 * Bands of a light dimmed by pulses: rows of a picture see as many pulses as fit, or one more.
 *
 * @param duty share of a period it is lit, 0–1; at 1 it does not flicker
 * @throws RangeError for a rate or a shutter of nothing
 */
export function pulseBanding(hertz: number, duty: number, shutterSeconds: number): Banding {
  if (!(hertz > 0 && shutterSeconds > 0)) throw new RangeError('pulses and shutter must be above nothing');
  const pulses = hertz * shutterSeconds;
  const whole = Math.floor(pulses + 1e-9);
  const part = Math.max(0, pulses - whole);
  if (duty >= 1) return { pulses, contrast: 0, isSeen: false };
  // Beside the whole pulses a part of a period: at best all of it is lit, at worst as little as the dark leaves.
  const most = whole * duty + Math.min(part, duty);
  const least = whole * duty + Math.max(0, part - (1 - duty));
  const contrast = most + least > 0 ? (most - least) / (most + least) : 0;
  return { pulses, contrast, isSeen: contrast > SEEN_CONTRAST };
}
