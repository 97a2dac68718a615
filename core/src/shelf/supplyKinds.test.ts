import { describe, expect, it } from 'vitest';
import type { SupplyWork } from './supplyKinds';
import { findSupplyKind, gritNumber, SUPPLY_KINDS } from './supplyKinds';

const WORK: SupplyWork = {
  methodId: 'sand',
  isSprayed: false,
  isLoud: false,
  isAirbrushed: false,
  isTwoPart: false,
  grit: null,
  cautions: [],
  minutes: 30,
  areaSquareCentimetres: 1200,
  pieces: 4,
};

/** What a rung takes of every kind, nothing left out. */
function taken(work: Partial<SupplyWork>): Record<string, number> {
  return Object.fromEntries(
    SUPPLY_KINDS.flatMap(({ id, takes }) => {
      const amount = takes({ ...WORK, ...work });
      return amount === 0 ? [] : [[id, amount]];
    }),
  );
}

describe('what a rung uses up beside its product', () => {
  it('of paper goes by grit and area: coarse paper is blunt first', () => {
    expect(taken({ grit: 120 })).toEqual({ abrasiveSheet: 1.5 });
    expect(taken({ grit: 150 })).toEqual({ abrasiveSheet: 1.5 });
    expect(taken({ grit: 180 })).toEqual({ abrasiveSheet: 1 });
    expect(taken({ grit: 320 })).toEqual({ abrasiveSheet: 1 });
    expect(taken({ grit: 400 })).toEqual({ abrasiveSheet: 0.75 });
  });
  it('with a tool is discs, not sheets', () => expect(taken({ grit: 100, isLoud: true })).toEqual({ abrasiveDisc: 2 }));
  it('of tape goes by pieces and area', () => expect(taken({ methodId: 'mask' })).toEqual({ tape: 9.2, maskingFilm: 1.2 }));
  it('of gloves and cartridges goes by what is breathed and touched', () => {
    expect(taken({ cautions: ['solventSpray'] })).toEqual({ gloves: 0.5, cartridge: 0.5 });
    expect(taken({ cautions: ['epoxy'], isTwoPart: true })).toEqual({ gloves: 0.5, cups: 1 });
    expect(taken({ cautions: ['dust'] })).toEqual({});
  });
  it('of cleaner goes by the airbrush', () => expect(taken({ isAirbrushed: true })).toEqual({ thinner: 10 }));
  it.each([
    ['P180', 180],
    ['400', 400],
    ['P1200 wet', 1200],
    ['last', null],
    [null, null],
  ] as const)('grit “%s” is %s', (text, grit) =>
    // prettier-ignore
    expect(gritNumber(text)).toBe(grit),
  );
  it('knows its kinds', () => expect(() => findSupplyKind('none such')).toThrow(RangeError));
});
