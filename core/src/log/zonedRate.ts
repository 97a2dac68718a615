import type { PersonalRate, TimedRung } from './personalRate';
import { personalRate } from './personalRate';

/** A share of a part's area that lies in one zone. */
export interface ZoneShare {
  readonly zone: string;
  /** in proportion: areas will do */
  readonly share: number;
}

/**
 * The finisher's own rate of a method on a part: the rate of each zone, weighed by how much of the part lies in it. Where no pass was ever logged by
 * zone this is the rate of the method alone.
 */
export function zonedRate(methodId: string, zones: readonly ZoneShare[], log: readonly TimedRung[]): PersonalRate {
  const plain = personalRate(methodId, null, log);
  const isZoned = log.some((entry) => entry.methodId === methodId && entry.zone !== null);
  const total = zones.reduce((sum, zone) => sum + zone.share, 0);
  if (!isZoned || !(total > 0)) return plain;
  const weigh = (value: (rate: PersonalRate) => number): number =>
    zones.reduce((sum, { zone, share }) => sum + (share / total) * value(personalRate(methodId, zone, log)), 0);
  return { factor: weigh((rate) => rate.factor), low: weigh((rate) => rate.low), high: weigh((rate) => rate.high), count: plain.count };
}
