import { describe, expect, it } from 'vitest';
import { timeAxis } from './timeAxis';

describe('an axis of moments', () => {
  it('writes them as it is told beneath the axis and in what hangs at the pointer', () => {
    const axis = timeAxis((ms) => `at ${ms}`) as {
      axisLabel: { formatter: (ms: number) => string };
      axisPointer: { label: { formatter: (at: { value: number }) => string } };
    };
    expect(axis.axisLabel.formatter(5)).toBe('at 5');
    expect(axis.axisPointer.label.formatter({ value: 7 })).toBe('at 7');
  });
});
