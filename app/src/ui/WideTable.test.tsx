// @vitest-environment happy-dom
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { WideTable } from './WideTable';

let tell: () => void = () => undefined;
class Told implements ResizeObserver {
  constructor(told: () => void) {
    tell = told;
  }
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('a wide table', () => {
  it('is a stop of Tab with a name where it is cut off, and none where all of it is seen', () => {
    vi.stubGlobal('ResizeObserver', Told);
    render(
      <WideTable label="Ways out">
        <table />
      </WideTable>,
    );
    const frame = screen.getByRole('table').parentElement as HTMLElement;
    const widths = (whole: number, seen: number): void => {
      Object.defineProperty(frame, 'scrollWidth', { value: whole, configurable: true });
      Object.defineProperty(frame, 'clientWidth', { value: seen, configurable: true });
      act(() => tell());
    };
    widths(480, 480);
    expect(screen.queryByRole('region')).toBeNull();
    widths(480, 300);
    expect(screen.getByRole('region', { name: 'Ways out' }).tabIndex).toBe(0);
    widths(480, 500);
    expect(screen.queryByRole('region')).toBeNull();
  });
});
