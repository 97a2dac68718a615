import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AGES, findAge } from '../../ladder/ages';
import { labOfHex } from '../../colour/lab';
import { paintOf } from '../../colour/paint';
import { gatherFields, thinOut, USUAL_SETUP } from '../field/weatherFields';
import { createRehearsal } from '../seen/rehearsal';
import { contrastOver, paintsThatShow, whyUnseen, willShow } from '../seen/willItShow';
import { ownTechnique } from '../technique/ownTechnique';
import { paintForTechnique, passFor } from '../technique/passFor';
import { findTechnique, TECHNIQUES } from '../technique/techniques';
import { toWeatherPass } from '../technique/rehearsedPass';
import { workingMinutes } from '../technique/workingTime';
import { findProductClass } from '../../cure/productClasses';
import { LABEL_AIR } from '../../climate/air';
import { CHECK_BASE } from '../testing/checkPasses';
import { crate } from '../testing/solids';
import { commonAge, passTowards } from './passTowards';
import { findShownMaterial, SHOWN_MATERIALS } from './shownMaterials';
import { checkOrder, storyPasses } from './storyPasses';

const fields = thinOut(gatherFields(crate(), { ...USUAL_SETUP, points: 24_000, handlingPins: [[120, 0, 60]] }), 3);
const rehearsal = createRehearsal(fields, [0, 0, 1], CHECK_BASE);
const passesOf = (material: (typeof SHOWN_MATERIALS)[number]['id'], age: (typeof AGES)[number]['id']) =>
  storyPasses(material, age).map((asked) => {
    const technique = findTechnique(asked.techniqueId);
    return passFor(technique, paintForTechnique(technique, labOfHex(asked.hex)), asked);
  });

describe('a story', () => {
  it.each(SHOWN_MATERIALS.map(({ id }) => id))(
    'of %s names techniques that are there, grows with age, is in order, and none when new',
    (id) => {
      for (const { techniqueId, hex } of findShownMaterial(id).passes) {
        expect(() => findTechnique(techniqueId)).not.toThrow();
        expect(() => labOfHex(hex)).not.toThrow();
      }
      expect(storyPasses(id, 'new')).toEqual([]);
      let before = 0;
      for (const { id: age } of AGES) {
        const passes = storyPasses(id, age);
        expect(passes.length).toBeGreaterThanOrEqual(before);
        before = passes.length;
        expect(
          checkOrder(
            passes.map(({ techniqueId }) => techniqueId),
            true,
          ),
        ).toEqual([]);
      }
    },
  );
  it('makes painted metal look the older the older it is said to be', () => {
    const ages = AGES.map(({ id }) => rehearsal.age(passesOf('paintedMetal', id)).age);
    expect(ages).toEqual(ages.toSorted((a, b) => a - b));
    expect(ages[0]).toBe(0);
    expect(ages.at(-1)).toBeGreaterThan(30);
  });
  it('knows no other materials and ages', () => {
    expect(() => findShownMaterial('cheese')).toThrow(RangeError);
    expect(() => findAge('prehistoric')).toThrow(RangeError);
  });
});

describe('the order of passes', () => {
  it('says when dust is not last, small comes before large, polish before a wash, and when rubber comes too late', () => {
    const said = (ids: string[], isColourOn = false): string =>
      checkOrder(ids, isColourOn)
        .map(({ message }) => message)
        .join(' ');
    expect(said(['dust', 'washWiped'])).toMatch(/Dust comes last/u);
    expect(said(['dryBrush', 'streaks'])).toMatch(/large to small/u);
    expect(said(['polishEdges', 'oilWash'])).toMatch(/Polish last/u);
    expect(said(['chipsTaken'], true)).toMatch(/Too late/u);
    expect(said(['chipsTaken', 'washWiped', 'dryBrush', 'dust'])).toBe('');
  });
  it('never stumbles, whatever the passes (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...TECHNIQUES.map(({ id }) => id)), { maxLength: 40 }), fc.boolean(), (ids, isOn) => {
        for (const { at, message } of checkOrder(ids, isOn)) {
          expect(at).toBeLessThan(ids.length);
          expect(message.length).toBeGreaterThan(10);
        }
      }),
      { numRuns: 100, seed: 2 },
    );
  });
});

describe('level parts', () => {
  it('names the pass that brings what is too new nearer, and what is too old', () => {
    const old = passesOf('paintedMetal', 'ancient');
    const target = rehearsal.age(passesOf('paintedMetal', 'worn')).age;
    const young = old.map((pass) => ({ ...pass, amount: 0.02 }));
    const tooNew = passTowards(rehearsal, young, target + 15);
    expect(tooNew.standing).toBe('tooNew');
    expect(tooNew.pass?.age).toBeGreaterThan(tooNew.age);
    const tooOld = passTowards(rehearsal, old, 5);
    expect(tooOld.standing).toBe('tooOld');
    expect(tooOld.pass?.age).toBeLessThan(tooOld.age);
    expect(passTowards(rehearsal, old, rehearsal.age(old).age + 3)).toMatchObject({ standing: 'level', pass: null });
    expect(passTowards(rehearsal, [], 40)).toMatchObject({ standing: 'tooNew', pass: null });
  });
  it('takes the middle of their ages', () => {
    expect(commonAge([10, 50, 30])).toBe(30);
    expect(commonAge([10, 20])).toBe(15);
    expect(commonAge([])).toBe(0);
  });
});

describe('whether a pass will show', () => {
  const paint = (id: string, hex: string) => ({ paint: paintOf(id, labOfHex(hex)), scatterPerCoat: 2 });
  it('the base’s own colour does not, a contrary one does', () => {
    expect(willShow(contrastOver(paint('same', '#3c5c4c'), CHECK_BASE))).toBe('no');
    expect(willShow(contrastOver(paint('bone', '#e6dcc4'), CHECK_BASE))).toBe('yes');
    expect(willShow(3)).toBe('hardly');
  });
  it('is told with why it does not: none lands, its colour is like what is under it, or it lies too fine for the distance', () => {
    expect(whyUnseen({ ink: 0.3, coverage: 0.2 }, 30)).toBeNull();
    expect(whyUnseen({ ink: 0.3, coverage: 0.005 }, 1)).toBeNull();
    // Where its colour would show, another paint would be as little seen.
    expect([1, 30].map((contrast) => whyUnseen({ ink: 0.004, coverage: 0 }, contrast))).toEqual(['alike', 'sparse']);
    expect([1, 3].map((contrast) => whyUnseen({ ink: 0.3, coverage: 0.004 }, contrast))).toEqual(['alike', 'alike']);
    expect(whyUnseen({ ink: 0.3, coverage: 0.004 }, 34)).toBe('faint');
  });
  it('names those of the shelf that would, most like the wanted one first', () => {
    const shelf = [paint('bone', '#e6dcc4'), paint('same', '#3c5c4c'), paint('black', '#171513')];
    expect(paintsThatShow(shelf, CHECK_BASE, labOfHex('#2c2018')).map(({ id }) => id)).toEqual(['black', 'bone']);
  });
  it('a gloss changes no colour', () => {
    const pass = toWeatherPass({
      techniqueId: 'wetGloss',
      lab: [50, 0, 0],
      scatterPerCoat: 1,
      amount: 1,
      wiped: 0,
      sizeMillimetres: 3,
      seed: 1,
    });
    const [sight] = rehearsal.sights([pass], 1);
    expect(sight?.tint).toBeLessThan(0.1);
  });
});

describe('a technique', () => {
  it('takes the middle of the newest cards that worked', () => {
    const card = (amount: number, isGood: boolean | null, madeAtMs: number) => ({
      techniqueId: 'dryBrush',
      isGood,
      amount,
      wiped: 0,
      sizeMillimetres: 2,
      minutes: null,
      madeAtMs,
    });
    const usual = findTechnique('dryBrush');
    expect(ownTechnique(usual, [card(0.9, false, 1), card(0.8, null, 2)])).toEqual({ technique: usual, cards: 0 });
    const own = ownTechnique(usual, [card(0.2, true, 1), card(0.3, true, 2), card(0.4, true, 3), card(1, false, 4)]);
    expect(own.cards).toBe(3);
    expect(own.technique).toMatchObject({ usualAmount: 0.3, usualSizeMillimetres: 2 });
    const many = ownTechnique(
      usual,
      Array.from({ length: 9 }, (_, at) => card(at / 10, true, at)),
    );
    expect(many.cards).toBe(5);
    expect(many.technique.usualAmount).toBeCloseTo(0.6, 9);
  });
  it('can be worked for its share of the touch-dry time in label air, longer in the cold', () => {
    const wash = findTechnique('washWiped');
    const { drying } = findProductClass('acrylicWash');
    expect(workingMinutes(wash, drying, LABEL_AIR)).toBeCloseTo(wash.workingShare * drying.touchMinutes, 9);
    expect(workingMinutes(wash, drying, { temperatureCelsius: 12, relativeHumidityPercent: 70 })).toBeGreaterThan(
      workingMinutes(wash, drying, LABEL_AIR),
    );
    expect(workingMinutes(wash, drying, { temperatureCelsius: -2, relativeHumidityPercent: 50 })).toBe(Infinity);
  });
});
