// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));

/** The sample with a coat of primer to do, and so much of it left. */
function withPrimer(leftMillilitres: number) {
  const sample = makeSampleProject();
  const [primer] = sample.products;
  return {
    ...sample,
    rungs: sample.rungs.map((rung) =>
      rung.id === 'host-2' ? { ...rung, methodId: 'prime', productId: primer?.id ?? null, coatMicrometres: 20 } : rung,
    ),
    cans: sample.cans.map((can) => ({ ...can, leftMillilitres })),
  };
}

describe('the shelf', () => {
  it('says what runs out and that a parcel comes too late; fetched at once it is ordered on the day, and the bench says so', async () => {
    const { user, router } = await openShop('/shop/shelf', withPrimer(0.01));
    const table = await screen.findByRole('table');
    await within(table).findAllByText('too late for a parcel');
    const days = screen.getByLabelText('Days to get it');
    await user.clear(days);
    await user.type(days, '0{Enter}');
    await waitFor(() => expect(within(table).queryByText('too late for a parcel')).toBeNull());
    expect(within(table).getAllByText('today').length).toBeGreaterThan(0);
    await router.navigate('/bench');
    expect((await screen.findByRole('list', { name: 'To be ordered' })).textContent).toMatch(/^Order .* today: it runs out/u);
  });
  it('of a shop where all is there says so', async () => {
    await openShop('/shop/shelf', withPrimer(120));
    expect(await screen.findByText('All that the plan takes is on the shelf.')).toBeTruthy();
  });
});
