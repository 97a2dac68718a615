import { describe, expect, it } from 'vitest';
import { daylight, nextDaylight } from './daylight';

const HOUR = 3_600_000;
const day = (date: string) => [Date.parse(`${date}T00:00:00Z`), Date.parse(`${date}T23:59:59Z`)] as const;
const hours = (spans: readonly { start: number; end: number }[]): number =>
  spans.reduce((sum, span) => sum + span.end - span.start, 0) / HOUR;

describe('daylight', () => {
  it('is twelve hours, and a little for the sun’s disc and the air’s bending, at the equinox everywhere', () => {
    // Sunrise and sunset are told for a sun 0.833° below the horizon (common almanac practice): some 7 min more at the equator.
    for (const latitude of [0, 40, -40]) {
      const [from, to] = day('2026-03-20');
      expect(hours(daylight({ latitude, longitude: 0 }, from, to))).toBeGreaterThan(12);
      expect(hours(daylight({ latitude, longitude: 0 }, from, to))).toBeLessThan(12.25);
    }
  });
  it('at midsummer follows the sunrise equation: cos ω = −tan φ · tan δ', () => {
    const latitude = 55.7;
    const [from, to] = day('2026-06-21');
    const found = hours(daylight({ latitude, longitude: 0 }, from - 6 * HOUR, to + 6 * HOUR).slice(0, 2)) / 1;
    // With the altitude of −0.833°, δ = 23.44°: cos ω = (sin(−0.833°) − sin φ sin δ) / (cos φ cos δ).
    const rad = Math.PI / 180;
    const cos =
      (Math.sin(-0.833 * rad) - Math.sin(latitude * rad) * Math.sin(23.44 * rad)) / (Math.cos(latitude * rad) * Math.cos(23.44 * rad));
    const expected = ((2 * Math.acos(cos)) / (2 * Math.PI)) * 24;
    const [only] = daylight({ latitude, longitude: 0 }, from, to);
    expect(only && (only.end - only.start) / HOUR).toBeCloseTo(expected, 1);
    expect(found).toBeGreaterThan(expected);
  });
  it('shifts with the longitude by four minutes a degree', () => {
    const [from, to] = day('2026-05-28');
    const [here] = daylight({ latitude: 50, longitude: 0 }, from, to);
    const [west] = daylight({ latitude: 50, longitude: -15 }, from, to);
    expect(((west?.start ?? 0) - (here?.start ?? 0)) / 60_000).toBeCloseTo(60, -0.5);
  });
  it('never ends in the polar summer and never begins in the polar winter', () => {
    const [from, to] = day('2026-06-21');
    expect(hours(daylight({ latitude: 75, longitude: 0 }, from, to))).toBeCloseTo(24, 2);
    const [winterFrom, winterTo] = day('2026-12-21');
    expect(daylight({ latitude: 75, longitude: 0 }, winterFrom, winterTo)).toEqual([]);
    expect(hours(daylight({ latitude: -75, longitude: 0 }, winterFrom, winterTo))).toBeGreaterThan(23.9);
    // Near the pole the long day begins with the equinox, in the last days of March.
    const [marchFrom, marchTo] = day('2026-03-28');
    expect(hours(daylight({ latitude: 89.5, longitude: 0 }, marchFrom, marchTo))).toBeCloseTo(24, 2);
    expect(daylight({ latitude: -89.5, longitude: 0 }, marchFrom, marchTo)).toEqual([]);
  });
  it('is told as the one there is, or the next; none where the sun stays up or down', () => {
    const noon = Date.UTC(2026, 2, 20, 12);
    const here = { latitude: 0, longitude: 0 };
    const now = nextDaylight(here, noon);
    expect(now && now.start < noon && now.end > noon && hours([now])).toBeCloseTo(12.1, 1);
    // At the equator it is day again by six.
    expect(((nextDaylight(here, noon + 9 * HOUR)?.start ?? 0) - noon) / HOUR).toBeCloseTo(18, 0);
    for (const month of [5, 11]) expect(nextDaylight({ latitude: 75, longitude: 0 }, Date.UTC(2026, month, 21, 12))).toBeNull();
  });
  it('has no gap at midnight where the sun stays up', () => {
    expect(daylight({ latitude: 75, longitude: 20 }, Date.UTC(2026, 5, 10), Date.UTC(2026, 5, 30))).toHaveLength(1);
  });
});
