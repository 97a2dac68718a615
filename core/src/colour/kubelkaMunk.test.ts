import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bodyUnderSurface,
  filmAlone,
  filmFromDrawdown,
  filmOver,
  ratioOfReflectance,
  reflectanceOfRatio,
  seenThroughSurface,
} from './kubelkaMunk';
import checks from './testing/colourChecks.json';

const share = fc.double({ min: 0.01, max: 0.99, noNaN: true });
const ratio = fc.double({ min: 1e-4, max: 50, noNaN: true });

describe('Kubelka–Munk', () => {
  it.each(Object.entries(checks.ks_of_R))('K/S of R = %s is %d (worked values)', (reflectance, wanted) => {
    expect(ratioOfReflectance(Number(reflectance))).toBeCloseTo(wanted, 8);
  });
  it.each(Object.entries(checks.Rinf_of_KS))('R of K/S = %s is %d (worked values)', (q, wanted) => {
    expect(reflectanceOfRatio(Number(q))).toBeCloseTo(wanted, 7);
  });
  it('two constants mix as K and S add up (worked value)', () => {
    const { paints, KS, R } = checks.twoConstantMixBand;
    const mass = paints.reduce((sum, paint) => sum + paint.parts * paint.s, 0);
    const q = paints.reduce((sum, paint) => sum + paint.parts * paint.s * paint.q, 0) / mass;
    expect(q).toBeCloseTo(KS, 7);
    expect(reflectanceOfRatio(q)).toBeCloseTo(R, 7);
  });
  it.each(checks.film)('a film of K $K, S $S, X $X over $Rg reflects $R (worked values)', ({ K, S, X, Rg, R }) => {
    expect(filmOver(S === 0 ? Infinity : K / S, S * X, Rg, K * X)).toBeCloseTo(R, 7);
  });
  it('n coats are one of n times the thickness (property)', () => {
    fc.assert(
      fc.property(
        ratio,
        fc.double({ min: 0.01, max: 6, noNaN: true }),
        share,
        fc.integer({ min: 1, max: 6 }),
        (q, scatter, under, coats) => {
          let body = under;
          for (let coat = 0; coat < coats; coat += 1) body = filmOver(q, scatter, body);
          expect(body).toBeCloseTo(filmOver(q, scatter * coats, under), 9);
        },
      ),
      { seed: 3 },
    );
  });
  it('a thick film forgets what is under it, also so thick that e^x would overflow', () => {
    for (const q of [0.001, 0.5, 20]) expect(filmOver(q, 1e6, 0.9)).toBeCloseTo(reflectanceOfRatio(q), 6);
  });
  it('K and S come back from readings over black and white (worked value, Kubelka 1948)', () => {
    const { K, S, X, gb, gw, Rb, Rw } = checks.drawdown;
    const found = filmFromDrawdown(Rb, Rw, gb, gw);
    expect(found?.ratio).toBeCloseTo(K / S, 5);
    expect(found?.scatter).toBeCloseTo(S * X, 4);
    expect(filmFromDrawdown(0.9, 0.2, 0.03, 0.85)).toBeNull();
  });
  it('what a film lets through and throws back, with what it takes, is all the light; a backing adds up as Kubelka 1954 says', () => {
    fc.assert(
      fc.property(ratio, fc.double({ min: 0.01, max: 8, noNaN: true }), share, (q, scatter, under) => {
        const { transmitted, reflected } = filmAlone(q, scatter);
        expect(transmitted + reflected).toBeLessThanOrEqual(1 + 1e-12);
        expect(reflected + (transmitted ** 2 * under) / (1 - reflected * under)).toBeCloseTo(filmOver(q, scatter, under), 9);
      }),
      { seed: 5 },
    );
    expect(filmAlone(0, 3)).toEqual({ transmitted: 0.25, reflected: 0.75 });
    expect(filmAlone(1, 0)).toEqual({ transmitted: 1, reflected: 0 });
  });
  it('the surface is taken off and put on again', () => {
    fc.assert(
      fc.property(share, fc.double({ min: 0, max: 0.04, noNaN: true }), (body, k1) => {
        expect(bodyUnderSurface(seenThroughSurface(body, k1), k1)).toBeCloseTo(body, 9);
      }),
      { seed: 9 },
    );
    expect(bodyUnderSurface(0.01, 0.04)).toBeGreaterThan(0);
  });
});
