import { describe, expect, it } from 'vitest';
import { PRODUCT_CLASSES } from '../cure/productClasses';
import { MATERIALS } from '../ladder/materials';
import { METHODS } from '../ladder/methods';
import type { StackStep } from './checkStack';
import { checkStack } from './checkStack';
import { COMPAT_RULES } from './compatRules';
import { natureOf } from './filmNature';
import { explainSymptom, SYMPTOMS } from './symptoms';

const METHOD_OF: Readonly<Record<string, string>> = {
  bodyFiller: 'fill',
  putty: 'fill',
  brushEpoxy: 'brushFilm',
  tintedEpoxy: 'brushFilm',
  cyanoacrylate: 'bond',
  fillerPrimer: 'prime',
  primer: 'prime',
  adhesionPrimer: 'prime',
};
/** Words become steps: a class is a film, a method a rung without one; `!` says the film under it is not hard, `?` that its window is shut. */
function steps(...words: string[]): StackStep[] {
  return words.map((word, at) => {
    const name = word.replace(/[!?]/gu, '');
    const isClass = PRODUCT_CLASSES.some((entry) => entry.id === name);
    return {
      id: `s${at}`,
      name,
      methodId: isClass ? (METHOD_OF[name] ?? 'sprayCoat') : name,
      classId: isClass ? name : null,
      productName: isClass ? name : '',
      underIsHard: word.includes('!') ? false : null,
      underWindowIsShut: word.includes('?') ? true : null,
    };
  });
}
const rules = (material: Parameters<typeof checkStack>[0], ...words: string[]): string[] =>
  checkStack(material, steps(...words)).map((finding) => finding.ruleId);

/** Each rule with a ladder that breaks it. */
const BREACHES = [
  ['lacquerOverSoftEnamel', 'rigid', ['wash', 'primer', 'enamelColour', 'lacquerClear!']],
  ['lacquerOverHardEnamel', 'rigid', ['wash', 'primer', 'enamelColour', 'lacquerClear']],
  ['enamelInWindow', 'rigid', ['wash', 'primer', 'enamelColour', 'enamelColour?']],
  ['lacquerOverWaterAcrylic', 'rigid', ['wash', 'primer', 'brushAcrylic', 'lacquerClear']],
  ['waterOverOil', 'rigid', ['wash', 'primer', 'oilWash', 'waterClear!']],
  ['oilOverWater', 'rigid', ['wash', 'primer', 'brushAcrylic', 'oilWash!']],
  ['anythingOverRubber', 'rigid', ['wash', 'primer', 'rubberDip', 'lacquerColour']],
  ['clearOverMetallic', 'rigid', ['wash', 'primer', 'metallicLacquer', 'lacquerClear']],
  ['slickMetallic', 'rigid', ['wash', 'primer', 'metallicLacquer', 'enamelColour']],
  ['brittleOnFlexible', 'flexible', ['wash', 'primer']],
  ['opaqueOnTranslucent', 'translucent', ['wash', 'brushAcrylic']],
  ['fogOnClear', 'translucent', ['cyanoacrylate']],
  ['colourOnBare', 'rigid', ['wash', 'lacquerColour']],
  ['uncuredResin', 'resin', ['primer']],
  ['greasyFace', 'rigid', ['primer']],
  ['blushOnEpoxy', 'rigid', ['wash', 'brushEpoxy', 'primer']],
  ['fillerOnPaint', 'rigid', ['wash', 'lacquerColour', 'bodyFiller']],
  ['overPolish', 'rigid', ['wash', 'primer', 'floorPolish', 'oilWash']],
  ['waterOverSlickEnamel', 'rigid', ['wash', 'primer', 'enamelColour', 'brushAcrylic']],
  ['thinEpoxyInClearLens', 'translucent', ['wash', 'tintedEpoxy', 'lacquerClear!']],
  ['heatThatWarps', 'rigid', ['wash', 'primer', 'warmDry']],
  ['filmOverWax', 'rigid', ['wash', 'primer', 'brushAcrylic', 'polish', 'lacquerClear']],
] as const;

describe('the stack of films', () => {
  it.each([
    ['rigid', ['degrease', 'fillerPrimer', 'primeSand', 'lacquerColour', 'lacquerClear']],
    ['rigid', ['wash', 'primer', 'enamelColour']],
    ['resin', ['washResin', 'primer', 'brushAcrylic', 'waterClear']],
    ['translucent', ['wash', 'tintedEpoxy']],
    ['flexible', ['wash', 'vinylColour', 'brushAcrylic']],
  ] as const)('on %s the usual %j goes together', (material, words) => {
    expect(rules(material, ...words)).toEqual([]);
  });
  it.each(BREACHES)('%s is found on %s in %j, with a remedy', (rule, material, words) => {
    const found = checkStack(material, steps(...words)).find((finding) => finding.ruleId === rule);
    expect(found?.why.length).toBeGreaterThan(10);
    expect(found?.remedyWords.length).toBeGreaterThan(10);
  });
  it('polish on top of all holds, and is told of once where more than one film follows', () => {
    expect(rules('rigid', 'wash', 'primer', 'brushAcrylic', 'waterClear', 'polish')).not.toContain('filmOverWax');
    expect(
      rules('rigid', 'wash', 'primer', 'brushAcrylic', 'polish', 'waterClear', 'waterClear').filter((rule) => rule === 'filmOverWax'),
    ).toHaveLength(1);
  });
  it('every rule has a ladder that breaks it', () => {
    const broken = new Set<string>(BREACHES.map(([rule]) => rule));
    for (const rule of COMPAT_RULES) expect(broken).toContain(rule.id);
  });
  it('a scuff or a wash mends what it is the remedy of', () => {
    expect(rules('rigid', 'wash', 'brushEpoxy', 'scuff', 'primer')).not.toContain('blushOnEpoxy');
    expect(rules('rigid', 'wash', 'primer', 'enamelColour', 'scuff', 'brushAcrylic')).not.toContain('waterOverSlickEnamel');
    expect(rules('rigid', 'degrease', 'primer')).not.toContain('greasyFace');
    expect(rules('rigid', 'wash', 'primer', 'brushAcrylic', 'waterClear', 'lacquerClear')).toContain('lacquerOverWaterAcrylic');
  });
  it('every remedy that is a rung has a method, and every class a nature', () => {
    for (const rule of COMPAT_RULES)
      if (rule.remedy.kind === 'insert') expect(METHODS.map((method) => method.id)).toContain(rule.remedy.methodId);
    for (const entry of PRODUCT_CLASSES) expect(natureOf(entry.id), entry.id).not.toBeNull();
    expect(natureOf('nothing')).toBeNull();
    for (const material of MATERIALS) expect(checkStack(material.id, [])).toEqual([]);
  });
});

describe('a symptom', () => {
  it('is explained by what the ladder itself holds first', () => {
    const findings = checkStack('rigid', steps('wash', 'primer', 'enamelColour', 'lacquerClear!'));
    const { symptom, here } = explainSymptom('wrinkling', findings);
    expect(here.map((finding) => finding.ruleId)).toEqual(['lacquerOverSoftEnamel']);
    expect(symptom.causes.length).toBeGreaterThan(1);
    expect(explainSymptom('runs', findings).here).toEqual([]);
    expect(() => explainSymptom('sadness', findings)).toThrow(RangeError);
  });
  it('of every rule that names one is known, but for those that are no flaw of a film', () => {
    const known = new Set(SYMPTOMS.map((symptom) => symptom.id));
    for (const rule of COMPAT_RULES) for (const id of rule.symptoms) if (id !== 'noLight') expect(known, rule.id).toContain(id);
  });
});
