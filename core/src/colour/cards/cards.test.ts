import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../random/seededRandom';
import type { Lab } from '../lab';
import { difference, labOfHex } from '../lab';
import { mixLab, mixMass, paintOf } from '../paint';
import { correctMix, withAddition } from './correctMix';
import { labByEye } from './labByEye';
import { learnStrengths } from './learnStrengths';

const HEXES = { white: '#f1efe9', black: '#2a2a29', green: '#1d5a48', ochre: '#b98a33', umber: '#4b3224' };
const TRUE = { white: 1, black: 3, green: 1.6, ochre: 0.6, umber: 1.2 };
type Name = keyof typeof HEXES;
const named = (name: Name, strength: number) => paintOf(name, labOfHex(HEXES[name]), strength);
const names = Object.keys(HEXES) as Name[];
const truth = names.map((name) => named(name, TRUE[name]));
const guessed = names.map((name) => named(name, 1));
const get = (paints: typeof truth, id: string) => paints.find((paint) => paint.id === id) as (typeof truth)[number];
const mixed = (paints: typeof truth, parts: readonly (readonly [Name, number])[]) =>
  parts.map(([id, amount]) => ({ paint: get(paints, id), parts: amount }));

describe('strengths learned from cards', () => {
  const random = seededRandom(5);
  const noise = (): number => random() + random() + random() - 1.5;
  const recipes: readonly (readonly (readonly [Name, number])[])[] = [
    ...(['black', 'green', 'ochre', 'umber'] as const).flatMap((id) =>
      [4, 8, 16].map(
        (white) =>
          [
            ['white', white],
            [id, 1],
          ] as const,
      ),
    ),
    [
      ['green', 6],
      ['ochre', 3],
      ['black', 1],
    ],
    [
      ['umber', 3],
      ['ochre', 3],
    ],
  ];
  const cards = recipes.map((parts, at) => {
    const lab = mixLab(mixed(truth, parts));
    return {
      id: `card-${at}`,
      parts: parts.map(([paintId, amount]) => ({ paintId, parts: amount })),
      lab: [lab[0] + 0.5 * noise(), lab[1] + 0.5 * noise(), lab[2] + 0.5 * noise()] as Lab,
    };
  });
  it('come back within a tenth from tints with white read with noise, and shrink the error of every prediction', () => {
    const learned = learnStrengths(guessed, cards, 'white', 0);
    for (const { paintId, after, before } of learned.paints) {
      expect(before).toBe(1);
      expect(after / TRUE[paintId as Name]).toBeGreaterThan(0.88);
      expect(after / TRUE[paintId as Name]).toBeLessThan(1.14);
    }
    expect(learned.paints.map((paint) => paint.paintId)).not.toContain('white');
    expect(learned.meanAfter).toBeLessThan(learned.meanBefore / 4);
  });
  it('learned twice from the same cards, nothing moves the second time', () => {
    const once = learnStrengths(guessed, cards, 'white', 0);
    const taken = guessed.map((paint) => ({
      ...paint,
      strength: once.paints.find((entry) => entry.paintId === paint.id)?.after ?? paint.strength,
    }));
    for (const paint of learnStrengths(taken, cards, 'white', 0).paints) expect(paint.after / paint.before).toBeCloseTo(1, 3);
  });
  it('with few cards a strength stays near what is usual for its pigment; with many it does not matter', () => {
    const usual = new Map([['green', 6.5]]);
    const [few] = learnStrengths(guessed, cards.slice(3, 4), 'white', 0).paints;
    const [pulled] = learnStrengths(guessed, cards.slice(3, 4), 'white', 0, usual).paints;
    expect(pulled?.paintId).toBe('green');
    expect(pulled?.after).toBeGreaterThan(few?.after ?? 0);
    const many = learnStrengths(guessed, cards, 'white', 0, usual).paints.find((paint) => paint.paintId === 'green');
    expect((many?.after ?? 0) / TRUE.green).toBeLessThan(1.14);
  });
  it('a paint no card speaks of keeps its strength; a lone card of one paint teaches nothing', () => {
    const learned = learnStrengths(
      guessed,
      [...cards.slice(0, 3), { id: 'lone', parts: [{ paintId: 'ochre', parts: 3 }], lab: [50, 0, 0] }],
      'white',
      0,
    );
    expect(learned.paints.map((paint) => paint.paintId)).toEqual(['black']);
    expect(learnStrengths(guessed, [], 'white', 0)).toMatchObject({ paints: [], cards: [], meanBefore: 0 });
  });
  it('one doubtful card moves a strength less than many say', () => {
    const wild = {
      id: 'wild',
      parts: [
        { paintId: 'white', parts: 8 },
        { paintId: 'black', parts: 1 },
      ],
      lab: [90, 0, 0] as Lab,
    };
    const one = learnStrengths(guessed, [wild], 'white', 0).paints[0];
    const all = learnStrengths(guessed, [...cards, wild], 'white', 0).paints.find((paint) => paint.paintId === 'black');
    expect(one?.after).toBeLessThan(1);
    expect(all?.after).toBeGreaterThan(1.8);
  });
});

describe('the correction of a mix', () => {
  const parts = mixed(truth, [
    ['green', 6],
    ['ochre', 5],
    ['black', 1],
  ]);
  const target = mixLab(
    mixed(truth, [
      ['green', 8],
      ['ochre', 3],
      ['black', 2],
    ]),
  );
  const batch = paintOf('batch', mixLab(parts), mixMass(parts) / 12);
  it('only adds, the smallest that helps first, each larger one worth its drops', () => {
    const found = correctMix(batch, 12, truth, target, 0);
    expect(found.length).toBeGreaterThan(0);
    const start = difference(batch.lab, target);
    let before = start;
    let drops = 0;
    for (const step of found) {
      expect(step.difference).toBeLessThan(before - 0.49);
      expect(step.addedParts).toBeGreaterThan(drops);
      expect(step.totalParts).toBe(12 + step.addedParts);
      expect(step.parts.length).toBeLessThanOrEqual(2);
      before = step.difference;
      drops = step.addedParts;
    }
    expect(before).toBeLessThan(start / 3);
  });
  it('does what mixing the same on top would do', () => {
    const [first] = correctMix(batch, 12, truth, target, 0);
    const together = mixLab([
      ...parts,
      ...(first?.parts ?? []).map(({ paintId, parts: more }) => ({ paint: get(truth, paintId), parts: more })),
    ]);
    expect(difference(together, first?.lab ?? [0, 0, 0])).toBeLessThan(0.6);
  });
  it('written down, adds to what is left and to paints that are in it already', () => {
    const written = [
      { productId: 'green', name: 'Green', amount: 6 },
      { productId: null, name: 'water', amount: 3 },
    ];
    const added = withAddition(
      written,
      0.5,
      {
        parts: [
          { paintId: 'green', parts: 2 },
          { paintId: 'black', parts: 1 },
        ],
      },
      (id) => id.toUpperCase(),
    );
    expect(added).toEqual([
      { productId: 'green', name: 'Green', amount: 5 },
      { productId: null, name: 'water', amount: 1.5 },
      { productId: 'black', name: 'BLACK', amount: 1 },
    ]);
    expect(written[0]?.amount).toBe(6);
  });
  it('says nothing where no addition helps, and refuses an empty batch', () => {
    expect(correctMix(batch, 12, truth, batch.lab, 0)).toEqual([]);
    expect(() => correctMix(batch, 0, truth, target, 0)).toThrow(RangeError);
  });
});

describe('a card judged by eye', () => {
  it('lies off the target as it was said', () => {
    const lab = labByEye([50, -10, 5], {
      lightness: { step: 'touch', towards: 'darker' },
      redness: { step: 'none', towards: 'redder' },
      yellowness: { step: 'much', towards: 'yellower' },
    });
    expect(lab).toEqual([48.5, -10, 14]);
  });
});
