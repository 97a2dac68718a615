// @vitest-environment happy-dom
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { LongList } from './LongList';

afterEach(cleanup);

function show(count: number): void {
  render(
    <LongList as="ol" label="things" className="" count={count} keyOf={(at) => `thing ${at}`} usualHeight={() => 20} beyond={1}>
      {(at) => <p>thing {at + 1}</p>}
    </LongList>,
  );
}
const put = (event: 'beforeprint' | 'afterprint'): void => act(() => void globalThis.dispatchEvent(new Event(event)));
const items = (): string[] => screen.queryAllByRole('listitem').map((item) => item.textContent ?? '');

describe('a long list', () => {
  // A page without a layout shows nothing of it: what is in sight is tested in a browser.
  it('is whole and in its order on paper, and again only what is in sight afterwards', () => {
    show(200);
    const before = items().length;
    expect(before).toBeLessThan(200);
    put('beforeprint');
    expect(items()).toEqual(Array.from({ length: 200 }, (_, at) => `thing ${at + 1}`));
    expect(screen.queryByText(/^The first/u)).toBeNull();
    put('afterprint');
    expect(items()).toHaveLength(before);
  });
  it('stops at 600 on paper, and says so there', () => {
    show(50_000);
    put('beforeprint');
    expect(items()).toHaveLength(600);
    expect(screen.getByText('The first 600 of 50000.')).toBeTruthy();
  });
  it('that is opened after another was left on its way to paper shows what is in sight', () => {
    show(200);
    put('beforeprint');
    cleanup();
    put('afterprint');
    show(200);
    expect(items().length).toBeLessThan(200);
  });
});
