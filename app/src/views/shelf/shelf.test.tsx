// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import { KEPT_UNSET } from '@zinc-ladder/model/products/keptUnset';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { finishRung } from '../../data/changes/ladder/benchChanges';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/plan/outlookClient', () => import('../../testing/outlookHere'));
vi.mock('../../workers/shelf/shelfClient', () => import('../../testing/shelfHere'));

/** The sample with a coat of primer to do, and so much of it left. */
function withPrimer(leftMillilitres: number): ProjectFile {
  const sample = makeSampleProject();
  const [primer] = sample.products;
  return {
    ...sample,
    shop: { ...sample.shop, currency: 'EUR' },
    rungs: sample.rungs.map((rung) =>
      rung.id === 'host-2' ? { ...rung, methodId: 'prime', productId: primer?.id ?? null, coatMicrometres: 20 } : rung,
    ),
    cans: sample.cans.map((can) => ({ ...can, leftMillilitres })),
  };
}

/** With somebody who sells primer in two packs. */
function withSupplier(project: ProjectFile): ProjectFile {
  const pack = { revision: 0, productId: 'primer', supplyId: null, supplierId: 'post' };
  return {
    ...project,
    suppliers: [{ id: 'post', revision: 0, name: 'Paint by post', days: 0, sendingWeekdays: [], carriage: 4.9, leastOrder: 0, note: '' }],
    packs: [
      { ...pack, id: 'small', amount: 150, price: 6 },
      { ...pack, id: 'large', amount: 400, price: 9 },
    ],
  };
}

describe('have I got it?', () => {
  it('says what runs out and that a parcel comes too late; fetched at once it is ordered on the day, and the bench says so', async () => {
    const { user, router } = await openShop('/shelf', withPrimer(0.01));
    const table = await screen.findByRole('table');
    await within(table).findAllByText('too late');
    const days = screen.getByLabelText('Days of a parcel');
    await user.clear(days);
    await user.type(days, '0{Enter}');
    await waitFor(() => expect(within(table).queryByText('too late')).toBeNull());
    expect(within(table).getAllByText('today').length).toBeGreaterThan(0);
    await router.navigate('/bench');
    expect((await screen.findByRole('list', { name: 'To be ordered' })).textContent).toMatch(/^Order .* today: it runs out/u);
    expect(await screen.findByText('Order today')).toBeTruthy();
  });
  it('of a shop where all is there says so, and of one that takes nothing too', async () => {
    await openShop('/shelf/needs', withPrimer(120));
    expect(await screen.findByText('All that the plan takes is there.')).toBeTruthy();
  });
  it('what will come too late can be taken from what stands there, with what speaks against it, and waiting is reckoned', async () => {
    const project = withPrimer(0.01);
    const other = { ...PRODUCT_UNSET, id: 'white', revision: 0, name: 'White primer', classId: 'primer', colourHex: '#e9e8e4', sheen: 'matte' as const, values: [], note: '' }; // prettier-ignore
    const can = { id: 'w', revision: 0, productId: 'white', sizeMillilitres: 400, leftMillilitres: 300, ...KEPT_UNSET, half: null, emptyGrams: null }; // prettier-ignore
    const { user, db } = await openShop('/shelf/needs', {
      ...project,
      products: [...project.products, other],
      cans: [...project.cans, can],
    });
    const list = await screen.findByRole('list', { name: 'In place of Grey primer' });
    expect(list.textContent).toMatch(/White primer.*ΔE00/u);
    await user.click(screen.getByRole('button', { name: 'What would waiting for it cost?' }));
    expect(await screen.findByText(/If the plan waits until/u)).toBeTruthy();
    await user.click(within(list).getByRole('button', { name: 'Take it: White primer' }));
    await waitFor(async () => expect((await db.records('rungs').get('host-2'))?.productId).toBe('white'));
    expect(await screen.findByText('All that the plan takes is there.')).toBeTruthy();
  });
});

describe('what is there', () => {
  it('is counted, looked at, placed and tried; what is past its time comes first', async () => {
    const project = withPrimer(120);
    const old = { ...project, cans: project.cans.map((can) => ({ ...can, openedAtMs: project.savedAtMs - 3 * 365 * 86_400_000 })) };
    const { user, db } = await openShop('/shelf/there', old);
    const list = await screen.findByRole('list', { name: 'Things on the shelf' });
    expect(list.textContent).toContain('past its time');
    await user.click(screen.getByRole('button', { name: 'More of Grey primer' }));
    await user.click(screen.getByRole('button', { name: 'Tried on a card, it is good' }));
    await waitFor(() => expect(list.textContent).not.toContain('past its time'));
    const left = screen.getByLabelText('Left, ml');
    await user.clear(left);
    await user.type(left, '90{Enter}');
    await user.type(screen.getByLabelText('Place'), 'cupboard{Enter}');
    await waitFor(async () => expect(await db.records('cans').get('can')).toMatchObject({ leftMillilitres: 90, place: 'cupboard' }));
    await user.selectOptions(screen.getByLabelText('Counted'), 'low');
    await waitFor(async () => expect((await db.records('cans').get('can'))?.level).toBe('low'));
  });
  it('takes a stock list in after it was shown, with a column put right by hand', async () => {
    const { user, db } = await openShop('/shelf/there', withPrimer(120));
    await screen.findByRole('list', { name: 'Things on the shelf' });
    const csv = 'what;how much;x\nGrey primer;77;ml\nNo such paint;1;ml\n';
    await user.upload(screen.getByLabelText('Take in a stock list'), new File([csv], 'stock.csv', { type: 'text/csv' }));
    expect(await screen.findByText(/Line 1: it needs a header/u)).toBeTruthy();
    await user.selectOptions(screen.getByLabelText('Amount'), 'how much');
    expect(await screen.findByText(/Grey primer: there is 77 ml/u)).toBeTruthy();
    expect(screen.getByText(/No such paint: left aside/u)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take in 1 row' }));
    await waitFor(async () => expect((await db.records('cans').get('can'))?.leftMillilitres).toBe(77));
  });
});

describe('what really goes', () => {
  it('is learned from a can that is weighed after a coat, told in the product’s sheet, and forgotten there', async () => {
    const { user, db, store, router } = await openShop('/colour/thin', withPrimer(120));
    await store.edit('done', (edit) =>
      finishRung(edit, 'host-2', 5, '', { nowMs: makeSampleProject().savedAtMs, air: null, makeId: () => 'coat', personId: null }),
    );
    const took = (await db.records('logEntries').get('coat'))?.tookMillilitres ?? 0;
    expect(took).toBeGreaterThan(0);
    // Twice as much has gone as film and area say; primer has 0.85 kg a litre, the can weighs 100 g empty.
    await store.edit('empty', (edit) => edit.patch('cans', 'can', { emptyGrams: 100 }));
    const weigh = await screen.findByRole('region', { name: 'Weigh a can' });
    await user.type(within(weigh).getByLabelText('It weighs, g'), (100 + (120 - 2 * took) * 0.85).toFixed(2));
    await user.click(await within(weigh).findByRole('button', { name: 'Note it' }));
    await waitFor(async () => expect((await db.records('products').get('primer'))?.weighings).toHaveLength(1));
    await router.navigate('/shop/products');
    const fields = await screen.findByRole('region', { name: 'On the shelf for how long' });
    expect(fields.textContent).toMatch(/1\.[12]\d ×.* by 1 weighing/u);
    await user.click(within(fields).getByRole('button', { name: 'Forget' }));
    await waitFor(async () => expect((await db.records('products').get('primer'))?.weighings).toEqual([]));
  });
  it('a two-part product is kept in halves: the scarcer one decides', async () => {
    const project = withPrimer(120);
    const epoxy = { ...project.products[0], classId: 'brushEpoxy', name: 'Epoxy', values: [] } as (typeof project.products)[number];
    const [can] = project.cans;
    if (!can) throw new Error('no can');
    const { user, db, router } = await openShop('/shop/products', {
      ...project,
      products: [epoxy],
      cans: [can, { ...can, id: 'other', leftMillilitres: 20 }],
      rungs: project.rungs.map((rung) => (rung.id === 'host-2' ? { ...rung, methodId: 'brushFilm', coatMicrometres: 250 } : rung)),
    });
    await user.type(await screen.findByLabelText('Parts of A'), '2{Enter}');
    await waitFor(async () => expect((await db.records('products').get('primer'))?.mixParts).toEqual({ partsA: 2, partsB: 1 }));
    await router.navigate('/shelf/there');
    const [first, second] = await screen.findAllByRole('button', { name: 'More of Epoxy' });
    for (const [button, half] of [
      [first, 'a'],
      [second, 'b'],
    ] as const) {
      await user.click(button as HTMLElement);
      const selects = screen.getAllByLabelText('Holds');
      await user.selectOptions(selects.at(-1) as HTMLElement, half);
    }
    await waitFor(async () => expect((await db.records('cans').toArray()).map((one) => one.half).toSorted()).toEqual(['a', 'b']));
    await router.navigate('/shelf/needs');
    // 120 of A and 20 of B, two to one: sixty can be mixed.
    const row = await screen.findByRole('row', { name: /Epoxy/u });
    expect(row.textContent).toContain('60 ml');
  });
});

describe('what to buy', () => {
  it('is the cheapest list, is ordered in one press, and is on the shelf when it has come', async () => {
    const { user, db } = await openShop('/shelf/buy', withSupplier(withPrimer(0.01)));
    const list = await screen.findByRole('region', { name: 'To buy' });
    await within(list).findByText('1 × 150 ml');
    // 6.00 and 4.90 carriage: one small pack covers a coat.
    expect(within(list).getByRole('button', { name: /why what buying costs$/u }).textContent).toContain('10.90');
    await user.click(within(list).getByRole('button', { name: 'All of it is ordered' }));
    const waiting = await screen.findByRole('region', { name: 'On its way' });
    await within(list).findByText('Nothing is missing.');
    await user.click(within(waiting).getByRole('button', { name: 'It has come: Grey primer' }));
    await waitFor(async () => expect(await db.records('cans').count()).toBe(2));
    expect(await within(waiting).findByText('Nothing is on its way')).toBeTruthy();
  });
  it('of what nobody sells says so, and a pack is written down for it', async () => {
    const { user, db } = await openShop('/shelf/buy', withPrimer(0.01));
    expect(await screen.findByText('Nobody is known to sell')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Write it down' }));
    const packs = await screen.findByRole('list', { name: 'Packs that are sold' });
    expect(await within(packs).findByText('Grey primer')).toBeTruthy();
    const price = within(packs).getByLabelText('Price, EUR');
    await user.type(price, '-3{Enter}');
    expect(within(packs).getByRole('alert').textContent).toContain('Between 0');
    await user.clear(price);
    await user.type(price, '7,5{Enter}');
    await waitFor(async () => expect((await db.records('packs').toArray())[0]?.price).toBe(7.5));
    // Suppliers are told apart by name; the first one is made for the first pack.
    const sellers = screen.getByRole('region', { name: 'Suppliers' });
    expect(await within(sellers).findByDisplayValue('Any shop')).toBeTruthy();
  });
});

describe('what a ladder takes, and what it costs', () => {
  it('a kit is put on the list once', async () => {
    const { user, db } = await openShop('/shelf/kit', withPrimer(120));
    await user.click(await screen.findByRole('button', { name: /Put .* on the list/u }));
    await waitFor(async () => expect(await db.records('supplies').count()).toBeGreaterThan(0));
    await waitFor(() => expect(screen.queryByRole('button', { name: /Put .* on the list/u })).toBeNull());
  });
  it('asks for the currency first, then for the price of an hour', async () => {
    const project = withPrimer(120);
    const { user, db } = await openShop('/shelf/cost', { ...project, shop: { ...project.shop, currency: null } });
    await user.selectOptions(await screen.findByLabelText('An hour of hands: in what currency?'), 'DKK');
    await user.type(await screen.findByLabelText('An hour of hands, DKK'), '100{Enter}');
    await waitFor(async () => expect((await db.records('shop').toArray())[0]).toMatchObject({ currency: 'DKK', hourPrice: 100 }));
    // 12 minutes are in the log.
    expect(await screen.findByText(/20\.00.*so far/u)).toBeTruthy();
  });
});
