import 'fake-indexeddb/auto';
import { labOfHex } from '@zinc-ladder/core/colour/lab';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ShopDatabase } from '../../tables/database';
import { importProject } from '../../whole/projectTransfer';
import { Store } from '../../edits/store';
import {
  addWeatherPass,
  addWeatherRegion,
  changeWeatherRegion,
  layOutStory,
  moveWeatherPass,
  newPass,
  newWeatherPlan,
  putPassesOnLadder,
  removeWeatherPass,
  removeWeatherRegion,
  changeSeat,
  seatWholeProp,
  turnWholeProp,
} from './weatherChanges';

const NOON = Date.UTC(2026, 4, 28, 12);
let db: ShopDatabase;
let store: Store;
let ids = 0;
let made = 0;
const makeId = (): string => `made-${(made += 1)}`;

beforeEach(async () => {
  db = new ShopDatabase(`weather-changes-${(ids += 1)}`);
  store = new Store(db, () => NOON);
  await importProject(store, { project: { ...makeSampleProject(), weatherPlans: [] }, attachments: makeSampleAttachments() }, 'replace');
});
afterEach(() => db.delete());

const planId = 'plan';
const plan = async () => {
  const found = await db.records('weatherPlans').get(planId);
  if (!found) throw new Error('no plan');
  return found;
};

/** A ladder of those rungs, and a plan with those techniques put on it. */
async function put(rungs: readonly Partial<Rung>[], techniqueIds: readonly string[]): Promise<string[]> {
  await store.edit('Set up', async (edit) => {
    const ladder = await edit.need('ladders', 'host');
    await edit.remove('joins', ...(await edit.list('joins')).map(({ id }) => id));
    await edit.remove('rungs', ...ladder.rungIds);
    for (const [at, fields] of rungs.entries())
      await edit.put('rungs', { ...NEW_RUNG, id: `r${at}`, ladderId: 'host', name: `r${at}`, ...fields });
    await edit.patch('ladders', 'host', { rungIds: rungs.map((_, at) => `r${at}`) });
    await edit.put('weatherPlans', newWeatherPlan(planId, { id: 'host', materialId: 'rigid' }, 'metal'));
    for (const id of techniqueIds) {
      const technique = findTechnique(id);
      await addWeatherPass(edit, planId, newPass(makeId(), technique, labOfHex(technique.usualHex), [], 1));
    }
  });
  await store.edit('Put', (edit) =>
    putPassesOnLadder(edit, planId, { materialId: 'rigid', areaSquareCentimetres: 100, count: 3 }, 'host', new Map(), makeId),
  );
  const ladder = await db.records('ladders').get('host');
  const found = await Promise.all((ladder?.rungIds ?? []).map((id) => db.records('rungs').get(id)));
  return found.map((rung) => rung?.name ?? '');
}

const COLOUR = { methodId: 'sprayCoat', band: 'colour', name: 'green' } as const;
const CLEAR = { methodId: 'clear', band: 'weather', name: 'satin clear' } as const;
const FIT = { methodId: 'fit', band: 'fit', name: 'fit' } as const;

describe('passes on the ladder', () => {
  it('stand under the last clear where they may be sealed, over it where they must not be, and before fitting', async () =>
    expect(await put([COLOUR, CLEAR, FIT], ['washWiped', 'dryBrush', 'dust'])).toEqual([
      'green',
      'dark wash, wiped',
      'dry brush',
      'satin clear',
      'dust',
      'fit',
    ]));
  it('stand on top where there is no clear', async () =>
    expect(await put([COLOUR], ['soot', 'streaks'])).toEqual(['green', 'streaks', 'soot']));
  it('go over a clear that is done: it cannot be opened again', async () =>
    expect(await put([COLOUR, { ...CLEAR, state: 'done', doneAtMs: NOON }], ['dryBrush'])).toEqual(['green', 'satin clear', 'dry brush']));
  it('put rubber for chips under the colour, while it is not on', async () =>
    expect(
      await put(
        [{ ...COLOUR, name: 'primer', methodId: 'prime', band: 'prime' }, { ...COLOUR, name: 'green, mist' }, COLOUR],
        ['chipsTaken', 'dust'],
      ),
    ).toEqual(['primer', 'chips taken away', 'green, mist', 'green', 'dust']));
  it('say so when it is too late for rubber, and change nothing', async () => {
    await expect(put([{ ...COLOUR, state: 'done', doneAtMs: NOON }], ['chipsTaken'])).rejects.toMatchObject({ code: 'tooLate' });
    expect((await plan()).passes.every(({ rungId }) => rungId === null)).toBe(true);
  });
  it('are put once: what is on the ladder stays, and is forgotten when its rung goes', async () => {
    await put([COLOUR], ['dryBrush']);
    await store.edit('Again', (edit) =>
      putPassesOnLadder(edit, planId, { materialId: 'rigid', areaSquareCentimetres: 100, count: 3 }, 'host', new Map(), makeId),
    );
    const ladder = await db.records('ladders').get('host');
    expect(ladder?.rungIds).toHaveLength(2);
    const rungId = (await plan()).passes[0]?.rungId ?? '';
    expect((await db.records('rungs').get(rungId))?.minutesFormula).toMatch(/3 ×/u);
    await store.edit('Remove', (edit) => edit.remove('rungs', rungId));
    expect((await plan()).passes[0]?.rungId).toBeNull();
  });
});

describe('the way up', () => {
  it('is set for all parts of a prop at once, those without a plan too, and undone at once', async () => {
    await put([COLOUR], []);
    await store.edit('Turn', (edit) => turnWholeProp(edit, 'prop', [0, 0, -1], makeId));
    const plans = await db.records('weatherPlans').toArray();
    expect(plans.map(({ partId }) => partId).toSorted()).toEqual(['guest', 'host']);
    expect(plans.every(({ up }) => up.join() === '0,0,-1')).toBe(true);
    await store.undo();
    expect((await db.records('weatherPlans').toArray()).map(({ partId, up }) => [partId, up])).toEqual([['host', [0, 0, 1]]]);
  });
});

describe('where parts sit', () => {
  it('is as their files have it for all parts of a prop that have one, and undone at once', async () => {
    await put([COLOUR], []);
    const drawn = (await db.records('meshes').toArray()).map(({ partId }) => partId);
    expect(drawn.length).toBeGreaterThan(0);
    await store.edit('Seat', (edit) => seatWholeProp(edit, 'prop', makeId));
    const seated = (await db.records('weatherPlans').toArray()).filter(({ seat }) => seat !== null);
    expect(seated.map(({ partId }) => partId).toSorted()).toEqual(drawn.toSorted());
    expect(seated[0]?.seat).toEqual({ turnDegrees: 0, offset: [0, 0, 0] });
    const [first] = seated;
    await Promise.all([
      store.edit('Turn', (edit) => changeSeat(edit, first?.id ?? '', (seat) => ({ ...seat, turnDegrees: 90 }))),
      store.edit('Move', (edit) => changeSeat(edit, first?.id ?? '', (seat) => ({ ...seat, offset: [0, 0, 7] }))),
    ]);
    expect((await db.records('weatherPlans').get(first?.id ?? ''))?.seat).toEqual({ turnDegrees: 90, offset: [0, 0, 7] });
    await store.undo();
    await store.undo();
    await store.undo();
    expect((await db.records('weatherPlans').toArray()).filter(({ seat }) => seat !== null)).toEqual([]);
  });
});

describe('a plan of passes', () => {
  it('keeps what was begun when a story is laid out anew, and never lays the same technique twice', async () => {
    await put([COLOUR], ['washWiped']);
    await store.edit('Story', async (edit) =>
      layOutStory(edit, await edit.need('weatherPlans', planId), 'paintedMetal', 'ancient', [], makeId),
    );
    const techniques = (await plan()).passes.map(({ techniqueId }) => techniqueId);
    expect(techniques[0]).toBe('washWiped');
    expect(new Set(techniques).size).toBe(techniques.length);
    expect(techniques.at(-1)).toBe('dust');
    await store.edit('New', async (edit) => layOutStory(edit, await edit.need('weatherPlans', planId), 'paintedMetal', 'new', [], makeId));
    expect((await plan()).passes.map(({ techniqueId }) => techniqueId)).toEqual(['washWiped']);
  });
  it('takes the amounts of the finisher’s own cards that worked', async () => {
    const card = { techniqueId: 'dryBrush', isGood: true, amount: 0.25, wiped: 0, sizeMillimetres: 2.5, minutes: null, madeAtMs: NOON };
    await put([COLOUR], []);
    const lay = (cards: readonly (typeof card)[]) =>
      store.edit('Story', async (edit) =>
        layOutStory(edit, await edit.need('weatherPlans', planId), 'paintedMetal', 'ancient', [], makeId, cards),
      );
    const brush = async () => (await plan()).passes.find(({ techniqueId }) => techniqueId === 'dryBrush');
    await lay([]);
    const usual = (await brush())?.amount ?? 0;
    await lay([card]);
    expect(await brush()).toMatchObject({ sizeMillimetres: 2.5 });
    expect((await brush())?.amount).toBeCloseTo(usual / 2, 2);
  });
  it('moves a pass, and takes it away with its readings', async () => {
    await put([COLOUR], ['washWiped', 'dryBrush']);
    const [wash, brush] = (await plan()).passes;
    await store.edit('Move', (edit) => moveWeatherPass(edit, planId, brush?.id ?? '', -1));
    expect((await plan()).passes.map(({ id }) => id)).toEqual([brush?.id, wash?.id]);
    await store.edit('Reading', async (edit) =>
      edit.patch('weatherPlans', planId, {
        readings: [
          {
            id: 'seen',
            passId: wash?.id ?? '',
            amount: 0.2,
            coverage: 0.1,
            half: 0.05,
            most: 0.5,
            how: 'eye',
            pictureId: null,
            atMs: NOON,
          },
        ],
      }),
    );
    await store.edit('Take away', (edit) => removeWeatherPass(edit, planId, wash?.id ?? ''));
    expect(await plan()).toMatchObject({ readings: [], passes: [{ id: brush?.id }] });
    await store.undo();
    expect((await plan()).readings).toHaveLength(1);
  });
});

describe('regions of another colour', () => {
  const region = (id: string) => ({
    id,
    productId: 'primer',
    lab: [40, 2, 8],
    place: [1, 2, 3],
    edgeDegrees: 25,
    reachMillimetres: null,
    stencilId: null,
    turnDegrees: 0,
  });
  it('come over those that are there, change one by one, and lose their paint with the product, not their place', async () => {
    await put([], []);
    await store.edit('Point', (edit) => addWeatherRegion(edit, planId, region('one')));
    await store.edit('Point', (edit) => addWeatherRegion(edit, planId, region('two')));
    await store.edit('Edge', (edit) => changeWeatherRegion(edit, planId, 'one', { edgeDegrees: 60, reachMillimetres: 4 }));
    expect((await plan()).regions).toEqual([{ ...region('one'), edgeDegrees: 60, reachMillimetres: 4 }, region('two')]);
    await store.edit('Sell', (edit) => edit.remove('products', 'primer'));
    expect((await plan()).regions.map(({ productId }) => productId)).toEqual([null, null]);
    await store.edit('Off', (edit) => removeWeatherRegion(edit, planId, 'one'));
    expect((await plan()).regions.map(({ id }) => id)).toEqual(['two']);
  });
  it('are eight at the most, told apart by a bit each; a ninth is refused and nothing is lost', async () => {
    await put([], []);
    for (let at = 0; at < 8; at += 1) await store.edit('Point', (edit) => addWeatherRegion(edit, planId, region(`r${at}`)));
    await expect(store.edit('Point', (edit) => addWeatherRegion(edit, planId, region('ninth')))).rejects.toMatchObject({ code: 'invalid' });
    expect((await plan()).regions).toHaveLength(8);
  });
});
