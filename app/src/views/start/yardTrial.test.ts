import { findRecordFaults } from '@zinc-ladder/model/file/validateRecord';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it } from 'vitest';
import { readYardTrial } from './yardTrial';

const read = (lowest: string, highest: string, humidity: string) => readYardTrial({ lowest, highest, humidity });

describe('the air out of doors as it is typed', () => {
  it('is nothing while nothing is typed, and no day while a part of it is missing or none that can be', () => {
    expect(read('', ' ', '')).toBeNull();
    expect([read('2', '', ''), read('2', '8', '0'), read('cold', '8', '80')]).toEqual([undefined, undefined, undefined]);
    expect(read('-40', '20', '80')).toBeUndefined();
  });
  it('is a day that a shop can keep, up to the widest', () => {
    for (const day of [read('2', '8', '80'), read('-30', '20', '100')])
      expect(findRecordFaults('shop', { ...makeSampleProject().shop, yardDay: day })).toEqual([]);
  });
});
