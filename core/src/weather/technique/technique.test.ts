import { describe, expect, it } from 'vitest';
import { findCautions } from '../../caution/cautions';
import { labOfHex } from '../../colour/lab';
import { findProductClass } from '../../cure/productClasses';
import { findMethod } from '../../ladder/methods';
import { gatherFields, thinOut, USUAL_SETUP } from '../field/weatherFields';
import { createRehearsal } from '../seen/rehearsal';
import { CHECK_BASE } from '../testing/checkPasses';
import { crate } from '../testing/solids';
import { paintForTechnique, passFor, usualLab } from './passFor';
import { findTechnique, TECHNIQUES } from './techniques';

const fields = thinOut(
  gatherFields(crate(), {
    ...USUAL_SETUP,
    handlingPins: [[120, 0, 60]],
    runOffPins: [
      [110, 80, 40],
      [60, 80, 55],
    ],
  }),
  5,
);
const rehearsal = createRehearsal(fields, [0, 0, 1], CHECK_BASE);

describe('every technique', () => {
  it.each(TECHNIQUES.map((technique) => [technique.id, technique] as const))(
    '%s names what there is, and lands somewhere',
    (_, technique) => {
      expect(() => findProductClass(technique.classId)).not.toThrow();
      expect(findMethod(technique.methodId)).toBeDefined();
      expect(() => findCautions(technique.cautions)).not.toThrow();
      expect(() => labOfHex(technique.usualHex)).not.toThrow();
      for (const words of [technique.lands, technique.tool, technique.overdone, technique.before.why, technique.after.why])
        expect(words.length).toBeGreaterThan(8);
      const paint = paintForTechnique(technique, usualLab(technique));
      const film = (amount: number): Float32Array => rehearsal.film(passFor(technique, paint, { amount }));
      expect(film(0).every((coats) => coats === 0)).toBe(true);
      const landed = film(1).filter((coats) => coats > 0).length / fields.count;
      expect(landed).toBeGreaterThan(0.005);
      expect(film(1)).toEqual(film(1));
    },
  );
  it('has an id of its own; spirit and oil come with their cautions; powders are never sealed', () => {
    expect(new Set(TECHNIQUES.map(({ id }) => id)).size).toBe(TECHNIQUES.length);
    for (const technique of TECHNIQUES) {
      if (technique.thinning.with === 'white spirit')
        expect(technique.cautions).toEqual(expect.arrayContaining(['oilRags', 'solventVapour']));
      if (technique.methodId === 'dustOn') expect(technique.after.clear).toBe('never');
    }
    expect(() => findTechnique('none')).toThrow(RangeError);
  });
  it('goes from large to small: rubber under the colour first, dust last', () => {
    expect(TECHNIQUES[0]?.id).toBe('chipsTaken');
    expect(TECHNIQUES.at(-1)?.id).toBe('dust');
    expect(TECHNIQUES.map(({ order }) => order)).toEqual(TECHNIQUES.map(({ order }) => order).toSorted((a, b) => a - b));
  });
  it('of every school there are both sides', () => {
    const sides = new Map<string, Set<string>>();
    for (const { school } of TECHNIQUES) if (school) sides.set(school.question, (sides.get(school.question) ?? new Set()).add(school.side));
    for (const question of ['wipe or leave', 'chips added or taken away', 'rust up or down'])
      expect(sides.get(question)?.size, question).toBe(2);
  });
});
