import { describe, expect, it } from 'vitest';
import { brushedHeight, edgeRadius, engravingLeft } from './filmBudget';

const LINE = { widthMillimetres: 0.6, depthMillimetres: 0.4 };

describe('engraving under films', () => {
  it('is narrowed from both sides, and no shallower where films are sprayed', () => {
    // By hand: 0.6 − 2 · 0.08 = 0.44 mm, 73 %.
    const left = engravingLeft(LINE, 80, 0, 0);
    expect(left.widthMillimetres).toBeCloseTo(0.44, 9);
    expect(left.depthMillimetres).toBeCloseTo(0.4, 9);
    expect(left).toMatchObject({ verdict: 'crisp' });
    expect(left.openShare).toBeCloseTo(0.7333, 4);
  });
  it('gets shallow by what pools in it and by what is cut off around it', () => {
    expect(engravingLeft(LINE, 250, 250, 0).depthMillimetres).toBeCloseTo(0.4 - 0.125, 9);
    expect(engravingLeft(LINE, 0, 0, 100).depthMillimetres).toBeCloseTo(0.3, 9);
  });
  it('goes from crisp by soft to buried, and is never below nothing', () => {
    expect([60, 150, 250, 400].map((film) => engravingLeft(LINE, film, 0, 0).verdict)).toEqual(['crisp', 'soft', 'buried', 'buried']);
    expect(engravingLeft(LINE, 400, 400, 500)).toMatchObject({ widthMillimetres: 0, depthMillimetres: 0, openShare: 0 });
  });
  it('is crisp from seven tenths of its width or depth on and soft from 35 hundredths on, whichever is less', () => {
    const wide = { widthMillimetres: 1, depthMillimetres: 1 };
    expect([150, 151, 325, 326].map((film) => engravingLeft(wide, film, 0, 0).verdict)).toEqual(['crisp', 'soft', 'soft', 'buried']);
    expect([300, 301, 650, 651].map((cut) => engravingLeft(wide, 0, 0, cut).verdict)).toEqual(['crisp', 'soft', 'soft', 'buried']);
  });
  it('of no width, or no depth, is none', () => {
    expect(engravingLeft({ widthMillimetres: 0, depthMillimetres: 1 }, 0, 0, 0)).toEqual({
      widthMillimetres: 0,
      depthMillimetres: 0,
      openShare: 0,
      verdict: 'buried',
    });
    expect(engravingLeft({ widthMillimetres: 1, depthMillimetres: 0 }, 0, 0, 0)).toMatchObject({ openShare: 1, verdict: 'buried' });
  });
  it('only what was brushed or knifed pools: sprayed layers, and layers of both, do not count', () => {
    const layer = (micrometres: number, ...rungIds: string[]) => ({ rungIds, name: '', micrometres, colourHex: null });
    const methods: Readonly<Record<string, string>> = { a: 'fill', b: 'prime', c: 'brushFilm' };
    const stack = [layer(150, 'a'), layer(20, 'b'), layer(30, 'b', 'c'), layer(100, 'c')];
    expect(brushedHeight(stack, (id) => methods[id] ?? '')).toBe(250);
  });
  it('edges are rounded by films and by sanding', () => expect(edgeRadius(80, 60)).toBe(140));
});
