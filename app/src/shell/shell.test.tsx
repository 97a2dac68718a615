// @vitest-environment happy-dom
import { act, screen, waitFor, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { openShop } from '../testing/openShop';

vi.mock('../workers/plan/planClient', () => import('../testing/planHere'));

afterEach(() => {
  vi.unstubAllGlobals();
});

describe('the strip', () => {
  it('shows the air with its dew gap, why, and whether one may spray', async () => {
    const { user } = await openShop('/bench');
    const strip = (await screen.findByText('Dew gap')).closest('header') as HTMLElement;
    // 20 °C at 50 %: dew point 9.3 °C by Magnus (WMO-No. 8).
    expect(within(strip).getByText('+10.7 °C')).toBeTruthy();
    await user.click(within(strip).getByRole('button', { name: /why dew gap$/u }));
    expect((await screen.findByText('dew point')).nextSibling?.textContent).toBe('9.3 °C');
    expect(screen.getByText(/WMO-No\. 8/u)).toBeTruthy();
  });
  it('shows what the hands do, and when they are free when they hold nothing', async () => {
    const { user } = await openShop('/log');
    expect(await screen.findByText(/sand 00:01:00/u)).toBeTruthy();
    await user.keyboard('1');
    await user.click(await screen.findByRole('button', { name: 'Set down' }));
    expect(await screen.findByText('off to 18:30')).toBeTruthy();
  });
});

describe('a shop that is not saved to a file', () => {
  const DAY = 86_400_000;
  it('is reminded of a week after it was changed, and no more once it is saved', async () => {
    const { store, db, pass } = await openShop('/log');
    expect(screen.queryByText('Not saved to a file')).toBeNull();
    await act(() => store.edit('Rename', (edit) => edit.patch('props', 'prop', { name: 'Renamed' })));
    act(() => pass(6 * DAY));
    expect(screen.queryByText('Not saved to a file')).toBeNull();
    // The strip looks at the clock every ten minutes.
    act(() => pass(2 * DAY + 600_000));
    const link = await screen.findByRole('link', { name: 'for 8 days' });
    expect(link.getAttribute('href')).toBe('/shop/files');
    const [edited] = await db.history.toArray();
    await act(() => db.meta.put({ key: 'savedAtMs', value: (edited?.atMs ?? 0) + 8 * DAY }));
    await act(() => store.edit('Look', (edit) => edit.patch('props', 'prop', { name: 'Again' })));
    await waitFor(() => expect(screen.queryByText('Not saved to a file')).toBeNull());
  });
  it('is not reminded of while nothing was changed', async () => {
    const { pass } = await openShop('/log');
    act(() => pass(30 * DAY));
    expect(screen.queryByText('Not saved to a file')).toBeNull();
  });
});

describe('shortcuts', () => {
  it('go to every view, undo and redo, and are listed', async () => {
    const { user, router, db } = await openShop('/bench');
    await screen.findByRole('region', { name: 'In hand' });
    const path = (): string => router.state.location.pathname;
    const ways = [
      ['2', '/ladders'],
      ['3', '/plan'],
      ['1', '/bench'],
    ] as const;
    for (const [keys, to] of ways) {
      await user.keyboard(keys);
      await waitFor(() => expect(path()).toMatch(new RegExp(`^${to}`, 'u')));
    }
    await user.click(await screen.findByRole('button', { name: 'Set down' }));
    await screen.findByRole('region', { name: 'Next' });
    await user.keyboard('{Control>}z{/Control}');
    await screen.findByRole('region', { name: 'In hand' });
    await user.keyboard('{Control>}{Shift>}z{/Shift}{/Control}');
    await waitFor(async () => expect((await db.records('rungs').get('guest-1'))?.state).toBe('setDown'));
    await user.keyboard('?');
    const dialog = await screen.findByRole('dialog');
    expect(within(dialog).getByText('to Plan')).toBeTruthy();
    await user.keyboard('{Escape}');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  });
  it('keep quiet while one types', async () => {
    const { user, router } = await openShop('/log');
    await user.type(await screen.findByRole('searchbox', { name: 'Words' }), 'gp?');
    expect(router.state.location.pathname).toBe('/log');
    expect(screen.queryByRole('dialog')).toBeNull();
  });
  it('on the bench set down, take and log by a letter; with a dialog open or switched off they do nothing', async () => {
    const { user, db } = await openShop('/bench');
    await screen.findByRole('region', { name: 'In hand' });
    await user.keyboard('s');
    await screen.findByRole('region', { name: 'Next' });
    await user.keyboard('?');
    await user.click(await screen.findByRole('checkbox', { name: 'Letters and numbers act by themselves' }));
    await user.keyboard('t');
    await user.click(screen.getByRole('button', { name: 'Close' }));
    await user.keyboard('t3');
    expect(screen.queryByRole('region', { name: 'In hand' })).toBeNull();
    await user.click(screen.getByRole('button', { name: /^Keys/u }));
    await user.click(await screen.findByRole('checkbox', { name: 'Letters and numbers act by themselves' }));
    await user.click(screen.getByRole('button', { name: 'Close' }));
    await user.keyboard('t');
    await screen.findByRole('region', { name: 'In hand' });
    const before = await db.records('logEntries').count();
    await user.keyboard('d');
    await waitFor(async () => expect(await db.records('logEntries').count()).toBeGreaterThan(before));
  });
});

describe('calls', () => {
  it('go out when a film is ready, once, and only where that was allowed', async () => {
    const said: string[] = [];
    vi.stubGlobal(
      'Notification',
      class {
        static readonly permission = 'granted';
        constructor(title: string, { body = '' }: NotificationOptions = {}) {
          said.push(`${title}: ${body}`);
        }
      },
    );
    // Sandable at 14:51 in the shop's own time, 51 minutes from now: hardening takes longer at 20 °C than at the label's 23.
    const { pass } = await openShop('/bench');
    const early = 49 * 60_000;
    expect(await screen.findByText(/can be sanded 14:51/u)).toBeTruthy();
    act(() => pass(early));
    await new Promise((resolve) => setTimeout(resolve, 200));
    expect(said).toEqual([]);
    act(() => pass(2 * 60_000 - 100));
    await waitFor(() => expect(said).toEqual(['host: primer: can be sanded']));
    act(() => pass(60_000));
    await new Promise((resolve) => setTimeout(resolve, 200));
    expect(said).toHaveLength(1);
  });
  it('are asked for on a press, never by themselves', async () => {
    const asked = vi.fn(() => Promise.resolve('granted'));
    vi.stubGlobal('Notification', Object.assign(class {}, { permission: 'default', requestPermission: asked }));
    const { user } = await openShop('/bench');
    const button = await screen.findByRole('button', { name: /^Call me when/u });
    expect(asked).not.toHaveBeenCalled();
    await user.click(button);
    expect(asked).toHaveBeenCalledTimes(1);
    await waitFor(() => expect(screen.queryByRole('button', { name: /^Call me when/u })).toBeNull());
  });
});
