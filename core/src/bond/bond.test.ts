import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findProductClass } from '../cure/productClasses';
import { fitClearance } from '../film/fitClearance';
import { MATERIALS } from '../ladder/materials';
import { ADHESIVES, chooseAdhesive } from './adhesives';
import { remedyDryFit, remedyFit } from './fitRemedies';
import { adviseJoining } from './joinAdvice';
import { orderJoins } from './joinOrder';
import { seamFiller } from './seamFiller';

describe('adhesives', () => {
  const ask = { first: 'rigid', second: 'rigid', load: 'display', gapMillimetres: 0.1, isSeenThrough: false } as const;
  const best = (change: Partial<Parameters<typeof chooseAdhesive>[0]>) => chooseAdhesive({ ...ask, ...change })[0]?.adhesive.id;
  it('are chosen as practice chooses them', () => {
    expect(best({ gapMillimetres: 1 })).toBe('epoxy');
    expect(best({ load: 'worn' })).toBe('epoxy');
    expect(best({ first: 'flexible', second: 'flexible', load: 'worn' })).toBe('contact');
    expect(['slurryWeld', 'epoxy']).toContain(best({ first: 'soluble', second: 'soluble', load: 'worn' }));
    expect(
      chooseAdhesive({ ...ask, first: 'translucent', isSeenThrough: true }).find((choice) => choice.adhesive.id === 'cyanoacrylate')
        ?.reasons,
    ).toContain('fogs clear parts');
    expect(chooseAdhesive({ ...ask, first: 'soluble' }).find((choice) => choice.adhesive.id === 'contact')?.score).toBe(0);
  });
  it('for every pair and load something holds, the order is by score, and the times are the class’s', () => {
    for (const { id: first } of MATERIALS)
      for (const { id: second } of MATERIALS)
        for (const load of ['display', 'handled', 'worn'] as const) {
          const choices = chooseAdhesive({ ...ask, first, second, load });
          expect(choices.map((choice) => choice.score)).toEqual(choices.map((choice) => choice.score).toSorted((a, b) => b - a));
          expect(choices[0]?.score).toBeGreaterThan(0);
          expect(choices.every((choice) => choice.reasons.length > 0)).toBe(true);
        }
    for (const { classId } of ADHESIVES) expect(findProductClass(classId).id).toBe(classId);
    expect(chooseAdhesive(ask).find((choice) => choice.adhesive.id === 'epoxy')).toMatchObject({
      setMinutes: 5,
      handleMinutes: 20,
      fullMinutes: 1440,
    });
  });
});

describe('the order of joining', () => {
  const joint = (first: string, second: string, errorMillimetres = 0.3) => ({ first, second, errorMillimetres });
  it('begins in the middle of a chain, so that error gathers over half of it', () => {
    const chain = ['a', 'b', 'c', 'd', 'e'];
    const order = orderJoins(chain, [joint('a', 'b'), joint('b', 'c'), joint('c', 'd'), joint('d', 'e')]);
    expect(order.first).toBe('c');
    expect(order.worstMillimetres).toBeCloseTo(0.3 * Math.SQRT2, 9);
    expect(order.steps.at(-1)?.errorMillimetres).toBe(order.worstMillimetres);
  });
  it('closes rings last and says what they gather; pieces without a joint stand apart', () => {
    const order = orderJoins(['a', 'b', 'c', 'x'], [joint('a', 'b'), joint('b', 'c'), joint('c', 'a', 0.5)]);
    expect(order.closing.map(({ joint: { first, second } }) => first + second)).toEqual(['ca']);
    expect(order.closing[0]?.gapMillimetres).toBeCloseTo(0.3 * Math.SQRT2, 9);
    expect(order.apart).toEqual(['x']);
    expect(orderJoins([], [])).toMatchObject({ first: '', steps: [] });
  });
  it('takes the surer of two joints, adds errors as squares, and of equal beginnings the first', () => {
    const order = orderJoins(['a', 'b', 'c'], [joint('a', 'b', 0.5), joint('a', 'b', 0.3), joint('b', 'c', 0.4)]);
    expect(order).toMatchObject({ first: 'b', worstMillimetres: 0.4, closing: [], apart: [] });
    expect(order.steps).toEqual([
      { piece: 'a', onto: 'b', errorMillimetres: 0.3 },
      { piece: 'c', onto: 'b', errorMillimetres: 0.4 },
    ]);
    expect(orderJoins(['b', 'a'], [joint('a', 'b')]).first).toBe('b');
    expect(orderJoins(['a'], [])).toEqual({ first: 'a', steps: [], worstMillimetres: 0, closing: [], apart: [] });
  });
  it('begins where most pieces can be reached, whatever the error there', () => {
    const order = orderJoins(['x', 'y', 'a', 'b', 'c'], [joint('x', 'y', 0.01), joint('a', 'b', 2), joint('b', 'c', 2)]);
    expect(order.first).toBe('b');
    expect(order.apart).toEqual(['x', 'y']);
  });
  it('joins each piece once, onto one that stands already (property)', () => {
    const pieces = ['a', 'b', 'c', 'd', 'e', 'f'];
    const some = fc.array(fc.tuple(fc.constantFrom(...pieces), fc.constantFrom(...pieces), fc.double({ min: 0.05, max: 1, noNaN: true })), {
      maxLength: 12,
    });
    fc.assert(
      fc.property(some, (given) => {
        const order = orderJoins(
          pieces,
          given.filter(([a, b]) => a !== b).map(([a, b, error]) => joint(a, b, error)),
        );
        const standing = new Set([order.first]);
        for (const { piece, onto } of order.steps) {
          expect(standing.has(onto)).toBe(true);
          expect(standing.has(piece)).toBe(false);
          standing.add(piece);
        }
        expect([...standing, ...order.apart].toSorted()).toEqual(pieces);
      }),
    );
  });
});

describe('seams', () => {
  it('take the gap, the wedge of the step and a skin (numbers by hand)', () => {
    // 306 mm; gap 0.5 × 2; step 0.3 drawn out 6 mm; skin 0.2 × 6: 1 + 0.9 + 1.2 = 3.1 mm², × 1.25.
    const filler = seamFiller({ lengthMillimetres: 306, gapMillimetres: 0.5, depthMillimetres: 2, stepMillimetres: 0.3 });
    expect(filler.featherMillimetres).toBe(6);
    expect(filler.millilitres).toBeCloseTo((306 * 3.1 * 1.25) / 1000, 9);
    expect(seamFiller({ lengthMillimetres: 100, gapMillimetres: 0, depthMillimetres: 0, stepMillimetres: 1 }).featherMillimetres).toBe(20);
    expect(() => seamFiller({ lengthMillimetres: -1, gapMillimetres: 0, depthMillimetres: 0, stepMillimetres: 0 })).toThrow(RangeError);
  });
});

describe('a seam without a step', () => {
  const seam = { lengthMillimetres: 100, gapMillimetres: 0, depthMillimetres: 0, stepMillimetres: 0 };
  it('is drawn out by six millimetres, more once twenty times its step is more', () => {
    expect(seamFiller(seam).featherMillimetres).toBe(6);
    expect(seamFiller(seam).millilitres).toBeCloseTo((100 * 6 * 0.2 * 1.25) / 1000, 12);
    expect(seamFiller({ ...seam, stepMillimetres: 0.31 }).featherMillimetres).toBeCloseTo(6.2, 9);
    expect(seamFiller({ ...seam, lengthMillimetres: 0 }).millilitres).toBe(0);
  });
  it.each(['lengthMillimetres', 'gapMillimetres', 'depthMillimetres', 'stepMillimetres'] as const)(
    'refuses %s below 0 or without end',
    (key) => {
      for (const value of [-0.1, Number.NaN, Infinity]) expect(() => seamFiller({ ...seam, [key]: value })).toThrow(RangeError);
    },
  );
});

describe('join or paint first', () => {
  const question = {
    isOneColour: true,
    isSeamSeen: true,
    isReachable: true,
    mustComeOff: false,
    takesFiller: true,
    borderMillimetres: 200,
  };
  it('follows colours and seams as practice does, with its reason', () => {
    expect(adviseJoining(question)).toMatchObject({ joining: 'joinFirst', maskingMinutes: 0 });
    expect(adviseJoining({ ...question, isOneColour: false, isSeamSeen: false })).toMatchObject({
      joining: 'paintApart',
      maskingMinutes: 6,
    });
    expect(adviseJoining({ ...question, isOneColour: false }).joining).toBe('assembleAndMask');
    expect(adviseJoining({ ...question, isReachable: false }).joining).toBe('paintApart');
    expect(adviseJoining({ ...question, mustComeOff: true })).toMatchObject({
      joining: 'paintApart',
      reason: expect.stringContaining('come off') as string,
    });
    expect(adviseJoining({ ...question, isSeamSeen: false })).toMatchObject({
      joining: 'joinFirst',
      reason: expect.stringContaining('one part to handle') as string,
    });
    expect(adviseJoining({ ...question, takesFiller: false })).toMatchObject({ joining: 'paintApart', maskingMinutes: 0 });
  });
});

describe('remedies of a fit', () => {
  const pair = {
    holeMillimetres: 10.4,
    shaftMillimetres: 10,
    holeFilmMicrometres: 100,
    shaftFilmMicrometres: 100,
    printErrorMillimetres: 0,
  };
  it('are the least work first, masking only where it is enough, nothing where it moves', () => {
    expect(remedyFit(fitClearance({ ...pair, holeFilmMicrometres: 20, shaftFilmMicrometres: 20 }))).toEqual([]);
    const painted = remedyFit(fitClearance(pair));
    expect(painted.map((remedy) => remedy.id)).toEqual(['mask', 'open', 'takeDown', 'reprint']);
    const tight = remedyFit(fitClearance({ ...pair, printErrorMillimetres: 0.6 }));
    expect(tight.some((remedy) => remedy.id === 'mask')).toBe(false);
    expect(remedyFit(fitClearance({ ...pair, printErrorMillimetres: 2 })).map((remedy) => remedy.id)).toEqual(['reprint']);
  });
  it('cost four minutes for each tenth begun, up to what a hand still takes off (guessed)', () => {
    const off = (openByMillimetres: number, isMaskingEnough = false) =>
      remedyFit({ ...fitClearance(pair), openByMillimetres, isMaskingEnough }).map(({ id, minutes }) => [id, minutes]);
    const byHand = (minutes: number) => [
      ['open', minutes],
      ['takeDown', minutes],
      ['reprint', 10],
    ];
    expect(off(0.3)).toEqual(byHand(12));
    expect(off(0.31)).toEqual(byHand(16));
    expect(off(0.8)).toEqual(byHand(32));
    expect(off(0.81)).toEqual([['reprint', 10]]);
    expect(off(0.01, true)).toEqual([['mask', 6], ...byHand(4)]);
    expect(off(0)).toEqual([]);
    expect(remedyFit({ ...fitClearance(pair), openByMillimetres: 0.256, isMaskingEnough: true })[2]?.name).toBe(
      'Take the shaft down by 0.26 mm',
    );
  });
  it('of a dry fit cost what they cost', () => {
    const minutes = (...given: Parameters<typeof remedyDryFit>) => remedyDryFit(...given).map((remedy) => remedy.minutes);
    expect(minutes('tight', 0)).toEqual([12, 8, 10]);
    expect(minutes('loose', 0)).toEqual([5, 15]);
    expect(minutes('gap', 2)).toEqual([15, 10]);
    expect(minutes('gap', 2.1)).toEqual([25, 10]);
    expect(remedyDryFit('gap', 2)[0]?.name).toContain('epoxy');
    expect(remedyDryFit('notTried', 0)).toEqual([]);
  });
  it('of a dry fit are there for all that is wrong', () => {
    for (const fit of ['tight', 'loose', 'gap'] as const) expect(remedyDryFit(fit, 1).length).toBeGreaterThan(1);
    expect(remedyDryFit('fits', 0)).toEqual([]);
    expect(remedyDryFit('gap', 3)[0]?.name).toContain('strip');
  });
});
