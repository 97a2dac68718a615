import { FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import { describe, expect, it } from 'vitest';
import type { Rung } from '../../records/ladder/rung';
import { findRecordFaults } from '../../file/validateRecord';
import { makeSampleProject } from '../../testing/sampleProject';
import { NEW_RUNG } from './growRungs';
import { flawedCoat, mendingRungs } from './mendingRungs';
import { usualMinutes } from './rungForPart';

const { products, parts } = makeSampleProject();
const [part] = parts;
if (!part) throw new Error('no part');
const shelf = new Map(products.map((product) => [product.id, product]));
const primerId = products[0]?.id ?? '';
const rung = (id: string, methodId: string, rest: Partial<Rung> = {}): Rung => ({
  ...NEW_RUNG,
  id,
  ladderId: 'l',
  name: id,
  methodId,
  state: 'done',
  doneAtMs: 1_780_000_000_000,
  ...rest,
});
const LADDER = [
  rung('primer', 'prime', { productId: primerId }),
  rung('mist', 'sprayCoat'),
  rung('wet', 'sprayCoat', { minutes: 9, coatMicrometres: 15, side: 'top', doerId: 'me' }),
  rung('clear', 'clear', { state: 'open', doneAtMs: null }),
];
const wet = LADDER[2] ?? raise();
function raise(): never {
  throw new Error('no such rung');
}
let made = 0;
const mend = (kind: Parameters<typeof mendingRungs>[0], coat = wet, ladder: readonly Rung[] = LADDER) =>
  mendingRungs(kind, coat, ladder, part, shelf, () => `m${(made += 1)}`);

describe('the coat a flaw is in', () => {
  it('is the one in hand, else the last that was laid, and none where nothing was', () => {
    expect(flawedCoat(LADDER)?.id).toBe('wet');
    expect(flawedCoat([...LADDER.slice(0, 3), rung('clear', 'clear', { state: 'inHand', doneAtMs: null })])?.id).toBe('clear');
    expect(flawedCoat([rung('cut', 'cut'), rung('prime', 'prime', { state: 'open', doneAtMs: null })])).toBeNull();
  });
});

describe('what mends it', () => {
  it('goes over what was done and under what is to come: a run is sanded at its spot, and the coat laid again', () => {
    const { index, rungs } = mend('run');
    expect(index).toBe(3);
    expect(rungs.map(({ methodId, name, grit }) => [methodId, name, grit])).toEqual([
      ['sand', 'sand the run level', 'P600'],
      ['sprayCoat', 'wet, again', null],
    ]);
    expect(rungs[0]).toMatchObject({ areaSquareCentimetres: 20, hardRungId: null, side: 'top', band: wet.band });
    expect(rungs[0]?.detail).toMatch(/longer soft/u);
    expect(rungs[1]).toMatchObject({ state: 'open', doneAtMs: null, doerId: null, minutes: 9, coatMicrometres: 15, side: 'top' });
  });
  it('is no larger than what the coat was on', () => {
    expect(mend('dust', { ...wet, areaSquareCentimetres: 6 }).rungs[0]?.areaSquareCentimetres).toBe(6);
    // Peel is all over it.
    expect(mend('orangePeel', { ...wet, areaSquareCentimetres: 60 }).rungs[0]?.areaSquareCentimetres).toBe(60);
    expect(mend('orangePeel').rungs[0]?.areaSquareCentimetres).toBeNull();
  });
  it('is done on the pieces it is on: their minutes, and no more of the set', () => {
    const set = { ...part, count: 6 };
    const usual = (pieces: number | null) => usualMinutes('sprayCoat', { ...wet, pieces }, set);
    const mendSet = (flawed: number | null, coat: Rung) =>
      mendingRungs('run', coat, LADDER, set, shelf, () => `m${(made += 1)}`, flawed).rungs;
    const byMethod = { ...wet, minutes: usual(null).minutes, minutesFormula: usual(null).formula };
    const [sanded, again] = mendSet(1, byMethod);
    expect([sanded?.pieces, sanded?.minutes]).toEqual([
      1,
      usualMinutes('sand', { side: 'top', areaSquareCentimetres: 20, pieces: 1 }, set).minutes,
    ]);
    expect(again).toMatchObject({ pieces: 1, minutes: usual(1).minutes, minutesFormula: usual(1).formula });
    // Typed minutes shrink as the method's would; all of the pieces are said as all.
    expect(mendSet(2, { ...byMethod, minutes: 60, minutesFormula: '' })[1]).toMatchObject({
      pieces: 2,
      minutes: Math.round((60 * usual(2).minutes) / usual(null).minutes),
    });
    for (const all of [6, 9, null]) expect(mendSet(all, byMethod).map(({ pieces }) => pieces)).toEqual([null, null]);
    // A coat that was itself a mending of two pieces is mended on these, or on one of them.
    expect(mendSet(null, { ...byMethod, pieces: 2 }).map(({ pieces }) => pieces)).toEqual([2, 2]);
    expect(mendSet(1, { ...byMethod, pieces: 2 }).map(({ pieces }) => pieces)).toEqual([1, 1]);
    expect(findRecordFaults('rungs', again ?? raise())).toEqual([]);
  });
  it('is done on the pieces there are, of a set that lost some since the coat was laid', () => {
    const six = usualMinutes(wet.methodId, { ...wet, pieces: 6 }, { ...part, count: 6 });
    const coat = { ...wet, pieces: 6, minutes: six.minutes, minutesFormula: six.formula };
    const set = { ...part, count: 4 };
    const rungs = mendingRungs('wrinkle', coat, [coat], set, shelf, () => `m${(made += 1)}`).rungs;
    expect(rungs.map(({ pieces }) => pieces)).toEqual(rungs.map(() => null));
    expect(rungs.at(-1)?.minutes).toBe(usualMinutes(wet.methodId, { ...wet, pieces: null, state: 'open' }, set).minutes);
  });
  it('waits until what wrinkled is hard through, and primes with what was primed with', () => {
    const { rungs } = mend('wrinkle');
    expect(rungs.map(({ methodId, hardRungId, productId }) => [methodId, hardRungId, productId])).toEqual([
      ['sand', 'wet', null],
      ['prime', null, primerId],
      ['sprayCoat', null, null],
    ]);
  });
  it('lays again what was laid over it since, but not what lies within a mask that is not off, or was sanded', () => {
    const ladder = [wet, rung('p800', 'sand'), rung('brass', 'sprayCoat'), rung('number', 'maskedCoat'), rung('wash', 'darkWash')];
    expect(mend('run', wet, ladder).rungs.map(({ name }) => name)).toEqual([
      'sand the run level',
      'wet, again',
      'brass, again',
      'wash, again',
    ]);
    // Read twice it is another object of the same name.
    expect(mend('run', { ...wet }).rungs.map(({ name }) => name)).toEqual(['sand the run level', 'wet, again']);
    expect(mend('overspray', wet, ladder).rungs.map(({ name }) => name)).toEqual(['rub the overspray off']);
  });
  it('lays the mask again that came off since, and only then', () => {
    const masked = rung('band', 'maskedCoat');
    const off = rung('pull', 'unmask');
    const methods = (ladder: readonly Rung[]) => mend('run', masked, ladder).rungs.map(({ methodId }) => methodId);
    expect(methods([masked, off])).toEqual(['sand', 'mask', 'maskedCoat', 'unmask']);
    expect(methods([masked, { ...off, state: 'open', doneAtMs: null }])).toEqual(['sand', 'maskedCoat']);
    // A second coat in the same mask lies over the run as well, whether it is off or not.
    expect(methods([masked, rung('band 2', 'maskedCoat'), off])).toEqual(['sand', 'mask', 'maskedCoat', 'maskedCoat', 'unmask']);
    expect(methods([masked, rung('band 2', 'maskedCoat')])).toEqual(['sand', 'maskedCoat', 'maskedCoat']);
  });

  it('lays it as it was laid, its edge sealed again', () => {
    const ladder = [rung('old', 'mask'), rung('off', 'unmask'), rung('p400', 'sand'), rung('frame', 'mask'), rung('seal', 'edgeSeal')];
    const [green, more, pull] = [rung('green', 'maskedCoat'), rung('more', 'maskedCoat'), rung('pull', 'unmask')];
    const names = (coat: Rung, rungs: readonly Rung[]) => mend('run', coat, rungs).rungs.map(({ name }) => name);
    expect(names(more, [...ladder, green, more, pull])).toEqual([
      'sand the run level',
      'frame, again',
      'seal, again',
      'more, again',
      'pull, again',
    ]);
    // The mask of another coat that came off before is not its own.
    expect(names(green, [...ladder.slice(0, 2), green, pull])).toEqual(['sand the run level', 'mask', 'green, again', 'pull, again']);
  });

  const number = [
    rung('mask', 'mask'),
    rung('seal', 'edgeSeal'),
    rung('number', 'maskedCoat'),
    rung('look', 'inspect'),
    rung('pull', 'scorePull'),
  ];
  const after = (coat: Rung, since: readonly Rung[]): string[] =>
    mend('run', coat, [coat, ...since])
      .rungs.slice(1)
      .map(({ name }) => name.replace(/, again$/u, ''));
  it('lays what a mask bounded again, mask and all, where the ground of it is sprayed once more', () => {
    expect(after(wet, [...number, rung('wash', 'darkWash')])).toEqual(['wet', 'mask', 'seal', 'number', 'pull', 'wash']);
    // One that lies now: what is in it cannot be reached, and is left.
    expect(after(wet, [...number, ...number.slice(0, 3)])).toEqual(['wet', 'mask', 'seal', 'number', 'pull']);
  });
  it('leaves what another mask bounded where the coat is masked itself, or a clear alone lies between', () => {
    const band = rung('band', 'maskedCoat');
    const off = rung('off', 'unmask');
    expect(after(band, [off, ...number])).toEqual(['mask', 'band', 'off']);
    const clear = products.find(({ classId }) => classId === 'lacquerClear' || classId === 'waterClear');
    expect(after(band, [off, rung('gloss', 'clear', { productId: clear?.id ?? null }), ...number])).toEqual([
      'mask',
      'band',
      'off',
      'gloss',
    ]);
    expect(after(band, [off, rung('coat', 'sprayCoat'), ...number])).toEqual([
      'mask',
      'band',
      'off',
      'coat',
      'mask',
      'seal',
      'number',
      'pull',
    ]);
    // A mask that lies over the coat while its own still does.
    expect(after(band, number.slice(0, 3))).toEqual(['band']);
  });
  it('is a record that can be kept, of every kind that has it; the others say why there is none', () => {
    for (const { id, mending } of FLAW_KINDS) {
      if (!mending) expect(() => mend(id), id).toThrow(RangeError);
      else for (const record of mend(id).rungs) expect(findRecordFaults('rungs', record), id).toEqual([]);
    }
  });
});
