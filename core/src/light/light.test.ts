import { Matrix, solve } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random/seededRandom';
import { batteryHours } from './batteryHours';
import { E24, nextE24, nextRating } from './e24';
import { currentSpan, stringResistor } from './stringResistor';
import type { LitStrip } from './stripVolts';
import { stripVolts } from './stripVolts';
import { leadOhms, ohmsAMetre, ohmsPerLed, sectionOfAwg } from './wire';

describe('the copper of a strip', () => {
  it('of 0.21 Ω a metre is 3.5 mΩ from LED to LED at sixty a metre, and back (by hand)', () => {
    expect(ohmsPerLed(0.21, 1000 / 60)).toBeCloseTo(0.0035, 12);
    expect(ohmsAMetre(ohmsPerLed(0.21, 33.3), 33.3)).toBeCloseTo(0.21, 12);
  });
});

describe('values resistors are made in', () => {
  it('are the 24 of IEC 60063, which lie on a geometric row as closely as two digits and custom let them', () => {
    expect(E24).toHaveLength(24);
    // The standard keeps eight old values that the rounded row would not give: 2.7 to 4.7 and 8.2.
    for (const [nth, value] of E24.entries()) expect(Math.abs(value / 10 ** (nth / 24) - 1)).toBeLessThan(0.05);
  });
  it.each([
    [250, 270],
    [270, 270],
    [9.2, 10],
    [0.99, 1],
    [1000, 1000],
    [1001, 1100],
    [470_000.0001, 470_000],
  ])('the next up of %d Ω is %d Ω', (ohms, made) => expect(nextE24(ohms)).toBe(made));
  it('are not made for nothing or for a gigaohm and more', () => {
    expect(() => nextE24(0)).toThrow(RangeError);
    expect(() => nextE24(2e9)).toThrow(RangeError);
    expect([nextRating(0.09), nextRating(0.25), nextRating(0.26), nextRating(99)]).toEqual([0.125, 0.25, 0.5, null]);
  });
});

describe('a string on a supply', () => {
  it('two red LEDs on the nine volts of six AA cells at 20 mA take 270 Ω', () => {
    const found = stringResistor({ supplyVolts: 9, forwardVolts: [2, 2], milliamps: 20 });
    if ('refusal' in found) throw new Error(found.refusal);
    expect(found.ohms).toBe(270);
    // Ohm: 5 V over 270 Ω.
    expect(found.milliamps).toBeCloseTo(18.5185, 3);
    expect(found.watts).toBeCloseTo((5 * 5) / 270, 9);
    expect(found.ratingWatts).toBe(0.125);
    expect(found.brightness).toBeCloseTo(250 / 270, 9);
  });
  it.each([
    ['supplyTooLow', { supplyVolts: 3, forwardVolts: [3.2], milliamps: 20 }],
    ['supplyTooLow', { supplyVolts: 4, forwardVolts: [2, 2], milliamps: 20 }],
    ['noLeds', { supplyVolts: 9, forwardVolts: [], milliamps: 20 }],
    ['noCurrent', { supplyVolts: 9, forwardVolts: [2], milliamps: 0 }],
  ] as const)('is refused: %s', (refusal, string) => expect(stringResistor(string)).toEqual({ refusal }));
  it('draws most from fresh cells, and nothing from tired ones that no longer reach', () => {
    const span = currentSpan(270, { freshVolts: 9.6, tiredVolts: 3.9 }, [{ least: 1.8, most: 2.2 }, { least: 1.8, most: 2.2 }]); // prettier-ignore
    expect(span.mostMilliamps).toBeCloseTo((6 / 270) * 1000, 9);
    expect(span.leastMilliamps).toBe(0);
  });
});

describe('wire', () => {
  it.each([
    // Sections of the standard's table, mm² (ASTM B258, memory).
    [0, 53.5],
    [10, 5.26],
    [18, 0.823],
    [22, 0.326],
    [30, 0.0509],
  ])('AWG %d has %d mm²', (gauge, section) => expect(sectionOfAwg(gauge) / section).toBeCloseTo(1, 2));
  it('a metre of 0.5 mm² there and back has 69 mΩ', () => expect(leadOhms(1000, 0.5)).toBeCloseTo(0.06897, 5));
  it('without a section, or of no gauge there is, is refused', () => {
    expect(() => leadOhms(100, 0)).toThrow(RangeError);
    expect(() => sectionOfAwg(41)).toThrow(RangeError);
    expect(() => sectionOfAwg(2.5)).toThrow(RangeError);
  });
});

describe('voltage along a strip', () => {
  const strip: LitStrip = { volts: 5, leds: 60, load: { milliampsEach: 20 }, ohmsPerLed: 0.02, leadOhms: 0.1, feeds: [0] };
  const told = (given: LitStrip) => {
    const found = stripVolts(given);
    if ('refusal' in found) throw new Error(found.refusal);
    return found;
  };
  it('fed at one end falls by the sum of what flows past (closed form)', () => {
    const { volts, amps } = told(strip);
    expect(amps).toBeCloseTo(1.2, 12);
    let expected = 5 - 1.2 * 0.1;
    for (let at = 0; at < 60; at += 1) {
      expect(volts[at]).toBeCloseTo(expected, 9);
      expected -= 0.02 * 0.02 * (59 - at);
    }
  });
  it('with resistors for loads is a ladder network: hyperbolic cosines from its open end (closed form)', () => {
    const ladder: LitStrip = { ...strip, load: { ohmsEach: 40 }, leadOhms: 0, ohmsPerLed: 0.5 };
    const { volts } = told(ladder);
    // cosh γ = 1 + r ÷ 2R; a rung's voltage goes as cosh γ(n + ½) counted from the open end.
    const gamma = Math.acosh(1 + 0.5 / 80);
    const at = (fromEnd: number): number => Math.cosh(gamma * (fromEnd + 0.5));
    for (let led = 0; led < 60; led += 1) expect(volts[led]).toBeCloseTo((5 * at(59 - led)) / at(59), 6);
  });
  it('of any feeds is what a linear algebra package makes of Kirchhoff’s law', () => {
    const random = seededRandom(3);
    for (let trial = 0; trial < 40; trial += 1) {
      const leds = 2 + Math.floor(random() * 30);
      const given: LitStrip = {
        volts: 5 + 7 * random(),
        leds,
        load: trial % 2 === 0 ? { milliampsEach: 5 * random() } : { ohmsEach: 200 + 100 * random() },
        ohmsPerLed: 0.01 + 0.1 * random(),
        leadOhms: 0.01 + 0.2 * random(),
        feeds: [Math.floor(random() * leds), Math.floor(random() * leds)],
      };
      const system = Matrix.zeros(leds, leds);
      const right = Matrix.zeros(leds, 1);
      const add = (row: number, column: number, value: number): void => void system.set(row, column, system.get(row, column) + value);
      for (let at = 0; at < leds; at += 1) {
        if ('ohmsEach' in given.load) add(at, at, 1 / given.load.ohmsEach);
        else right.set(at, 0, -given.load.milliampsEach / 1000);
        if (at + 1 === leds) continue;
        for (const [one, other] of [[at, at + 1], [at + 1, at]] as const) { add(one, one, 1 / given.ohmsPerLed); add(one, other, -1 / given.ohmsPerLed); } // prettier-ignore
      }
      for (const feed of new Set(given.feeds)) {
        add(feed, feed, 1 / given.leadOhms);
        right.set(feed, 0, right.get(feed, 0) + given.volts / given.leadOhms);
      }
      const expected = solve(system, right).to1DArray();
      for (const [at, volts] of told(given).volts.entries()) expect(volts).toBeCloseTo(expected[at] as number, 6);
    }
  });
  it('says where one feed more helps most: the best of all places, tried one by one', () => {
    const long: LitStrip = { ...strip, leds: 150 };
    const { lowest, feedAgainAt, lowestThen } = told(long);
    expect(lowest).toBeLessThan(4.5);
    const lows = Array.from({ length: 150 }, (_, at) => told({ ...long, feeds: [0, at] }).lowest);
    expect(lowestThen).toBeCloseTo(Math.max(...lows), 9);
    expect(lows[feedAgainAt ?? -1]).toBeCloseTo(Math.max(...lows), 9);
    expect(told({ ...strip, leds: 10 }).feedAgainAt).toBeNull();
  });
  it('of ten thousand LEDs is refused where its copper cannot carry them, and told where it is fed throughout', () => {
    const huge: LitStrip = { ...strip, leds: 10_000 };
    expect(stripVolts(huge)).toEqual({ refusal: 'cannotCarry' });
    expect(told({ ...huge, feeds: Array.from({ length: 200 }, (_, nth) => nth * 50) }).lowest).toBeGreaterThan(4);
  });
  it('draws through its feeds what it draws in all (Kirchhoff): one alone carries it, two at its ends half each', () => {
    const read = (feeds: readonly number[], leadOhms = 0.1) => {
      const found = stripVolts({ ...strip, feeds, leadOhms });
      if ('refusal' in found) throw new Error(found.refusal);
      return found;
    };
    expect(read([0]).branches).toEqual([{ at: 0, amps: expect.closeTo(1.2, 9) }]);
    expect(read([59, 0]).branches.map(({ at, amps }) => [at, amps])).toEqual([
      [0, expect.closeTo(0.6, 9)],
      [59, expect.closeTo(0.6, 9)],
    ]);
    for (const leadOhms of [0, 0.01, 2]) {
      const { branches, amps } = read([3, 17, 41], leadOhms);
      expect(branches.reduce((sum, branch) => sum + branch.amps, 0)).toBeCloseTo(amps, 4);
    }
  });
  it('without LEDs or feeds is refused', () => {
    expect(stripVolts({ ...strip, leds: 0 })).toEqual({ refusal: 'noLeds' });
    expect(stripVolts({ ...strip, feeds: [60, -1, 1.5] })).toEqual({ refusal: 'notFed' });
  });
});

describe('hours of light', () => {
  it('are what can be used over what is drawn', () => {
    expect(batteryHours({ milliampHours: 2000, milliamps: 85, usable: 0.8 })).toBeCloseTo(18.8235, 4);
    expect(batteryHours({ milliampHours: 2000, milliamps: 85, usable: 0.8, brightness: 0.5, efficiency: 0.85 })).toBeCloseTo(32, 9);
  });
  it('of nothing are refused', () => expect(() => batteryHours({ milliampHours: 2000, milliamps: 0, usable: 0.8 })).toThrow(RangeError));
});
