// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/mesh/partPictureClient', () => import('../../testing/partPictureHere'));

const HOST = '/ladders/prop/host?rung=host-2';

/** Types into a field that is kept on Enter. */
async function retype(user: Awaited<ReturnType<typeof openShop>>['user'], field: HTMLElement, text: string): Promise<void> {
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}

describe('parts by sight', () => {
  const withParts = (change: (part: ReturnType<typeof makeSampleProject>['parts'][number]) => object) => {
    const project = makeSampleProject();
    project.parts = project.parts.map((part) => ({ ...part, ...change(part) }));
    return { ...project, meshes: [], flaws: [], weatherPlans: [] };
  };
  it('a part with a shape is drawn from it, one with a photograph shows that, one with neither nothing', async () => {
    const project = withParts((part) => (part.id === 'host' ? { shapeId: 'box', sizeMillimetres: [40, 20, 10] } : { shapeId: null }));
    await openShop('/ladders/prop', project);
    expect(await screen.findByRole('img', { name: 'what host looks like' })).toBeTruthy();
    expect(screen.queryByRole('img', { name: /what guest/u })).toBeNull();
  });
  it('a mesh that cannot be read leaves the photograph', async () => {
    const project = makeSampleProject();
    project.pictures = project.pictures.map((picture) => ({ ...picture, partId: 'host' }));
    await openShop('/ladders/prop', project);
    // The sample's mesh is four bytes.
    const face = await screen.findByRole('img', { name: 'what host looks like' });
    expect(face.tagName).toBe('IMG');
  });
});

describe('a rung that was done before it came here', () => {
  it('is logged with what is to do below it, each at its moment, in one edit that undo takes back', async () => {
    const project = makeSampleProject();
    const [top] = project.rungs.filter(({ ladderId, state }) => ladderId === 'host' && state === 'open').slice(-1);
    if (!top) throw new Error('the host has nothing open');
    const extra = { ...top, id: 'host-top', name: 'last of all', methodId: 'sand', productId: null, minutes: 10, hardRungId: null };
    project.rungs.push(extra);
    project.ladders = project.ladders.map((ladder) =>
      ladder.id === 'host' ? { ...ladder, rungIds: [...ladder.rungIds, extra.id] } : ladder,
    );
    const { user, db } = await openShop('/ladders/prop/host?rung=host-top', project);
    await user.click(await screen.findByRole('button', { name: 'Done earlier' }));
    const form = await screen.findByRole('form', { name: 'Done earlier' });
    await user.type(within(form).getByRole('textbox', { name: /^Minutes if known/u }), 'x');
    expect(within(form).getByText('This is not a number.')).toBeTruthy();
    expect((within(form).getByRole('button', { name: /^Log/u }) as HTMLButtonElement).disabled).toBe(true);
    await user.clear(within(form).getByRole('textbox', { name: /^Minutes if known/u }));
    const lines = within(within(form).getByRole('list', { name: 'What is logged' })).getAllByRole('listitem');
    expect(lines.map(({ textContent }) => textContent)).toHaveLength(2);
    expect(lines[1]?.textContent).toMatch(/^last of all/u);
    await user.click(within(form).getByRole('button', { name: 'Log 2 rungs as done' }));
    await screen.findByRole('button', { name: 'Undo Log 2 rungs as done' });
    const done = await db.records('rungs').get('host-top');
    const below = await db.records('rungs').get(top.id);
    expect([done?.state, below?.state]).toEqual(['done', 'done']);
    expect((done?.doneAtMs ?? 0) - (below?.doneAtMs ?? 0)).toBeGreaterThanOrEqual(10 * 60_000);
    await user.click(screen.getByRole('button', { name: 'Undo Log 2 rungs as done' }));
    await waitFor(async () => expect((await db.records('rungs').get(top.id))?.state).toBe('open'));
  });
  it('takes along what had to be done on a part that is joined there, and names whose it is', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) => (rung.id === 'guest-1' ? { ...rung, state: 'open', startedAtMs: null } : rung));
    const { user, db } = await openShop(HOST, project);
    await user.click(await screen.findByRole('button', { name: 'Done earlier' }));
    const form = await screen.findByRole('form', { name: 'Done earlier' });
    expect(within(form).getByRole('checkbox', { name: /^and guest: .* before it that is to do$/u })).toBeTruthy();
    const lines = within(within(form).getByRole('list', { name: 'What is logged' })).getAllByRole('listitem');
    expect(lines.map(({ textContent }) => textContent?.split(':')[0])).toEqual(['guest', 'host']);
    await user.click(within(form).getByRole('button', { name: 'Log 2 rungs as done' }));
    await waitFor(async () => expect((await db.records('rungs').get('guest-1'))?.state).toBe('done'));
  });
  it('may be told alone', async () => {
    const { user, db } = await openShop(HOST);
    await user.click(await screen.findByRole('button', { name: 'Done earlier' }));
    const form = await screen.findByRole('form', { name: 'Done earlier' });
    await user.type(within(form).getByRole('textbox', { name: /^Minutes if known/u }), '25');
    await user.click(within(form).getByRole('button', { name: 'Log it as done' }));
    await waitFor(async () => expect(await db.records('rungs').get('host-2')).toMatchObject({ state: 'done', workedMs: 25 * 60_000 }));
    expect(screen.queryByRole('form', { name: 'Done earlier' })).toBeNull();
  });
});

describe('the ladders of a prop', () => {
  it('stand side by side, each rung with its state in words', async () => {
    await openShop('/ladders/prop');
    const host = await screen.findByRole('region', { name: 'host' });
    expect(within(host).getByRole('link', { name: 'primer, done' })).toBeTruthy();
    const guest = screen.getByRole('region', { name: 'guest' });
    expect(within(guest).getByRole('link', { name: /, in hand$/u })).toBeTruthy();
    expect(within(host).getByText('guest joins here')).toBeTruthy();
  });
  it('are those of the prop that is told as open, also where the address names none', async () => {
    await openShop('/ladders');
    await screen.findByRole('region', { name: 'host' });
    const props = within(screen.getByRole('navigation', { name: 'Props' }));
    expect(props.getAllByRole('link').map((link) => link.getAttribute('aria-current'))).toEqual(['page']);
  });
  it('are crossed and climbed with the arrow keys', async () => {
    const { user } = await openShop('/ladders/prop');
    (await screen.findByRole('link', { name: 'primer, done' })).focus();
    await user.keyboard('{ArrowUp}');
    await waitFor(() => expect(document.activeElement?.getAttribute('data-grid')).toBe('0.1'));
    await user.keyboard('{ArrowRight}');
    await waitFor(() => expect(document.activeElement?.getAttribute('data-grid')).toBe('1.0'));
    await user.keyboard('{ArrowUp}');
    expect(document.activeElement?.getAttribute('data-grid')).toBe('1.0');
  });
  it('say when the prop is ready and how far it is climbed', async () => {
    await openShop('/ladders/prop');
    expect((await screen.findByText('Hands left')).nextSibling?.textContent).toMatch(/min$/u);
    expect(screen.getByText('2 ladders · 3 rungs · 1 climbed')).toBeTruthy();
  });
  it('teach the first move in an empty shop, and a prop is added by name alone', async () => {
    const { user, db } = await openShop('/ladders', {
      ...makeSampleProject(),
      props: [],
      parts: [],
      ladders: [],
      rungs: [],
      joins: [],
      logEntries: [],
      meshes: [],
      pictures: [],
      mixCards: [],
    });
    await user.click(await screen.findByRole('button', { name: 'Add the first prop' }));
    const keep = (): HTMLElement => screen.getAllByRole('button', { name: 'Add prop' }).at(-1) as HTMLElement;
    await user.click(keep());
    expect((await screen.findByRole('alert')).textContent).not.toBe('');
    expect(await db.records('props').count()).toBe(0);
    await user.type(screen.getByRole('textbox', { name: 'Name' }), 'Storm lamp');
    await user.click(keep());
    expect(await screen.findByRole('heading', { name: 'No part yet' })).toBeTruthy();
    expect(await db.records('props').toArray()).toMatchObject([{ name: 'Storm lamp', weight: 1, dueMs: null, position: 0 }]);
  });
});

describe('adding a part', () => {
  it('grows its ladder from material and finish as the preview said', async () => {
    const { user, db } = await openShop('/ladders/prop');
    await user.click(await screen.findByRole('button', { name: 'Add part' }));
    const form = await screen.findByRole('textbox', { name: 'Name' });
    await user.type(form, 'lid');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Material' }), 'resin');
    const count = Number(within(await screen.findByRole('status')).getByText(/^\d+$/u).textContent);
    expect(count).toBeGreaterThan(3);
    await user.click(screen.getAllByRole('button', { name: 'Add part' }).at(-1) as HTMLElement);
    await waitFor(async () => expect(await db.records('parts').count()).toBe(3));
    const part = (await db.records('parts').toArray()).find((entry) => entry.name === 'lid');
    expect(part).toMatchObject({ materialId: 'resin', layerMillimetres: 0.05, position: 2 });
    const ladder = await db.records('ladders').get(part?.id ?? '');
    expect(ladder?.rungIds).toHaveLength(count);
    const first = await db.records('rungs').get(ladder?.rungIds[0] ?? '');
    expect(first?.why).not.toBe('');
  });
  it('refuses absurd numbers by name and keeps nothing', async () => {
    const { user, db } = await openShop('/ladders/prop');
    await user.click(await screen.findByRole('button', { name: 'Add part' }));
    await user.type(await screen.findByRole('textbox', { name: 'Name' }), 'lid');
    const area = screen.getByRole('textbox', { name: 'Surface, cm²' });
    await user.clear(area);
    await user.type(area, '-3');
    await user.click(screen.getAllByRole('button', { name: 'Add part' }).at(-1) as HTMLElement);
    await waitFor(() => expect(area.getAttribute('aria-describedby')).toMatch(/error$/u));
    expect(await db.records('parts').count()).toBe(2);
  });
  it('of foam has no layers and no school, and only the finishes that are made on it; made of metal afterwards it keeps its ladder, and undo brings the foam back', async () => {
    const { user, db, router } = await openShop('/ladders/prop');
    await user.click(await screen.findByRole('button', { name: 'Add part' }));
    await user.type(await screen.findByRole('textbox', { name: 'Name' }), 'pad');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Material' }), 'foam');
    expect(screen.queryByRole('textbox', { name: 'Layer, mm' })).toBeNull();
    expect(screen.queryByRole('combobox', { name: /^Smoothing/u })).toBeNull();
    const finish = screen.getByRole('combobox', { name: 'Finish' });
    expect(within(finish).queryByRole('option', { name: 'Translucent, lit' })).toBeNull();
    await user.click(screen.getAllByRole('button', { name: 'Add part' }).at(-1) as HTMLElement);
    await waitFor(async () => expect(await db.records('parts').count()).toBe(3));
    const pad = async () => (await db.records('parts').toArray()).find((entry) => entry.name === 'pad');
    const id = (await pad())?.id ?? '';
    expect(await pad()).toMatchObject({ materialId: 'foam', layerMillimetres: 0, print: null });
    const rungIds = (await db.records('ladders').get(id))?.rungIds;
    const names = (await db.records('rungs').toArray()).filter((rung) => rung.ladderId === id).map(({ name }) => name);
    expect(names).toEqual(expect.arrayContaining(['cut to shape', 'close the skin', 'flexible sealer']));
    await router.navigate(`/ladders/prop/${id}`);
    await user.click(await screen.findByRole('tab', { name: 'Part' }));
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Material' }), 'rigid');
    await waitFor(async () => expect(await pad()).toMatchObject({ materialId: 'rigid', layerMillimetres: 0.2 }));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Material' }), 'metal');
    await waitFor(async () => expect(await pad()).toMatchObject({ materialId: 'metal', layerMillimetres: 0 }));
    expect((await db.records('ladders').get(id))?.rungIds).toEqual(rungIds);
    await user.click(await screen.findByRole('button', { name: /^Undo Change the material/u }));
    await waitFor(async () => expect(await pad()).toMatchObject({ materialId: 'rigid', layerMillimetres: 0.2 }));
  });
  it('says why a route cannot be, instead of growing it', async () => {
    const { user } = await openShop('/ladders/prop');
    await user.click(await screen.findByRole('button', { name: 'Add part' }));
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Material' }), 'flexible');
    await user.selectOptions(screen.getByRole('combobox', { name: /^Smoothing/u }), 'solvent');
    await waitFor(() => expect(screen.getAllByRole('alert').some((alert) => /solvent/iu.test(alert.textContent))).toBe(true));
    expect((screen.getAllByRole('button', { name: 'Add part' }).at(-1) as HTMLButtonElement).disabled).toBe(true);
  });
});

describe('an open ladder', () => {
  it('shows the rung with its figures; each figure says why', async () => {
    const { user } = await openShop('/ladders/prop/host?rung=host-1');
    expect(await screen.findByRole('heading', { level: 2, name: /primer/u })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /cm² why area$/u }));
    expect(await screen.findByText('surface of a piece × pieces')).toBeTruthy();
    await user.keyboard('{Escape}');
    await user.click(screen.getByRole('button', { name: /why paint for it$/u }));
    expect(await screen.findByText('area × dry film ÷ volume solids ÷ transfer')).toBeTruthy();
  });
  it('takes one piece of a set out to be mended, the others going on; one undo puts it back', async () => {
    const project = makeSampleProject();
    project.parts = project.parts.map((part) => (part.id === 'host' ? { ...part, count: 6, print: null } : part));
    const { user, db } = await openShop('/ladders/prop/host?rung=host-1', project);
    await user.click(await screen.findByText('It went wrong'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'What went wrong with primer' }), 'run');
    await user.click(screen.getByRole('checkbox', { name: /^Take it out of the set/u }));
    await user.click(screen.getByRole('button', { name: 'Put its mending on the ladder' }));
    await screen.findByRole('button', { name: 'Undo Mend: run' });
    const parts = async () => (await db.records('parts').toArray()).map(({ name, count }) => `${name} ${count}`).sort();
    expect(await parts()).toEqual(expect.arrayContaining(['host 5', 'host, apart 1']));
    const apart = (await db.records('parts').toArray()).find(({ name }) => name === 'host, apart');
    const own = (await db.records('ladders').toArray()).find(({ partId }) => partId === apart?.id);
    const rungs = await Promise.all((own?.rungIds ?? []).map((id) => db.records('rungs').get(id)));
    expect(rungs.map((rung) => rung?.name)).toEqual(['primer', 'sand the run level', 'primer, again', 'sand']);
    expect((await db.records('ladders').get('host'))?.rungIds).toEqual(['host-1', 'host-2']);
    expect((await db.records('logEntries').toArray()).find(({ kind }) => kind === 'mistake')?.partId).toBe(apart?.id);
    await user.click(screen.getByRole('button', { name: 'Undo Mend: run' }));
    await waitFor(async () => expect(await parts()).toContain('host 6'));
    expect(await parts()).not.toContain('host, apart 1');
  });
  it('takes pieces out of a set as a part of its own, and shows its ladder', async () => {
    const project = makeSampleProject();
    project.parts = project.parts.map((part) => (part.id === 'host' ? { ...part, count: 3, print: null } : part));
    const { user, db } = await openShop('/ladders/prop/host', project);
    await user.click(await screen.findByRole('tab', { name: 'Part' }));
    const pieces = await screen.findByRole('textbox', { name: 'Pieces to take out' });
    await user.clear(pieces);
    await user.type(pieces, '3');
    expect(screen.getByRole('button', { name: /^Make them a part/u })).toHaveProperty('disabled', true);
    await user.clear(pieces);
    await user.type(pieces, '2');
    await user.click(screen.getByRole('button', { name: /^Make them a part/u }));
    expect(await screen.findByRole('heading', { name: / \/ host, apart × 2$/u })).toBeTruthy();
    expect((await db.records('parts').get('host'))?.count).toBe(1);
  });
  it('puts what mends a coat that was done and went wrong next onto its ladder', async () => {
    const { user, db } = await openShop('/ladders/prop/host?rung=host-1');
    await user.click(await screen.findByText('It went wrong'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'What went wrong with primer' }), 'orangePeel');
    await user.click(screen.getByRole('button', { name: 'Put its mending on the ladder' }));
    await waitFor(async () => expect((await db.records('ladders').get('host'))?.rungIds).toHaveLength(4));
    // It is asked anew, not pressed again.
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Put its mending on the ladder' })).toBeNull());
    expect(await screen.findByText('primer, again')).toBeTruthy();
  });
  it('is done on a region of its part where one is typed: minutes, area and paint go by it, and undo brings all faces back', async () => {
    const { user, db, store } = await openShop('/ladders/prop/host?rung=host-1');
    const was = await db.records('rungs').get('host-1');
    const paint = (): string => screen.getByRole('button', { name: /why paint for it$/u }).textContent;
    await screen.findByRole('button', { name: /why paint for it$/u });
    const whole = paint();
    await user.click(screen.getByRole('button', { name: 'Change' }));
    await retype(user, screen.getByRole('textbox', { name: 'Region only, cm²' }), '10');
    await waitFor(async () => expect(await db.records('rungs').get('host-1')).toMatchObject({ areaSquareCentimetres: 10 }));
    await user.click(screen.getByRole('button', { name: 'That is all' }));
    await screen.findByRole('button', { name: /why paint for it$/u });
    expect(paint()).not.toBe(whole);
    await user.click(screen.getByRole('button', { name: /why area$/u }));
    expect(await screen.findByText('region of a piece × pieces')).toBeTruthy();
    await user.keyboard('{Escape}');
    await user.click(screen.getByRole('button', { name: 'Change' }));
    // The sample's minutes were typed: they stay. Those of a method follow.
    expect((await db.records('rungs').get('host-1'))?.minutes).toBe(was?.minutes);
    await user.selectOptions(screen.getByRole('combobox', { name: 'Method' }), 'sprayCoat');
    await waitFor(async () => expect((await db.records('rungs').get('host-1'))?.minutesFormula).toMatch(/10 cm²/u));
    await retype(user, screen.getByRole('textbox', { name: 'Region only, cm²' }), '400');
    await waitFor(async () => expect((await db.records('rungs').get('host-1'))?.minutesFormula).toMatch(/400 cm²/u));
    await retype(user, screen.getByRole('textbox', { name: 'Region only, cm²' }), '0');
    expect((await screen.findByRole('alert')).textContent).toMatch(/^Between 0.01/u);
    for (let undone = 0; undone < 3; undone += 1) await store.undo();
    expect(await db.records('rungs').get('host-1')).toMatchObject({ areaSquareCentimetres: null, minutes: was?.minutes });
  });
  it('changes every value where it stands, and says what cannot be kept', async () => {
    const { user, db } = await openShop(HOST);
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    await retype(user, screen.getByRole('textbox', { name: 'Name' }), 'wet sand');
    await waitFor(async () => expect((await db.records('rungs').get('host-2'))?.name).toBe('wet sand'));
    const hands = screen.getByRole('textbox', { name: 'Hands, min' });
    await retype(user, hands, '12.5');
    expect((await screen.findByRole('alert')).textContent).toBe('A whole number is needed.');
    await user.keyboard('{Escape}');
    await retype(user, screen.getByRole('textbox', { name: 'Hands, min' }), '25');
    await waitFor(async () => expect(await db.records('rungs').get('host-2')).toMatchObject({ minutes: 25, minutesFormula: '' }));
    await user.clear(screen.getByRole('textbox', { name: 'Name' }));
    await user.tab();
    expect((await screen.findByRole('alert')).textContent).toBe('A name is needed.');
    expect((await db.records('rungs').get('host-2'))?.name).toBe('wet sand');
  });
  it('a change of method brings its minutes, band and cautions', async () => {
    const { user, db } = await openShop(HOST);
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Method' }), 'prime');
    await waitFor(async () => expect(await db.records('rungs').get('host-2')).toMatchObject({ methodId: 'prime', band: 'prime' }));
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Product' }), 'primer');
    await waitFor(async () => {
      const rung = await db.records('rungs').get('host-2');
      expect(rung).toMatchObject({ productId: 'primer', coatMicrometres: 15 });
      expect(rung?.cautionIds.length).toBeGreaterThan(0);
      expect(rung?.minutesFormula).toMatch(/min ready/u);
    });
  });
  it('adds, copies, moves, leaves out and removes rungs, each taken back by one undo', async () => {
    const { user, db, store } = await openShop(HOST);
    const ids = async (): Promise<readonly string[]> => (await db.records('ladders').get('host'))?.rungIds ?? [];
    await user.click(await screen.findByRole('button', { name: 'Duplicate' }));
    await waitFor(async () => expect(await ids()).toHaveLength(3));
    // The copy is opened; moved down it stands below what it was copied from.
    await waitFor(() => expect(screen.getByText(/^Rung 3 of 3/u)).toBeTruthy());
    await user.click(screen.getByRole('button', { name: 'Move down' }));
    await waitFor(async () => expect((await ids())[2]).toBe('host-2'));
    await user.click(screen.getByRole('button', { name: 'Leave out' }));
    await user.click(await screen.findByRole('button', { name: 'Put back in' }));
    await user.click(await screen.findByRole('button', { name: 'Remove' }));
    await waitFor(async () => expect(await ids()).toEqual(['host-1', 'host-2']));
    for (let step = 0; step < 5; step += 1) await store.undo();
    expect(await ids()).toEqual(['host-1', 'host-2']);
    await user.click(await screen.findByRole('button', { name: 'Add on top' }));
    await waitFor(async () => expect(await ids()).toHaveLength(3));
  });
  it('sprays a coat in two turns, and says which faces each rung is for', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'host-2' ? { ...rung, methodId: 'sprayCoat', name: 'green', productId: 'primer', coatMicrometres: 15, minutes: 9 } : rung,
    );
    const { user, db, store } = await openShop(HOST, project);
    await user.click(await screen.findByRole('button', { name: 'In two turns' }));
    const sides = async () =>
      (await db.records('rungs').toArray()).filter((rung) => rung.name.startsWith('green')).map((rung) => [rung.side, rung.minutes]);
    await waitFor(async () =>
      expect((await sides()).sort()).toEqual([
        ['top', 5],
        ['under', 5],
      ]),
    );
    // A rung that is for one side already is not turned again.
    await waitFor(() => expect(screen.queryByRole('button', { name: 'In two turns' })).toBeNull());
    await user.click(screen.getByRole('button', { name: 'Change' }));
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Faces' }), 'all');
    await waitFor(async () => expect((await sides()).map(([side]) => side)).toContain('all'));
    await store.undo();
    await store.undo();
    expect(await sides()).toEqual([['all', 9]]);
  });
  it('grows anew above what is done', async () => {
    const { user, db } = await openShop(HOST);
    await user.click(await screen.findByRole('tab', { name: 'Grow' }));
    await user.click(await screen.findByRole('button', { name: 'Grow the ladder' }));
    await waitFor(async () => {
      const ladder = await db.records('ladders').get('host');
      expect(ladder?.rungIds[0]).toBe('host-1');
      expect(ladder?.rungIds).not.toContain('host-2');
      expect(ladder?.rungIds.length).toBeGreaterThan(5);
    });
  });
  it('is kept as a route of one’s own, which grows another, is renamed and taken away', async () => {
    const { user, db, router } = await openShop(HOST);
    await user.click(await screen.findByRole('tab', { name: 'Grow' }));
    await user.type(await screen.findByRole('textbox', { name: 'Keep this ladder as' }), 'Quick grey');
    expect(await screen.findByText(/There is a route of that name/u)).toBeTruthy();
    await retype(user, screen.getByRole('textbox', { name: 'Keep this ladder as' }), 'Lamp way');
    await waitFor(async () =>
      expect((await db.records('ownRoutes').toArray()).map(({ name }) => name).sort()).toEqual(['Lamp way', 'Quick grey']),
    );
    await router.navigate(HOST.replace(/host.*/u, 'guest'));
    // The page before has a tab of that name, too.
    await screen.findByRole('heading', { level: 1, name: /guest/u });
    await user.click(await screen.findByRole('tab', { name: 'Grow' }));
    await user.click(await screen.findByRole('button', { name: /^Grow .* by Lamp way$/u }));
    await waitFor(async () => expect((await db.records('ladders').get('guest'))?.rungIds.length).toBeGreaterThan(1));
    await user.click(screen.getAllByText('What it holds, and change it')[0] as HTMLElement);
    await user.click(screen.getByRole('button', { name: 'Take away: the route Lamp way' }));
    await waitFor(async () => expect(await db.records('ownRoutes').count()).toBe(1));
  });
  it('changes the part, and takes it away only after asking', async () => {
    const { user, db } = await openShop(HOST);
    await user.click(await screen.findByRole('tab', { name: 'Part' }));
    await retype(user, await screen.findByRole('textbox', { name: 'Pieces' }), '4');
    await waitFor(async () => expect((await db.records('parts').get('host'))?.count).toBe(4));
    await retype(user, screen.getByRole('textbox', { name: 'Surface of a piece, cm²' }), '12,5');
    await waitFor(async () => expect((await db.records('parts').get('host'))?.areaSquareCentimetres).toBe(12.5));
    await user.click(screen.getByRole('button', { name: 'Take the part away' }));
    await user.keyboard('{Escape}');
    expect(await db.records('parts').count()).toBe(2);
    await user.click(await screen.findByRole('button', { name: 'Take the part away' }));
    await user.click(await screen.findByRole('button', { name: 'Take it away' }));
    await waitFor(async () => expect(await db.records('parts').count()).toBe(1));
    expect(await db.records('joins').count()).toBe(0);
    expect(await db.records('logEntries').count()).toBe(1);
  });
  it('joins another ladder, and says at once when the joins contradict each other', async () => {
    const { user, db } = await openShop('/ladders/prop/guest?rung=guest-1');
    await user.click(await screen.findByRole('tab', { name: 'Joins' }));
    expect(await screen.findByText(/joins/u, { selector: 'p' })).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Join' }));
    await waitFor(async () => expect(await db.records('joins').count()).toBe(2));
    expect((await screen.findAllByRole('alert')).map((alert) => alert.textContent).join()).toMatch(/wait/u);
    await user.click((await screen.findAllByRole('button', { name: /^Take away/u })).at(-1) as HTMLElement);
    await waitFor(async () => expect(await db.records('joins').count()).toBe(1));
  });
  it('tells what a join does to both ladders, is changed where it stands, and does doubled work once', async () => {
    const project = makeSampleProject();
    const [rung] = project.rungs;
    if (!rung) throw new Error('the sample has rungs');
    const work = {
      productId: 'primer',
      methodId: 'prime',
      grit: null,
      side: 'all' as const,
      state: 'open' as const,
      doneAtMs: null,
      workedMs: 0,
      minutes: 12,
    };
    const extra = (id: string, ladderId: string): typeof rung => ({ ...rung, ...work, id, ladderId, name: `primer of ${ladderId}` });
    const ladderOf = (partId: string) => project.ladders.find((ladder) => ladder.partId === partId);
    const host = ladderOf('host');
    const guest = ladderOf('guest');
    const [join] = project.joins;
    if (!host || !guest || !join) throw new Error('the sample has a join of two ladders');
    host.rungIds = [...host.rungIds, 'h-prime'];
    guest.rungIds = [...guest.rungIds, 'g-prime'];
    project.rungs = [...project.rungs, extra('h-prime', host.id), extra('g-prime', guest.id)];
    project.joins = [{ ...join, guestRungId: guest.rungIds[0] ?? null }];
    const parts = { host: project.parts.find(({ id }) => id === 'host'), guest: project.parts.find(({ id }) => id === 'guest') };
    const both = Object.values(parts).reduce((sum, part) => sum + (part?.areaSquareCentimetres ?? 0) * (part?.count ?? 0), 0);
    const { user, db, store } = await openShop('/ladders/prop/host?rung=h-prime', project);
    await user.click(await screen.findByRole('tab', { name: 'Joins' }));
    expect(await screen.findByText(/1 rung after the join is on both ladders: primer of host/u)).toBeTruthy();
    expect(screen.getByText(/1 rung from primer of guest on wait|1 rung from primer of guest on waits/u)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Do them once, on host' }));
    await waitFor(async () => expect((await db.records('rungs').get('g-prime'))?.state).toBe('leftOut'));
    expect(await db.records('rungs').get('h-prime')).toMatchObject({
      minutes: 19,
      minutesFormula: '12 min + 12 min of guest − 5 min getting ready once',
      // The one coat covers both: paint for it is paint for both.
      areaSquareCentimetres: both / (parts.host?.count ?? 1),
    });
    expect(screen.queryByText(/after the join is on both/u)).toBeNull();
    expect(await screen.findByText(/gets 1 rung with/u)).toBeTruthy();
    // Joined at the bond, and at the coat both get.
    expect(await db.records('joins').count()).toBe(2);
    await user.click(screen.getByRole('button', { name: 'Take away: guest with host' }));
    await waitFor(async () => expect(await db.records('joins').count()).toBe(1));
    await store.undo();
    await store.undo();
    expect(await db.records('rungs').get('h-prime')).toMatchObject({ minutes: 12, state: 'open' });
    await user.selectOptions(screen.getByRole('combobox', { name: 'guest must have climbed' }), '');
    await waitFor(async () => expect((await db.records('joins').get(join.id))?.guestRungId).toBeNull());
    expect((await screen.findAllByText(/Nothing of it comes after the join/u)).length).toBeGreaterThan(0);
  });
  it('shows what a joined part gets with its host in its own core sample', async () => {
    const project = makeSampleProject();
    const [first] = project.rungs;
    const [join] = project.joins;
    if (!first || !join) throw new Error('the sample has rungs and a join');
    const prime = { ...first, productId: 'primer', methodId: 'prime', coatMicrometres: 33, doneAtMs: null, workedMs: 0, hardRungId: null };
    project.rungs.push(
      { ...prime, id: 'h-prime', ladderId: 'host', name: 'grey on both', state: 'open' },
      { ...prime, id: 'g-prime', ladderId: 'guest', name: 'grey of its own', state: 'leftOut' },
    );
    project.ladders = project.ladders.map((ladder) => ({
      ...ladder,
      rungIds: [...ladder.rungIds, ladder.id === 'host' ? 'h-prime' : 'g-prime'],
    }));
    project.joins.push({ ...join, id: 'on-both', hostRungId: 'h-prime', guestRungId: 'g-prime', seam: null });
    await openShop('/ladders/prop/guest', project);
    const sample = within(await screen.findByRole('region', { name: /core sample/iu }));
    expect((await sample.findAllByText(/33 µm/u)).length).toBeGreaterThan(0);
    expect(sample.getByText(/grey on both/u)).toBeTruthy();
  });
  it('a rung that is left out while it is in hand keeps the minutes that were worked', async () => {
    const project = makeSampleProject();
    const startedAtMs = project.savedAtMs - 20 * 60_000;
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'host-2' ? { ...rung, state: 'inHand', startedAtMs, workedMs: 300_000, doneAtMs: null } : rung,
    );
    const { user, db } = await openShop(HOST, project);
    await user.click(await screen.findByRole('button', { name: 'Leave out' }));
    await waitFor(async () => expect((await db.records('rungs').get('host-2'))?.state).toBe('leftOut'));
    expect(await db.records('rungs').get('host-2')).toMatchObject({ startedAtMs: null, workedMs: 1_500_000 });
    await user.click(await screen.findByRole('button', { name: 'Put back in' }));
    await waitFor(async () => expect(await db.records('rungs').get('host-2')).toMatchObject({ state: 'open', workedMs: 1_500_000 }));
  });
  it('does not write over what another tab kept meanwhile', async () => {
    const { user, db, store } = await openShop(HOST);
    await user.click(await screen.findByRole('button', { name: 'Change' }));
    const name = screen.getByRole('textbox', { name: 'Name' });
    await user.clear(name);
    await user.type(name, 'mine');
    await store.edit('another tab', (edit) => edit.patch('rungs', 'host-2', { name: 'theirs' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Changed in the meantime to “theirs”');
    await user.tab();
    expect((await db.records('rungs').get('host-2'))?.name).toBe('theirs');
    await user.type(name, '{Escape}');
    expect((screen.getByRole('textbox', { name: 'Name' }) as HTMLInputElement).value).toBe('theirs');
  });
  it('says so when an address names a part that is gone', async () => {
    await openShop('/ladders/prop/nobody');
    expect((await screen.findByRole('main')).textContent).toMatch(/not here|gone|no such/iu);
  });
});
