import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '../caution/cautions';
import { PRODUCT_CLASSES, findProductClass } from '../cure/productClasses';
import { findMethod, METHODS } from './methods';
import { WORK_KINDS, workKindsOf } from './workKinds';

/** Kinds of work of a method with a product of a class, and the cautions a grown rung has. */
function kinds(methodId: string, classId?: string) {
  const method = findMethod(methodId);
  const product = classId === undefined ? null : findProductClass(classId);
  return workKindsOf({
    method,
    dryingKind: product?.drying.kind ?? null,
    cautions: [...method.cautions, ...(product?.cautions ?? [])],
  });
}

describe('what kinds of work a rung is', () => {
  it.each([
    ['prime', 'primer', ['spraying', 'solvents']],
    ['airbrushCoat', 'airbrushAcrylic', ['spraying']],
    ['sand', undefined, ['sanding']],
    ['firstCut', undefined, ['sanding', 'powerTools']],
    ['mask', undefined, ['masking']],
    ['brushCoat', 'brushAcrylic', ['brushwork']],
    ['brushCoat', 'enamelColour', ['solvents', 'brushwork']],
    ['fill', 'putty', ['solvents']],
    ['brushFilm', 'brushEpoxy', ['solvents']],
    ['solventSmooth', undefined, ['solvents']],
    ['washResin', undefined, ['solvents']],
    ['darkWash', 'acrylicWash', ['brushwork']],
    ['cut', undefined, []],
    ['lights', undefined, []],
  ] as const)('%s with %s: %j', (methodId, classId, expected) => expect(kinds(methodId, classId)).toEqual(expected));

  it('whatever is solvent or resin by its safety words is left to who handles such things, though its product is not known', () => {
    for (const { id, cautions } of PRODUCT_CLASSES)
      if (cautions.some((caution) => ['solventVapour', 'solventSpray', 'epoxy', 'bodyFiller'].includes(caution)))
        expect({ id, kinds: workKindsOf({ method: findMethod('fill'), dryingKind: null, cautions }) }).toEqual({ id, kinds: ['solvents'] });
  });
  it('every kind is asked by some method, and has a name and a note', () => {
    const known = new Set(CAUTIONS.map(({ id }) => id));
    const asked = METHODS.flatMap((method) => workKindsOf({ method, dryingKind: 'solvent', cautions: method.cautions }));
    expect(new Set(asked)).toEqual(new Set(WORK_KINDS.map(({ id }) => id)));
    for (const { name, note } of WORK_KINDS) expect(name.length * note.length).toBeGreaterThan(0);
    expect(known.has('dust')).toBe(true);
  });
});
