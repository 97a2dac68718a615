import { median } from '../../number/median';
import { lightOfScreen } from '../screenLight';
import type { LinearRgb } from '../lab';

/** Pixels as a canvas gives them: red, green, blue, alpha, 0–255, row by row. */
export interface Pixels {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}

/** A rectangle as shares of a picture's sides, so that it holds when the picture is shrunk. */
export interface PictureArea {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** What an area of a picture holds. */
export interface AreaColour {
  /** linear light, camera's own exposure and white */
  readonly rgb: LinearRgb;
  /** share of its pixels that were averaged; the rest were highlights, shadows or specks */
  readonly usedShare: number;
  /** share with a channel at its end */
  readonly clippedShare: number;
  /** relative spread of the light over what was averaged: shading, texture */
  readonly unevenness: number;
  readonly pixels: number;
}

/** Channels at or beyond these have lost what they were. */
const BLOWN = 253;
const CRUSHED = 2;
/** Pixels whose light lies further from the middle than that many usual distances are left aside. */
const FAR = 2;
/** A flat area is allowed that much, share of its light. */
const LEAST_SPREAD = 0.02;
const MOST_PIXELS = 20_000;

const TO_LIGHT = Float64Array.from({ length: 256 }, (_, value) => lightOfScreen(value));

/**
 * Mean light of an area without its highlights, shadows and specks: pixels near the median light, clipped ones left out. Large areas are looked at in
 * steps.
 *
 * @throws RangeError where the area holds no pixel
 */
export function averageArea({ data, width, height }: Pixels, area: PictureArea): AreaColour {
  const left = Math.max(0, Math.min(width - 1, Math.floor(area.x * width)));
  const top = Math.max(0, Math.min(height - 1, Math.floor(area.y * height)));
  const right = Math.max(left + 1, Math.min(width, Math.round((area.x + area.width) * width)));
  const bottom = Math.max(top + 1, Math.min(height, Math.round((area.y + area.height) * height)));
  const step = Math.max(1, Math.ceil(Math.sqrt(((right - left) * (bottom - top)) / MOST_PIXELS)));
  const places: number[] = [];
  for (let y = top; y < bottom; y += step) for (let x = left; x < right; x += step) places.push((y * width + x) * 4);
  if (places.length === 0 || data.length < width * height * 4) throw new RangeError('the area holds no pixel');
  const isClipped = (at: number): boolean =>
    Math.max(data[at] as number, data[at + 1] as number, data[at + 2] as number) >= BLOWN ||
    Math.min(data[at] as number, data[at + 1] as number, data[at + 2] as number) <= CRUSHED;
  const whole = places.filter((at) => !isClipped(at));
  const looked = whole.length > 0 ? whole : places;
  const lights = looked.map((at) => lightOf(data, at));
  const middle = median(lights);
  const usual = Math.max(LEAST_SPREAD * middle, median(lights.map((light) => Math.abs(light - middle))));
  const kept = looked.filter((_, at) => Math.abs((lights[at] as number) - middle) <= FAR * usual);
  const mean = (channel: number): number =>
    kept.reduce((sum, at) => sum + (TO_LIGHT[data[at + channel] as number] as number), 0) / kept.length;
  const keptLights = kept.map((at) => lightOf(data, at));
  const keptMean = keptLights.reduce((sum, light) => sum + light, 0) / keptLights.length;
  const variance = keptLights.reduce((sum, light) => sum + (light - keptMean) ** 2, 0) / keptLights.length;
  return {
    rgb: [mean(0), mean(1), mean(2)],
    usedShare: kept.length / places.length,
    clippedShare: 1 - whole.length / places.length,
    unevenness: keptMean > 0 ? Math.sqrt(variance) / keptMean : 0,
    pixels: places.length,
  };
}

/** Luminance of sRGB's primaries (IEC 61966-2-1). */
function lightOf(data: Uint8ClampedArray, at: number): number {
  return (
    0.2126 * (TO_LIGHT[data[at] as number] as number) +
    0.7152 * (TO_LIGHT[data[at + 1] as number] as number) +
    0.0722 * (TO_LIGHT[data[at + 2] as number] as number)
  );
}
