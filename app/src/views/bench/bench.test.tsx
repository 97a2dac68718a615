// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../engine/engineClient', () => import('../../testing/engineHere'));

describe('the bench', () => {
  it('shows what is in hand with its minutes, and logs it with one press', async () => {
    const { user, db, pass } = await openShop('/bench');
    const sheet = await screen.findByRole('region', { name: 'In hand' });
    expect(within(sheet).getByRole('heading', { level: 2 }).textContent).toMatch(/^guest: /u);
    pass(11 * 60_000);
    await user.click(await within(sheet).findByRole('button', { name: 'Done: log 12 min' }));
    await screen.findByRole('region', { name: 'Next' });
    const rung = await db.records('rungs').get('guest-1');
    expect(rung).toMatchObject({ state: 'done', workedMs: 12 * 60_000 });
    expect(makeSampleProject().rungs.length).toBe(3);
  });
});
