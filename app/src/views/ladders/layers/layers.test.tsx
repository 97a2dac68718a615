// @vitest-environment happy-dom
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { makeSampleProduct } from '@zinc-ladder/model/testing/sampleProduct';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../../testing/openShop';

vi.mock('../../../workers/plan/planClient', () => import('../../../testing/planHere'));
vi.mock('../../../workers/pictures/pictureClient', () => import('../../../testing/pictureHere'));

/** The sample with a ladder of two colours, the second over epoxy that nobody scuffed. */
function stackProject(): ProjectFile {
  const sample = makeSampleProject();
  const product = (id: string, classId: string, colourHex: string) => makeSampleProduct(id, classId, { colourHex });
  const rung = (
    id: string,
    methodId: string,
    band: 'fillSand' | 'prime' | 'colour' | 'maskDetail' | 'weather',
    productId: string | null,
    coatMicrometres: number | null,
  ) => ({
    ...NEW_RUNG,
    id: id.replace(' ', '-'),
    ladderId: 'host',
    name: id,
    methodId,
    band,
    productId,
    coatMicrometres,
  });
  const rungs = [
    rung('level', 'brushFilm', 'fillSand', 'epoxy', 250),
    rung('prime it', 'prime', 'prime', 'primer', 15),
    rung('cream 1', 'sprayCoat', 'colour', 'cream', 12),
    rung('mask', 'mask', 'maskDetail', null, null),
    rung('black 1', 'maskedCoat', 'maskDetail', 'black', 12),
    rung('pull', 'unmask', 'maskDetail', null, null),
    rung('gloss', 'clear', 'weather', 'clear', 12),
  ];
  return {
    ...sample,
    joins: [],
    maskPlans: [],
    products: [
      ...sample.products,
      product('epoxy', 'brushEpoxy', '#d9d4c4'),
      product('cream', 'lacquerColour', '#dccfae'),
      product('black', 'lacquerColour', '#232221'),
      product('clear', 'lacquerClear', '#efece2'),
    ],
    rungs: [...rungs, ...sample.rungs.filter((entry) => entry.ladderId !== 'host')],
    ladders: sample.ladders.map((ladder) => (ladder.id === 'host' ? { ...ladder, rungIds: rungs.map((entry) => entry.id) } : ladder)),
    logEntries: [],
  };
}
const text = (): string => document.body.textContent ?? '';
const openTab = async (name: string, project = stackProject()) => {
  const shop = await openShop('/ladders/prop/host', project);
  await shop.user.click(await screen.findByRole('tab', { name }));
  return shop;
};

describe('layers of a ladder', () => {
  it('names what does not go together and puts the remedy in; undo takes it out', async () => {
    const { user, db, store } = await openTab('Layers');
    const findings = await screen.findByRole('region', { name: 'What does not go together' });
    expect(findings.textContent).toContain('Paint on epoxy that was neither washed nor scuffed');
    await user.click(within(findings).getByRole('button', { name: /^Put it in: Put in “scuff”/u }));
    await waitFor(async () => {
      const ids = (await db.records('ladders').get('host'))?.rungIds ?? [];
      const names = await Promise.all(ids.map(async (id) => (await db.records('rungs').get(id))?.name));
      expect(names.slice(0, 3)).toEqual(['level', 'scuff', 'prime it']);
    });
    await waitFor(() => expect(text()).not.toContain('neither washed nor scuffed'));
    await act(() => store.undo());
    await waitFor(() => expect(text()).toContain('neither washed nor scuffed'));
  });
  it('shows what a mask, a chip and a sanded edge lay bare, region by region', async () => {
    const { user } = await openTab('Layers');
    const shows = await screen.findByRole('region', { name: 'What shows' });
    expect(shows.textContent).toContain('From the middle outwards: cream');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Region' }), 'black');
    await waitFor(() => expect(screen.getByRole('region', { name: 'What shows' }).textContent).toContain('Under the mask: cream'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'What shows when' }), 'edge');
    fireEvent.change(screen.getByRole('slider'), { target: { value: '1.1' } });
    await waitFor(() => expect(screen.getByRole('region', { name: 'What shows' }).textContent).toContain('bare part, level'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'What shows when' }), 'chip');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Down to' }), '-1');
    await waitFor(() => expect(screen.getByRole('region', { name: 'What shows' }).textContent).toContain('outwards: bare part'));
  });
  it('explains what is seen, and how much light comes through', async () => {
    const { user } = await openTab('Layers');
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Something went wrong' }), 'peeling');
    expect(text()).toContain('On this ladder');
    await user.click(screen.getByText('Light from inside'));
    expect(text()).toMatch(/of the light comes out/u);
    expect(text()).toContain('Most is stopped by');
  });
  it('a film that is not hard is waited for: the next rung begins no sooner', async () => {
    const project = stackProject();
    project.products = project.products.map((product) => (product.id === 'cream' ? { ...product, classId: 'enamelColour' } : product));
    const laidAtMs = project.savedAtMs - 3_600_000;
    project.rungs = project.rungs.map((rung) => {
      if (['level', 'prime-it', 'cream-1', 'mask'].includes(rung.id))
        return { ...rung, state: 'done' as const, doneAtMs: laidAtMs, workedMs: 60_000 };
      return rung.id === 'black-1' ? { ...rung, lockedAtMs: project.savedAtMs + 86_400_000 } : rung;
    });
    const { user, db } = await openTab('Layers', project);
    const [wait] = await screen.findAllByRole('button', { name: /^Wait for it: Wait until cream 1 is hard/u });
    await user.click(wait as HTMLElement);
    await waitFor(async () =>
      expect(await db.records('rungs').get('black-1')).toMatchObject({ hardRungId: 'cream-1', notBeforeMs: null, lockedAtMs: null }),
    );
  });
  it('a test card and a film that is left out are remedies too', async () => {
    const project = stackProject();
    project.parts = project.parts.map((part) => ({ ...part, materialId: 'flexible' as const }));
    const { user, db } = await openTab('Layers', project);
    const [first] = await screen.findAllByRole('button', { name: /^Leave it out: Leave level out/u });
    await user.click(first as HTMLElement);
    await waitFor(async () => expect((await db.records('rungs').get('level'))?.state).toBe('leftOut'));
  });
});

describe('masks of a ladder', () => {
  it('regions are named from the ladder, ordered, moved by hand, and put on the ladder', async () => {
    const { user, db, store } = await openTab('Masks');
    await user.click(await screen.findByRole('button', { name: 'Name the regions' }));
    const order = await screen.findByRole('region', { name: 'Order' });
    expect(
      within(order)
        .getAllByRole('listitem')
        .map((item) => item.textContent),
    ).toEqual([expect.stringContaining('cream'), expect.stringContaining('black')]);
    expect(order.textContent).toContain('200 mm');
    await user.click(within(order).getByRole('button', { name: /^Put \d+ rungs? on the ladder$/u }));
    await waitFor(async () => {
      const ids = (await db.records('ladders').get('host'))?.rungIds ?? [];
      const rungs = await Promise.all(ids.map(async (id) => db.records('rungs').get(id)));
      expect(rungs.map((rung) => rung?.methodId)).toEqual([
        'brushFilm',
        'prime',
        'sprayCoat',
        'mask',
        'edgeSeal',
        'maskedCoat',
        'unmask',
        'clear',
      ]);
      expect(rungs.find((rung) => rung?.methodId === 'edgeSeal')?.productId).toBe('cream');
    });
    await act(() => store.undo());
    expect((await db.records('ladders').get('host'))?.rungIds).toHaveLength(7);
  });
  it('regions are pointed at on a picture, by a press or by keys; another picture has no places yet', async () => {
    const { user, db, store } = await openTab('Masks');
    const plan = async () => (await db.records('maskPlans').toArray())[0];
    await user.click(await screen.findByRole('button', { name: 'Name the regions' }));
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Regions are shown on' }), 'picture');
    const picture = await screen.findByRole('application');
    expect(picture.getAttribute('aria-label')).toContain('Enter says that cream is there');
    picture.focus();
    await user.keyboard('{ArrowLeft}{ArrowUp}{Enter}');
    await waitFor(async () => expect((await plan())?.regions.map(({ spot }) => spot)).toEqual([{ x: 0.49, y: 0.49 }, null]));
    // The next one without a place is at hand.
    await waitFor(() => expect(screen.getByRole('application').getAttribute('aria-label')).toContain('black is there'));
    vi.spyOn(picture, 'getBoundingClientRect').mockReturnValue(new DOMRect(100, 50, 200, 100));
    fireEvent.click(picture, { clientX: 150, clientY: 100 });
    await waitFor(async () => expect((await plan())?.regions[1]?.spot).toEqual({ x: 0.25, y: 0.5 }));
    expect(within(picture).getByTitle('black').textContent).toContain('2');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Regions are shown on' }), '');
    await waitFor(async () => expect(await plan()).toMatchObject({ pictureId: null, regions: [{ spot: null }, { spot: null }] }));
    await act(() => store.undo());
    expect((await plan())?.regions[1]?.spot).toEqual({ x: 0.25, y: 0.5 });
  });
  it('a border, a region and the school change the order; one base a part; what is taken away leaves nothing hanging', async () => {
    const { user, db } = await openTab('Masks');
    await user.click(await screen.findByRole('button', { name: 'Name the regions' }));
    await user.click(await screen.findByRole('button', { name: 'Add a region' }));
    await waitFor(async () => expect((await db.records('maskPlans').toArray())[0]?.regions).toHaveLength(3));
    const boxes = await screen.findAllByRole('checkbox', { name: /lies under the others too/u });
    await user.click(boxes[1] as HTMLElement);
    await waitFor(async () =>
      expect((await db.records('maskPlans').toArray())[0]?.regions.map((region) => region.isBase)).toEqual([false, true, false]),
    );
    await user.click(screen.getByRole('button', { name: 'Add a border' }));
    await waitFor(async () => expect((await db.records('maskPlans').toArray())[0]?.borders).toHaveLength(2));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Edges are sealed' }), 'none');
    await waitFor(async () => expect((await db.records('maskPlans').toArray())[0]?.seal).toBe('none'));
    await user.click(screen.getByRole('button', { name: 'Take away: black' }));
    await waitFor(async () => expect((await db.records('maskPlans').toArray())[0]).toMatchObject({ borders: [], order: [] }));
    const moves = await screen.findAllByRole<HTMLButtonElement>('button', { name: /^cream (earlier|later)$/u });
    await user.click(moves.find((move) => !move.disabled) as HTMLElement);
    await waitFor(async () => expect((await db.records('maskPlans').toArray())[0]?.order).toHaveLength(2));
    await user.click(screen.getByRole('button', { name: 'Take the mask plan away' }));
    await screen.findByRole('button', { name: 'Name the regions' });
  });
  it('a stencil is brought in from lines or a picture, sized by one length, and saved', async () => {
    const project = stackProject();
    project.stencils = [];
    const { user, db } = await openTab('Masks', project);
    const input = (await screen.findByText('Bring in an outline')).querySelector('input') as HTMLInputElement;
    await user.upload(
      input,
      new File(['<svg xmlns="http://www.w3.org/2000/svg"><rect width="20" height="10"/><text>A</text></svg>'], 'numbers.svg', {
        type: 'image/svg+xml',
      }),
    );
    expect(await screen.findByText('100.0 × 50.0 mm, 1 sheet')).toBeTruthy();
    expect(await screen.findByText(/letters are left out/u)).toBeTruthy();
    const length = screen.getByLabelText('It measures, mm');
    await user.clear(length);
    await user.type(length, '240');
    await user.click(screen.getByRole('button', { name: 'Size it' }));
    expect(await screen.findByText('240.0 × 120.0 mm, 2 sheets')).toBeTruthy();
    await user.upload(input, new File([new Uint8Array([1])], 'trace.png', { type: 'image/png' }));
    await waitFor(async () =>
      expect((await db.records('stencils').toArray()).map((stencil) => stencil.name).sort()).toEqual(['numbers', 'trace']),
    );
    await user.upload(input, new File(['no drawing'], 'bad.svg', { type: 'image/svg+xml' }));
    expect(await screen.findByText(/bad.svg gives no stencil/u)).toBeTruthy();
  });
});
