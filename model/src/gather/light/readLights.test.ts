import { describe, expect, it } from 'vitest';
import type { LightPlan } from '../../records/light/lightPlan';
import { lightSteps, namedCuts } from './lightSteps';
import { NEW_LIGHTS } from './newLights';
import { readLights, supplyOf } from './readLights';

const plan = (given: Partial<LightPlan> = {}): LightPlan => ({ ...NEW_LIGHTS, id: 'l', revision: 0, propId: 'p', name: 'Lamp', ...given });
const PART = { areaSquareCentimetres: 300, materialId: 'rigid' as const, name: 'Case' };
const group = (id: string, x: number): LightPlan['groups'][number] => ({
  id,
  name: `Group ${id}`,
  in: { x, y: 0, z: 0 },
  out: { x: x + 50, y: 0, z: 0 },
  hasPower: true,
  hasGround: true,
});
const words = (given: Partial<LightPlan>): string => readLights(plan(given), PART).findings.map((one) => one.words).join('\n'); // prettier-ignore

// Facts that finishers state (common practice).
describe('lamps as they are built', () => {
  it('six AA cells are called nine volts: more when fresh, less when tired', () => {
    const { freshVolts, tiredVolts } = supplyOf({ supplyId: 'aa', cells: 6, fixedVolts: 0 });
    expect(freshVolts).toBeGreaterThan(9);
    expect(tiredVolts).toBeLessThan(9);
  });
  it('thirty addressable LEDs take 60 mA each at full white, 1.8 A of a bank of 5 V, and a fuse above it', () => {
    const reading = readLights(
      plan({ kind: 'addressable', supplyId: 'fixed', fixedVolts: 5, leds: 30, milliampsEach: 60, squareMillimetres: 0.75 }),
      PART,
    );
    expect(reading.milliamps).toBeCloseTo(1800, 6);
    expect(reading.watts).toBeCloseTo(9, 6);
    // 1.8 × 1.25 is 2.25: the next of the series, within the 3.75 A of 0.75 mm².
    expect(reading.ratings).toEqual({ fuseAmps: 2.5, contactAmps: 2.7 });
    expect(words({ kind: 'addressable', supplyId: 'fixed', leds: 30, milliampsEach: 60, squareMillimetres: 0.4 })).toContain(
      'no fuse of the usual series',
    );
  });
});

describe('a plan of lights', () => {
  it('of single LEDs: strings by Ohm’s law on fresh cells, the rest of them in one shorter (by hand)', () => {
    // Six AA are 9.6 V fresh; two red LEDs of 2.0 V leave 5.6 V: 280 Ω at 20 mA, made as 300: 18.67 mA. One alone: 7.6 V, 380, made as 390.
    const { strings, milliamps, hours } = readLights(plan({ kind: 'singles', colour: 'red', cells: 6, leds: 5, inRow: 2 }), PART);
    expect(strings.map(({ leds, count, ohms }) => [leds, count, ohms])).toEqual([
      [2, 2, 300],
      [1, 1, 390],
    ]);
    expect(milliamps).toBeCloseTo(2 * (5600 / 300) + 7600 / 390, 6);
    expect(hours).toBeCloseTo((2500 * 0.8) / milliamps, 6);
  });
  it('of a strip: its current, the volts at its end, and half of both light and current for twice the hours', () => {
    const full = readLights(plan({ leds: 12, milliampsEach: 20 }), PART);
    expect(full.milliamps).toBeCloseTo(240, 6);
    expect(full.strip?.lowest).toBeLessThan(full.volts);
    const half = readLights(plan({ leds: 12, milliampsEach: 20, brightness: 0.5 }), PART);
    expect((half.hours ?? 0) / (full.hours ?? 1)).toBeCloseTo(2, 6);
  });
  it('of a fixed supply does not run down, and cells give what they are of', () => {
    expect(readLights(plan({ supplyId: 'fixed', fixedVolts: 5 }), PART).hours).toBeNull();
    expect(supplyOf(plan({ supplyId: 'aa', cells: 3 }))).toEqual({
      volts: 3.9000000000000004,
      freshVolts: 4.800000000000001,
      tiredVolts: 3,
    });
  });
  it.each([
    ['no LEDs', { leds: 0 }, 'there is no LED on the strip'],
    ['no LEDs in strings', { kind: 'singles', leds: 0 }, 'there is no LED in the string'],
    [
      'a supply below the forward voltage',
      { kind: 'singles', cells: 1, supplyId: 'aa', leds: 2, inRow: 2 },
      'not above the forward voltages',
    ],
    ['tired cells', { kind: 'singles', cells: 2, colour: 'red', leds: 1 }, 'no longer light'],
    ['ten thousand LEDs', { leds: 10_000, supplyId: 'fixed' }, 'cannot carry that current'],
    ['a far end that is dim', { leds: 120, supplyId: 'fixed', feeds: [0], ohmsPerLed: 0.01 }, 'feed it again at LED'],
    ['a feed that is nowhere', { feeds: [500] }, 'it is fed nowhere on the strip'],
    ['more than the cells give', { supplyId: 'coin', cells: 2, leds: 12 }, 'more than coin cell 2032 gives'],
    ['a wire that gets hot', { supplyId: 'fixed', leds: 60, milliampsEach: 60, squareMillimetres: 0.1, ohmsPerLed: 0 }, 'it gets hot'],
    ['a skin that gives way', { supplyId: 'fixed', leds: 60, milliampsEach: 60, squareMillimetres: 1, ohmsPerLed: 0 }, 'at most'],
    ['flashes', { flashHertz: 8 }, 'photosensitive'],
    ['pulses before a camera', { pulseHertz: 110, brightness: 0.5 }, 'sees bands'],
    ['a skin on the LEDs', { distanceMillimetres: 0 }, 'the skin lies on the LEDs'],
    ['a lithium pack', { supplyId: 'lithiumPack', cells: 1 }, 'a charger made for it'],
  ] as const)('%s is told', (_, given, told) => expect(words(given as Partial<LightPlan>)).toContain(told));
  it('three flashes a second are the limit (WCAG 2.3.1), a steady light has none', () => {
    expect([words({ flashHertz: 2.9 }), words({ flashHertz: 3 }).includes('photosensitive'), words({})]).toEqual(['', true, '']);
  });
  it('foam evens it, a skin colours it, and both take light', () => {
    const bare = readLights(plan(), PART);
    const foamed = readLights(plan({ foamSheets: 3, skinHex: '#d9a354' }), PART);
    expect(foamed.rippleWithFoam).toBeLessThan(bare.rippleWithFoam ?? 0);
    expect(foamed.throughShare).toBeLessThan(bare.throughShare * 0.31);
    expect(foamed.seen.x).toBeGreaterThan(bare.seen.x);
  });
  it('of groups: faults by their names, cuts in the order that needs least', () => {
    const groups = [group('b', 100), group('a', 0)];
    const wires: LightPlan['wires'] = [
      { fromId: null, fromEnd: 'out', toId: 'a', toEnd: 'in' },
      { fromId: 'a', fromEnd: 'out', toId: 'b', toEnd: 'out' },
    ];
    const turned = plan({ groups, wires });
    const reading = readLights(turned, PART);
    expect(reading.findings.map((one) => one.words).join()).toContain('Group b at its data out: it faces backwards');
    expect(namedCuts(turned, reading)).toEqual([
      { from: 'Controller', to: 'Group a in', millimetres: 0 },
      { from: 'Group a out', to: 'Group b in', millimetres: 50 },
    ]);
    expect(words({ groups: [{ ...group('a', 0), hasGround: false }] })).toContain('Group a has no ground');
  });
});

describe('the rungs of fitting lights', () => {
  it('light it first, solder by the list, lay foam where there is any, fit and watch', () => {
    const lit = plan({ groups: [group('a', 0), group('b', 100)], foamSheets: 2 });
    const steps = lightSteps(lit, readLights(lit, PART));
    expect(steps.map(({ name, minutes }) => [name, minutes])).toEqual([
      ['Lamp: light it on the bench', 10],
      ['Lamp: cut and solder', 18],
      ['Lamp: lay the foam', 8],
      ['Lamp: fit the lights', 16],
      ['Lamp: watch it closed', 5],
    ]);
    expect(steps[1]?.detail).toContain('70 mm, Group a out to Group b in');
    expect(lightSteps(plan(), readLights(plan(), null))).toHaveLength(4);
  });
});
