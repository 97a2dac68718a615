import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitClearance } from '../film/fitClearance';
import { drillFor, EDGE_DIAMETERS, PITCH_DIAMETERS, spaceRivets } from './rivetRow';

describe('a row of rivets', () => {
  it('stands two diameters from the ends, evenly, near the wanted pitch (by hand)', () => {
    // 200 mm, ⌀ 4: edges 8, 184 between, wanted 30: six gaps of 30.67.
    const row = spaceRivets({ along: 200, radius: null, diameter: 4, wantedPitch: 30 });
    expect(row).toMatchObject({ count: 7, edge: 8, isWidened: false });
    expect(row.pitch).toBeCloseTo(184 / 6, 12);
    expect(row.chord).toBe(row.pitch);
    expect(row.places.at(-1)).toBeCloseTo(192, 9);
  });
  it('on a bend is stepped off by the chord: a hexagon’s side is its radius (closed form)', () => {
    // A whole circle of radius 50 with edges of nothing to speak of: sixths of the round are 60°.
    const along = (2 * Math.PI * 50) / 6 + 4 * 0.001;
    const row = spaceRivets({ along, radius: 50, diameter: 0.001, wantedPitch: (2 * Math.PI * 50) / 6 });
    expect(row.count).toBe(2);
    expect(row.chord).toBeCloseTo(50, 9);
  });
  it('keeps its least distances whatever is wanted (property)', () => {
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(size(20, 2000), size(1, 5), size(5, 200), (along, diameter, wantedPitch) => {
        const row = spaceRivets({ along, radius: null, diameter, wantedPitch });
        expect(row.places).toHaveLength(row.count);
        expect(row.places[0]).toBeGreaterThanOrEqual(EDGE_DIAMETERS * diameter - 1e-9);
        expect(along - (row.places.at(-1) ?? 0)).toBeGreaterThanOrEqual(EDGE_DIAMETERS * diameter - 1e-9);
        if (row.count > 1) expect(row.pitch).toBeGreaterThanOrEqual(PITCH_DIAMETERS * diameter - 1e-9);
        if (row.isWidened) expect(row.count === 1 || row.pitch > wantedPitch).toBe(true);
      }),
    );
  });
  it('says what cannot be', () => {
    const run = { along: 100, radius: null, diameter: 4, wantedPitch: 20 };
    expect(spaceRivets({ ...run, along: 17 })).toMatchObject({ count: 1, places: [8.5] });
    expect(() => spaceRivets({ ...run, along: 15 })).toThrow('shorter than two edges of 8 mm');
    expect(() => spaceRivets({ ...run, radius: 10 })).toThrow('longer than the circle');
    expect(() => spaceRivets({ ...run, diameter: 0 })).toThrow(RangeError);
    expect(() => spaceRivets({ along: 1e5, radius: null, diameter: 1, wantedPitch: 4 })).toThrow('more than 500');
  });
});

describe('the drill for a shank', () => {
  it('leaves the same room after painting as a hole drilled then', () => {
    const { beforePaint, afterPaint } = drillFor(4, 120);
    expect([beforePaint, afterPaint]).toEqual([expect.closeTo(4.5, 9), expect.closeTo(4.2, 9)]);
    const painted = { shaftMillimetres: 4, shaftFilmMicrometres: 0, printErrorMillimetres: 0 };
    expect(fitClearance({ ...painted, holeMillimetres: beforePaint, holeFilmMicrometres: 120 }).verdict).toBe('moves');
    expect(fitClearance({ ...painted, holeMillimetres: afterPaint, holeFilmMicrometres: 0 }).verdict).toBe('moves');
    expect(drillFor(4, 0).beforePaint).toBe(drillFor(4, 0).afterPaint);
    expect(() => drillFor(0, 10)).toThrow(RangeError);
  });
});
