import { describe, expect, it } from 'vitest';
import { batchBodyFiller, mixBodyFiller } from './bodyFillerMix';
import { paintNeeded } from './paintNeeded';
import { scaleMix } from './scaleMix';
import { setArea } from './setArea';
import { mixSlurry, SLURRIES } from './slurryMix';

const [firstSlurry] = SLURRIES;
if (!firstSlurry) throw new Error('no slurry');

// Rivets and numerals are of half a cm², and a mix for them of half a ml.
describe('amounts below one', () => {
  it('are amounts: a surface, a film, a skin of filler, a mix, a slurry', () => {
    expect(setArea(0.5, 1)).toBe(0.5);
    expect(paintNeeded(0.5, 0.5, 1, 0.5, 1)).toMatchObject({ filmMillilitres: 2.5e-5, spreadingSquareMetresPerLitre: 1000 });
    expect(batchBodyFiller(0.5, 0.5, mixBodyFiller(20))).toMatchObject({ batches: 1, coversSquareCentimetres: 0.5 });
    const [scaled] = scaleMix([{ amount: 0.25 }, { amount: 0.25 }], 0.5, false);
    expect(scaled?.amount).toBe(0.25);
    const slurry = mixSlurry(firstSlurry, 0.6);
    expect(slurry.solidMillilitres + slurry.liquidMillilitres).toBeCloseTo(0.6, 12);
  });
  it('of a tenth each are a drop each in four drops', () =>
    expect(scaleMix([{ amount: 0.1 }, { amount: 0.1 }, { amount: 0.1 }, { amount: 0.1 }], 4, true).map(({ amount }) => amount)).toEqual([
      1, 1, 1, 1,
    ]));
});
