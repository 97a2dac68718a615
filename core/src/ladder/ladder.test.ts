import { describe, expect, it } from 'vitest';
import { findCautions } from '../caution/cautions';
import { findProductClass, PRODUCT_CLASSES } from '../cure/productClasses';
import { BANDS } from './bands';
import { FINISHES } from './finishes';
import type { RouteChoice, RungDraft } from './growLadder';
import { growLadder } from './growLadder';
import { findLoopTurns } from './loopRungs';
import { findMaterial, MATERIALS } from './materials';
import { findMethod, METHODS } from './methods';
import { forecastPrimerLoops } from './primerLoops';
import { ROUTE_TABLE } from './route/routeTable';
import { estimateRungMinutes } from './rungMinutes';
import { findSmoothing, JOINING_SCHOOLS, SEALING_SCHOOLS, SMOOTHING_SCHOOLS } from './schools';
import { findFinish } from './finishes';

const BASE: RouteChoice = {
  material: 'rigid',
  finish: 'gloss',
  age: 'new',
  smoothing: 'primerOnly',
  joining: 'none',
  sealing: 'unsealed',
  layerMillimetres: 0.2,
  areaSquareCentimetres: 200,
  pieces: 1,
};

function grow(change: Partial<RouteChoice>): readonly RungDraft[] {
  const ladder = growLadder({ ...BASE, ...change });
  if (ladder.kind !== 'grown') throw new Error(ladder.reason);
  return ladder.rungs;
}
const names = (rungs: readonly RungDraft[]): string[] => rungs.map((rung) => rung.name);

describe('the route table', () => {
  it('names only methods, product classes and cautions that exist', () => {
    for (const row of ROUTE_TABLE) {
      expect(() => findMethod(row.method), row.name).not.toThrow();
      if (row.productClass) expect(() => findProductClass(row.productClass ?? ''), row.name).not.toThrow();
      expect(row.why.length, row.name).toBeGreaterThan(5);
    }
    for (const entry of [...METHODS, ...PRODUCT_CLASSES]) expect(() => findCautions(entry.cautions), entry.id).not.toThrow();
  });

  it('grows a ladder in band order, fit last, or refuses with a reason, for every combination', () => {
    const rank = new Map(BANDS.map((band, index) => [band.id, index]));
    let grown = 0;
    for (const { id: material } of MATERIALS)
      for (const { id: finish } of FINISHES)
        for (const { id: smoothing } of SMOOTHING_SCHOOLS)
          for (const { id: joining } of JOINING_SCHOOLS)
            for (const { id: sealing } of SEALING_SCHOOLS) {
              const ladder = growLadder({ ...BASE, material, finish, smoothing, joining, sealing });
              if (ladder.kind === 'refused') {
                expect(ladder.reason).toMatch(/\.$/u);
                continue;
              }
              grown += 1;
              const ranks = ladder.rungs.map((rung) => rank.get(rung.band) ?? -1);
              expect(ranks, `${material} ${finish} ${smoothing} ${joining}`).toEqual([...ranks].sort((a, b) => a - b));
              expect(ladder.rungs.at(-1)?.name).toBe('fit');
              expect(ladder.rungs.length).toBeGreaterThan(findMaterial(material).isPrinted ? 4 : 2);
            }
    expect(grown).toBeGreaterThan(1000);
  });

  it('never puts anything opaque under a lit translucent part', () => {
    const opaque = new Set(['fillerPrimer', 'primer', 'adhesionPrimer', 'putty', 'bodyFiller', 'slurry', 'textureCompound']);
    const rungs = grow({ material: 'translucent', finish: 'litTranslucent', smoothing: 'brushEpoxy' });
    expect(rungs.filter((rung) => opaque.has(rung.productClassId ?? ''))).toEqual([]);
    expect(names(rungs)).toContain('tinted epoxy');
    expect(growLadder({ ...BASE, material: 'translucent', finish: 'litTranslucent', smoothing: 'bodyFiller' }).kind).toBe('refused');
    expect(growLadder({ ...BASE, material: 'rigid', finish: 'litTranslucent' }).kind).toBe('refused');
  });

  it('gives flexible parts only what bends, and solvent only to what it dissolves', () => {
    for (const smoothing of ['putty', 'bodyFiller', 'brushEpoxy', 'slurry', 'texture', 'solvent'] as const) {
      expect(growLadder({ ...BASE, material: 'flexible', smoothing }).kind, smoothing).toBe('refused');
    }
    expect(growLadder({ ...BASE, smoothing: 'solvent' })).toEqual({
      kind: 'refused',
      reason: 'Solvent smoothing on rigid filament: only solvent-soluble filament can be smoothed by solvent.',
    });
    expect(names(grow({ material: 'soluble', smoothing: 'solvent' }))).toContain('smooth');
  });

  it('puts gloss black under metal and seals where the school says', () => {
    const aged = names(grow({ finish: 'metal', age: 'worn', sealing: 'clearBoth' }));
    expect(aged.indexOf('gloss black')).toBeLessThan(aged.indexOf('metal, mist'));
    expect(aged.indexOf('gloss clear')).toBeLessThan(aged.indexOf('wash'));
    expect(aged.indexOf('satin clear')).toBeGreaterThan(aged.indexOf('edges'));
    expect(names(grow({ finish: 'metal', age: 'worn' })).filter((name) => name.includes('clear'))).toEqual([]);
  });

  it('bonds before filling when joining first and after painting when painted apart', () => {
    const first = grow({ joining: 'joinFirst' }).find((rung) => rung.name === 'bond');
    const last = grow({ joining: 'paintApart' }).find((rung) => rung.name === 'bond');
    expect([first?.band, last?.band]).toEqual(['cutBond', 'fit']);
  });

  it('warns of resin dust, not plain dust, on resin', () => {
    const cautions = grow({ material: 'resin', layerMillimetres: 0.05 }).flatMap((rung) => rung.cautionIds);
    expect(cautions).toContain('resinDust');
    expect(cautions).not.toContain('dust');
  });
});

describe('primer loops (common practice as the outside check)', () => {
  const loops = (layer: number, smoothing: string, material = 'rigid'): number =>
    forecastPrimerLoops(findMaterial(material), layer, findSmoothing(smoothing), findFinish('gloss')).loops;
  it('takes about 4 for 0.2 mm, gloss, primer only', () => expect(loops(0.2, 'primerOnly')).toBe(4));
  it('takes 2 or 3 with brush-on epoxy first', () => expect([2, 3]).toContain(loops(0.2, 'brushEpoxy')));
  it('takes 1 or 2 for 0.12 mm solvent smoothed', () => expect([1, 2]).toContain(loops(0.12, 'solvent', 'soluble')));
  it('numbers the coats of a loop', () =>
    expect(names(grow({})).filter((name) => name.startsWith('filler primer'))).toEqual([
      'filler primer 1',
      'filler primer 2',
      'filler primer 3',
      'filler primer 4',
    ]));
});

describe('a route without loops', () => {
  const grown = (change: Partial<RouteChoice>) => {
    const ladder = growLadder({ ...BASE, ...change });
    if (ladder.kind !== 'grown') throw new Error(ladder.reason);
    return ladder;
  };
  it.each(['gloss', 'satin', 'rubber'] as const)('promises a flexible part in %s no loop it never gets: its ridges stay', (finish) => {
    const { loops, rungs } = grown({ material: 'flexible', finish });
    expect(loops).toMatchObject({
      loops: 0,
      ridgesStay: true,
      steps: [{ name: 'as printed', valleyMicrometres: loops.valleyStartMicrometres }],
    });
    expect(rungs.filter(({ methodId }) => methodId === 'primeSand')).toEqual([]);
  });
  it('keeps what epoxy fills of a lit part', () => {
    const { loops } = grown({ material: 'translucent', finish: 'litTranslucent', smoothing: 'brushEpoxy' });
    expect(loops).toMatchObject({ loops: 0, ridgesStay: false });
    expect(loops.valleyBeforePrimerMicrometres).toBeCloseTo(loops.valleyStartMicrometres * 0.4, 9);
  });
  it('says as many loops as rungs grow, for every material and school', () => {
    for (const { id: material } of MATERIALS)
      for (const { id: smoothing } of SMOOTHING_SCHOOLS) {
        const ladder = growLadder({ ...BASE, material, smoothing });
        if (ladder.kind !== 'grown') continue;
        const turns = findLoopTurns(ladder.rungs.map((rung, at) => ({ id: String(at), methodId: rung.methodId, state: 'open' })));
        expect(turns.length, `${material} ${smoothing}`).toBe(ladder.loops.loops);
      }
  });
});

describe('the clear over everything', () => {
  it.each([
    ['gloss', 'new', 'gloss clear'],
    ['gloss', 'worn', 'satin clear'],
    ['satin', 'new', 'satin clear'],
    ['stone', 'new', 'matte clear'],
    ['bareChrome', 'new', 'gloss clear'],
  ] as const)('has the sheen of the finish: %s, %s gets a %s', (finish, age, name) => {
    const last = grow({ finish, age, sealing: 'clearLast' }).findLast((rung) => rung.role === 'clear');
    expect(last?.name).toBe(name);
  });
});

describe('minutes of a rung', () => {
  it('grow with area and pieces and say their sum', () => {
    const sand = findMethod('sand');
    const one = estimateRungMinutes(sand, 200, 1);
    expect(one).toEqual({ minutes: 11, formula: '2 min ready + 1 × (1 min handling + 4 min per 100 cm² × 200 cm²)' });
    expect(estimateRungMinutes(sand, 200, 4).minutes).toBe(2 + 4 * 9);
  });
  it('refuse absurd sizes', () => {
    expect(() => estimateRungMinutes(findMethod('sand'), -1, 1)).toThrow(RangeError);
    expect(() => estimateRungMinutes(findMethod('sand'), 10, 0)).toThrow(RangeError);
  });
});
