// @vitest-environment happy-dom
import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { KEPT_UNSET } from '@zinc-ladder/model/products/keptUnset';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/colour/colourClient', () => import('../../testing/colourHere'));
vi.mock('../../workers/pictures/pictureClient', () => import('../../testing/pictureHere'));

const PAINTS = [
  ['white', 'White', '#f1efe9'],
  ['black', 'Black', '#2a2a29'],
  ['green', 'Deep green', '#1d5a48'],
  ['ochre', 'Yellow ochre', '#b98a33'],
  ['umber', 'Burnt umber', '#4b3224'],
] as const;

/** The sample with acrylics on the shelf, cards of them, and a metal paint. */
function deskProject(): ProjectFile {
  const sample = makeSampleProject();
  const [pattern] = sample.mixCards;
  if (!pattern) throw new Error('no card');
  const paint = (id: string, name: string, colourHex: string, classId = 'brushAcrylic') => ({
    ...PRODUCT_UNSET,
    id,
    revision: 0,
    name,
    classId,
    colourHex,
    sheen: 'matte' as const,
    values: [],
    note: '',
  });
  return {
    ...sample,
    products: [
      ...sample.products,
      ...PAINTS.map(([id, name, hex]) => paint(id, name, hex)),
      paint('brass', 'Brass', '#a8843c', 'metallicLacquer'),
    ],
    cans: [
      ...sample.cans,
      ...PAINTS.map(([id]) => ({
        id: `can-${id}`,
        revision: 0,
        productId: id,
        sizeMillilitres: 60,
        leftMillilitres: 30,
        ...KEPT_UNSET,
        half: null,
        emptyGrams: 18,
      })),
    ],
    mixCards: [
      {
        ...pattern,
        name: 'First try',
        components: [
          { productId: 'green', name: 'Deep green', amount: 6 },
          { productId: 'ochre', name: 'Yellow ochre', amount: 10 },
          { productId: 'white', name: 'White', amount: 4 },
        ],
        pictureId: null,
        reading: { method: 'reader', lab: [40, -12, 14], count: 3, spread: 0.4, atMs: sample.savedAtMs },
      },
    ],
  };
}
const text = (): string => document.body.textContent ?? '';
const typeLab = (label: string | RegExp, value: string): void => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value } });
  fireEvent.submit(field.closest('form') as HTMLFormElement);
};

describe('mixing to match', () => {
  it('shows a recipe in whole drops beside the target, what one drop does, and what is near', async () => {
    const { user, router } = await openShop('/colour', deskProject());
    await waitFor(() => expect(router.state.location.pathname).toBe('/colour/mix/target'));
    await screen.findByRole('img', { name: 'target beside the mix, dry' });
    await waitFor(() => expect(text()).toContain('One drop more'));
    await user.click(screen.getByRole('button', { name: 'All 7' }));
    expect(within(screen.getByRole('region', { name: 'Near it' })).getByText('First try')).toBeTruthy();
    expect(text()).toContain('metallic: changes with the angle');
  });
  it('keeps to what must and must not be used, and to fewer paints', async () => {
    const { user } = await openShop('/colour/mix/target', deskProject());
    const recipe = await screen.findByRole('region', { name: 'Recipe' });
    await user.selectOptions(await within(recipe).findByRole('combobox', { name: 'Use of Deep green' }), 'never');
    await waitFor(() => expect(within(recipe).queryByRole('rowheader', { name: 'Deep green' })).toBeNull());
    await user.selectOptions(within(recipe).getByRole('combobox', { name: 'Use of Burnt umber' }), 'must');
    await waitFor(() => expect(within(recipe).getAllByRole('rowheader', { name: 'Burnt umber' }).length).toBeGreaterThan(0));
    await user.selectOptions(within(recipe).getByRole('combobox', { name: 'At most' }), '1');
    await waitFor(() => expect(within(within(recipe).getAllByRole('table')[0] as HTMLElement).getAllByRole('row')).toHaveLength(1));
  });
  it('scales to an area and is kept as a card of the target', async () => {
    const { user, db, router } = await openShop('/colour/mix/target', deskProject());
    await user.type(await screen.findByLabelText('Area, cm²'), '500');
    await user.click(screen.getByRole('button', { name: 'Scale to it' }));
    await waitFor(() => expect(text()).toMatch(/\d{2,3} drops/u));
    await user.click(screen.getByRole('button', { name: 'Keep as a card' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/^\/colour\/cards\//u));
    const kept = (await db.records('mixCards').toArray()).find((card) => card.id !== 'card');
    expect(kept).toMatchObject({ targetId: 'target', unit: 'drops', reading: null });
    expect(kept?.components.reduce((sum, component) => sum + component.amount, 0)).toBeGreaterThan(50);
  });
  it('a typed target, renamed, is taken away, and undo brings it back', async () => {
    const { user, db, store } = await openShop('/colour/mix/target', deskProject());
    await user.type(await screen.findByLabelText('A new target, called'), 'Aged brass');
    typeLab('Its colour', '55, 9, 38');
    expect(await screen.findByRole('heading', { level: 1, name: 'Aged brass' })).toBeTruthy();
    const name = screen.getByLabelText('Called');
    await user.clear(name);
    await user.type(name, 'Old brass{Enter}');
    await waitFor(async () => expect((await db.records('targets').toArray()).map((target) => target.name)).toContain('Old brass'));
    await user.click(screen.getByRole('button', { name: 'Take the target away' }));
    await waitFor(async () => expect(await db.records('targets').count()).toBe(1));
    await act(() => store.undo());
    expect(await db.records('targets').count()).toBe(2);
  });
  it('with nothing to mix says what to do', async () => {
    await openShop('/colour/mix/target');
    await waitFor(() => expect(text()).toContain('No paint on the shelf can be measured out'));
  });
});

describe('a card that was read', () => {
  it('says what to add, and the corrected card holds it', async () => {
    const { user, db } = await openShop('/colour/cards/card', deskProject());
    const correction = await screen.findByRole('region', { name: 'Correction' });
    expect(correction.textContent).toMatch(/It came out .*(yellower|lighter)/u);
    const [first] = await within(correction).findAllByRole('button', { name: 'Make the card of it' });
    await user.click(first as HTMLElement);
    await screen.findByRole('heading', { level: 2, name: 'First try, corrected' });
    const corrected = (await db.records('mixCards').toArray()).find((card) => card.correctsId === 'card');
    expect(corrected).toMatchObject({ targetId: 'target', reading: null });
    expect(corrected?.components.reduce((sum, component) => sum + component.amount, 0)).toBeGreaterThan(20);
  });
  it('is read by typing, by eye, and by a reader that may be away', async () => {
    const { user, db } = await openShop('/colour/cards/card', deskProject());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Read the dry swatch' }), 'typed');
    typeLab('What it shows', '36, -13, 5');
    await waitFor(async () =>
      expect((await db.records('mixCards').get('card'))?.reading).toMatchObject({ method: 'typed', lab: [36, -13, 5] }),
    );
    await waitFor(() => expect(text()).toContain('It matches: nothing to add.'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Read the dry swatch' }), 'eye');
    await user.selectOptions(screen.getByRole('combobox', { name: 'yellower or bluer' }), 'clearly +');
    await user.click(screen.getByRole('button', { name: 'Keep the reading' }));
    await waitFor(async () =>
      expect((await db.records('mixCards').get('card'))?.reading).toMatchObject({ method: 'eye', lab: [36, -13, 9] }),
    );
    await user.selectOptions(screen.getByRole('combobox', { name: 'Read the dry swatch' }), 'reader');
    await user.click(screen.getByRole('button', { name: 'Read it 3 ×' }));
    expect(await screen.findByText(/the colour reader does not answer/u)).toBeTruthy();
  });
  it('teaches strengths, shown before they are taken over', async () => {
    const { user, db } = await openShop('/colour/cards/teach', deskProject());
    await user.click(await screen.findByRole('button', { name: /^Take \d strengths over$/u }));
    await waitFor(async () => expect((await db.records('products').get('ochre'))?.strength).not.toBeNull());
    expect((await db.records('products').get('white'))?.strength).toBeNull();
    expect(await screen.findByRole('button', { name: 'Nothing to take over' })).toBeTruthy();
  });
});

describe('reference pictures', () => {
  it('a marked grey takes the light out and reads earlier samples again; a press samples into a target', async () => {
    const project = deskProject();
    project.pictures = project.pictures.map((picture) => ({ ...picture, neutral: null }));
    const { user, db } = await openShop('/colour/pictures/picture', project);
    const stage = await screen.findByRole('application', { name: /^hall/u });
    expect(text()).toContain('No neutral yet');
    for (let step = 0; step < 20; step += 1) fireEvent.keyDown(stage, { key: 'ArrowLeft' });
    fireEvent.keyDown(stage, { key: 'Enter' });
    await waitFor(async () => expect((await db.records('pictures').get('picture'))?.neutral?.gains[2]).toBeCloseTo(1 / 0.4, 1));
    const [sample] = (await db.records('targets').get('target'))?.samples ?? [];
    expect(sample?.lab[0]).toBeCloseTo(36, 0);
    await screen.findByText(/Taken out/u);
    for (let step = 0; step < 40; step += 1) fireEvent.keyDown(stage, { key: 'ArrowRight' });
    fireEvent.keyDown(stage, { key: 'Enter' });
    expect(await screen.findByText(/^Lab 36\.0, -13\.0, 5\.0/u)).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Add to Band green' }));
    await waitFor(async () => expect((await db.records('targets').get('target'))?.samples).toHaveLength(2));
  });
  it('a sample is left out and counted again; its picture may go', async () => {
    const { user, db } = await openShop('/colour/mix/target', deskProject());
    await user.click(await screen.findByRole('button', { name: 'Leave out' }));
    await waitFor(async () => expect((await db.records('targets').get('target'))?.samples[0]?.isLeftOut).toBe(true));
    await user.click(await screen.findByRole('button', { name: 'Count it' }));
    await waitFor(async () => expect((await db.records('targets').get('target'))?.samples[0]?.isLeftOut).toBe(false));
  });
  it('brings a picture in by file', async () => {
    const { user, db, router } = await openShop('/colour/pictures', deskProject());
    const input = (await screen.findByText('Add a picture')).querySelector('input') as HTMLInputElement;
    await user.upload(input, new File([new Uint8Array([0xff, 0xd8, 0xff])], 'still.jpg', { type: 'image/jpeg' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/^\/colour\/pictures\/.+/u));
    expect((await db.records('pictures').toArray()).map((picture) => picture.name)).toContain('still.jpg');
  });
});

describe('coats, thinning, weighing, palettes', () => {
  it('says whether a ladder’s coats are enough, and adds those missing', async () => {
    const project = deskProject();
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'host-2'
        ? { ...rung, name: 'ochre', methodId: 'brushCoat', band: 'colour' as const, productId: 'ochre', coatMicrometres: 6 }
        : rung,
    );
    project.products = project.products.map((product) => (product.id === 'ochre' ? { ...product, scatterPerCoat: 0.8 } : product));
    const { user, db, store } = await openShop('/colour/coats', project);
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Paint' }), 'ochre');
    const ladders = await screen.findByRole('region', { name: 'On the ladders' });
    await waitFor(() => expect(ladders.textContent).toMatch(/1 coat over Grey primer; \d to full colour/u));
    await user.click(within(ladders).getByRole('button', { name: /^Add \d coats?$/u }));
    await waitFor(async () => expect((await db.records('ladders').get('host'))?.rungIds.length).toBeGreaterThan(2));
    await act(() => store.undo());
    expect((await db.records('ladders').get('host'))?.rungIds).toHaveLength(2);
  });
  it('ranks undercoats, and a card over black and white tells how much a coat hides', async () => {
    const { user, db } = await openShop('/colour/coats', deskProject());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Paint' }), 'ochre');
    await waitFor(() => expect(text()).toMatch(/coats? over Grey primer/u));
    typeLab('Read over black', '45, 8, 30');
    await user.click(await screen.findByRole('button', { name: 'Reckon with it' }));
    await waitFor(async () => expect((await db.records('products').get('ochre'))?.scatterPerCoat ?? 0).toBeGreaterThan(0.1));
    await user.click(await screen.findByRole('button', { name: 'Back to the guess' }));
    await waitFor(async () => expect((await db.records('products').get('ochre'))?.scatterPerCoat).toBeNull());
    await user.selectOptions(screen.getByRole('combobox', { name: 'Paint' }), 'brass');
    await waitFor(() => expect(text()).toContain('no number here would be true'));
  });
  it('thins for a tool, doses a job, and notes what a can holds by its weight', async () => {
    const { user, db } = await openShop('/colour/thin', deskProject());
    await user.selectOptions(await screen.findByRole('combobox', { name: 'For' }), 'wash');
    expect(text()).toContain('1.0 ml + 4.0 ml');
    const ratio = screen.getByLabelText('Thinner for 1 of paint');
    await user.clear(ratio);
    await user.type(ratio, '20');
    expect(text()).toContain('Usually 1 : 1 to 1 : 10');
    await user.selectOptions(screen.getByRole('combobox', { name: 'On' }), 'host');
    expect(within(screen.getByRole('region', { name: 'Paint for a job' })).getByText(/on the shelf/u)).toBeTruthy();
    await user.selectOptions(screen.getByRole('combobox', { name: 'Can' }), 'can-white');
    await user.type(screen.getByLabelText('It weighs, g'), '42');
    await user.click(await screen.findByRole('button', { name: 'Note it' }));
    await waitFor(async () => expect((await db.records('cans').get('can-white'))?.leftMillilitres).toBe(20));
    const weight = screen.getByLabelText('It weighs, g');
    await user.clear(weight);
    await user.type(weight, '900');
    expect((await screen.findByText(/weighs more than a full one/u)).getAttribute('role')).toBe('alert');
    await user.click(screen.getByRole('button', { name: 'Ask the scale' }));
    expect(await screen.findByText(/the scale does not answer/u)).toBeTruthy();
  });
  it('reads a palette as targets, refuses what is none, and writes the paints', async () => {
    const { user, db } = await openShop('/colour/palettes', deskProject());
    const saved: Blob[] = [];
    vi.stubGlobal(
      'URL',
      Object.assign(URL, { createObjectURL: (blob: Blob) => (saved.push(blob), 'blob:x'), revokeObjectURL: () => undefined }),
    );
    const input = (await screen.findByText('Read a palette')).querySelector('input') as HTMLInputElement;
    await user.upload(input, new File(['GIMP Palette\nName: Old\n255 0 0 Red\n1 2 3 Night\n'], 'old.gpl'));
    await user.click(await screen.findByRole('button', { name: 'Keep them' }));
    await waitFor(async () =>
      expect((await db.records('targets').toArray()).map((target) => target.name)).toEqual(expect.arrayContaining(['Red', 'Night'])),
    );
    await user.upload(input, new File(['nothing'], 'bad.gpl'));
    expect(await screen.findByText(/bad.gpl was not read/u)).toBeTruthy();
    await user.selectOptions(screen.getByRole('combobox', { name: 'Colours of' }), 'products');
    await user.click(screen.getByRole('button', { name: 'As GIMP palette' }));
    expect(await saved.at(-1)?.text()).toContain('185 138  51\tYellow ochre');
  });
});
