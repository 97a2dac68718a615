// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../../testing/openShop';

vi.mock('../../../workers/plan/planClient', () => import('../../../testing/planHere'));

type Db = Awaited<ReturnType<typeof openShop>>['db'];
const personsOf = async (db: Db) => (await db.records('persons').toArray()).sort((a, b) => a.position - b.position);

async function withJuna() {
  const shop = await openShop('/shop/people');
  await shop.user.type(await screen.findByRole('textbox', { name: 'Name' }), 'Juna{Enter}');
  const sheet = await screen.findByRole('region', { name: 'Juna' });
  return { ...shop, sheet };
}

describe('who works here', () => {
  it('with the first who helps, the finisher has a name too; one undo takes both away', async () => {
    const { user, db } = await withJuna();
    expect((await personsOf(db)).map(({ name, hours, refuses }) => ({ name, hours, refuses }))).toEqual([
      { name: 'Me', hours: null, refuses: [] },
      { name: 'Juna', hours: null, refuses: [] },
    ]);
    expect(await db.records('rungs').get('guest-1')).toMatchObject({ doerId: (await personsOf(db))[0]?.id });
    await user.click(screen.getByRole('button', { name: 'Undo Add Juna' }));
    await waitFor(async () => expect(await personsOf(db)).toEqual([]));
    expect(await db.records('rungs').get('guest-1')).toMatchObject({ doerId: null });
  });
  it('somebody leaves work to others, has hours of their own, and is away', async () => {
    const { user, db, sheet } = await withJuna();
    await user.click(within(sheet).getByRole('checkbox', { name: /^spraying/u }));
    await waitFor(async () => expect((await personsOf(db))[1]?.refuses).toEqual(['spraying']));
    await user.selectOptions(within(sheet).getByRole('combobox', { name: 'Hours' }), 'own hours');
    // Own hours begin as the shop's.
    await waitFor(async () => expect((await personsOf(db))[1]?.hours).toEqual((await db.records('shop').toArray())[0]?.hours));
    await user.click(within(sheet).getByRole('button', { name: 'none; add own hours on Monday' }));
    await waitFor(async () => expect((await personsOf(db))[1]?.hours).toContainEqual({ weekday: 1, startMinute: 1080, endMinute: 1140 }));
    await user.click(within(sheet).getByRole('button', { name: 'Day off' }));
    await waitFor(async () => expect((await personsOf(db))[1]?.exceptions).toMatchObject([{ spans: [] }]));
    expect((await personsOf(db))[0]).toMatchObject({ hours: null, exceptions: [], refuses: [] });
  });
  it('a name is needed, and somebody who goes leaves the rungs that were asked of them to all', async () => {
    const { user, db, sheet, store } = await withJuna();
    await waitFor(() => expect(screen.getByRole('button', { name: 'Add' }).hasAttribute('disabled')).toBe(true));
    const juna = (await personsOf(db))[1]?.id ?? '';
    await store.edit('ask', (edit) => edit.patch('rungs', 'host-2', { personId: juna }));
    await user.click(within(sheet).getByRole('button', { name: 'Take away: Juna' }));
    await waitFor(async () => expect((await personsOf(db)).map(({ name }) => name)).toEqual(['Me']));
    expect(await db.records('rungs').get('host-2')).toMatchObject({ personId: null });
  });
});

describe('the bench with two', () => {
  it('shows what the hands at this screen have and do, what is in the other hands, and logs whose they were', async () => {
    const { user, db } = await withJuna();
    const [me] = await personsOf(db);
    await user.click(screen.getByRole('link', { name: /Bench/u }));
    const whose = await screen.findByRole('radiogroup', { name: 'Whose hands' });
    expect(await screen.findByRole('region', { name: 'In hand' })).toBeTruthy();
    await user.click(within(whose).getByRole('radio', { name: 'Juna' }));
    expect(screen.queryByRole('region', { name: 'In hand' })).toBeNull();
    expect(await screen.findByText(/^In hand with Me: guest/u)).toBeTruthy();
    await user.click(within(whose).getByRole('radio', { name: 'Me' }));
    await user.click(await screen.findByRole('button', { name: /^Done: log/u }));
    await waitFor(async () => {
      const told = (await db.records('logEntries').toArray()).find(({ rungId }) => rungId === 'guest-1');
      expect(told?.personId).toBe(me?.id);
    });
  });
  it('who is away is away alone', async () => {
    const { user, db } = await withJuna();
    await user.click(screen.getByRole('link', { name: /Bench/u }));
    const whose = await screen.findByRole('radiogroup', { name: 'Whose hands' });
    await user.click(within(whose).getByRole('radio', { name: 'Juna' }));
    await user.click(await screen.findByRole('button', { name: 'I am away' }));
    await user.click(screen.getByRole('button', { name: 'Plan round it' }));
    await waitFor(async () => expect((await personsOf(db)).map(({ busy }) => busy.length)).toEqual([0, 1]));
    expect((await db.records('shop').toArray())[0]?.busy).toEqual([]);
  });
});
