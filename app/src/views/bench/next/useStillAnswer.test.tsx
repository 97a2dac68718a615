// @vitest-environment happy-dom
import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { STILL_MS, useStillAnswer } from './useStillAnswer';

const open = (): boolean => true;

describe('an answer that is kept still', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());
  const start = (asked: string | undefined, isStillOpen: (id: string) => boolean = open) =>
    renderHook(({ id, isOpen }: { id: string | undefined; isOpen: (id: string) => boolean }) => useStillAnswer(id, isOpen), {
      initialProps: { id: asked, isOpen: isStillOpen },
    });

  it('announces another one and lets it come after a while', () => {
    const { result, rerender } = start('a');
    rerender({ id: 'b', isOpen: open });
    expect(result.current).toMatchObject({ shownId: 'a', comingId: 'b' });
    act(() => void vi.advanceTimersByTime(STILL_MS - 1));
    expect(result.current.shownId).toBe('a');
    act(() => void vi.advanceTimersByTime(1));
    expect(result.current).toMatchObject({ shownId: 'b', comingId: null });
  });

  it('never changes under a finger, and comes at once where it is asked for', () => {
    const { result, rerender } = start('a');
    act(() => result.current.hold(true));
    rerender({ id: 'b', isOpen: open });
    act(() => void vi.advanceTimersByTime(10 * STILL_MS));
    expect(result.current).toMatchObject({ shownId: 'a', comingId: 'b' });
    act(() => result.current.takeNow());
    expect(result.current).toMatchObject({ shownId: 'b', comingId: null });
  });

  it('keeps nothing that cannot be begun any more, and nothing where the plan came back to it', () => {
    const { result, rerender } = start('a');
    rerender({ id: 'b', isOpen: (id) => id !== 'a' });
    expect(result.current).toMatchObject({ shownId: 'b', comingId: null });
    rerender({ id: 'c', isOpen: open });
    rerender({ id: 'b', isOpen: open });
    expect(result.current).toMatchObject({ shownId: 'b', comingId: null });
    act(() => void vi.advanceTimersByTime(10 * STILL_MS));
    expect(result.current.shownId).toBe('b');
  });

  it('shows the first answer there is at once', () => {
    const { result, rerender } = start(undefined);
    rerender({ id: 'a', isOpen: open });
    expect(result.current.shownId).toBe('a');
  });
});
