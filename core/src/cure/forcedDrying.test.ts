import { describe, expect, it } from 'vitest';
import { buildClockTable } from './clockTable';
import { DRYER_FACTOR, gainsByDryer, dryerGain } from './forcedDrying';
import { findProductClass } from './productClasses';

describe('warm air', () => {
  it('helps thin films that lose water or solvent, and no others', () => {
    const helps = (classId: string): boolean => {
      const { drying } = findProductClass(classId);
      return gainsByDryer(drying, drying.coatMicrometres);
    };
    expect(['lacquerColour', 'airbrushAcrylic', 'waterClear'].map(helps)).toEqual([true, true, true]);
    expect(['fillerPrimer', 'enamelColour', 'brushEpoxy', 'brushAcrylic'].map(helps)).toEqual([false, false, false, false]);
  });
  it('counts six times at label air, five of them beyond what passes anyway', () => {
    const { least, most } = dryerGain(
      buildClockTable(0, 600, 10, () => 1),
      5,
    );
    expect(least).toBeCloseTo(5 * (DRYER_FACTOR - 1), 9);
    expect(most).toBeCloseTo(least, 9);
  });
  it('is reckoned by the slowest hour there is for what opens by it, by the fastest for what closes', () => {
    const gain = dryerGain(
      buildClockTable(0, 600, 10, (minute) => (minute < 300 ? 1 : 0.2)),
      5,
    );
    expect(gain.least).toBeCloseTo(5, 9);
    expect(gain.most).toBeCloseTo(25, 9);
  });
});
