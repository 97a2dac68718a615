import { describe, expect, it } from 'vitest';
import { CAUTIONS, findCautions } from '../../caution/cautions';
import { FINISHES } from '../finishes';
import type { RouteChoice, RungDraft } from '../growLadder';
import { gatherCautions, growLadder } from '../growLadder';
import { MATERIALS } from '../materials';
import { findMethod, METHODS } from '../methods';
import type { RouteRow } from './routeRow';
import { JOINING_SCHOOLS, SEALING_SCHOOLS, SMOOTHING_SCHOOLS } from '../schools';

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
  if (ladder.kind === 'refused') throw new Error(ladder.reason);
  return ladder.rungs;
}
const names = (change: Partial<RouteChoice>): string =>
  grow(change)
    .map((rung) => rung.name)
    .join(' · ');

/** Every ladder that can grow. */
function* everyLadder(): Generator<readonly [RouteChoice, readonly RungDraft[]]> {
  for (const { id: material } of MATERIALS)
    for (const { id: finish } of FINISHES)
      for (const { id: smoothing } of SMOOTHING_SCHOOLS)
        for (const { id: joining } of JOINING_SCHOOLS)
          for (const { id: sealing } of SEALING_SCHOOLS) {
            const choice = { ...BASE, material, finish, smoothing, joining, sealing };
            const ladder = growLadder(choice);
            if (ladder.kind === 'grown') yield [choice, ladder.rungs];
          }
}

describe('ladders a finisher would know (common practice, in their order)', () => {
  it('brass, aged, filled with two-part filler and sealed', () => {
    expect(names({ finish: 'metal', age: 'worn', smoothing: 'bodyFiller', sealing: 'clearLast' })).toBe(
      'cut · P100 · body filler · P150 · P220 · wash and dust · filler primer · P320 · look and mark · P600 · gloss black · metal, mist · metal, wet · wash · verdigris · edges · satin clear · fit',
    );
  });
  it('a small resin part in gloss', () => {
    expect(names({ material: 'resin', layerMillimetres: 0.05 })).toBe(
      'wash and UV cure · cut · P220 · wash and dust · primer · P320 · look and mark · P600 · colour, mist · colour, wet · colour, last wet · fit',
    );
  });
  it('a lit chimney: tinted epoxy, never filler', () => {
    expect(names({ material: 'translucent', finish: 'litTranslucent', smoothing: 'brushEpoxy', sealing: 'clearLast' })).toBe(
      'cut · tinted epoxy · scuff · tinted epoxy · wash and dust · tint · soot · satin clear · lights · fit',
    );
  });
  it('a part that bends: brushed acrylic over an adhesion primer', () => {
    expect(names({ material: 'flexible', finish: 'satin', sealing: 'clearLast' })).toBe(
      'cut · degrease · P220 · wash and dust · adhesion primer · colour 1 · colour 2 · satin clear · fit',
    );
  });
  it('a kit cast, its texture kept', () => {
    expect(names({ material: 'cast', finish: 'textureKept', age: 'worn', layerMillimetres: 0 })).toBe(
      'cut · degrease · P220 · wash and dust · primer · colour, mist · colour, wet · wash · edges · fit',
    );
  });
  it('two colours, assembled first and masked', () => {
    expect(names({ finish: 'satin', joining: 'assembleAndMask', smoothing: 'putty' })).toContain(
      'mask · edge seal · second colour · unmask',
    );
  });
});

describe('any ladder that grows', () => {
  it('has a reason, minutes and a known method on every rung', () => {
    const methods = new Set(METHODS.map((method) => method.id));
    const cautions = new Set(CAUTIONS.map((caution) => caution.id));
    const isSound = (rung: RungDraft): boolean =>
      rung.why.length > 5 &&
      rung.minutes > 0 &&
      rung.minutesFormula.includes('min') &&
      methods.has(rung.methodId) &&
      rung.cautionIds.every((id) => cautions.has(id));
    const unsound = [...everyLadder()].flatMap(([choice, rungs]) =>
      rungs.filter((rung) => !isSound(rung)).map((rung) => `${choice.finish} ${rung.name}`),
    );
    expect(unsound).toEqual([]);
  });
  it('washes before it primes and primes before it colours', () => {
    for (const [, rungs] of everyLadder()) {
      const at = (test: (rung: RungDraft) => boolean): number => rungs.findIndex(test);
      const wash = at((rung) => rung.methodId === 'wash');
      const prime = at((rung) => rung.methodId === 'prime');
      const colour = at((rung) => rung.band === 'colour');
      if (prime >= 0) expect(wash).toBeLessThan(prime);
      if (prime >= 0 && colour >= 0) expect(prime).toBeLessThan(colour);
    }
  });
  it('never sands with a coarser grit after a finer one within one band', () => {
    for (const [choice, rungs] of everyLadder()) {
      let band = '';
      let finest = 0;
      let hasNewFilm = false;
      for (const rung of rungs) {
        if (rung.band !== band) [band, finest, hasNewFilm] = [rung.band, 0, false];
        if (rung.coatMicrometres !== null) hasNewFilm = true;
        if (rung.grit === null || !findMethod(rung.methodId).roughens) continue;
        const grit = Number(rung.grit.slice(1));
        // A new film is a new surface and may begin coarser again.
        if (!hasNewFilm)
          expect(grit, `${choice.material} ${choice.finish} ${choice.smoothing} ${rung.name}`).toBeGreaterThanOrEqual(finest);
        finest = grit;
        hasNewFilm = false;
      }
    }
  });
  it('grows with pieces and area, never shrinks', () => {
    const total = (change: Partial<RouteChoice>): number => grow(change).reduce((sum, rung) => sum + rung.minutes, 0);
    expect(total({ pieces: 4 })).toBeGreaterThan(total({ pieces: 1 }));
    expect(total({ pieces: 4 })).toBeLessThan(4 * total({ pieces: 1 }));
    expect(total({ areaSquareCentimetres: 800 })).toBeGreaterThan(total({ areaSquareCentimetres: 200 }));
  });
  it('refuses what it does not know by name', () => {
    expect(() => growLadder({ ...BASE, material: 'marble' as never })).toThrow(RangeError);
    expect(() => growLadder({ ...BASE, finish: 'invisible' as never })).toThrow(RangeError);
    expect(() => growLadder({ ...BASE, smoothing: 'prayer' as never })).toThrow(RangeError);
  });
});

describe('the way rows are read', () => {
  const row = (name: string, change: Partial<RouteRow> = {}): RouteRow => ({
    name,
    method: 'sand',
    when: {},
    why: 'because it is so',
    ...change,
  });
  it('repeats a loop as a whole, as often as forecast, and numbers only its films', () => {
    const table = [
      row('before'),
      row('coat', { method: 'prime', productClass: 'primer', isLooped: true }),
      row('P320', { isLooped: true }),
      row('after'),
    ];
    const ladder = growLadder(BASE, table);
    expect(ladder.kind === 'grown' && ladder.rungs.map((rung) => rung.name)).toEqual([
      'before',
      'coat 1',
      'P320',
      'coat 2',
      'P320',
      'coat 3',
      'P320',
      'coat 4',
      'P320',
      'after',
    ]);
  });
  it('needs every condition of a row, any value of each', () => {
    const table = [
      row('both', { when: { material: ['rigid', 'resin'], finish: ['gloss'] } }),
      row('not', { when: { notMaterial: ['rigid'] } }),
      row('neither', { when: { material: ['resin'] } }),
    ];
    const ladder = growLadder(BASE, table);
    expect(ladder.kind === 'grown' && ladder.rungs.map((rung) => rung.name)).toEqual(['both']);
  });
  it('takes the finish’s own grit where a row asks for the last', () => {
    const ladder = growLadder({ ...BASE, finish: 'satin' }, [row('finish', { grit: 'last' })]);
    expect(ladder.kind === 'grown' && ladder.rungs[0]).toMatchObject({ name: 'P400', grit: 'P400' });
  });
});

describe('cautions', () => {
  it('defer nowhere to nothing: each has a title and says what to do', () => {
    for (const caution of CAUTIONS) {
      expect(caution.title.length).toBeGreaterThan(3);
      expect(caution.text).toMatch(/\.$/u);
    }
    expect(new Set(CAUTIONS.map((caution) => caution.id)).size).toBe(CAUTIONS.length);
  });
  it('come once each, in one order, and unknown ones are refused', () => {
    expect(findCautions(['dust', 'epoxy', 'dust']).map((caution) => caution.id)).toEqual(['epoxy', 'dust']);
    expect(() => findCautions(['gravity'])).toThrow(RangeError);
  });
  it('are of the dust there is: resin’s own on resin', () => {
    expect(gatherCautions(findMethod('sand'), [], 'resin')).toEqual(['resinDust']);
    expect(gatherCautions(findMethod('sand'), [], 'rigid')).toEqual(['dust']);
  });
  it('of a bond are those of its glue once that is known', () => {
    expect(gatherCautions(findMethod('bond'), ['epoxy'], 'rigid')).toEqual(['epoxy']);
    expect(gatherCautions(findMethod('bond'), [], 'rigid')).toEqual(['cyanoacrylate']);
  });
  it('stand on every method that cuts or sands', () => {
    for (const method of METHODS) if (method.roughens) expect(method.cautions, method.id).toContain('dust');
  });
});
