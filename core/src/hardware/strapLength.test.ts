import { describe, expect, it } from 'vitest';
import { cutStrap } from './strapLength';

const STRAP = { girth: 300, share: 1, thickness: 0, side: 'outside', ease: 0, overlap: 0, turnIn: 0 } as const;

describe('a strap', () => {
  it('of no thickness is as long as the round', () => expect(cutStrap(STRAP).length).toBe(300));
  it('lies on the circle of its own middle (closed form)', () => {
    const [radius, thickness] = [50, 4];
    const girth = 2 * Math.PI * radius;
    expect(cutStrap({ ...STRAP, girth, thickness }).length).toBeCloseTo(2 * Math.PI * (radius + thickness / 2), 9);
    expect(cutStrap({ ...STRAP, girth, thickness, side: 'inside' }).length).toBeCloseTo(2 * Math.PI * (radius - thickness / 2), 9);
  });
  it('takes its share of the round and of the ease, and its laps whole (by hand)', () => {
    const cut = cutStrap({ ...STRAP, share: 0.5, ease: 30, overlap: 60, turnIn: 15 });
    expect(cut).toEqual({ lying: 165, length: 255 });
  });
  it('that lines a shell has no ease: it lies against it', () => {
    expect(cutStrap({ ...STRAP, side: 'inside', ease: 30 }).length).toBe(300);
  });
  it('says what cannot be', () => {
    expect(() => cutStrap({ ...STRAP, girth: 0 })).toThrow(RangeError);
    expect(() => cutStrap({ ...STRAP, share: 1.2 })).toThrow(RangeError);
    expect(() => cutStrap({ ...STRAP, turnIn: -1 })).toThrow(RangeError);
    expect(() => cutStrap({ ...STRAP, girth: 10, thickness: 4, side: 'inside' })).toThrow('thicker than the shell');
  });
});
