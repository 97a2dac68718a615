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
  it('waits for no coat after the only one', () => {
    const one = judgeMaskOrder(problem([region('alone', { coats: 1 })], []), ['alone']);
    expect(one?.steps[0]?.waitMinutes).toBe(0);
  });
  it('asks for no coat more where fewer than it has would hide the mist, or where the neighbour is a base of its part', () => {
    const stepOver = (first: Partial<MaskRegion>, coatsToHide: number) =>
      judgeMaskOrder(
        problem([region('first', first), region('next')], [border('first', 'next')], {
          coatsOver: (over) => (over === 'next' ? coatsToHide : 2),
        }),
        ['first', 'next'],
      )?.steps[1];
    expect(stepOver({}, 1)).toMatchObject({ coats: 2, extraCoats: 0, hidesId: null });
    expect(stepOver({}, 3)).toMatchObject({ coats: 3, extraCoats: 1, hidesId: 'first' });
    expect(stepOver({ isBase: true }, 3)).toMatchObject({ coats: 2, extraCoats: 0, hidesId: null });
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

  // Guessed minutes, written down a second time: tape 3 per 100 mm, × 1.8 curved, × 1.4 free; covering 1 and lifting 0.3 per 100 cm²; a bleed 2 per
  // 100 mm, a quarter of it sealed; sealing 4 of hands and 10 of waiting; a minute of waiting is worth 0.03.
  it('is the sum of its parts (by hand)', () => {
    const asked = (school: MaskProblem['school'], coatsOver: MaskProblem['coatsOver']) =>
      judgeMaskOrder(
        problem(
          [region('a'), region('b', { areaSquareCentimetres: 200, coats: 3, coatMinutes: 4, recoatMinutes: 20 })],
          [border('a', 'b', 250, { form: 'curved', place: 'free' })],
          { school, coatsOver },
        ),
        ['a', 'b'],
      );
    const sealed = asked({ seal: 'under', pull: 'wet' }, () => 5);
    const step = sealed?.steps[1];
    expect(step).toMatchObject({ coats: 5, extraCoats: 2, hidesId: 'a', sealMinutes: 4, coatMinutes: 20, waitMinutes: 60 + 10 + 4 * 20 });
    expect(step?.maskMinutes).toBeCloseTo(1 + 3 * 1.8 * 1.4 * 2.5, 9);
    expect(step?.riskMinutes).toBeCloseTo(0.3 + 2 * 1.8 * 1.4 * 2.5 * 0.25, 9);
    expect(step && stepCost(step)).toBeCloseTo(19.9 + 4 + 20 + 3.45 + 0.03 * 150, 9);
    expect(sealed).toMatchObject({ tapeMillimetres: 250, extraCoats: 2, waitMinutes: 10 + 150 });
    expect(sealed?.handsMinutes).toBeCloseTo(10 + 19.9 + 4 + 20, 9);
    expect(sealed?.cost).toBeCloseTo(10 + 0.03 * 10 + 51.85, 9);
    const bare = asked({ seal: 'none', pull: 'wet' }, () => null)?.steps[1];
    expect(bare?.riskMinutes).toBeCloseTo(0.3 + 2 * 1.8 * 1.4 * 2.5, 9);
    // A colour that does not hide the other at all counts as twelve coats.
    expect(bare).toMatchObject({ coats: 12, extraCoats: 9, sealMinutes: 0, waitMinutes: 60 + 11 * 20 });
  });
  it('of two stretches of one border is as hard as the harder one', () => {
    const tape = (...stretches: Partial<MaskBorder>[]) =>
      judgeMaskOrder(
        problem(
          [region('a', { areaSquareCentimetres: 0 }), region('b')],
          stretches.map((extra) => border('a', 'b', 100, extra)),
        ),
        ['a', 'b'],
      )?.steps[1]?.maskMinutes;
    expect(tape({})).toBeCloseTo(3, 9);
    expect(tape({}, { form: 'curved' })).toBeCloseTo(6 * 1.8, 9);
    expect(tape({ form: 'curved' }, {})).toBeCloseTo(6 * 1.8, 9);
    expect(tape({ place: 'free' }, {})).toBeCloseTo(6 * 1.4, 9);
    expect(tape({}, { place: 'free' })).toBeCloseTo(6 * 1.4, 9);
  });
  it('hides no base: that lies under it anyway', () => {
    const over = (extra: Partial<MaskRegion>) =>
      judgeMaskOrder(problem([region('base', extra), region('b')], [border('base', 'b')], { coatsOver: () => 9 }), ['base', 'b'])?.steps[1]
        ?.extraCoats;
    expect(over({ isBase: true })).toBe(0);
    expect(over({ isBase: false })).toBe(7);
    // The base of another part does not lie under this one.
    expect(over({ isBase: true, partId: 'other' })).toBe(7);
  });
  it('asks a base to come first on its own part only', () => {
    const asked = (partId: string) => problem([region('band'), region('metal', { isBase: true, partId })], []);
    expect(judgeMaskOrder(asked('part'), ['band', 'metal'])).toBeNull();
    expect(judgeMaskOrder(asked('other'), ['band', 'metal'])?.steps).toHaveLength(2);
  });
  it('is told up to twelve regions, and refused for none and for thirteen', () => {
    const some = (count: number) =>
      problem(
        Array.from({ length: count }, (_, at) => region(`r${at}`)),
        [],
      );
    expect(
      judgeMaskOrder(
        some(12),
        some(12).regions.map(({ id }) => id),
      )?.steps,
    ).toHaveLength(12);
    for (const count of [0, 13])
      expect(() =>
        judgeMaskOrder(
          some(count),
          some(count).regions.map(({ id }) => id),
        ),
      ).toThrow('1 to 12 regions');
    expect(findMaskOrder(problem([region('a'), region('b')], [border('a', 'b', 0)]))?.tapeMillimetres).toBe(0);
    expect(() => findMaskOrder(problem([region('a', { chipsShowId: 'x' })], []))).toThrow('chips');
    expect(() => findMaskOrder(problem([region('a'), region('b')], [border('x', 'a')]))).toThrow('border');
    const bases = problem([region('a', { isBase: true }), region('b', { isBase: true, partId: 'other' })], []);
    expect(findMaskOrder(bases)?.steps).toHaveLength(2);
  });
});

describe('painting apart', () => {
  it('saves the difference of both costs, and lets chips go that would show another part', () => {
    const asked = problem(
      [region('a', { chipsShowId: 'c' }), region('b', { chipsShowId: 'a' }), region('c', { partId: 'cap' })],
      [border('a', 'b', 200), border('a', 'c', 300)],
    );
    const { joined, apart, apartSaves } = compareApart(asked);
    const cost = apart?.reduce((sum, { order }) => sum + order.cost, 0) ?? NaN;
    expect(apartSaves).toBeCloseTo((joined?.cost ?? NaN) - cost, 9);
    const own = apart?.find(({ partId }) => partId === 'part')?.order.steps.map((step) => [step.regionId, step.rubberShowsId]);
    expect(own).toEqual([
      ['a', null],
      ['b', 'a'],
    ]);
  });
  it('has no answer where a part has no order of its own, and no saving where the whole has none', () => {
    const loop = [region('a', { chipsShowId: 'b' }), region('b', { chipsShowId: 'a' }), region('c', { partId: 'cap' })];
    expect(compareApart(problem(loop, []))).toEqual({ joined: null, apart: null, apartSaves: null, apartTapeMillimetres: null });
    const across = [region('a', { chipsShowId: 'b' }), region('b', { partId: 'cap', chipsShowId: 'a' })];
    expect(compareApart(problem(across, []))).toMatchObject({ joined: null, apartSaves: null, apartTapeMillimetres: 0 });
  });
});

describe('an order as rungs', () => {
  const regions = [
    region('tank', { areaSquareCentimetres: 120 }),
    region('band', { areaSquareCentimetres: 80, coats: 1, chipsShowId: 'tank' }),
    region('cap', { areaSquareCentimetres: 40, coats: 2 }),
  ];
  const asked = problem(regions, [border('tank', 'band', 149.6), border('band', 'cap', 50)], { coatsOver: () => 3 });
  // Asked within each test: what throws while tests are being gathered fails none of them.
  const order = () => judgeMaskOrder(asked, ['tank', 'band', 'cap']) as NonNullable<ReturnType<typeof judgeMaskOrder>>;
  const of = (regionId: string) => maskRungs(order(), regions, asked.school).filter((rung) => rung.regionId === regionId);

  it('masks what is there, over its area, for as long as the order reckons', () => {
    expect(of('band')[0]).toEqual({
      methodId: 'mask',
      name: 'Mask for band',
      regionId: 'band',
      productOfRegionId: null,
      // 1.2 min of covering and 4.488 of tape.
      minutes: 6,
      areaSquareCentimetres: 120,
      note: 'Tape 150 mm on tank; cover the rest.',
    });
    expect(of('cap')[0]).toMatchObject({ areaSquareCentimetres: 200, minutes: 4 });
  });
  it('takes a minute at least, and says so where there is no border to tape', () => {
    const small = [region('a', { areaSquareCentimetres: 1 }), region('b')];
    const found = judgeMaskOrder(problem(small, []), ['a', 'b']) as NonNullable<ReturnType<typeof judgeMaskOrder>>;
    const list = maskRungs(found, small, asked.school);
    expect(list.map(({ methodId }) => methodId)).toEqual(['sprayCoat', 'sprayCoat', 'mask', 'maskedCoat', 'maskedCoat', 'unmask']);
    expect(list.find(({ methodId }) => methodId === 'mask')).toMatchObject({ minutes: 1, note: 'Cover what is painted.' });
  });
  it('puts rubber on what is to show, seals with what lies under the tape, and counts the coats that hide', () => {
    expect(of('band').map(({ methodId, productOfRegionId }) => [methodId, productOfRegionId])).toEqual([
      ['mask', null],
      ['maskRubber', null],
      ['edgeSeal', 'tank'],
      ['maskedCoat', 'band'],
      ['maskedCoat', 'band'],
      ['maskedCoat', 'band'],
      ['unmask', null],
    ]);
    expect(of('band')[1]?.note).toContain('where tank is to show');
    expect(of('band')[2]?.name).toBe('Seal the edge with tank');
    expect(of('band').map(({ note }) => note.startsWith('One coat more'))).toEqual([false, false, false, false, true, true, false]);
    expect(of('band')[4]?.note).toContain('hide tank');
    expect(of('band').at(-1)?.note).toContain('soft');
  });
  it('refuses an order of regions that are not there', () => expect(() => maskRungs(order(), [], asked.school)).toThrow('no region tank'));
});
