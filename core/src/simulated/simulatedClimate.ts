import type { AirSample } from '../climate/air';

/** A simulated garage: a stand-in for a climate sensor, the same for the same seed and moment. */
export interface SimulatedShop {
  readonly seed: number;
  readonly meanCelsius: number;
  /** half the span of a day, K */
  readonly swingCelsius: number;
  readonly utcOffsetMinutes: number;
}

/** The demo's garage in late spring: 12–19 °C in the evening, colder at night, humid after rain. Invented. */
export const DEMO_GARAGE: SimulatedShop = { seed: 9, meanCelsius: 14.6, swingCelsius: 3.4, utcOffsetMinutes: 120 };

const HOUR_MS = 3_600_000;

/** The simulated air at a moment: a daily wave, slow weather over it, and rain that makes it damp. */
export function simulateAir(shop: SimulatedShop, atMs: number): Required<AirSample> {
  const localHour = (atMs + shop.utcOffsetMinutes * 60_000) / HOUR_MS;
  const wave = Math.cos((2 * Math.PI * (localHour - 16)) / 24);
  const front = smoothNoise(shop.seed, localHour / 19);
  const rain = Math.max(0, smoothNoise(shop.seed + 1, localHour / 11) - 0.35);
  const temperature =
    shop.meanCelsius + shop.swingCelsius * wave + 1.6 * front - 1.5 * rain + 0.15 * smoothNoise(shop.seed + 2, localHour * 3);
  const humidity = 63 - 11 * wave - 4 * front + 42 * rain + 0.8 * smoothNoise(shop.seed + 3, localHour * 3);
  const wind = 1.4 + 1.1 * smoothNoise(shop.seed + 4, localHour / 5) + 0.6 * wave;
  return {
    atMs,
    temperatureCelsius: round(temperature, 2),
    relativeHumidityPercent: round(Math.min(98, Math.max(25, humidity)), 1),
    windMetresPerSecond: round(Math.max(0, wind), 1),
  };
}

/** Readings of the simulated sensor on its grid, within [fromMs, toMs]. */
export function simulateReadings(shop: SimulatedShop, fromMs: number, toMs: number, stepMinutes = 15): Required<AirSample>[] {
  return grid(fromMs, toMs, stepMinutes * 60_000).map((atMs) => simulateAir(shop, atMs));
}

/** A forecast from a moment on, hourly: what will be, with an error that grows with the lead. */
export function simulateForecast(shop: SimulatedShop, fromMs: number, hours: number): Required<AirSample>[] {
  return grid(fromMs + 1, fromMs + hours * HOUR_MS, HOUR_MS).map((atMs) => {
    const lead = (atMs - fromMs) / HOUR_MS;
    const doubt = Math.min(1, lead / 72);
    const real = simulateAir(shop, atMs);
    const day = Math.floor(fromMs / (24 * HOUR_MS));
    return {
      ...real,
      temperatureCelsius: round(real.temperatureCelsius + 2.2 * doubt * smoothNoise(shop.seed + 100 + day, lead / 13), 1),
      relativeHumidityPercent: Math.round(
        Math.min(98, Math.max(25, real.relativeHumidityPercent + 12 * doubt * smoothNoise(shop.seed + 200 + day, lead / 13))),
      ),
    };
  });
}

function grid(fromMs: number, toMs: number, stepMs: number): number[] {
  const first = Math.ceil(fromMs / stepMs) * stepMs;
  return Array.from({ length: Math.max(0, Math.floor((toMs - first) / stepMs) + 1) }, (_, i) => first + i * stepMs);
}

/** Value noise in −1…1, smooth, without state. */
function smoothNoise(seed: number, at: number): number {
  const left = Math.floor(at);
  const share = at - left;
  const eased = share * share * (3 - 2 * share);
  return hash(seed, left) * (1 - eased) + hash(seed, left + 1) * eased;
}

/** A number in −1…1 for a place: an integer hash (xorshift and multiply). */
function hash(seed: number, at: number): number {
  let value = (Math.imul(seed | 0, 0x9e37_79b1) ^ Math.imul(at | 0, 0x85eb_ca6b)) >>> 0;
  value = Math.imul(value ^ (value >>> 15), 0x2c1b_3c6d) >>> 0;
  value = Math.imul(value ^ (value >>> 12), 0x297a_2d39) >>> 0;
  return ((value ^ (value >>> 15)) >>> 0) / 2_147_483_648 - 1;
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
