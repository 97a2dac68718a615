import { describe, expect, it } from 'vitest';
import { personalRate } from './personalRate';
import { zonedRate } from './zonedRate';

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

describe('a rate by zone', () => {
  const zones = [
    { zone: 'dome', share: 0.25 },
    { zone: 'wall', share: 0.75 },
  ];
  it('is the method’s alone where nothing was logged by zone', () => {
    const log = [took(1.3), took(1.4)];
    expect(zonedRate('sand', zones, log)).toEqual(personalRate('sand', null, log));
    expect(zonedRate('sand', [], [took(2, 'dome')])).toEqual(personalRate('sand', null, [took(2, 'dome')]));
  });
  it('is weighed by how much of the part lies in each zone', () => {
    const log = [...Array.from({ length: 20 }, () => took(2, 'dome')), ...Array.from({ length: 20 }, () => took(1, 'wall'))];
    const [dome, wall] = [personalRate('sand', 'dome', log).factor, personalRate('sand', 'wall', log).factor];
    expect(dome).toBeGreaterThan(wall);
    expect(zonedRate('sand', zones, log).factor).toBeCloseTo(0.25 * dome + 0.75 * wall, 9);
  });
});
