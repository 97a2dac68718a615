import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findMethod } from '../ladder/methods';
import { stepCost } from './maskCost';
import { compareApart, findMaskOrder, judgeMaskOrder } from './maskOrder';
import type { MaskBorder, MaskProblem, MaskRegion } from './maskProblem';
import { maskRungs } from './maskRungs';

const region = (id: string, extra: Partial<MaskRegion> = {}): MaskRegion => ({
  id,
  name: id,
  partId: 'part',
  areaSquareCentimetres: 100,
  coats: 2,
  coatMinutes: 5,
  recoatMinutes: 10,
  tapeMinutes: 60,
  isBase: false,
  chipsShowId: null,
  ...extra,
});
const border = (firstId: string, secondId: string, lengthMillimetres = 100, extra: Partial<MaskBorder> = {}): MaskBorder => ({
  firstId,
  secondId,
  lengthMillimetres,
  form: 'straight',
  place: 'panelLine',
  ...extra,
});
const problem = (regions: MaskRegion[], borders: MaskBorder[], extra: Partial<MaskProblem> = {}): MaskProblem => ({
  regions,
  borders,
  school: { seal: 'under', pull: 'wet' },
  coatsOver: () => 2,
  ...extra,
});
const ids = (order: ReturnType<typeof findMaskOrder>) => order?.steps.map((step) => step.regionId) ?? [];

function permutations(list: readonly string[]): string[][] {
  if (list.length <= 1) return [[...list]];
  return list.flatMap((first) => permutations(list.filter((entry) => entry !== first)).map((rest) => [first, ...rest]));
}

describe('the order of masking', () => {
  it('is the best of all orders by brute force (property)', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            area: share,
            tape: share,
            coats: fc.integer({ min: 1, max: 3 }),
            base: fc.boolean(),
            chips: fc.integer({ min: -3, max: 4 }),
          }),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        fc.array(fc.tuple(fc.nat(5), fc.nat(5), share, fc.boolean(), fc.boolean()), { maxLength: 10 }),
        fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 36, maxLength: 36 }),
        fc.constantFrom('under', 'none'),
        (given, edges, coats, seal) => {
          const regions = given.map((entry, at) =>
            region(`r${at}`, {
              areaSquareCentimetres: 300 * entry.area,
              tapeMinutes: 1500 * entry.tape,
              coats: entry.coats,
              isBase: at === 0 && entry.base,
              chipsShowId: entry.chips >= 0 && entry.chips < given.length && entry.chips !== at ? `r${entry.chips}` : null,
            }),
          );
          const borders = edges
            .map(([a, b, length, curved, free]) => [a % given.length, b % given.length, length, curved, free] as const)
            .filter(([a, b]) => a !== b)
            .map(([a, b, length, curved, free]) =>
              border(`r${a}`, `r${b}`, 400 * length, { form: curved ? 'curved' : 'straight', place: free ? 'free' : 'panelLine' }),
            );
          const asked = problem(regions, borders, {
            school: { seal: seal as 'under' | 'none', pull: 'dry' },
            coatsOver: (over, under) => coats[Number(over.slice(1)) * 6 + Number(under.slice(1))] ?? null,
          });
          const all = permutations(regions.map((entry) => entry.id)).map((order) => judgeMaskOrder(asked, order)?.cost ?? Infinity);
          const found = findMaskOrder(asked);
          expect(found?.cost ?? Infinity).toBeCloseTo(Math.min(...all), 6);
          if (found) expect(found.steps.reduce((sum, step) => sum + stepCost(step), 0)).toBeCloseTo(found.cost, 9);
        },
      ),
      { seed: 77, numRuns: 120 },
    );
  });
  it('sprays light before dark where the light one would have to hide the dark (common practice falls out of the coats)', () => {
    const asked = problem([region('dark'), region('light')], [border('dark', 'light')], {
      coatsOver: (over) => (over === 'light' ? 6 : 2),
    });
    expect(ids(findMaskOrder(asked))).toEqual(['light', 'dark']);
    const wrong = judgeMaskOrder(asked, ['dark', 'light']);
    expect(wrong?.extraCoats).toBe(4);
    expect(wrong?.steps[1]?.hidesId).toBe('dark');
  });
  it('lays a base under everything, and what chips show before their colour, with rubber between', () => {
    const asked = problem(
      [region('band', { chipsShowId: 'metal' }), region('metal', { isBase: true }), region('soot')],
      [border('band', 'metal')],
    );
    const found = findMaskOrder(asked);
    expect(ids(found)[0]).toBe('metal');
    expect(found?.steps.find((step) => step.regionId === 'band')?.rubberShowsId).toBe('metal');
    expect(judgeMaskOrder(asked, ['band', 'metal', 'soot'])).toBeNull();
    const rungs = maskRungs(found as NonNullable<typeof found>, asked.regions, asked.school);
    const names = rungs.map((rung) => rung.methodId);
    expect(names[0]).toBe('sprayCoat');
    expect(rungs.filter((rung) => rung.regionId === 'band').map((rung) => rung.methodId)).toEqual(
      found?.steps.find((step) => step.regionId === 'band')?.extraCoats === 0
        ? ['mask', 'maskRubber', 'edgeSeal', 'maskedCoat', 'maskedCoat', 'unmask']
        : [],
    );
    expect(rungs.filter((rung) => rung.methodId === 'mask').map((rung) => rung.note)).toContain('Tape 100 mm on metal; cover the rest.');
  });
  it('pulls while soft, or scores the edge and pulls once it is tape-safe, as the school has it', () => {
    const asked = problem([region('a'), region('b')], [border('a', 'b')]);
    const found = findMaskOrder(asked) as NonNullable<ReturnType<typeof findMaskOrder>>;
    const pulls = (pull: 'wet' | 'dry') =>
      maskRungs(found, asked.regions, { ...asked.school, pull }).filter(({ methodId }) => findMethod(methodId).endsMask);
    expect(pulls('wet').map(({ methodId }) => methodId)).toEqual(['unmask']);
    expect(pulls('dry').map(({ methodId }) => methodId)).toEqual(['scorePull']);
  });
  it('puts the film that waits longest for tape last, all else alike', () => {
    const found = findMaskOrder(
      problem([region('enamel', { tapeMinutes: 1440 }), region('lacquer', { tapeMinutes: 120 })], [border('enamel', 'lacquer')]),
    );
    expect(ids(found)).toEqual(['lacquer', 'enamel']);
  });
  it('tape is counted once a border, and a seal only where there is tape', () => {
    const found = findMaskOrder(
      problem([region('a'), region('b'), region('c')], [border('a', 'b', 120), border('b', 'c', 80), border('b', 'c', 20)], {
        school: { seal: 'none', pull: 'wet' },
      }),
    );
    expect(found?.tapeMillimetres).toBe(220);
    expect(found?.steps.every((step) => step.sealMinutes === 0)).toBe(true);
    const alone = findMaskOrder(problem([region('a'), region('b')], []));
    expect(alone?.tapeMillimetres).toBe(0);
    expect(alone?.steps.every((step) => step.sealMinutes === 0)).toBe(true);
  });
  it('two chips that show each other have no order', () => {
    expect(findMaskOrder(problem([region('a', { chipsShowId: 'b' }), region('b', { chipsShowId: 'a' })], []))).toBeNull();
  });
  it('painting apart saves the tape between parts, not within them', () => {
    const compared = compareApart(
      problem(
        [region('tank'), region('band'), region('cap', { partId: 'cap' })],
        [border('tank', 'band', 200), border('tank', 'cap', 300)],
      ),
    );
    expect(compared.joined?.tapeMillimetres).toBe(500);
    expect(compared.apartTapeMillimetres).toBe(200);
    expect(compared.apart?.map(({ partId }) => partId)).toEqual(['part', 'cap']);
    expect(compared.apartSaves ?? 0).toBeGreaterThan(0);
  });
  it.each([
    ['no region', [], []],
    ['a border to nowhere', [region('a')], [border('a', 'x')]],
    ['a border with itself', [region('a')], [border('a', 'a')]],
    ['one id twice', [region('a'), region('a')], []],
    ['two bases', [region('a', { isBase: true }), region('b', { isBase: true })], []],
    ['chips that show themselves', [region('a', { chipsShowId: 'a' })], []],
    ['a length below nothing', [region('a'), region('b')], [border('a', 'b', -1)]],
  ])('refuses %s', (_, regions, borders) => {
    expect(() => findMaskOrder(problem(regions, borders))).toThrow(RangeError);
  });
  it('refuses an order that leaves a region out', () => {
    expect(() => judgeMaskOrder(problem([region('a'), region('b')], []), ['a'])).toThrow(RangeError);
  });
});

describe('what an order takes', () => {
  const two = (extra: Partial<MaskBorder>, school: MaskProblem['school'] = { seal: 'under', pull: 'wet' }) =>
    judgeMaskOrder(problem([region('a'), region('b')], [border('a', 'b', 200, extra)], { school }), ['a', 'b']);
  it('is more for curved and free borders than for straight ones along a panel line', () => {
    const plain = two({})?.handsMinutes ?? 0;
    expect(two({ form: 'curved' })?.handsMinutes ?? 0).toBeGreaterThan(plain);
    expect(two({ form: 'curved', place: 'free' })?.handsMinutes ?? 0).toBeGreaterThan(two({ form: 'curved' })?.handsMinutes ?? 0);
  });
  it('risks less with a sealed edge, which takes hands and ten minutes (common practice)', () => {
    const sealed = two({});
    const bare = two({}, { seal: 'none', pull: 'wet' });
    expect(sealed?.riskMinutes ?? 0).toBeLessThan(bare?.riskMinutes ?? 0);
    expect((sealed?.handsMinutes ?? 0) - (bare?.handsMinutes ?? 0)).toBe(4);
    expect((sealed?.waitMinutes ?? 0) - (bare?.waitMinutes ?? 0)).toBe(10);
  });
  it('waits for the film under the tape, and between coats', () => {
    const found = judgeMaskOrder(
      problem([region('a', { tapeMinutes: 240 }), region('b', { coats: 3, recoatMinutes: 20 })], [], {
        school: { seal: 'none', pull: 'dry' },
      }),
      ['a', 'b'],
    );
    expect(found?.steps.map((step) => step.waitMinutes)).toEqual([10, 240 + 40]);
  });
  it('a region alone is sprayed with nothing masked, and its rungs are its coats', () => {
    const asked = problem([region('a', { coats: 3 })], []);
    const found = findMaskOrder(asked);
    expect(found).toMatchObject({ tapeMillimetres: 0, riskMinutes: 0, extraCoats: 0 });
    expect(maskRungs(found as NonNullable<typeof found>, asked.regions, asked.school).map((rung) => rung.name)).toEqual([
      'a 1',
      'a 2',
      'a 3',
    ]);
  });
  it('clear seals have no colour of a region; pulling dry says to score first', () => {
    const asked = problem([region('a'), region('b')], [border('a', 'b')], { school: { seal: 'clear', pull: 'dry' } });
    const found = judgeMaskOrder(asked, ['a', 'b']);
    const rungs = maskRungs(found as NonNullable<typeof found>, asked.regions, asked.school);
    expect(rungs.find((rung) => rung.methodId === 'edgeSeal')).toMatchObject({ name: 'Seal the edge with clear', productOfRegionId: null });
    expect(rungs.at(-1)?.note).toContain('score');
  });
});
