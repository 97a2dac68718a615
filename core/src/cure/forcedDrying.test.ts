import { describe, expect, it } from 'vitest';
import { buildClockTable } from './clockTable';
import { DRYER_FACTOR, gainsByDryer, leastDryerGain } from './forcedDrying';
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
  it('counts six times at label air, five of them beyond what passes anyway', () =>
    expect(
      leastDryerGain(
        buildClockTable(0, 600, 10, () => 1),
        5,
      ),
    ).toBeCloseTo(5 * (DRYER_FACTOR - 1), 9));
  it('is reckoned by the slowest hour there is, so that the plan errs to waiting', () =>
    expect(
      leastDryerGain(
        buildClockTable(0, 600, 10, (minute) => (minute < 300 ? 1 : 0.2)),
        5,
      ),
    ).toBeCloseTo(5, 9));
});
