import 'fake-indexeddb/auto';
import { planShop } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { gatherAirs } from '@zinc-ladder/model/gather/gatherAirs';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import { gatherPlan } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, describe, expect, it } from 'vitest';
import { Store } from '../../edits/store';
import { ShopDatabase } from '../../tables/database';
import { gatherRecords, importProject } from '../../whole/projectTransfer';
import { climbBy } from './growChanges';
import { doDoubledOnce } from './joinChanges';
import { removeRung } from './rungChanges';
import { putBackIn } from './rungStateChanges';

const sample = makeSampleProject();
const NOW = sample.savedAtMs;
let db: ShopDatabase;
let names = 0;
afterEach(() => db.delete());

const open = (id: string, ladderId: string, methodId: string, change: Partial<Rung> = {}): Rung => ({
  ...NEW_RUNG,
  id,
  ladderId,
  name: id,
  methodId,
  minutes: 10,
  ...change,
});
const primer = sample.products[0]?.id ?? '';
const laid = { productId: primer, coatMicrometres: 20 };

/** Two parts glued at `bond`, primed and cleared on both; the guest has a detail of its own in between. */
async function joined(change: (project: ReturnType<typeof makeSampleProject>) => void = () => undefined): Promise<Store> {
  const project = makeSampleProject();
  project.parts = project.parts.map((part) => ({ ...part, count: 1, areaSquareCentimetres: part.id === 'host' ? 200 : 50, print: null }));
  const host = [open('bond', 'host', 'dryFit'), open('h-prime', 'host', 'prime', laid), open('h-sand', 'host', 'sand', { grit: 'P600' })];
  const guest = [
    open('saw', 'guest', 'cut'),
    open('g-prime', 'guest', 'prime', laid),
    open('detail', 'guest', 'detail', { areaSquareCentimetres: 8 }),
    open('g-sand', 'guest', 'sand', { grit: 'P600' }),
    open('wax', 'guest', 'detail'),
  ];
  project.rungs = [...host, ...guest];
  project.ladders = project.ladders.map((ladder) => ({ ...ladder, rungIds: (ladder.id === 'host' ? host : guest).map(({ id }) => id) }));
  project.joins = project.joins.map((join) => ({ ...join, hostRungId: 'bond', guestRungId: 'saw' }));
  for (const list of ['weatherPlans', 'lightPlans', 'logEntries', 'passes', 'flaws'] as const) project[list] = [];
  change(project);
  db = new ShopDatabase(`joins-${(names += 1)}`);
  const store = new Store(db, () => NOW);
  await importProject(store, { project, attachments: makeSampleAttachments() }, 'replace');
  return store;
}
const asOne = async (store: Store): Promise<void> => {
  const join = (await db.records('joins').toArray()).find(({ hostRungId }) => hostRungId === 'bond');
  await store.edit('as one', (edit) => doDoubledOnce(edit, join?.id ?? '', NOW, () => `made-${(names += 1)}`));
};
describe('work that joined parts have on both', () => {
  it('is done once, by the host, in the minutes and on the surface of both; undo brings both back', async () => {
    const store = await joined();
    await asOne(store);
    const rung = (id: string) => db.records('rungs').get(id);
    expect([(await rung('g-prime'))?.state, (await rung('g-sand'))?.state, (await rung('detail'))?.state]).toEqual([
      'leftOut',
      'leftOut',
      'open',
    ]);
    expect(await rung('h-prime')).toMatchObject({ areaSquareCentimetres: 250, minutes: 15 });
    await store.undo();
    expect(await rung('h-prime')).toMatchObject({ minutes: 10 });
    expect((await rung('g-prime'))?.state).toBe('open');
    expect(await db.records('joins').count()).toBe(1);
  });
  it('is done on both from then on, and what the guest has to itself stays in its place between', async () => {
    const store = await joined();
    await asOne(store);
    const joins = (await db.records('joins').toArray()).map(({ hostRungId, guestRungId }) => `${guestRungId} ${hostRungId}`);
    expect(joins.sort()).toEqual(['g-prime h-prime', 'g-sand h-sand', 'saw bond']);
    const project = await gatherRecords(db, NOW);
    const plan = planShop(gatherPlan(project, gatherAirs(project.shop, [], NOW), NOW));
    if (plan.kind !== 'planned') throw new Error('no plan');
    const startOf = new Map(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
    const order = ['saw', 'bond', 'h-prime', 'detail', 'h-sand', 'wax'].map((id) => startOf.get(id) ?? Number.NaN);
    expect(order).toEqual(order.toSorted((a, b) => a - b));
  });
  it('is not there to do once more', async () => {
    const store = await joined();
    await asOne(store);
    await expect(asOne(store)).rejects.toThrow();
  });
  describe('stops being one', () => {
    const meetings = async (): Promise<readonly string[]> =>
      (await db.records('joins').toArray()).map(({ hostRungId, guestRungId }) => `${guestRungId} ${hostRungId}`).sort();
    const state = async (id: string): Promise<string | undefined> => (await db.records('rungs').get(id))?.state;
    const regrow = (store: Store, ladderId: string, id: string): Promise<unknown> =>
      store.edit('grow anew', (edit) => climbBy(edit, ladderId, null, [open(id, ladderId, 'prime', laid)]));
    it('where the guest’s rung is put back in', async () => {
      const store = await joined();
      await asOne(store);
      await store.edit('put back in', (edit) => putBackIn(edit, 'g-prime', NOW));
      expect(await meetings()).toEqual(['g-sand h-sand', 'saw bond']);
      await store.undo();
      expect(await meetings()).toEqual(['g-prime h-prime', 'g-sand h-sand', 'saw bond']);
    });
    it('where the host grows anew: its guest’s work is to do again', async () => {
      const store = await joined();
      await asOne(store);
      await regrow(store, 'host', 'new-prime');
      expect([await state('g-prime'), await state('g-sand'), await meetings()]).toEqual(['open', 'open', ['saw new-prime']]);
    });
    it('where either’s rung is removed; a join goes on from the rung below the one it named', async () => {
      const store = await joined();
      await asOne(store);
      const remove = (id: string): Promise<unknown> => store.edit('remove', (edit) => removeRung(edit, id));
      await remove('g-prime');
      expect(await meetings()).toEqual(['g-sand h-sand', 'saw bond']);
      await remove('h-sand');
      expect([await state('g-sand'), await meetings()]).toEqual(['open', ['saw bond']]);
      const [seam] = await db.records('joins').toArray();
      await store.edit('join elsewhere', (edit) => edit.patch('joins', seam?.id ?? '', { guestRungId: 'detail' }));
      await remove('detail');
      expect(await meetings()).toEqual(['saw bond']);
      await remove('saw');
      expect(await meetings()).toEqual(['g-sand bond']);
    });
    it('where the guest grows anew', async () => {
      const store = await joined();
      await asOne(store);
      await regrow(store, 'guest', 'new-prime');
      expect(await meetings()).toEqual(['new-prime bond']);
    });
  });
});
