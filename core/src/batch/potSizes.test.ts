import { describe, expect, it } from 'vitest';
import { PRODUCT_CLASSES } from '../cure/productClasses';
import { usualPotMillilitres } from './potSizes';

describe('usual pots (common practice, from memory)', () => {
  // Written down a second time, apart from the data: cans 400, dropper bottles 17, and what comes in sizes of its own.
  const ML: Readonly<Record<number, readonly string[]>> = {
    400: [
      ...['fillerPrimer', 'primer', 'adhesionPrimer', 'lacquerColour', 'lacquerClear', 'enamelColour'],
      ...['metallicLacquer', 'texturedEnamel', 'rubberDip', 'vinylColour'],
    ],
    17: ['airbrushAcrylic', 'brushAcrylic', 'acrylicWash'],
    20: ['cyanoacrylate'],
    25: ['epoxyGlue'],
    30: ['maskingRubber'],
    35: ['oilWash'],
    50: ['contactCement'],
    75: ['putty'],
    100: ['waterClear', 'brushEpoxy', 'tintedEpoxy', 'slurry'],
    250: ['floorPolish', 'bodyFiller', 'textureCompound'],
  };
  it('are told of every class', () =>
    expect(Object.fromEntries(PRODUCT_CLASSES.map(({ id }) => [id, usualPotMillilitres(id)]))).toEqual(
      Object.fromEntries(Object.entries(ML).flatMap(([size, ids]) => ids.map((id) => [id, Number(size)]))),
    ));
  it('is refused for a class there is not', () => expect(() => usualPotMillilitres('moonlight')).toThrow(RangeError));
});
