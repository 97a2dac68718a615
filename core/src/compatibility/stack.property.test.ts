import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PRODUCT_CLASSES } from '../cure/productClasses';
import { MATERIALS } from '../ladder/materials';
import type { StackStep } from './checkStack';
import { checkStack } from './checkStack';

const material = fc.constantFrom(...MATERIALS.map((entry) => entry.id));
const step = fc.record({
  classId: fc.constantFrom(null, ...PRODUCT_CLASSES.map((entry) => entry.id)),
  methodId: fc.constantFrom('sprayCoat', 'prime', 'brushCoat', 'scuff', 'degrease', 'sand', 'wash', 'inspect'),
  underIsHard: fc.constantFrom(null, true, false),
  underWindowIsShut: fc.constantFrom(null, true, false),
});
const stack = fc
  .array(step, { maxLength: 9 })
  .map((steps): StackStep[] =>
    steps.map((entry, at) => ({ ...entry, id: `s${at}`, name: `rung ${at}`, productName: entry.classId ?? '' })),
  );
const plain = (id: string, methodId: string): StackStep => ({
  id,
  name: id,
  methodId,
  classId: null,
  productName: '',
  underIsHard: null,
  underWindowIsShut: null,
});

describe('any stack (property)', () => {
  it('gives findings that name rungs of it, each rule once a rung, with a remedy in words', () => {
    fc.assert(
      fc.property(material, stack, (on, steps) => {
        const findings = checkStack(on, steps);
        const ids = new Set(steps.map((entry) => entry.id));
        const seen = new Set<string>();
        for (const finding of findings) {
          expect(ids).toContain(finding.stepId);
          if (finding.underId !== null) expect(ids).toContain(finding.underId);
          expect(finding.remedyWords.length).toBeGreaterThan(5);
          const key = `${finding.ruleId}/${finding.stepId}`;
          expect(seen).not.toContain(key);
          seen.add(key);
        }
      }),
      { seed: 12, numRuns: 200 },
    );
  });
  it('scuffing before every film, after a wash, never adds a finding', () => {
    fc.assert(
      fc.property(material, stack, (on, steps) => {
        const careful = steps.flatMap((entry) => [
          plain(`d-${entry.id}`, 'degrease'),
          plain(`w-${entry.id}`, 'washResin'),
          plain(`c-${entry.id}`, 'scuff'),
          entry,
        ]);
        const before = new Set(checkStack(on, steps).map((finding) => `${finding.ruleId}/${finding.stepId}`));
        for (const finding of checkStack(on, careful)) expect(before).toContain(`${finding.ruleId}/${finding.stepId}`);
      }),
      { seed: 13, numRuns: 200 },
    );
  });
  it('a film that is known to be hard is never told to wait', () => {
    fc.assert(
      fc.property(material, stack, (on, steps) => {
        const hard = steps.map((entry) => ({ ...entry, underIsHard: true, underWindowIsShut: false }));
        for (const finding of checkStack(on, hard)) expect(finding.remedy.kind).not.toBe('waitHard');
      }),
      { seed: 14, numRuns: 150 },
    );
  });
});
