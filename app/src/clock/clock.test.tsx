// @vitest-environment happy-dom
import { render } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ClockProvider, useNow } from './ClockContext';
import { createShopClock } from './shopClock';

describe('the time a question is asked by', () => {
  it('is on its grid from the first drawing on: what appears later in it asks the same', () => {
    let atMs = Date.UTC(2026, 4, 28, 17, 31, 4, 250);
    const clock = createShopClock(() => atMs);
    const seen: number[] = [];
    const Asking = (): null => {
      seen.push(useNow(300_000));
      return null;
    };
    const shown = render(
      <ClockProvider clock={clock}>
        <Asking />
      </ClockProvider>,
    );
    atMs += 7133;
    shown.rerender(
      <ClockProvider clock={clock}>
        <Asking />
        <Asking />
      </ClockProvider>,
    );
    expect(seen.length).toBeGreaterThan(2);
    expect(new Set(seen)).toEqual(new Set([Date.UTC(2026, 4, 28, 17, 30)]));
  });
  it('begins anew when the clock is set', () => {
    const clock = createShopClock(() => Date.UTC(2026, 4, 28, 17, 31));
    clock.setOffset(3_600_000);
    const seen: number[] = [];
    const Asking = (): null => {
      seen.push(useNow(60_000));
      return null;
    };
    render(
      <ClockProvider clock={clock}>
        <Asking />
      </ClockProvider>,
    );
    expect(seen.at(-1)).toBe(Date.UTC(2026, 4, 28, 18, 31));
  });
});
