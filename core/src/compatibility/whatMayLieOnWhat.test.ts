import { describe, expect, it } from 'vitest';
import type { MaterialId } from '../ladder/materials';
import { PRODUCT_CLASSES } from '../cure/productClasses';
import type { StackStep } from './checkStack';
import { checkStack } from './checkStack';
import { COMPAT_RULES } from './compatRules';
import { natureOf } from './filmNature';

// Common practice throughout, written down a second time and apart from the data.

/** Family, and the marks that hold: brittle, opaque, metallic, clear, primer, slick. */
const NATURES: Readonly<Record<string, string>> = {
  fillerPrimer: 'lacquer b o p',
  primer: 'lacquer b o p',
  adhesionPrimer: 'lacquer p',
  lacquerColour: 'lacquer b o',
  enamelColour: 'enamel b o s',
  metallicLacquer: 'lacquer b o m s',
  texturedEnamel: 'enamel b o',
  airbrushAcrylic: 'waterAcrylic',
  brushAcrylic: 'waterAcrylic o',
  waterClear: 'waterAcrylic c',
  lacquerClear: 'lacquer b c',
  floorPolish: 'polish c s',
  rubberDip: 'rubber o s',
  vinylColour: 'vinyl o p',
  brushEpoxy: 'twoPart b s',
  tintedEpoxy: 'twoPart b c s',
  bodyFiller: 'polyester b o p',
  putty: 'putty b o p',
  slurry: 'putty b o p',
  textureCompound: 'waterAcrylic o p',
  oilWash: 'oil',
  acrylicWash: 'waterAcrylic',
  maskingRubber: 'masking',
  epoxyGlue: 'glue',
  cyanoacrylate: 'glue c',
  contactCement: 'glue',
};

/** Certain, likely or possible; what mends it; what it shows as. */
const RULES: Readonly<Record<string, string>> = {
  lacquerOverSoftEnamel: 'certain · waitHard · wrinkling tackiness',
  lacquerOverHardEnamel: 'possible · insert brushClear waterClear · wrinkling crazing',
  enamelInWindow: 'certain · waitHard · wrinkling',
  lacquerOverWaterAcrylic: 'possible · card · crazing wrinkling',
  waterOverOil: 'certain · waitHard · fishEyes peeling tackiness',
  waterOverSlickEnamel: 'likely · insert scuff · fishEyes peeling',
  oilOverWater: 'possible · waitHard · blushing crazing peeling',
  anythingOverRubber: 'certain · leaveOut · cracking peeling',
  slickMetallic: 'possible · card · peeling',
  clearOverMetallic: 'likely · card · dulling',
  brittleOnFlexible: 'certain · leaveOut · cracking peeling',
  opaqueOnTranslucent: 'certain · leaveOut · noLight',
  fogOnClear: 'likely · card · fogging blushing',
  colourOnBare: 'likely · insert prime adhesionPrimer · peeling',
  uncuredResin: 'certain · insert washResin · tackiness peeling fishEyes',
  greasyFace: 'likely · insert degrease · fishEyes peeling',
  blushOnEpoxy: 'likely · insert scuff · fishEyes peeling tackiness',
  fillerOnPaint: 'likely · insert sand · wrinkling peeling',
  overPolish: 'likely · insert scuff · fishEyes peeling',
  thinEpoxyInClearLens: 'likely · waitHard · crazing blushing',
};

describe('the nature of films', () => {
  it.each(PRODUCT_CLASSES.map(({ id }) => id))('%s', (id) => {
    const nature = natureOf(id);
    if (!nature) throw new Error(`${id} has none`);
    const marks = [
      nature.isBrittle ? 'b' : '',
      nature.isOpaque ? 'o' : '',
      nature.isMetallic ? 'm' : '',
      nature.isClear ? 'c' : '',
      nature.isPrimer ? 'p' : '',
      nature.isSlick ? 's' : '',
    ].filter(Boolean);
    expect([nature.family, ...marks].join(' ')).toBe(NATURES[id]);
  });
});

describe('the rules', () => {
  it.each(COMPAT_RULES.map((rule) => [rule.id, rule] as const))('%s: how sure, what mends it, what it shows as', (id, rule) => {
    const { remedy } = rule;
    const mend = remedy.kind === 'insert' ? ['insert', remedy.methodId, remedy.classId].filter(Boolean).join(' ') : remedy.kind;
    expect([rule.sure, mend, rule.symptoms.join(' ')].join(' · ')).toBe(RULES[id]);
  });
});

/** A film by its class, a rung by its method; `!` not hard under it, `+` hard, `?` window shut, `-` window open, `=name` another product. */
function steps(words: string): StackStep[] {
  return words.split(' ').map((word, at) => {
    const [, name = '', marks = '', product = ''] = /^(\w+)([!+?-]*)(?:=(\w+))?$/u.exec(word) ?? [];
    const isClass = natureOf(name) !== null;
    return {
      id: `s${at}`,
      name,
      methodId: isClass ? 'sprayCoat' : name,
      classId: isClass ? name : null,
      productName: isClass ? product || name : '',
      underIsHard: marks.includes('!') ? false : marks.includes('+') ? true : null,
      underWindowIsShut: marks.includes('?') ? true : marks.includes('-') ? false : null,
    };
  });
}
const found = (material: MaterialId, words: string) => checkStack(material, steps(words));
const ids = (material: MaterialId, words: string) => found(material, words).map(({ ruleId }) => ruleId);

describe('what is asked of the part', () => {
  it.each([
    ['brittleOnFlexible', 'flexible', 'wash primer', 'rigid'],
    ['opaqueOnTranslucent', 'translucent', 'wash primer', 'rigid'],
    ['fogOnClear', 'translucent', 'cyanoacrylate', 'rigid'],
    ['uncuredResin', 'resin', 'primer', 'rigid'],
    ['greasyFace', 'rigid', 'primer', 'resin'],
    ['colourOnBare', 'rigid', 'wash lacquerColour', 'fabric'],
    ['colourOnBare', 'metal', 'wash enamelColour', 'fabric'],
  ] as const)('%s is told of on %s for “%s”, and not on %s', (rule, on, words, notOn) => {
    expect(ids(on, words)).toContain(rule);
    expect(ids(notOn, words)).not.toContain(rule);
  });
});

describe('what is asked of the films', () => {
  it.each([
    ['a soft film under lacquer lifts, a hard one may', 'wash primer enamelColour lacquerClear!', ['lacquerOverSoftEnamel']],
    ['one that is hard, or of which nothing is known, may', 'wash primer enamelColour lacquerClear+', ['lacquerOverHardEnamel']],
    ['enamel again while its window is open', 'wash primer enamelColour enamelColour-', []],
    ['enamel again, and the plan has not said when', 'wash primer enamelColour enamelColour', []],
    ['oil over water that is dry', 'wash primer brushAcrylic oilWash+', []],
    ['a primer on the bare part', 'wash primer', []],
    ['a clear on the bare part', 'wash waterClear', []],
    ['colour over colour', 'wash primer lacquerColour lacquerColour', []],
    ['metal over metal', 'wash primer metallicLacquer metallicLacquer', []],
    ['a film that gives over rubber', 'wash primer rubberDip vinylColour', []],
    ['a second film after a wash that only the first needs', 'wash primer lacquerColour', []],
  ])('%s', (_, words, wanted) => expect(ids('rigid', words)).toEqual(wanted));
  it('a wash is any of the four', () => {
    for (const wash of ['washResin', 'degrease', 'wash', 'solventSmooth']) expect(ids('rigid', `${wash} primer`)).toEqual([]);
    for (const other of ['sand', 'scuff', 'inspect']) expect(ids('rigid', `${other} primer`)).toEqual(['greasyFace']);
  });
  it('the first film counts as its own washing: what comes on it is not told of grease again', () =>
    expect(ids('rigid', 'primer lacquerColour')).toEqual(['greasyFace']));
});

describe('a scuff', () => {
  const words = 'wash primer enamelColour scuff brushAcrylic';
  it('holds for the next film, and for more of the same', () => {
    expect(ids('rigid', words)).toEqual([]);
    expect(ids('rigid', 'wash brushEpoxy scuff brushEpoxy primer')).not.toContain('blushOnEpoxy');
  });
  it('is covered by another film, or by another product of one class', () => {
    expect(ids('rigid', 'wash primer scuff enamelColour brushAcrylic')).toEqual(['waterOverSlickEnamel']);
    expect(ids('rigid', 'wash brushEpoxy=a scuff brushEpoxy=b primer')).toContain('blushOnEpoxy');
  });
});

describe('glue and masking rubber', () => {
  it('are no film that something lies on, and only what is said of glue is asked of it', () => {
    expect(ids('rigid', 'wash primer enamelColour epoxyGlue brushAcrylic')).toEqual(['waterOverSlickEnamel']);
    expect(ids('rigid', 'epoxyGlue')).toEqual([]);
    expect(ids('flexible', 'wash cyanoacrylate')).toEqual([]);
    expect(ids('translucent', 'wash cyanoacrylate')).toEqual(['fogOnClear']);
    expect(ids('rigid', 'wash primer enamelColour maskingRubber brushAcrylic')).toEqual(['waterOverSlickEnamel']);
    expect(ids('rigid', 'maskingRubber')).toEqual([]);
  });
  it('glue on wax is not told of, the next film is', () => {
    expect(ids('rigid', 'wash primer polish epoxyGlue waterClear')).toEqual([]);
    expect(ids('rigid', 'wash primer polish waterClear')).toEqual(['filmOverWax']);
  });
});

describe('what a finding says', () => {
  it('names the rung and the one under it, where the rule is about one', () => {
    const [rule] = found('rigid', 'wash primer=grey enamelColour=green lacquerClear!=gloss');
    expect(rule).toMatchObject({ stepId: 's3', underId: 's2', sure: 'certain', remedyWords: 'Wait until enamelColour is hard.' });
    expect(found('rigid', 'wash primer rubberDip lacquerColour')[0]).toMatchObject({
      underId: 's2',
      remedyWords: 'Leave lacquerColour out, or take a film made for this.',
    });
    expect(found('rigid', 'primer')[0]).toMatchObject({ underId: null, remedyWords: 'Put in “degrease” before primer.' });
    expect(found('flexible', 'wash vinylColour primer').find(({ ruleId }) => ruleId === 'brittleOnFlexible')).toMatchObject({
      underId: null,
    });
  });
  it('asks for a card of the products by their names, or of the rungs where a product has none', () => {
    const card = (words: string) => found('rigid', words).find(({ remedy }) => remedy.kind === 'card')?.remedyWords;
    expect(card('wash primer brushAcrylic=cream lacquerClear=gloss')).toBe('Try it on a test card first: gloss over cream.');
    const unnamed = steps('wash primer brushAcrylic lacquerClear').map((step) => ({ ...step, productName: '' }));
    expect(checkStack('rigid', unnamed).find(({ remedy }) => remedy.kind === 'card')?.remedyWords).toBe(
      'Try it on a test card first: lacquerClear over brushAcrylic.',
    );
    expect(found('translucent', 'cyanoacrylate')[0]?.remedyWords).toBe('Try it on a test card first: cyanoacrylate.');
  });
  it('warns of warm air on what softens, in the words of what it is made of', () => {
    const heat = (material: MaterialId) => found(material, 'warmDry').map(({ why, remedyWords }) => `${why} ${remedyWords}`)[0];
    expect(heat('rigid')).toMatch(/^Some filaments soften at 55–60 °C.*scrap of the same filament\.$/u);
    expect(heat('sheet')).toMatch(/^Some plastics soften or shrink from 60 °C on.*scrap of the same piece\.$/u);
    expect(heat('resin')).toBeUndefined();
    expect(found('rigid', 'warmDry')[0]).toMatchObject({
      ruleId: 'heatThatWarps',
      stepId: 's0',
      underId: null,
      sure: 'possible',
      remedy: { kind: 'card' },
      symptoms: ['warping'],
    });
    expect(found('foam', 'warmDry')[0]?.what).toBe('Warm air on foam sheet.');
    expect(found('rigid', 'sand')).toEqual([]);
  });
  it('of wax names the polish that has to move', () =>
    expect(found('rigid', 'wash primer polish waterClear')[0]).toEqual({
      ruleId: 'filmOverWax',
      stepId: 's3',
      underId: 's2',
      what: 'A film over wax or graphite.',
      why: expect.stringContaining('Nothing holds on wax') as string,
      sure: 'certain',
      remedy: { kind: 'leaveOut' },
      remedyWords: 'Leave waterClear out, or move polish after it.',
      symptoms: ['fishEyes', 'peeling'],
    }));
});
