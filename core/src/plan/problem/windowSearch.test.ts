import { describe, expect, it } from 'vitest';
import { firstFit, lastOpenMinute } from './windowSearch';

const WINDOWS = [
  { start: 100, end: 200 },
  { start: 300, end: 400 },
];

describe('windows of a calendar', () => {
  it.each([
    [50, -Infinity],
    [100, 100],
    [199, 199],
    [200, 199],
    [250, 199],
    [300, 300],
    [900, 399],
    [Infinity, Infinity],
    [-Infinity, -Infinity],
  ])('were last open by minute %d at %d', (minute, open) => {
    expect(lastOpenMinute(WINDOWS, minute)).toBe(open);
  });

  it('are always open where there are none to keep to', () => {
    expect(lastOpenMinute(null, 250)).toBe(250);
    expect(firstFit(null, 250, 1000)).toBe(250);
  });

  it.each([
    [0, 100, 100],
    [101, 99, 101],
    [101, 100, 300],
    [200, 1, 300],
    [301, 100, Infinity],
  ])('from minute %d on have room for %d minutes at %d', (from, minutes, start) => {
    expect(firstFit(WINDOWS, from, minutes)).toBe(start);
  });
});
