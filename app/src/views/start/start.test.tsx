// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { writeStl } from '@zinc-ladder/core/surface/mesh/writeStl';
import { describe, expect, it, vi } from 'vitest';
import { nameOfFile } from '../../features/meshPick/nameOfFile';
import { boxMesh } from '../../testing/boxMesh';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/files/largeEdits', () => import('../../testing/largeEditsHere'));
vi.mock('../../workers/mesh/meshClient', () => import('../../testing/meshHere'));

/** A new browser whose shop was started. */
async function openStart() {
  const opened = await openShop('/bench', null);
  await opened.user.click(await screen.findByRole('button', { name: 'Start my shop' }));
  await screen.findByRole('region', { name: 'Its first part' });
  return opened;
}
const growButton = () => screen.getByRole('button', { name: 'Grow its ladder, to the bench' }) as HTMLButtonElement;

describe('the first prop', () => {
  it('goes from four answers to a ladder and the bench, in one edit', async () => {
    const { user, db, store, router } = await openStart();
    expect(growButton().disabled).toBe(true);
    await user.click(screen.getByRole('checkbox', { name: /Brass over black/u }));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Hands' }), 'weekends');
    await user.type(screen.getByRole('textbox', { name: 'Prop' }), 'Ship bell');
    expect(screen.getByText('The part needs a name.')).toBeTruthy();
    const pieces = screen.getByRole('textbox', { name: 'Pieces' });
    await user.type(pieces, '.5');
    expect(screen.getByText('A whole number is needed.')).toBeTruthy();
    await user.clear(pieces);
    await user.type(pieces, '1');
    await user.type(screen.getByRole('textbox', { name: 'Part' }), 'Bell');
    await user.selectOptions(screen.getByRole('combobox', { name: 'To look like' }), 'metal');
    // A box of 60 mm has 6 × 36 cm².
    expect(screen.getByText(/over 216 cm², .* The first: cut/u)).toBeTruthy();
    await user.click(growButton());
    await waitFor(() => expect(router.state.location.pathname).toBe('/bench'));
    const [part] = await db.records('parts').toArray();
    expect(part).toMatchObject({ name: 'Bell', areaSquareCentimetres: 216, shapeId: 'box', sizeMillimetres: [60, 60, 60] });
    expect((await db.records('shop').toArray())[0]?.hours.map(({ weekday }) => weekday)).toEqual([6, 7]);
    const rungs = await db.records('rungs').toArray();
    const brass = (await db.records('products').toArray()).find(({ name }) => name === 'Brass');
    // The kit's paint is taken, not the plain starter of its class.
    expect(rungs.some(({ productId }) => productId === brass?.id)).toBe(true);
    await store.undo();
    expect(await db.records('props').count()).toBe(0);
    expect((await db.records('shop').toArray())[0]?.hours).toHaveLength(7);
  });
  it('says what daylight leaves of the hours, by the city of the clock, and keeps that place', async () => {
    const { user, db, store, router, pass } = await openStart();
    const shop = (await db.records('shop').toArray())[0];
    if (!shop) throw new Error('no shop');
    await store.edit('zone', (edit) => edit.patch('shop', shop.id, { timeZone: 'Europe/Copenhagen' }));
    expect(await screen.findByText(/^Light from 0\d:\d\d to 2\d:\d\d, by Copenhagen, the city of your clock/u)).toBeTruthy();
    // In December the sun is down before any evening begins.
    pass(200 * 86_400_000);
    await user.selectOptions(screen.getByRole('combobox', { name: 'Hands' }), 'evenings');
    expect(await screen.findByText(/^Light from 08:\d\d to 15:\d\d, /u)).toBeTruthy();
    expect(screen.getByText(/^For 4 weeks it is dark in all of your hours/u)).toBeTruthy();
    await user.selectOptions(screen.getByRole('combobox', { name: 'Spraying' }), 'lamp');
    expect(screen.queryByText(/Light from/u)).toBeNull();
    expect(screen.getByText(/^The air out there, as the weather report/u)).toBeTruthy();
    await user.selectOptions(screen.getByRole('combobox', { name: 'Spraying' }), 'booth');
    expect(screen.queryByText(/^The air out there/u)).toBeNull();
    await user.selectOptions(screen.getByRole('combobox', { name: 'Spraying' }), 'yard');
    await user.type(screen.getByRole('textbox', { name: 'Prop' }), 'Ship bell');
    await user.type(screen.getByRole('textbox', { name: 'Part' }), 'Bell');
    await user.click(growButton());
    await waitFor(() => expect(router.state.location.pathname).toBe('/bench'));
    await waitFor(async () =>
      expect((await db.records('shop').toArray())[0]).toMatchObject({
        place: { latitude: 55.7, longitude: 12.6 },
        spraysByDaylight: true,
        yardDay: null,
      }),
    );
    await store.undo();
    expect((await db.records('shop').toArray())[0]).toMatchObject({ place: null, spraysByDaylight: false });
  });
  it('asks for the air out there, tells when nothing could be sprayed in it, and plans by it', async () => {
    const { user, router, db } = await openStart();
    const box = (name: string) => screen.getByRole('textbox', { name });
    await user.type(box('Prop'), 'Ship bell');
    await user.type(box('Part'), 'Bell');
    await user.type(box('Lowest, °C'), '-2');
    // Half an answer is none.
    expect(await screen.findByText('A figure is not one that can be.')).toBeTruthy();
    await user.type(box('Highest, °C'), '4');
    await user.type(box('Humidity, %'), '85');
    expect(await screen.findByText(/^In such air it is too cold, too warm or too damp in all of your hours/u)).toBeTruthy();
    await user.clear(box('Highest, °C'));
    await user.type(box('Highest, °C'), '24');
    await waitFor(() => expect(screen.queryByText(/^In such air/u)).toBeNull());
    await user.click(growButton());
    await waitFor(() => expect(router.state.location.pathname).toBe('/bench'));
    await waitFor(async () =>
      expect((await db.records('shop').toArray())[0]?.yardDay).toMatchObject({
        meanCelsius: 11,
        swingCelsius: 13,
        meanHumidityPercent: 85,
      }),
    );
    expect(await screen.findByText('Out of doors')).toBeTruthy();
  });
  it('grows as many loops as the surface then asks for', async () => {
    const { user, router } = await openStart();
    await user.type(screen.getByRole('textbox', { name: 'Prop' }), 'Buoy');
    await user.type(screen.getByRole('textbox', { name: 'Part' }), 'Hull');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Or near to a' }), 'ball');
    await user.selectOptions(screen.getByRole('combobox', { name: 'To look like' }), 'gloss');
    await user.click(growButton());
    await waitFor(() => expect(router.state.location.pathname).toBe('/bench'));
    await router.navigate('/surface');
    expect(await screen.findByText(/open turns? of primer and sanding, as many as this asks for/u)).toBeTruthy();
  });
  it('takes area, ridges and name from a mesh that is given first, and keeps the file', async () => {
    const { user, db } = await openStart();
    await user.type(screen.getByRole('textbox', { name: 'Prop' }), 'Ship bell');
    await user.upload(screen.getByLabelText('Measure its mesh file'), new File([writeStl(boxMesh(), 'box')], 'small_box-v2.stl'));
    expect(await screen.findByText(/ridges \d+ µm/u)).toBeTruthy();
    expect(screen.queryByRole('combobox', { name: 'Or near to a' })).toBeNull();
    await user.click(growButton());
    await waitFor(async () => expect(await db.records('meshes').toArray()).toMatchObject([{ name: 'small_box-v2.stl', format: 'stl' }]));
    expect((await db.records('parts').toArray())[0]).toMatchObject({ name: 'Small box v2', shapeId: null });
  });
  it('says what a file that is no mesh is, and goes on without', async () => {
    const { user } = await openStart();
    await user.upload(screen.getByLabelText('Measure its mesh file'), new File(['solid nothing'], 'torn.stl'));
    expect((await screen.findByRole('alert')).textContent).toContain('torn.stl gives nothing');
    expect(screen.getByRole('combobox', { name: 'Or near to a' })).toBeTruthy();
  });
  it('marks the schools that are not for what it is printed in, and grows none of them', async () => {
    const { user } = await openStart();
    await user.type(screen.getByRole('textbox', { name: 'Prop' }), 'Strap');
    await user.type(screen.getByRole('textbox', { name: 'Part' }), 'Strap');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Made of' }), 'flexible');
    const schools = screen.getByRole('combobox', { name: 'Smoothed by' });
    expect(within(schools).getByRole('option', { name: /^✕ Brush-on epoxy: it cracks/u })).toBeTruthy();
    expect(within(schools).getByRole('option', { name: 'Sand and filler primer: ridges stay' })).toBeTruthy();
    await user.selectOptions(schools, 'brushEpoxy');
    expect(growButton().disabled).toBe(true);
    expect(screen.getByText(/cracks on a part that bends/u, { selector: '[role=status]' })).toBeTruthy();
  });
  it('is never seen again once there is a prop', async () => {
    const { router } = await openShop('/start');
    await waitFor(() => expect(router.state.location.pathname).toBe('/bench'));
  });
});

describe('a part’s name from its file', () => {
  it.each([
    ['lamp_cap-v2.stl', 'Lamp cap v2'],
    ['Cage bar.3MF', 'Cage bar'],
    ['.obj', ''],
    ['漆.stl', '漆'],
  ])('%s is %s', (file, name) => expect(nameOfFile(file)).toBe(name));
});
