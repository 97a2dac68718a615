import { makeFormats } from '../../base/formats';
import { describe, expect, it } from 'vitest';
import { ageWords, amountRange, amountText, isTooLate, orderDayWords } from './shelfWords';

const ZONE = 'Europe/Copenhagen';
const formats = makeFormats(ZONE, '24', 'metric', 'en-GB');
const us = makeFormats(ZONE, '12', 'us', 'en-US');
const at = (text: string): number => Date.parse(`${text}+02:00`);

describe('amounts of the shelf', () => {
  it('have a place after the point where they are small, and are never told as nothing', () => {
    expect([0, 0.02, 0.06, 9.96, 34.4].map((amount) => amountText(amount, 'pieces', formats))).toEqual([
      '0 pieces',
      'under 0.1 pieces',
      '0.1 pieces',
      '10 pieces',
      '34 pieces',
    ]);
    expect([amountText(7.4, 'ml', formats), amountText(2.5, 'metres', formats), amountText(3, 'hours', formats)]).toEqual([
      '7.4 ml',
      '2.5 m',
      '3 h',
    ]);
  });
  it('are one piece, and not one pieces', () => {
    expect([1, 0.96, 1.04, 1.1].map((amount) => amountText(amount, 'pieces', formats))).toEqual([
      '1 piece',
      '1 piece',
      '1 piece',
      '1.1 pieces',
    ]);
    expect([amountText(1, 'pairs', formats), amountText(1, 'metres', formats), amountText(1, 'hours', formats)]).toEqual([
      '1 pair',
      '1 m',
      '1 h',
    ]);
    expect(amountRange(0.4, 1, 'pieces', formats)).toBe('0.4 – 1 pieces');
  });
  it('of liquids and of what comes off a roll go by the shop’s units', () => {
    expect(amountText(29.5735, 'ml', us)).toBe('1.0 fl oz');
    expect(amountText(3.048, 'metres', us)).toBe('9.8 ft');
    expect(amountRange(0.2, 1.6, 'metres', us)).toBe('0.7 – 5.2 ft');
    expect([0.02, 41.3].map((amount) => amountText(amount, 'metres', formats))).toEqual(['under 0.1 m', '41 m']);
    expect(amountRange(0.2, 1.6, 'metres', formats)).toBe('0.2 – 1.6 m');
    expect(amountRange(0.01, 0.04, 'metres', formats)).toBe('under 0.1 – under 0.1 m');
  });
  it('as a range name their unit once', () => {
    expect(amountRange(0.4, 2.1, 'pieces', formats)).toBe('0.4 – 2.1 pieces');
    expect(amountRange(22, 41, 'ml', formats)).toBe('22 – 41 ml');
    expect(amountRange(22, 41, 'ml', us)).toBe('0.7 – 1.4 fl oz');
  });
});

describe('the day to order', () => {
  const now = at('2026-05-28T19:30');
  it('counts as a whole by the shop’s clock, to midnight and no longer', () => {
    const told = ['2026-05-27T23:59', '2026-05-28T00:00', '2026-05-28T08:00', '2026-05-29T00:00'].map((day) =>
      orderDayWords(at(day), now, ZONE, formats),
    );
    expect(told).toEqual(['too late', 'today', 'today', 'Fri 29 May']);
    expect([isTooLate(at('2026-05-27T23:59'), now, ZONE), isTooLate(at('2026-05-28T00:00'), now, ZONE)]).toEqual([true, false]);
  });
});

describe('age', () => {
  const endsMs = at('2026-05-20T12:00');
  it('is told by which span it ends, before it ends without a fault, and not while it is good', () => {
    expect(ageWords({ state: 'past', endsMs, by: 'opened' }, formats)).toBe('past its time since Wed 20 May: opened too long ago');
    expect(ageWords({ state: 'past', endsMs, by: 'closed' }, formats)).toBe('past its time since Wed 20 May: too old');
    expect(ageWords({ state: 'soon', endsMs, by: 'opened' }, formats)).toBe('good until about Wed 20 May');
    expect(ageWords({ state: 'good', endsMs, by: 'opened' }, formats)).toBeNull();
    expect(ageWords({ state: 'past', endsMs: null, by: 'opened' }, formats)).toBeNull();
  });
});
