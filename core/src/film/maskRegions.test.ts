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
  it('a coat inside a mask nobody wrote down still has its own', () => {
    expect(regionsByMasks(rungs('prime', 'maskedCoat')).map((region) => region.rungIds)).toEqual([['0'], ['0', '1']]);
    expect(regionsByMasks(rungs('mask', 'unmask'))).toHaveLength(1);
    expect(regionsByMasks(rungs('mask', 'maskedCoat', 'scorePull', 'clear'))).toHaveLength(2);
    expect(regionsByMasks([])).toEqual([{ id: 'rest', name: 'all over', rungIds: [], ownRungIds: [] }]);
  });
});
