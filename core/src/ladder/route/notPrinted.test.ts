import { describe, expect, it } from 'vitest';
import { chooseAdhesive } from '../../bond/adhesives';
import { checkStack } from '../../compatibility/checkStack';
import { SOAKED_WATER, WASH_WATER, waterLeft } from '../../cure/washWater';
import { findCautions } from '../../caution/cautions';
import { passesFor } from '../../weather/story/passesFor';
import { FINISHES } from '../finishes';
import type { RouteChoice, RungDraft } from '../growLadder';
import { growLadder } from '../growLadder';
import { areWorkedAlike, findMaterial, MATERIALS } from '../materials';

const BASE: RouteChoice = {
  material: 'metal',
  finish: 'asItIs',
  age: 'new',
  smoothing: 'primerOnly',
  joining: 'none',
  sealing: 'unsealed',
  layerMillimetres: 0,
  areaSquareCentimetres: 40,
  pieces: 14,
};
function grow(change: Partial<RouteChoice>): readonly RungDraft[] {
  const ladder = growLadder({ ...BASE, ...change });
  if (ladder.kind !== 'grown') throw new Error(ladder.reason);
  return ladder.rungs;
}
const names = (change: Partial<RouteChoice>): string[] => grow(change).map(({ name }) => name);
const findingsOf = (material: RouteChoice['material'], change: Partial<RouteChoice>): string[] =>
  checkStack(
    material,
    grow({ material, ...change }).map(({ methodId, name, productClassId }, at) => ({
      id: String(at),
      name,
      methodId,
      classId: productClassId,
      productName: '',
      underIsHard: null,
      underWindowIsShut: null,
    })),
  ).map(({ ruleId }) => ruleId);

// Orders of rungs below are common practice.
describe('ladders of what is not printed', () => {
  it('a bolt left as it is: degreased, and only when it is to look old dulled, washed and touched at its edges', () => {
    expect(names({})).toEqual(['degrease', 'wash and dust', 'fasten', 'fit']);
    expect(names({ age: 'worn' })).toEqual(['degrease', 'dull the shine', 'wash and dust', 'wash', 'verdigris', 'edges', 'fasten', 'fit']);
    expect(names({ age: 'worn', material: 'bought' })).not.toContain('verdigris');
  });
  it('painted metal is scuffed and primed for hold, once: there are no lines to level', () => {
    const painted = grow({ finish: 'gloss' });
    expect(painted.map(({ name }) => name).slice(0, 4)).toEqual(['degrease', 'scuff', 'wash and dust', 'adhesion primer']);
    expect(painted.filter(({ methodId }) => methodId === 'primeSand')).toEqual([]);
    const ladder = growLadder({ ...BASE, finish: 'gloss' });
    expect(ladder).toMatchObject({ loops: { loops: 0, ridgesStay: false } });
  });
  it('a visor is cut, formed hot, trimmed, and polished; no film lies on it', () => {
    expect(names({ material: 'sheet', finish: 'clear' })).toEqual([
      'cut the blank',
      'form over the buck',
      'trim',
      'P400, edges',
      'wash and dust',
      'polish',
      'fit',
    ]);
    expect(grow({ material: 'sheet', finish: 'clear' }).every(({ coatMicrometres }) => coatMicrometres === null)).toBe(true);
    expect(grow({ material: 'sheet', finish: 'clear' }).flatMap(({ cautionIds }) => cautionIds)).toContain('sheetForming');
    expect(names({ material: 'sheet', finish: 'litTranslucent' })).toContain('frost the inside');
  });
  it('a clear print is sanded to P2000 on both faces, each grit finer, and varnished twice', () => {
    for (const material of ['clearResin', 'translucent'] as const) {
      const rungs = grow({ material, finish: 'clear', layerMillimetres: 0.05 });
      const grits = rungs.flatMap(({ grit }) => (grit === null ? [] : [Number(grit.slice(1))]));
      expect(grits).toEqual(grits.toSorted((a, b) => a - b));
      expect(grits.at(-1)).toBe(2000);
      expect(rungs.filter(({ methodId }) => methodId === 'varnish')).toHaveLength(2);
      expect(rungs.filter(({ productClassId }) => productClassId?.toLowerCase().includes('primer'))).toEqual([]);
    }
    expect(growLadder({ ...BASE, material: 'clearResin', finish: 'clear', smoothing: 'putty' })).toEqual({
      kind: 'refused',
      reason: 'One-part putty on clear resin: it is opaque: nothing is seen through it.',
    });
  });
  it('foam and cloth are joined by cement on both faces that is pressed in its window, and painted with what bends', () => {
    for (const material of ['foam', 'fabric'] as const) {
      const rungs = grow({ material, finish: 'satin', joining: 'joinFirst' });
      const at = rungs.findIndex(({ methodId }) => methodId === 'cement');
      expect(rungs.slice(at, at + 2).map(({ productClassId, methodId }) => [methodId, productClassId])).toEqual([
        ['cement', 'contactCement'],
        ['press', null],
      ]);
      expect(rungs.filter(({ productClassId }) => productClassId === 'lacquerColour')).toEqual([]);
      expect(rungs.filter(({ methodId }) => methodId === 'bond')).toEqual([]);
    }
  });
  it('each material takes some finish and refuses the others with a reason', () => {
    for (const { id: material, finishes } of MATERIALS) {
      expect(finishes.length).toBeGreaterThan(1);
      for (const { id: finish } of FINISHES) {
        const smoothing = material === 'translucent' && finish === 'litTranslucent' ? 'brushEpoxy' : 'primerOnly';
        const needsEpoxy = material === 'clearResin' && finish === 'litTranslucent';
        const ladder = growLadder({ ...BASE, material, finish, smoothing: needsEpoxy ? 'brushEpoxy' : smoothing });
        expect([material, finish, ladder.kind]).toEqual([material, finish, finishes.includes(finish) || false ? ladder.kind : 'refused']);
      }
    }
    expect(growLadder({ ...BASE, finish: 'clear' })).toEqual({
      kind: 'refused',
      reason: 'Metal hardware is not finished as clear, seen through.',
    });
    expect(growLadder({ ...BASE, material: 'foam', finish: 'satin', smoothing: 'bodyFiller' })).toMatchObject({
      reason: 'Two-part body filler on foam sheet: it has no layer lines.',
    });
  });
  it('have cautions that exist', () => {
    for (const { id: material, finishes } of MATERIALS)
      for (const finish of finishes) {
        const ladder = growLadder({ ...BASE, material, finish });
        if (ladder.kind === 'grown') for (const { cautionIds } of ladder.rungs) expect(() => findCautions(cautionIds)).not.toThrow();
      }
  });
});

describe('what goes together on them', () => {
  it('none of their own ladders breaks a rule for certain', () => {
    expect(findingsOf('metal', { finish: 'gloss' })).toEqual([]);
    expect(findingsOf('sheet', { finish: 'clear' })).toEqual([]);
    expect(findingsOf('clearResin', { finish: 'clear', layerMillimetres: 0.05 })).toEqual([]);
    expect(findingsOf('fabric', { finish: 'satin' })).toEqual([]);
  });
  it('a dryer warps sheet and foam, not metal or cloth', () => {
    const warm = { id: 'a', name: 'warm', methodId: 'warmDry', classId: null, productName: '', underIsHard: null, underWindowIsShut: null };
    const warps = (material: RouteChoice['material']) => checkStack(material, [warm]).some(({ ruleId }) => ruleId === 'heatThatWarps');
    expect(MATERIALS.filter(({ id }) => warps(id)).map(({ id }) => id)).toEqual(
      expect.arrayContaining(['rigid', 'sheet', 'foam', 'bought']),
    );
    expect([warps('metal'), warps('fabric'), warps('resin')]).toEqual([false, false, false]);
  });
  it('contact cement holds cloth and foam best, and cyanoacrylate never cloth', () => {
    const ask = { load: 'worn', gapMillimetres: 0.1, isSeenThrough: false } as const;
    expect(chooseAdhesive({ ...ask, first: 'fabric', second: 'foam' })[0]?.adhesive.id).toBe('contact');
    const onCloth = chooseAdhesive({ ...ask, first: 'fabric', second: 'rigid' });
    expect(onCloth.find(({ adhesive }) => adhesive.id === 'cyanoacrylate')?.score).toBe(0);
  });
});

describe('what they are', () => {
  it('water stays in what soaks eight times as long, and only after what leaves water', () => {
    expect(waterLeft('sand')).toBeNull();
    expect(waterLeft('wash', findMaterial('metal').soaks)).toBe(WASH_WATER);
    expect(waterLeft('dye', findMaterial('fabric').soaks)).toBe(SOAKED_WATER);
    expect(SOAKED_WATER.touchMinutes / WASH_WATER.touchMinutes).toBe(8);
    expect(MATERIALS.filter(({ soaks }) => soaks).map(({ id }) => id)).toEqual(['fabric']);
  });
  it('only what comes off a printer has layers', () => {
    for (const { isPrinted, usualLayerMillimetres } of MATERIALS) expect(usualLayerMillimetres > 0).toBe(isPrinted);
  });
  it('left as they are they pass for what they are made of, painted for what the paint says', () => {
    expect(passesFor('asItIs', 'metal')).toBe('metal');
    expect(passesFor('asItIs', 'fabric')).toBe('leather');
    expect(passesFor('asItIs', 'bought')).toBe('plastic');
    expect(passesFor('gloss', 'metal')).toBe('paintedMetal');
    expect(passesFor(null, 'fabric')).toBe('paintedMetal');
  });
  it('what was learned on one filament holds for another, not for resin or foam', () => {
    expect(areWorkedAlike('rigid', 'flexible')).toBe(true);
    expect(areWorkedAlike('resin', 'cast')).toBe(true);
    expect(areWorkedAlike('rigid', 'foam')).toBe(false);
    expect(() => findMaterial('gold')).toThrow(RangeError);
  });
});
