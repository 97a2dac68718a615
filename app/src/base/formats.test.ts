import { describe, expect, it } from 'vitest';
import { makeFormats } from './formats';

const NOW = Date.UTC(2026, 4, 28, 17, 31);
const HOUR = 3_600_000;

describe('times in narrow places', () => {
  it('are told by the hour today, by the weekday within the week, by the date beyond', () => {
    const { brief } = makeFormats('Europe/Copenhagen', '24', 'metric', 'en-GB');
    expect([0, 20, 24 * 8].map((hours) => brief(NOW + hours * HOUR, NOW))).toEqual(['19:31', 'Fri 15:31', '5 Jun']);
  });
  it('say before and after noon by a letter', () => {
    const { brief, time } = makeFormats('Europe/Copenhagen', '12', 'us', 'en-US');
    expect([0, 14, 24 * 8].map((hours) => brief(NOW + hours * HOUR, NOW))).toEqual(['7:31p', 'Fri 9:31a', 'Jun 5']);
    expect(time(NOW)).toMatch(/^7:31\sPM$/u);
  });
});
