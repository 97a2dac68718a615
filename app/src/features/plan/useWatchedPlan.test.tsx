// @vitest-environment happy-dom
import { renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { hurries } from '../../testing/planHere';
import { useWatchedPlan } from './useWatchedPlan';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));

afterEach(() => vi.restoreAllMocks());

describe('the search for better plans', () => {
  it('hurries while some view looks at the plan, and takes its time once none does', () => {
    const one = renderHook(() => useWatchedPlan());
    const other = renderHook(() => useWatchedPlan());
    one.unmount();
    expect(hurries.at(-1)).toBe(true);
    other.unmount();
    expect(hurries.at(-1)).toBe(false);
  });

  it('takes its time while the page is hidden', () => {
    const { unmount } = renderHook(() => useWatchedPlan());
    const visibility = vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
    document.dispatchEvent(new Event('visibilitychange'));
    expect(hurries.at(-1)).toBe(false);
    visibility.mockReturnValue('visible');
    document.dispatchEvent(new Event('visibilitychange'));
    expect(hurries.at(-1)).toBe(true);
    unmount();
  });
});
