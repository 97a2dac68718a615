// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { writeStl } from '@zinc-ladder/core/surface/mesh/writeStl';
import { shapeMesh } from '@zinc-ladder/core/weather/places/shapeMesh';
import { makeSampleAttachments, makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/mesh/meshClient', () => import('../../testing/meshHere'));
vi.mock('../../workers/weather/weatherClient', () => import('../../testing/weatherHere'));

/** The sample, its first part a box without a mesh, in olive, with paints for washing it. */
function shopWithBox(change: Partial<ProjectFile> = {}): ProjectFile {
  const sample = makeSampleProject();
  const [product] = sample.products;
  const paint = (id: string, name: string, colourHex: string, classId = 'brushAcrylic') => ({
    ...(product as ProjectFile['products'][number]),
    id,
    name,
    colourHex,
    classId,
    lab: null,
    effect: 'none' as const,
    values: [],
  });
  return {
    ...sample,
    meshes: [],
    flaws: [],
    parts: sample.parts.map((part) => (part.id === 'host' ? { ...part, shapeId: 'box' as const, sizeMillimetres: [50, 40, 30] } : part)),
    products: [
      ...sample.products,
      paint('olive', 'Olive', '#3c5c4c'),
      paint('black', 'Black', '#171513'),
      paint('bone', 'Bone', '#e6dcc4'),
    ],
    weatherPlans: [],
    techniqueCards: [],
    ...change,
  };
}

/** The plan of the first part as it is kept. */
async function planOf(db: Awaited<ReturnType<typeof openShop>>['db']) {
  return (await db.records('weatherPlans').toArray()).find((plan) => plan.partId === 'host');
}

describe('the weathering of a part', () => {
  it('lays out a story, says where to stop with each pass, and undo takes all of it back', async () => {
    const { user, db, store } = await openShop('/weather/host', shopWithBox());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Passes for' }), 'paintedMetal');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Age' }), 'ancient');
    await user.click(screen.getByRole('button', { name: 'Lay out the passes' }));
    const list = await screen.findByRole('region', { name: 'Passes' });
    await within(list).findByRole('button', { name: /Chips painted with a brush/u });
    await waitFor(() => expect(within(list).getByRole('button', { name: /Dry brush/u }).textContent).toMatch(/\d %/u));
    const names = within(list)
      .getAllByRole('button')
      .map((button) => button.textContent);
    expect(names[0]).toContain('Dark wash, wiped');
    expect(names.filter((name) => /Dust/u.test(name)).length).toBe(1);
    expect((await planOf(db))?.passes.length).toBeGreaterThan(4);
    // A wash of black takes the black of the shelf.
    expect((await planOf(db))?.passes[0]?.productId).toBe('black');
    expect(screen.getByRole('region', { name: 'Age of this part' }).textContent).toMatch(/\d+, /u);
    await store.undo();
    await waitFor(() => expect(within(list).queryByRole('button', { name: /Dry brush/u })).toBeNull());
    expect(await planOf(db)).toBeUndefined();
  });
  it('keeps what a slider was left at, draws it from the shape and says that recesses are not known', async () => {
    const { user, db } = await openShop('/weather/host', shopWithBox());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Add a technique' }), 'chipsSponge');
    const sheet = await screen.findByRole('region', { name: 'Chips dabbed with a sponge' });
    expect(await screen.findByText(/by its shape: no recesses known/u)).toBeTruthy();
    const slider = within(sheet).getByRole('slider', { name: 'Amount' });
    fireEvent.change(slider, { target: { value: '0.8' } });
    expect(within(sheet).getByText('80 %')).toBeTruthy();
    expect((await planOf(db))?.passes[0]?.amount).toBe(0.25);
    fireEvent.pointerUp(slider);
    await waitFor(async () => expect((await planOf(db))?.passes[0]?.amount).toBe(0.8));
    await user.click(within(sheet).getByRole('button', { name: 'Let it fall otherwise' }));
    await waitFor(async () => expect((await planOf(db))?.passes[0]?.seed).toBe(2));
    expect(within(sheet).getByText(/turned at every dab/u)).toBeTruthy();
  });
  it('says before it is mixed that a wash of the base’s own colour will not show, and offers paints that would', async () => {
    const project = shopWithBox();
    const rung = {
      ...(project.rungs[0] as ProjectFile['rungs'][number]),
      id: 'coat',
      band: 'colour' as const,
      methodId: 'brushCoat',
      productId: 'olive',
      state: 'open' as const,
      doneAtMs: null,
      mixCardId: null,
    };
    const { user, db } = await openShop('/weather/host', {
      ...project,
      rungs: [...project.rungs, rung],
      ladders: project.ladders.map((ladder) => (ladder.id === 'host' ? { ...ladder, rungIds: [...ladder.rungIds, 'coat'] } : ladder)),
    });
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Add a technique' }), 'dryBrush');
    const sheet = await screen.findByRole('region', { name: 'Dry brush' });
    await user.selectOptions(within(sheet).getByRole('combobox', { name: 'Paint' }), 'olive');
    expect((await within(sheet).findByRole('alert')).textContent).toMatch(/will not show over Olive/u);
    await user.click(within(sheet).getByRole('button', { name: /^Bone/u }));
    await waitFor(async () => expect((await planOf(db))?.passes[0]?.productId).toBe('bone'));
    await waitFor(() => expect(within(sheet).queryByText(/will not show/u)).toBeNull());
  });
  it('puts passes on the ladder with their minutes, mixes and cautions, once', async () => {
    const { user, db } = await openShop('/weather/host', shopWithBox());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Add a technique' }), 'pinWash');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Add a technique' }), 'dust');
    await user.click(await screen.findByRole('button', { name: 'Put 2 on the ladder' }));
    await waitFor(async () => expect((await planOf(db))?.passes.every(({ rungId }) => rungId !== null)).toBe(true));
    const ladder = await db.records('ladders').get('host');
    const rungs = await Promise.all((ladder?.rungIds ?? []).map((id) => db.records('rungs').get(id)));
    const wash = rungs.find((rung) => rung?.name === 'pin wash');
    expect(wash).toMatchObject({ methodId: 'darkWash', band: 'weather', cautionIds: expect.arrayContaining(['oilRags']) as unknown });
    expect(wash?.minutes).toBeGreaterThan(0);
    expect(wash?.detail).toMatch(/1 : 10 with white spirit/u);
    expect(rungs.findIndex((rung) => rung?.name === 'dust')).toBeGreaterThan(rungs.findIndex((rung) => rung?.name === 'pin wash'));
    expect(screen.queryByRole('button', { name: /on the ladder$/u })).toBeNull();
    expect(screen.getAllByText('on the ladder')).toHaveLength(2);
  });
  it('steers by eye: a turn too little asks for one more, one over the line says stop, and the hand is learned', async () => {
    const { user, db } = await openShop('/weather/host', shopWithBox());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Add a technique' }), 'spongeStipple');
    await screen.findByRole('region', { name: 'Sponge stipple' });
    await user.click(screen.getByRole('link', { name: 'More or stop' }));
    const verdict = await screen.findByRole('region', { name: 'Verdict' });
    expect(await within(verdict).findByText('Begin with half')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'By eye' }));
    const line = await screen.findByText('the line');
    expect(line).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^2 %/u }));
    expect(await within(verdict).findByText('One more, light')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^75 %/u }));
    expect(await within(verdict).findByText('Stop')).toBeTruthy();
    expect((await planOf(db))?.readings.map(({ coverage, how }) => [coverage, how])).toEqual([
      [0.02, 'eye'],
      [0.75, 'eye'],
    ]);
    const turns = screen.getByRole('region', { name: 'Turns so far' });
    await user.click(within(turns).getByRole('button', { name: /take this turn away, 75 %/iu }));
    await waitFor(async () => expect((await planOf(db))?.readings).toHaveLength(1));
    await user.click(screen.getByRole('button', { name: 'Done, not measured' }));
    expect(await within(turns).findByText('not measured')).toBeTruthy();
  });
  it('shows the age of all parts, which looks too new, and the pass that brings it nearer', async () => {
    const project = shopWithBox();
    const plan = (partId: string, amount: number): ProjectFile['weatherPlans'][number] => ({
      ...(makeSampleProject().weatherPlans[0] as ProjectFile['weatherPlans'][number]),
      id: `weather-${partId}`,
      partId,
      pins: [],
      readings: [],
      passes: ['dryBrush', 'spongeStipple', 'dust'].map((techniqueId, at) => ({
        id: `${partId}-${at}`,
        techniqueId,
        productId: 'bone',
        lab: [90, 0, 8],
        amount,
        wiped: 0,
        sizeMillimetres: 1.5,
        seed: at,
        stop: null,
        rungId: null,
      })),
    });
    const twin = (id: string): ProjectFile['parts'][number] => ({
      ...(project.parts[0] as ProjectFile['parts'][number]),
      id,
      name: id,
      position: 9,
    });
    const { db } = await openShop('/weather/host/level', {
      ...project,
      parts: [...project.parts, twin('worn'), twin('fresh')],
      ladders: [...project.ladders, ...['worn', 'fresh'].map((id) => ({ id, revision: 0, partId: id, route: null, rungIds: [] }))],
      weatherPlans: [plan('host', 0.9), plan('worn', 0.9), plan('fresh', 0.03)],
    });
    const row = (await screen.findByRole('rowheader', { name: 'fresh' })).closest('tr') as HTMLElement;
    expect(await within(row).findByText('too new', {}, { timeout: 20_000 })).toBeTruthy();
    fireEvent.click(await within(row).findByRole('button', { name: /to \d+ %: looks \d+/u }));
    await waitFor(async () => {
      const fresh = (await db.records('weatherPlans').get('weather-fresh'))?.passes ?? [];
      expect(Math.max(...fresh.map(({ amount }) => amount))).toBeGreaterThan(0.05);
    });
    const guest = (await screen.findByRole('rowheader', { name: 'guest' })).closest('tr') as HTMLElement;
    expect(guest.textContent).toMatch(/size and shape are not known/u);
  });
  it('makes a card of a pass in one press; cards that worked give the technique its own values', async () => {
    const { user, db } = await openShop('/weather/host', shopWithBox());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Add a technique' }), 'dryBrush');
    await screen.findByRole('region', { name: 'Dry brush' });
    expect(screen.getByText(/Usual values are guessed/u)).toBeTruthy();
    await user.click(screen.getByRole('link', { name: 'Technique cards' }));
    await user.click(await screen.findByRole('button', { name: 'Dry brush' }));
    const card = await screen.findByRole('region', { name: 'Dry brush on host' });
    await user.selectOptions(within(card).getByRole('combobox', { name: 'Did it work' }), 'yes');
    await waitFor(async () => expect((await db.records('techniqueCards').toArray())[0]?.isGood).toBe(true));
    await user.click(screen.getByRole('link', { name: 'Rehearse' }));
    expect(await screen.findByText(/from 1 of your own cards/u)).toBeTruthy();
  });
  it('tells what is missing where a part has neither mesh nor shape, and teaches where to begin', async () => {
    await openShop('/weather/guest', shopWithBox());
    expect((await screen.findByText(/no mesh, and its size and shape are not known/u)).textContent).toMatch(/Surface/u);
  });
  it('has a region of another colour where its mesh was pointed at: its share, its edge, its paint; taken away it comes back by undo', async () => {
    const sample = makeSampleProject();
    const [kept] = sample.weatherPlans;
    const project = shopWithBox({
      meshes: sample.meshes,
      weatherPlans: kept
        ? [
            {
              ...kept,
              regions: [
                {
                  id: 'top',
                  productId: 'olive',
                  lab: [1, 2, 3],
                  place: [3, 2, 20],
                  edgeDegrees: 25,
                  reachMillimetres: null,
                  stencilId: null,
                  turnDegrees: 0,
                },
              ],
            },
          ]
        : [],
    });
    // A coat inside its mask that is planned on the whole of the part.
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'host-2' ? { ...rung, methodId: 'maskedCoat', band: 'maskDetail', productId: 'olive', coatMicrometres: 12 } : rung,
    );
    const attachments = makeSampleAttachments().set('mesh', writeStl(shapeMesh('box', [40, 30, 20]), 'box'));
    const { user, db, store } = await openShop('/weather/host', project, attachments);
    const share = (40 * 30) / (2 * (40 * 30 + 40 * 20 + 30 * 20));
    fireEvent.click(await screen.findByText(new RegExp(`Its colours: .*; Olive on ${Math.round(100 * share)} %`, 'u')));
    const row = screen.getByRole('listitem', { name: 'Olive' });
    expect(row.textContent).toContain('12 cm²');
    await user.click(within(row).getByRole('button', { name: /^Take 12/u }));
    const areaOf = async () => (await db.records('rungs').get('host-2'))?.areaSquareCentimetres ?? null;
    await waitFor(async () => expect(Math.abs(((await areaOf()) ?? 0) - 12)).toBeLessThan(0.2));
    await waitFor(() => expect(within(row).queryByText(/planned on/u)).toBeNull());
    await store.undo();
    expect(await areaOf()).toBeNull();
    await within(row).findByText(/^Its coat is planned on/u);
    const edge = within(row).getByRole('slider', { name: 'Ends where it bends by' });
    fireEvent.change(edge, { target: { value: '95' } });
    fireEvent.pointerUp(edge);
    await screen.findByText(/Olive on 100 %/u);
    await user.selectOptions(within(row).getByRole('combobox', { name: 'Its paint' }), 'bone');
    await screen.findByText(/Bone on 100 %/u);
    await user.click(screen.getByRole('button', { name: 'Take away: Bone' }));
    await waitFor(async () => expect((await planOf(db))?.regions).toEqual([]));
    expect(screen.getByText(/^Its colours: [^;]*$/u)).toBeTruthy();
    await store.undo();
    await screen.findByText(/Bone on 100 %/u);
  });
  it('sprays a region through a stencil of the part, turned; the region goes when the stencil does, and undo brings both back', async () => {
    const sample = makeSampleProject();
    const [kept] = sample.weatherPlans;
    const region = { id: 'top', productId: 'olive', lab: [1, 2, 3], place: [3, 2, 20], edgeDegrees: 25, reachMillimetres: null };
    const project = shopWithBox({
      meshes: sample.meshes,
      stencils: [
        { id: 'bar', revision: 0, partId: 'host', name: 'Bar', outline: 'M0 0L20 0L20 10L0 10Z', millimetresPerUnit: 1 },
        { id: 'open', revision: 0, partId: 'host', name: 'Open line', outline: 'M0 0L20 0L20 10', millimetresPerUnit: 1 },
      ],
      weatherPlans: kept ? [{ ...kept, regions: [{ ...region, stencilId: null, turnDegrees: 0 }] }] : [],
    });
    const attachments = makeSampleAttachments().set('mesh', writeStl(shapeMesh('box', [40, 30, 20]), 'box'));
    const { user, db, store } = await openShop('/weather/host', project, attachments);
    fireEvent.click(await screen.findByText(/Its colours: .*; Olive on 23 %/u));
    const row = screen.getByRole('listitem', { name: 'Olive' });
    const through = within(row).getByRole('combobox', { name: 'Sprayed through' });
    await user.selectOptions(through, 'Bar');
    await screen.findByText(/Olive on 4 %/u);
    const turn = within(row).getByRole('slider', { name: 'The stencil turned' });
    fireEvent.change(turn, { target: { value: '90' } });
    fireEvent.pointerUp(turn);
    await waitFor(async () => expect((await planOf(db))?.regions[0]).toMatchObject({ stencilId: 'bar', turnDegrees: 90 }));
    await user.selectOptions(through, 'Open line');
    expect((await within(row).findByRole('alert')).textContent).toBe('Open line: none of its lines is closed, so nothing of it is open.');
    const before = await planOf(db);
    await store.edit('Take the stencil away', (edit) => edit.remove('stencils', 'open'));
    await waitFor(async () => expect((await planOf(db))?.regions).toEqual([]));
    await store.undo();
    expect((await planOf(db))?.regions).toEqual(before?.regions);
  });

  it('lets a part sit in its prop: pins of its neighbours mark it, on top of one it stands by their boxes, and undo takes it back', async () => {
    const sample = makeSampleProject();
    const [kept] = sample.weatherPlans;
    const shaped = shopWithBox();
    const project = shopWithBox({
      parts: shaped.parts.map((part) => ({ ...part, propId: 'prop', shapeId: 'box' as const, sizeMillimetres: [50, 40, 30] })),
      weatherPlans: kept
        ? [
            {
              ...kept,
              id: 'below',
              partId: 'guest',
              passes: [],
              readings: [],
              seat: { turnDegrees: 0, offset: [100, 0, 5] },
              pins: [{ id: 'grip', kind: 'held', place: [25, 0, 25] }],
            },
          ]
        : [],
    });
    const { user, db, store } = await openShop('/weather/host', project);
    fireEvent.click(await screen.findByText(/Its life: 0 held, 0 run from, as in its file/u));
    expect(screen.getByText('What is pinned on it marks it alone.')).toBeTruthy();
    const seat = screen.getByRole('combobox', { name: /^Sits in / });
    await user.selectOptions(seat, 'guest');
    await screen.findByText('1 of 1 on other parts');
    expect((await planOf(db))?.seat).toEqual({ turnDegrees: 0, offset: [100, 0, 35] });
    await screen.findByText(/Its life: 0 held, 0 run from, 1 on other parts/u);
    const up = screen.getByRole('textbox', { name: 'Moved up, mm' });
    await user.clear(up);
    await user.type(up, '300{Enter}');
    await screen.findByText('0 of 1 on other parts');
    expect(screen.getByRole<HTMLSelectElement>('combobox', { name: /^Sits in / }).value).toBe('moved');
    await user.selectOptions(seat, 'nobody knows where');
    await waitFor(async () => expect((await planOf(db))?.seat).toBeNull());
    await store.undo();
    expect((await planOf(db))?.seat).toEqual({ turnDegrees: 0, offset: [100, 0, 300] });
  });

  it('pins and turns what the part lives through', async () => {
    const { user, db } = await openShop('/weather/host', shopWithBox());
    await screen.findByText(/by its shape/u);
    fireEvent.click(screen.getByText(/Its life/u));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Stands or is worn' }), '0,0,-1');
    await waitFor(async () => expect((await planOf(db))?.up).toEqual([0, 0, -1]));
  });
});
