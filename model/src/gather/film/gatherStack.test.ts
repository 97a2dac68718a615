import { checkStack } from '@zinc-ladder/core/compatibility/checkStack';
import { findMaskOrder } from '@zinc-ladder/core/mask/maskOrder';
import { describe, expect, it } from 'vitest';
import { makeSampleProduct } from '../../testing/sampleProduct';
import type { Product } from '../../records/shop/product';
import type { Rung } from '../../records/ladder/rung';
import { makeSampleProject } from '../../testing/sampleProject';
import { maskProblemOf } from './gatherMasks';
import { gatherStack, hardAtMs } from './gatherStack';
import { NEW_RUNG } from '../grow/growRungs';

const product = (id: string, classId: string, colourHex = '#808080'): Product => makeSampleProduct(id, classId, { colourHex });
const PRODUCTS = new Map(
  [product('primer', 'primer'), product('enamel', 'enamelColour', '#2c4a86'), product('clear', 'lacquerClear')].map((entry) => [
    entry.id,
    entry,
  ]),
);
const rung = (id: string, methodId: string, productId: string | null = null): Rung => ({
  ...NEW_RUNG,
  id,
  ladderId: 'l',
  name: id,
  methodId,
  productId,
});
const RUNGS = [
  rung('wash', 'wash'),
  rung('prime', 'prime', 'primer'),
  rung('blue', 'sprayCoat', 'enamel'),
  rung('gloss', 'clear', 'clear'),
];
const MINUTE = 60_000;

describe('the stack of a ladder', () => {
  it('knows how far the film under each rung is by label minutes', () => {
    const at = (minutes: number) => (id: string) =>
      id === 'gloss' ? { startMs: minutes * MINUTE, endMs: (minutes + 5) * MINUTE } : { startMs: 0, endMs: 0 };
    const steps = gatherStack(RUNGS, PRODUCTS, at(120));
    expect(steps.find((step) => step.id === 'gloss')).toMatchObject({
      classId: 'lacquerClear',
      underIsHard: false,
      underWindowIsShut: true,
    });
    expect(checkStack('rigid', steps).map((finding) => finding.ruleId)).toContain('lacquerOverSoftEnamel');
    const later = gatherStack(RUNGS, PRODUCTS, at(8 * 24 * 60));
    expect(later.find((step) => step.id === 'gloss')).toMatchObject({ underIsHard: true, underWindowIsShut: false });
    expect(checkStack('rigid', later).map((finding) => finding.ruleId)).not.toContain('lacquerOverSoftEnamel');
  });
  it('is hard when its label says, by the product’s own value where it has one', () => {
    const enamel = PRODUCTS.get('enamel') as Product;
    expect(hardAtMs(enamel, 1000)).toBe(1000 + 7 * 24 * 60 * MINUTE);
    const quick: Product = { ...enamel, values: [{ field: 'hardMinutes', value: 90, origin: 'label', note: '' }] };
    expect(hardAtMs(quick, 0)).toBe(90 * MINUTE);
  });
  it('says nothing of states without times, and passes over what is left out', () => {
    const steps = gatherStack([...RUNGS, { ...rung('gone', 'clear', 'clear'), state: 'leftOut' }], PRODUCTS, () => null);
    expect(steps.map((step) => step.id)).toEqual(['wash', 'prime', 'blue', 'gloss']);
    expect(steps.every((step) => step.underIsHard === null)).toBe(true);
  });
});

describe('a mask plan as a problem', () => {
  it('takes times from products and coats from their colours', () => {
    const [plan] = makeSampleProject().maskPlans;
    const [pattern] = plan?.regions ?? [];
    if (!plan || !pattern) throw new Error('no plan');
    const colours = [
      product('black', 'lacquerColour', '#232221'),
      product('yellow', 'lacquerColour', '#e8c51a'),
      product('brass', 'metallicLacquer', '#a8843c'),
    ];
    const problem = maskProblemOf(
      {
        ...plan,
        regions: colours.map(({ id }) => ({ ...pattern, id, name: id, productId: id, coats: 2, isBase: false })),
        borders: [{ firstId: 'black', secondId: 'yellow', lengthMillimetres: 100, form: 'straight', place: 'free' }],
      },
      new Map(colours.map((entry) => [entry.id, entry])),
      0,
    );
    expect(problem.regions.find((region) => region.id === 'yellow')?.tapeMinutes).toBe(120);
    expect(problem.coatsOver('yellow', 'black') ?? 99).toBeGreaterThan(problem.coatsOver('black', 'yellow') ?? 0);
    expect(problem.coatsOver('brass', 'black')).toBe(2);
    expect(
      findMaskOrder(problem)
        ?.steps.map((step) => step.regionId)
        .indexOf('yellow'),
    ).toBeLessThan(
      findMaskOrder(problem)
        ?.steps.map((step) => step.regionId)
        .indexOf('black') ?? 0,
    );
  });
});
