import { describe, expect, it } from 'vitest';
import { regionsByMasks } from './maskRegions';

const rungs = (...words: string[]) => words.map((word, at) => ({ id: `${at}`, name: `${word} ${at}`, methodId: word }));

describe('regions by masks', () => {
  it('without a mask there is one', () => {
    expect(regionsByMasks(rungs('prime', 'sprayCoat'))).toEqual([{ id: 'rest', name: 'all over', rungIds: ['0', '1'], ownRungIds: [] }]);
  });
  it('each mask opens one; what is laid outside of masks lies everywhere', () => {
    const found = regionsByMasks(
      rungs('prime', 'sprayCoat', 'mask', 'edgeSeal', 'maskedCoat', 'unmask', 'mask', 'maskedCoat', 'unmask', 'clear'),
    );
    expect(found.map((region) => region.rungIds.join(''))).toEqual(['0125689', '01234 5689'.replace(' ', ''), '01256789']);
    expect(found.map((region) => region.name)).toEqual(['under the masks', 'maskedCoat', 'maskedCoat']);
    expect(found[1]?.ownRungIds).toEqual(['3', '4']);
  });
  it('is named after its first coat, without number and manner; a mask that only holds rubber has no name of its own', () => {
    const named = (...given: readonly (readonly [string, string])[]) =>
      regionsByMasks(given.map(([methodId, name], at) => ({ id: `${at}`, name, methodId }))).map((region) => region.name);
    expect(
      named(['mask', 'Mask'], ['edgeSeal', 'Seal'], ['maskedCoat', 'brass, mist'], ['maskedCoat', 'green 2'], ['unmask', 'Pull']),
    ).toEqual(['under the masks', 'brass']);
    expect(named(['mask', 'Mask'], ['maskRubber', 'Rubber 2'], ['unmask', 'Pull'])).toEqual(['under the masks', 'inside a mask']);
  });
  it('two openings in a row are two, also where the second mask was not written down', () => {
    const found = regionsByMasks(rungs('mask', 'maskedCoat', 'unmask', 'maskedCoat', 'maskedCoat'));
    expect(found.map((region) => region.ownRungIds)).toEqual([[], ['1'], ['3', '4']]);
    expect(found.map((region) => region.id)).toEqual(['rest', '0', '3']);
    // A new mask before the old one was pulled begins a new opening.
    expect(regionsByMasks(rungs('mask', 'maskedCoat', 'mask', 'maskedCoat')).map((region) => region.ownRungIds)).toEqual([
      [],
      ['1'],
      ['3'],
    ]);
  });
  it('a coat inside a mask nobody wrote down still has its own', () => {
    expect(regionsByMasks(rungs('prime', 'maskedCoat')).map((region) => region.rungIds)).toEqual([['0'], ['0', '1']]);
    expect(regionsByMasks(rungs('mask', 'unmask'))).toHaveLength(1);
    expect(regionsByMasks(rungs('mask', 'maskedCoat', 'scorePull', 'clear'))).toHaveLength(2);
    expect(regionsByMasks([])).toEqual([{ id: 'rest', name: 'all over', rungIds: [], ownRungIds: [] }]);
  });
});
