import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import { describe, expect, it } from 'vitest';
import type { Product } from '../records/shop/product';
import type { Rung } from '../records/ladder/rung';
import type { PlannedWeatherPass } from '../records/prop/weatherPlan';
import { makeSampleProject } from '../testing/sampleProject';
import { NEW_RUNG } from './grow/growRungs';
import {
  basesOfPlan,
  ladderColours,
  metalsOf,
  maskedProducts,
  nearestProduct,
  placeUnderColour,
  productsFor,
  rehearsedPass,
  UNKNOWN_COLOUR,
} from './gatherWeather';

const [sample] = makeSampleProject().products;
const product = (id: string, classId: string, colourHex: string | null): Product => ({
  ...(sample as Product),
  id,
  name: id,
  classId,
  colourHex,
  lab: null,
  effect: 'none',
  scatterPerCoat: null,
  values: [],
});
const SHELF = [
  product('black', 'lacquerColour', '#232221'),
  product('brass', 'metallicLacquer', '#a8843c'),
  product('clear', 'lacquerClear', '#ffffff'),
  product('umber', 'brushAcrylic', '#4b3224'),
  product('oil', 'oilWash', '#4a3a2b'),
  product('plain', 'brushAcrylic', null),
];
const products = new Map(SHELF.map((entry) => [entry.id, entry]));
let made = 0;
const rung = (band: Rung['band'], methodId: string, productId: string | null, change: Partial<Rung> = {}): Rung => ({
  ...NEW_RUNG,
  id: `r${(made += 1)}`,
  ladderId: 'l',
  band,
  methodId,
  productId,
  ...change,
});
const ladder = [
  rung('prime', 'prime', null),
  rung('colour', 'sprayCoat', 'black'),
  rung('colour', 'sprayCoat', 'brass'),
  rung('colour', 'sprayCoat', 'brass'),
  rung('weather', 'clear', 'clear'),
  rung('weather', 'darkWash', 'umber'),
];

const pass = (techniqueId: string, productId: string | null): PlannedWeatherPass => ({
  id: 'p',
  techniqueId,
  productId,
  lab: [20, 1, 2],
  amount: 0.5,
  wiped: 0,
  sizeMillimetres: 1,
  seed: 1,
  stop: null,
  rungId: null,
});

describe('the colours under weathering', () => {
  it('are the last film of colour and the other one under it; clears, washes and what is left out do not count', () => {
    expect(ladderColours(ladder, products)).toEqual({
      over: labOfHex('#a8843c'),
      under: labOfHex('#232221'),
      isMetal: true,
      isUnderMetal: false,
      name: 'brass',
      regions: [],
    });
    const without = ladder.map((entry) => (entry.productId === 'brass' ? { ...entry, state: 'leftOut' as const } : entry));
    expect(ladderColours(without, products).name).toBe('black');
    expect(ladderColours([], products)).toMatchObject({ over: UNKNOWN_COLOUR, under: UNKNOWN_COLOUR, isMetal: false, name: null });
  });
  it('of a region are its own paint and what lay there before it; everywhere else its paint does not count', () => {
    const banded = [...ladder.slice(0, 4), rung('colour', 'maskedCoat', 'umber'), rung('colour', 'maskedCoat', 'umber')];
    const [brass, black, umber] = ['#a8843c', '#232221', '#4b3224'].map((hex) => labOfHex(hex));
    expect(ladderColours(banded, products).over).toEqual(umber);
    const colours = ladderColours(banded, products, [{ productId: 'umber', lab: [1, 2, 3] }]);
    expect(colours).toMatchObject({ over: brass, under: black, name: 'brass', regions: [{ over: umber, under: brass }] });
    expect(basesOfPlan({ baseLab: null }, colours)).toEqual([brass, umber]);
    expect(basesOfPlan({ baseLab: [7, 8, 9] }, colours)).toEqual([[7, 8, 9], umber]);
    // The same paint under everything, as numerals in the black that lies under the cream: only what is laid inside the mask is the region's.
    const numerals = ladderColours([...ladder.slice(0, 4), rung('colour', 'maskedCoat', 'black')], products, [
      { productId: 'black', lab: [1, 2, 3] },
    ]);
    expect(numerals).toMatchObject({ over: brass, under: black, regions: [{ over: black, under: brass }] });
    // And a paint that no mask keeps in lies under all of it as well.
    expect(ladderColours(ladder, products, [{ productId: 'brass', lab: [1, 2, 3] }])).toMatchObject({
      over: brass,
      under: black,
      regions: [{ over: brass, under: brass }],
    });
    // A colour that no ladder lays lies over all of it.
    const strange = ladderColours(banded, products, [{ productId: null, lab: [1, 2, 3] }]);
    expect(strange).toMatchObject({ over: umber, regions: [{ over: [1, 2, 3], under: umber, name: null }] });
    expect(maskedProducts([...banded, { ...rung('colour', 'maskedCoat', 'black'), state: 'leftOut' }])).toEqual(['umber']);
  });
  it('bare in each region what is under it there', () => {
    const banded = [...ladder.slice(0, 4), rung('colour', 'maskedCoat', 'umber')];
    const colours = ladderColours(banded, products, [{ productId: 'umber', lab: [1, 2, 3] }]);
    expect(rehearsedPass(pass('scratches', null), products, colours, 0)).toMatchObject({
      lab: labOfHex('#232221'),
      labIn: [labOfHex('#a8843c')],
    });
    expect(rehearsedPass(pass('dryBrush', 'umber'), products, colours, 0).labIn).toBeUndefined();
  });
  it('say where metal is seen, and where a pass leaves or bares it', () => {
    const banded = [...ladder.slice(0, 4), rung('colour', 'maskedCoat', 'umber')];
    const colours = ladderColours(banded, products, [{ productId: 'umber', lab: [1, 2, 3] }]);
    // Brass, umber over it in the region: black is bared outside of it, brass inside.
    expect([metalsOf(colours), metalsOf(colours, 'isUnderMetal')]).toEqual([0b01, 0b10]);
    const metals = (techniqueId: string, productId: string | null): number | undefined =>
      rehearsedPass(pass(techniqueId, productId), products, colours, 0).metals;
    expect(metals('scratches', null)).toBe(0b10);
    expect(metals('dryBrush', 'umber')).toBe(0);
    expect(metals('dryBrush', 'brass')).toBe(0b11);
    // What is rubbed on bright is metal in whatever colour it is.
    expect(metals('polishEdges', 'umber')).toBe(0b11);
  });
  it('give a pass what it leaves: its paint, what it bares, or the colour that is not on the shelf', () => {
    const colours = ladderColours(ladder, products);
    expect(rehearsedPass(pass('dryBrush', 'umber'), products, colours, 0).lab).toEqual(labOfHex('#4b3224'));
    expect(rehearsedPass(pass('scratches', 'umber'), products, colours, 0).lab).toEqual(colours.under);
    expect(rehearsedPass(pass('dryBrush', null), products, colours, 0).lab).toEqual([20, 1, 2]);
    expect(rehearsedPass(pass('dryBrush', 'gone'), products, colours, 0).lab).toEqual([20, 1, 2]);
  });
});

describe('paints for a technique', () => {
  it('are of its class or thinned for it, and have a colour', () => {
    expect(productsFor(findTechnique('washWiped'), SHELF).map(({ id }) => id)).toEqual(['umber']);
    expect(productsFor(findTechnique('oilWash'), SHELF).map(({ id }) => id)).toEqual(['oil']);
  });
  it('of the shelf take the place of the usual colour only where they are like it', () => {
    expect(nearestProduct(findTechnique('washWiped'), labOfHex('#4a3426'), SHELF)?.id).toBe('umber');
    expect(nearestProduct(findTechnique('washWiped'), labOfHex('#6fa596'), SHELF)).toBeNull();
    expect(nearestProduct(findTechnique('washWiped'), labOfHex('#6fa596'), [])).toBeNull();
  });
});

describe('the place of rubber for chips', () => {
  it('is under the last colour and its mist', () => expect(placeUnderColour(ladder)).toBe(2));
  it('is still there while only the undercoat is on, and too late when the colour is', () => {
    const done = (entry: Rung): Rung => ({ ...entry, state: 'done', doneAtMs: 1 });
    expect(placeUnderColour(ladder.map((entry, at) => (at < 2 ? done(entry) : entry)))).toBe(2);
    expect(placeUnderColour(ladder.map((entry, at) => (at < 4 ? done(entry) : entry)))).toBe('tooLate');
    expect(placeUnderColour([rung('prime', 'prime', null)])).toBeNull();
  });
});
