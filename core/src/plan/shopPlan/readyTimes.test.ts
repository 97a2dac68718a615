import { describe, expect, it } from 'vitest';
import { handsMinutes } from './handsMinutes';
import { lastReady, timeToSpare } from './timeToSpare';

const MINUTE = 60_000;
const span = (from: number, to: number) => ({ start: from * MINUTE, end: to * MINUTE });

describe('hands minutes', () => {
  it('count stretches of work, not the time between them', () =>
    expect(handsMinutes([{ chunks: [span(0, 10), span(60, 75)] }, { chunks: [span(80, 81)] }])).toBe(26));
  it('are none for nothing', () => expect(handsMinutes([])).toBe(0));
});

describe('time to spare', () => {
  it('is what lies between ready and due, and says on which side', () => {
    expect(timeToSpare(10 * MINUTE, 70 * MINUTE)).toEqual({ minutes: 60, isLate: false });
    expect(timeToSpare(70 * MINUTE, 10 * MINUTE)).toEqual({ minutes: 60, isLate: true });
  });
  it('ready on the very minute is in time', () => expect(timeToSpare(5, 5)).toEqual({ minutes: 0, isLate: false }));
  it('is not known while one of them is not', () => {
    expect(timeToSpare(null, 5)).toBeNull();
    expect(timeToSpare(5, null)).toBeNull();
  });
});

describe('all ready', () => {
  const prop = (readyMs: number | null, unplacedRungs = 0, laterRungs = 0) => ({ readyMs, unplacedRungs, laterRungs });
  it('is the last that has a moment; what is climbed already does not count', () => {
    expect(lastReady([prop(3), prop(null), prop(9), prop(1)])).toBe(9);
    expect(lastReady([prop(null)])).toBeNull();
    expect(lastReady([])).toBeNull();
  });
  it('is never while a rung of one of them has no place, or comes after the last day', () => {
    expect(lastReady([prop(3), prop(null, 1)])).toBeNull();
    expect(lastReady([prop(null, 0, 2), prop(9)])).toBeNull();
  });
});
