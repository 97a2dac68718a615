// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));

describe('a mix card', () => {
  it('scales to another amount in whole drops and back to what was written', async () => {
    const { user, db } = await openShop('/colour/cards/card');
    await db.records('mixCards').update('card', {
      components: [
        { productId: 'primer', name: 'Grey primer', amount: 5 },
        { productId: null, name: 'raw umber', amount: 2 },
      ],
    });
    const umber = (): string => screen.getByRole('rowheader', { name: 'raw umber' }).closest('tr')?.textContent ?? '';
    await waitFor(() => expect(umber()).toMatch(/2/u));
    const total = screen.getByRole('textbox', { name: /drops/iu });
    await user.clear(total);
    await user.type(total, '20{Enter}');
    await waitFor(() => expect(umber()).toMatch(/6/u));
    expect(screen.getByText(/Rounded to whole drops/u)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'As written: 7' }));
    await waitFor(() => expect(umber()).toMatch(/2/u));
  });
  it('names the rungs that used it, and leaves them standing when it is taken away', async () => {
    const { user, db } = await openShop('/colour/cards/card');
    expect(await screen.findByRole('link', { name: /^host: / })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take away' }));
    await waitFor(async () => expect(await db.records('mixCards').count()).toBe(0));
    expect(await db.records('rungs').get('host-2')).toMatchObject({ mixCardId: null });
    await user.click(await screen.findByRole('button', { name: 'Undo Take card Green away' }));
    await waitFor(async () => expect(await db.records('rungs').get('host-2')).toMatchObject({ mixCardId: 'card' }));
  });
  it('is written down with its components; one that cannot be kept says where', async () => {
    const { user, db } = await openShop('/colour/cards');
    await user.click(await screen.findByRole('button', { name: 'Write a card' }));
    await user.click(screen.getByRole('button', { name: 'Keep the card' }));
    expect((await screen.findAllByRole('alert')).length).toBeGreaterThan(0);
    await user.type(screen.getByRole('textbox', { name: 'Name' }), 'harbour green');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Product' }), 'primer');
    const amount = screen.getByRole('textbox', { name: 'Amount' });
    await user.clear(amount);
    await user.type(amount, '0,5');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Measured in' }), 'grams');
    await user.click(screen.getByRole('button', { name: 'Add component' }));
    const second = screen.getAllByRole('textbox', { name: 'Called' })[1] as HTMLElement;
    await user.type(second, 'umber');
    await user.click(screen.getByRole('button', { name: 'Keep the card' }));
    await waitFor(async () => expect(await db.records('mixCards').count()).toBe(2));
    const kept = (await db.records('mixCards').toArray()).find((card) => card.name === 'harbour green');
    expect(kept).toMatchObject({
      unit: 'grams',
      components: [
        { productId: 'primer', name: 'Grey primer', amount: 0.5 },
        { productId: null, name: 'umber', amount: 1 },
      ],
      correctsId: null,
    });
    expect(await screen.findByRole('heading', { level: 2, name: 'harbour green' })).toBeTruthy();
  });
  it('is corrected by a new one that remembers which it corrects', async () => {
    const { user, db } = await openShop('/colour/cards/card');
    await user.click(await screen.findByRole('button', { name: 'New card from this one' }));
    await user.click(await screen.findByRole('button', { name: 'Keep the card' }));
    await waitFor(async () => expect((await db.records('mixCards').toArray()).some((card) => card.correctsId === 'card')).toBe(true));
    expect(await screen.findByText(/· corrects/u)).toBeTruthy();
  });
  it('is left as it was when the writing is left', async () => {
    const { user, db } = await openShop('/colour/cards/card');
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    await user.type(await screen.findByRole('textbox', { name: 'Name' }), ' two');
    await user.click(screen.getByRole('button', { name: 'Leave it' }));
    expect(await screen.findByRole('heading', { level: 2, name: 'Green' })).toBeTruthy();
    expect((await db.records('mixCards').get('card'))?.name).toBe('Green');
  });
});
