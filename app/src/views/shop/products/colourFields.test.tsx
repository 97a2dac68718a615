// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../../testing/openShop';

vi.mock('../../../workers/plan/planClient', () => import('../../../testing/planHere'));

const typeLab = (label: string, value: string): void => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.submit(field.closest('form') as HTMLFormElement);
};

describe('a product as a colour', () => {
  it('keeps what its film is, how it tints and hides, each by itself', async () => {
    const { user, db } = await openShop('/shop/products');
    const fields = await screen.findByRole('region', { name: 'As a colour' });
    const product = async () => db.records('products').get('primer');
    await user.selectOptions(within(fields).getByRole('combobox', { name: 'Its film is' }), 'fluorescent');
    await waitFor(async () => expect((await product())?.effect).toBe('fluorescent'));
    const strength = await screen.findByLabelText('Tints, white is 1');
    await user.clear(strength);
    await user.type(strength, '1,6{Enter}');
    await waitFor(async () => expect((await product())?.strength).toBe(1.6));
    expect(fields.textContent).toContain('is guessed from its thickness');
    const scatter = screen.getByLabelText('S·X of a coat');
    await user.type(scatter, '2{Enter}');
    await waitFor(async () => expect((await product())?.scatterPerCoat).toBe(2));
    await waitFor(() => expect(screen.getByRole('region', { name: 'As a colour' }).textContent).not.toContain('is guessed'));
    await user.click(screen.getByRole('checkbox', { name: /may be bought/u }));
    await waitFor(async () => expect((await product())?.mayBeBought).toBe(true));
  });
  it('refuses a strength of nothing, and says what is allowed', async () => {
    const { user, db } = await openShop('/shop/products');
    const strength = await screen.findByLabelText('Tints, white is 1');
    await user.clear(strength);
    await user.type(strength, '0{Enter}');
    expect((await screen.findByText('Between 0.01 and 100.')).getAttribute('role')).toBe('alert');
    expect((await db.records('products').get('primer'))?.strength).toBeNull();
  });
  it('a shift from wet to dry needs the dry reading first, and both can be forgotten', async () => {
    const { user, db } = await openShop('/shop/products');
    await screen.findByRole('region', { name: 'As a colour' });
    expect(document.body.textContent).toContain('The shift needs the dry reading first.');
    typeLab('Its dry film reads', '66, 0, -1');
    await waitFor(async () => expect((await db.records('products').get('primer'))?.lab).toEqual([66, 0, -1]));
    await waitFor(() => expect(document.body.textContent).toContain('Read: Lab 66.0, 0.0, -1.0'));
    typeLab('Wet it read', '70, 0, -2');
    await waitFor(async () => expect((await db.records('products').get('primer'))?.dryingShift).toEqual([-4, 0, 1]));
    await user.click(await screen.findByRole('button', { name: 'Forget the reading' }));
    await waitFor(async () => expect(await db.records('products').get('primer')).toMatchObject({ lab: null, dryingShift: null }));
  });
});
