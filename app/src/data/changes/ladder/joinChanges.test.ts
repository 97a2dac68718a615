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
import { climbAsOne } from './joinChanges';

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
    open('detail', 'guest', 'detail', { hardRungId: 'g-prime', areaSquareCentimetres: 8 }),
    open('g-sand', 'guest', 'sand', { grit: 'P600' }),
    open('wax', 'guest', 'detail', { hardRungId: 'detail' }),
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
  await store.edit('as one', (edit) => climbAsOne(edit, join?.id ?? '', NOW));
};
const laddersNow = async (): Promise<Record<string, readonly string[]>> =>
  Object.fromEntries((await db.records('ladders').toArray()).map(({ id, rungIds }) => [id, rungIds]));

describe('joined parts climbed as one piece', () => {
  it('have the guest’s own work above what both do before it, on the surface it had, waiting for what it waited for', async () => {
    const store = await joined();
    await asOne(store);
    expect(await laddersNow()).toMatchObject({
      host: ['bond', 'h-prime', 'detail', 'h-sand', 'wax'],
      guest: ['saw', 'g-prime', 'g-sand'],
    });
    const rung = (id: string) => db.records('rungs').get(id);
    expect(await rung('detail')).toMatchObject({
      name: 'guest: detail',
      ladderId: 'host',
      areaSquareCentimetres: 8,
      hardRungId: 'h-prime',
      minutes: 10,
    });
    expect(await rung('wax')).toMatchObject({ areaSquareCentimetres: 50, hardRungId: 'detail' });
    expect([(await rung('g-prime'))?.state, (await rung('g-sand'))?.state]).toEqual(['leftOut', 'leftOut']);
    expect(await rung('h-prime')).toMatchObject({ areaSquareCentimetres: 250 });
    await store.undo();
    expect(await laddersNow()).toMatchObject({ guest: ['saw', 'g-prime', 'detail', 'g-sand', 'wax'] });
    expect(await rung('detail')).toMatchObject({ name: 'detail', ladderId: 'guest' });
  });
  it('are planned so: a detail of the guest waits for the coat on both, and the paper after it for the detail', async () => {
    const store = await joined();
    await asOne(store);
    const project = await gatherRecords(db, NOW);
    const plan = planShop(gatherPlan(project, gatherAirs(project.shop, [], NOW), NOW));
    if (plan.kind !== 'planned') throw new Error('no plan');
    const startOf = new Map(plan.rungs.map(({ rungId, startMs }) => [rungId, startMs]));
    const order = ['saw', 'bond', 'h-prime', 'detail', 'h-sand', 'wax'].map((id) => startOf.get(id) ?? Number.NaN);
    expect(order).toEqual(order.toSorted((a, b) => a - b));
  });
  it('go on with their other joins: what named the guest’s upper rungs, or all of it, names the ladder they are on', async () => {
    const store = await joined((project) => {
      const [join] = project.joins;
      const [part] = project.parts;
      const [ladder] = project.ladders;
      if (!join || !part || !ladder) throw new Error('the sample has a join');
      project.parts.push({ ...part, id: 'third', name: 'third', position: 9 });
      project.ladders.push({ ...ladder, id: 'third', partId: 'third', rungIds: ['t-fit'] });
      project.rungs.push(open('t-fit', 'third', 'fit'));
      project.joins.push(
        { ...join, id: 'all', hostPartId: 'third', hostRungId: 't-fit', guestRungId: null },
        { ...join, id: 'low', hostPartId: 'third', hostRungId: 't-fit', guestRungId: 'saw' },
        { ...join, id: 'on-it', hostPartId: 'guest', hostRungId: 'wax', guestPartId: 'third', guestRungId: 't-fit' },
      );
    });
    await asOne(store);
    const joins = new Map((await db.records('joins').toArray()).map((join) => [join.id, join]));
    expect(joins.get('all')).toMatchObject({ guestPartId: 'host', hostPartId: 'third' });
    expect(joins.get('low')).toMatchObject({ guestPartId: 'guest' });
    expect(joins.get('on-it')).toMatchObject({ hostPartId: 'host', hostRungId: 'wax', guestPartId: 'third' });
  });
  it('leave nothing to do where nothing of the guest comes after the join', async () => {
    const store = await joined((project) => {
      project.joins = project.joins.map((join) => ({ ...join, guestRungId: null }));
    });
    await expect(asOne(store)).rejects.toThrow();
  });
});
