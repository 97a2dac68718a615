import { describe, expect, it } from 'vitest';
import { readSight } from './sight';

describe('sight of a wearer', () => {
  it('is twice the angle of half the opening (trigonometry)', () => {
    const sight = readSight({ width: 90, height: 35, distance: 28 });
    expect(sight.horizontalDegrees).toBeCloseTo(116.2, 1);
    expect(sight.verticalDegrees).toBeCloseTo(64.01, 1);
    expect(sight.needsHandler).toBe(false);
  });
  it('as wide as twice its distance is a right angle', () => {
    expect(readSight({ width: 60, height: 60, distance: 30 }).horizontalDegrees).toBeCloseTo(90, 9);
  });
  it('off its axis is taken from one side and given to the other', () => {
    const sight = readSight({ width: 60, height: 40, distance: 30, aside: 10, above: 20 });
    expect(sight.left).toBeCloseTo((Math.atan(20 / 30) * 180) / Math.PI, 9);
    expect(sight.right).toBeCloseTo((Math.atan(40 / 30) * 180) / Math.PI, 9);
    expect(sight.down).toBeCloseTo(0, 9);
    expect([sight.needsHandler, sight.lacks]).toEqual([true, ['sideways', 'down']]);
  });
  it('says all that is too little', () => {
    expect(readSight({ width: 30, height: 20, distance: 60, transmission: 0.1 }).lacks).toEqual(['sideways', 'down', 'light']);
    expect(readSight({ width: 200, height: 200, distance: 30 }).lacks).toEqual([]);
  });
  it('through a dark mesh asks for a handler, however wide', () => {
    expect(readSight({ width: 200, height: 200, distance: 30, transmission: 0.2 }).needsHandler).toBe(true);
  });
  it('through nothing is refused', () => {
    expect(() => readSight({ width: 0, height: 35, distance: 28 })).toThrow(RangeError);
    expect(() => readSight({ width: 90, height: 35, distance: 0 })).toThrow(RangeError);
    expect(() => readSight({ width: 90, height: 35, distance: 28, transmission: 2 })).toThrow(RangeError);
  });
});
