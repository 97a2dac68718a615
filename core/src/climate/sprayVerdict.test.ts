import { describe, expect, it } from 'vitest';
import { LABEL_AIR } from './air';
import { limitsToLay } from './layLimits';
import { judgeSpraying, USUAL_SPRAY_LIMITS } from './sprayVerdict';

const AIR = { temperatureCelsius: 20, relativeHumidityPercent: 50 };
const kinds = (verdict: ReturnType<typeof judgeSpraying>) => verdict.faults.map(({ kind }) => kind);

describe('what air is fit for spraying', () => {
  it('is told by the usual limits: 3 K over the dew point (ISO 8502-4), 85 %, 10–32 °C, 3 m/s (common practice)', () =>
    expect(USUAL_SPRAY_LIMITS).toEqual({
      leastDewGapKelvin: 3,
      mostHumidityPercent: 85,
      coldestCelsius: 10,
      warmestCelsius: 32,
      mostWindMetresPerSecond: 3,
    }));
  it('is named on labels as 23 °C and 50 % (ISO 3270)', () =>
    expect(LABEL_AIR).toEqual({ temperatureCelsius: 23, relativeHumidityPercent: 50 }));

  it.each([
    ['tooCold', { temperatureCelsius: 9.9, relativeHumidityPercent: 30 }, 9.9, 10],
    ['tooWarm', { temperatureCelsius: 32.1, relativeHumidityPercent: 30 }, 32.1, 32],
  ] as const)('ends where it is %s, with what was met and what was the limit', (kind, air, value, limit) =>
    expect(judgeSpraying(air).faults).toEqual([{ kind, value, limit }]),
  );
  it('ends where it is damp', () =>
    expect(judgeSpraying({ temperatureCelsius: 20, relativeHumidityPercent: 85.1 }, USUAL_SPRAY_LIMITS, 22).faults).toEqual([
      { kind: 'humidity', value: 85.1, limit: 85 },
    ]));
  it('ends where it blows', () => {
    expect(judgeSpraying(AIR, USUAL_SPRAY_LIMITS, 20, 3.1).faults).toEqual([{ kind: 'wind', value: 3.1, limit: 3 }]);
    expect(judgeSpraying(AIR, USUAL_SPRAY_LIMITS, 20, 0).isOpen).toBe(true);
  });
  it('still holds on a limit itself', () => {
    for (const air of [
      { temperatureCelsius: 10, relativeHumidityPercent: 30 },
      { temperatureCelsius: 32, relativeHumidityPercent: 30 },
    ])
      expect(kinds(judgeSpraying(air))).toEqual([]);
    expect(kinds(judgeSpraying({ temperatureCelsius: 20, relativeHumidityPercent: 85 }, USUAL_SPRAY_LIMITS, 25, 3))).toEqual([]);
    const { dewGapKelvin } = judgeSpraying(AIR);
    expect(kinds(judgeSpraying(AIR, { ...USUAL_SPRAY_LIMITS, leastDewGapKelvin: dewGapKelvin }))).toEqual([]);
  });
});

describe('what air a product can be laid in', () => {
  const strict = { mostHumidityPercent: 65, coldestCelsius: 15, warmestCelsius: 28 };
  const lax = { mostHumidityPercent: 95, coldestCelsius: 5, warmestCelsius: 35 };
  it('sprayed, is whatever is stricter, the shop’s limits or its own', () => {
    expect(limitsToLay(USUAL_SPRAY_LIMITS, strict, true)).toEqual({ ...USUAL_SPRAY_LIMITS, ...strict });
    expect(limitsToLay(USUAL_SPRAY_LIMITS, lax, true)).toEqual(USUAL_SPRAY_LIMITS);
  });
  it('brushed, is its own, and neither wind nor the dew point is asked', () => {
    const limits = limitsToLay(USUAL_SPRAY_LIMITS, lax, false);
    expect(limits).toMatchObject(lax);
    expect(kinds(judgeSpraying({ temperatureCelsius: 20, relativeHumidityPercent: 94 }, limits, 10, 12))).toEqual([]);
  });
});
