import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GRITS } from '../surface/grit/gritTable';
import { forecastClarity } from './clarity';
import { dyeTimeFor, readBath } from './dyeBath';
import { mistFor } from './mirrorMist';

describe('how clear a part is', () => {
  it('polished lets 92 % through, as acrylic sheet does by its makers’ sheets (ISO 13468, memory)', () => {
    const { through, straight, looks } = forecastClarity({ lastGrit: null, isVarnished: true });
    expect(through).toBeCloseTo(0.92, 2);
    expect(straight).toBeGreaterThan(0.85);
    expect(looks).toBe('clear');
  });
  it('a finer grit is never less clear, and spreads no more than it lets through', () => {
    const straight = GRITS.map(({ name }) => forecastClarity({ lastGrit: name, isVarnished: false }).straight);
    expect(straight).toEqual(straight.toSorted((a, b) => a - b));
    for (const { name } of GRITS) {
      const one = forecastClarity({ lastGrit: name, isVarnished: true });
      expect(one.straight).toBeLessThanOrEqual(one.through);
    }
  });
  // Common practice: sanded faces are white whatever the grit up to P400, hazy at P2000, and clear under varnish.
  it('looks as practice says: frosted at P400, not clear at P2000, clear under varnish', () => {
    expect(forecastClarity({ lastGrit: 'P400', isVarnished: false }).looks).toBe('frosted');
    expect(forecastClarity({ lastGrit: 'P2000', isVarnished: false }).looks).not.toBe('clear');
    expect(forecastClarity({ lastGrit: 'P2000', isVarnished: true }).looks).toBe('clear');
    expect(forecastClarity({ lastGrit: 'P220', isVarnished: true }).straight).toBeLessThan(
      forecastClarity({ lastGrit: 'P1200', isVarnished: true }).straight,
    );
    expect(() => forecastClarity({ lastGrit: 'P7', isVarnished: false })).toThrow(RangeError);
  });
});

describe('a dye bath', () => {
  it('is found again from strips that follow the root of time (closed form)', () => {
    const at = (minutes: number) => ({ minutes, share: 10 ** (-0.12 * Math.sqrt(minutes)) });
    const strips = [at(1), at(4), at(9)];
    expect(readBath(strips).rate).toBeCloseTo(0.12, 12);
    const time = dyeTimeFor(strips, at(6).share);
    expect([time.minutes, time.earliest, time.latest]).toEqual([expect.closeTo(6, 9), expect.closeTo(6, 9), expect.closeTo(6, 9)]);
    expect(time.isBeyond).toBe(false);
    expect(dyeTimeFor(strips, at(20).share).isBeyond).toBe(true);
  });
  it('a darker piece hangs longer, and the best time lies between quickest and slowest (property)', () => {
    const share = fc.double({ min: 0.05, max: 0.95, noNaN: true });
    fc.assert(
      fc.property(share, share, share, share, (a, b, one, other) => {
        const strips = [
          { minutes: 2, share: a },
          { minutes: 8, share: b },
        ];
        const [dark, pale] = one < other ? [one, other] : [other, one];
        expect(dyeTimeFor(strips, dark).minutes).toBeGreaterThanOrEqual(dyeTimeFor(strips, pale).minutes);
        const { minutes, earliest, latest } = dyeTimeFor(strips, one);
        expect(earliest).toBeLessThanOrEqual(minutes * (1 + 1e-9));
        expect(latest).toBeGreaterThanOrEqual(minutes * (1 - 1e-9));
      }),
    );
  });
  it('needs two strips, and shares that can be', () => {
    expect(() => readBath([{ minutes: 2, share: 0.5 }])).toThrow('two strips');
    expect(() => readBath([{ minutes: 2, share: 0.5 }, { minutes: 2, share: 0.4 }])).toThrow('different times'); // prettier-ignore
    expect(() => readBath([{ minutes: 2, share: 0.5 }, { minutes: 4, share: 1 }])).toThrow(RangeError); // prettier-ignore
    expect(() => dyeTimeFor([{ minutes: 2, share: 0.5 }, { minutes: 4, share: 0.4 }], 0)).toThrow(RangeError); // prettier-ignore
  });
});

describe('a mist of metal from inside', () => {
  it('lets the same share of the rest through with each pass (by hand)', () => {
    expect(mistFor(0.8, 3, 0.3).share).toBeCloseTo(0.512, 12);
    expect(mistFor(0.8, 3, 0.3).mostPasses).toBe(5);
    expect(mistFor(0.5, 0, 0.25)).toEqual({ share: 1, mostPasses: 2 });
    expect(mistFor(1, 9, 0.3).mostPasses).toBeNull();
  });
  it('says what cannot be', () => {
    expect(() => mistFor(0, 1, 0.3)).toThrow(RangeError);
    expect(() => mistFor(0.8, 1.5, 0.3)).toThrow(RangeError);
  });
});
