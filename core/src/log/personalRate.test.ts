import { describe, expect, it } from 'vitest';
import { personalRate } from './personalRate';

const took = (share: number, zone: string | null = null) => ({ methodId: 'sand', zone, plannedMinutes: 20, actualMinutes: 20 * share });

describe("a finisher's own rate", () => {
  it('is the class default with its doubt before anything is logged', () => {
    const { factor, low, high, count } = personalRate('sand', null, []);
    expect([factor, count]).toEqual([1, 0]);
    expect(Math.log(high)).toBeCloseTo(0.35, 9);
    expect(low * high).toBeCloseTo(1, 9);
  });
  it('is drawn towards what was logged, more and surer the more there is (closed form by hand)', () => {
    const one = personalRate('sand', null, [took(1.5)]);
    // Normal prior 0 ± 0.35, one observation ln 1.5 ± 0.3.
    const precision = 0.35 ** -2 + 0.3 ** -2;
    expect(Math.log(one.factor)).toBeCloseTo((Math.log(1.5) * 0.3 ** -2) / precision, 9);
    const many = personalRate(
      'sand',
      null,
      Array.from({ length: 30 }, () => took(1.5)),
    );
    expect(many.factor).toBeGreaterThan(1.46);
    expect(many.high / many.low).toBeLessThan(one.high / one.low);
  });
  it('counts the same zone whole and others half, and leaves other methods and empty minutes out', () => {
    const log = [took(2, 'dome'), took(1, 'wall'), { ...took(9), methodId: 'prime' }, { ...took(9), plannedMinutes: 0 }];
    expect(personalRate('sand', 'dome', log).factor).toBeGreaterThan(personalRate('sand', 'wall', log).factor);
    expect(personalRate('sand', 'dome', log).count).toBe(2);
  });
});
