// @vitest-environment happy-dom
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { boxMesh } from '../../testing/boxMesh';
import { writeStl } from '@zinc-ladder/core/surface/mesh/writeStl';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/mesh/meshClient', () => import('../../testing/meshHere'));

const text = (): string => document.body.textContent ?? '';
const row = async (name: RegExp): Promise<HTMLElement> =>
  (await screen.findByRole('rowheader', { name }, { timeout: 10_000 })).closest('tr') as HTMLElement;

/** The sample with a ladder of five turns on its first part, the first one done. */
function withTurns() {
  const sample = makeSampleProject();
  const rungs = Array.from({ length: 5 }, (_, turn) => [
    {
      ...NEW_RUNG,
      id: `prime-${turn}`,
      ladderId: 'host',
      name: `filler primer ${turn + 1}`,
      methodId: 'prime',
      band: 'prime' as const,
      coatMicrometres: 40,
    },
    { ...NEW_RUNG, id: `sand-${turn}`, ladderId: 'host', name: 'P320', methodId: 'primeSand', band: 'prime' as const },
  ]).flat();
  return {
    ...sample,
    joins: [],
    rungs: [
      ...sample.rungs.filter((rung) => rung.ladderId !== 'host'),
      ...rungs.map((rung, at) => (at < 2 ? { ...rung, state: 'done' as const, doneAtMs: sample.savedAtMs - 1000 } : rung)),
    ],
    ladders: sample.ladders.map((ladder) => (ladder.id === 'host' ? { ...ladder, rungIds: rungs.map((rung) => rung.id) } : ladder)),
    logEntries: [],
    // Its pass hangs on a rung that is not among these.
    weatherPlans: [],
  };
}

describe('what is not printed', () => {
  it('has no lines to level: its shape stays, and the way to its ladder', async () => {
    const sample = makeSampleProject();
    const parts = sample.parts.map((part) =>
      part.id === 'host' ? { ...part, materialId: 'metal' as const, layerMillimetres: 0, print: null } : part,
    );
    await openShop('/surface/host', { ...sample, parts });
    expect(await screen.findByRole('heading', { name: 'It has no layer lines to level' })).toBeTruthy();
    expect(screen.queryByText(/as printed/u)).toBeNull();
    expect(screen.getByRole('link', { name: 'Its ladder' }).getAttribute('href')).toBe('/ladders/prop/host');
  });
});

describe('the surface of a part', () => {
  it('opens on a part that was inspected, with schools side by side and its own marked; refused ones say why', async () => {
    const { router } = await openShop('/surface');
    await waitFor(() => expect(router.state.location.pathname).toBe('/surface/host'), { timeout: 10_000 });
    expect((await row(/Sand and filler primer ?, this ladder/u)).textContent).toMatch(/%/u);
    expect((await row(/Solvent smoothing/u)).textContent).toContain('only solvent-soluble filament');
  });
  it('a mesh that cannot be read says why and loses nothing; the part is judged by its layer', async () => {
    const { db } = await openShop('/surface/host');
    expect((await screen.findByRole('alert')).textContent).toContain('host.stl gives nothing');
    expect(await db.attachments.get('mesh')).toBeTruthy();
    await row(/Sand and filler primer/u);
    expect(text()).toContain('150 µm');
  });
  it('a kept mesh is measured; its area and ridges are taken over into the part, and undo takes them out again', async () => {
    const { user, db } = await openShop('/surface/host');
    const input = (await screen.findByText('Another mesh file')).querySelector('input') as HTMLInputElement;
    await user.upload(input, new File([writeStl(boxMesh(), 'box')], 'box.stl'));
    expect((await row(/Walls/u)).textContent).toContain('18 cm²');
    expect(text()).toContain('10 × 20 × 30 mm');
    expect(await db.records('meshes').toArray()).toMatchObject([{ name: 'box.stl', partId: 'host', unit: 'mm' }]);
    expect((await db.records('flaws').get('flaw-2'))?.pin).toBeNull();
    await user.click(await screen.findByRole('button', { name: 'Take these over' }));
    await waitFor(async () =>
      expect(await db.records('parts').get('host')).toMatchObject({ areaSquareCentimetres: 22, ridgeMicrometres: 20 }),
    );
    expect(await screen.findByText('The part reckons with these figures.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^Undo Take over/u }));
    await waitFor(async () =>
      expect(await db.records('parts').get('host')).toMatchObject({ areaSquareCentimetres: 100, ridgeMicrometres: null }),
    );
  });
  it('an odd size asks for the unit, and a wrong file is refused', async () => {
    const { user, db } = await openShop('/surface/host');
    const input = (await screen.findByText('Another mesh file')).querySelector('input') as HTMLInputElement;
    await user.upload(input, new File([writeStl(boxMesh(0.1), 'box')], 'small.stl'));
    await user.click(await screen.findByRole('button', { name: 'It is in inches' }));
    await waitFor(async () => expect(await db.records('meshes').toArray()).toMatchObject([{ unit: 'in' }]));
    await waitFor(() => expect(text()).toContain('76.2 mm'));
    fireEvent.change((await screen.findByText('Another mesh file')).querySelector('input') as HTMLInputElement, {
      target: { files: [new File(['x'], 'notes.stl.txt')] },
    });
    expect(await screen.findByText(/a mesh is an STL, OBJ or 3MF file/u)).toBeTruthy();
    expect(await db.records('meshes').count()).toBe(1);
  });
  it('recess, walls and a better direction are reckoned when asked for', async () => {
    const { user, db, router } = await openShop('/surface/host');
    const input = (await screen.findByText('Another mesh file')).querySelector('input') as HTMLInputElement;
    await user.upload(input, new File([writeStl(boxMesh(), 'box')], 'box.stl'));
    await row(/Walls/u);
    await user.selectOptions(screen.getByRole('combobox', { name: 'Paint it by' }), 'recess');
    await waitFor(() => expect(text()).toContain('0 % of the area is more than half covered'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Paint it by' }), 'wall');
    await waitFor(() => expect(text()).toContain('thinnest 10.0 mm, nothing under 1.2 mm'));
    await user.click(screen.getByRole('button', { name: 'Look for a better direction' }));
    const lying = await screen.findAllByRole('button', { name: 'Reckon with it' });
    await user.click(lying[0] as HTMLElement);
    await waitFor(async () => expect((await db.records('meshes').toArray())[0]?.up.map(Math.abs)).toEqual([1, 0, 0]));
    await waitFor(() =>
      expect((screen.getByRole('combobox', { name: 'Layers were stacked towards' }) as HTMLSelectElement).value).toMatch(/^[+−]x$/u),
    );
    await act(() => router.navigate('/surface/host/sand'));
    await waitFor(() => expect(text()).toContain('240 mm of edges, and 0 % in recesses'));
  });
  it('a part without a mesh is judged by size and shape', async () => {
    const { user, db } = await openShop('/surface/guest');
    await user.selectOptions(await screen.findByRole('combobox', { name: 'It is near to a' }), 'ball');
    await waitFor(async () =>
      expect(await db.records('parts').get('guest')).toMatchObject({ shapeId: 'ball', sizeMillimetres: [50, 40, 30] }),
    );
    expect((await row(/Domes/u)).textContent).toContain('worst');
    expect((await row(/Undersides/u)).textContent).toMatch(/µm/u);
  });
  it('the ladder is fitted to what the verdict asks for, and back by undo', async () => {
    const project = withTurns();
    const passes = [
      { ...(project.passes[0] as (typeof project.passes)[number]), id: 'one', minutes: 90, valleyMicrometres: 70 },
      {
        ...(project.passes[0] as (typeof project.passes)[number]),
        id: 'two',
        minutes: 90,
        valleyMicrometres: 36,
        atMs: project.savedAtMs + 1,
      },
    ];
    const { user, db } = await openShop('/surface/host', { ...project, passes, flaws: [] });
    const states = async (): Promise<string[]> =>
      (await db.records('rungs').bulkGet(['prime-1', 'sand-1', 'prime-4', 'sand-4'])).map((rung) => rung?.state ?? '');
    expect(await screen.findByText('One more pass')).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: 'Leave out 3' }));
    await waitFor(async () => expect(await states()).toEqual(['open', 'open', 'leftOut', 'leftOut']));
    await user.click(await screen.findByRole('button', { name: /^Undo Fit the loops/u }));
    await waitFor(async () => expect(await states()).toEqual(['open', 'open', 'open', 'open']));
  });
  it('after one pass nothing is left out of the ladder yet, and the hours that say nothing are not shown', async () => {
    const project = withTurns();
    const passes = [{ ...(project.passes[0] as (typeof project.passes)[number]), minutes: 400, valleyMicrometres: 38 }];
    await openShop('/surface/host', { ...project, passes, flaws: [] });
    expect(await screen.findByText(/The ladder has 4 open turns/u)).toBeTruthy();
    expect(text()).not.toContain('Stop: nothing more to win');
    expect(screen.queryByRole('button', { name: /^Leave out/u })).toBeNull();
  });
  it('a zone rougher than the forecast counts with is told, and filled by itself', async () => {
    const project = makeSampleProject();
    // Reckoned by hand as smooth as its walls, while its shape says that domes are rough.
    const parts = project.parts.map((part) =>
      part.id === 'host'
        ? { ...part, ridgeMicrometres: 20, shapeId: 'ball' as const, sizeMillimetres: [60, 60, 60], layerMillimetres: 0.2 }
        : part,
    );
    const { user, db } = await openShop('/surface/host', { ...withTurns(), parts, meshes: [], flaws: [], passes: [] });
    const sheet = await screen.findByRole('region', { name: 'Zones that are a case of their own' });
    expect(sheet.textContent).toMatch(/Domes, \d+ cm².*loops? more.*than the part gets/u);
    await user.click(within(sheet).getByRole('button', { name: 'Fill domes first' }));
    expect(await within(sheet).findAllByText('on the ladder')).toHaveLength(1);
    const ladder = await db.records('ladders').get('host');
    const names = (await db.records('rungs').bulkGet([...(ladder?.rungIds ?? [])])).map((rung) => rung?.name ?? '');
    expect(names.indexOf('fill domes')).toBe(names.indexOf('sand domes') - 1);
    await user.click(await screen.findByRole('button', { name: /^Undo Fill domes/u }));
    expect(await within(sheet).findByRole('button', { name: 'Fill domes first' })).toBeTruthy();
  });
  it('a school is grown where it is compared, and undo brings the ladder back', async () => {
    const { user, db } = await openShop('/surface/host');
    const before = await db.records('ladders').get('host');
    await user.click(await screen.findByRole('button', { name: /^Grow .* by Two-part body filler$/u }));
    await waitFor(async () => expect((await db.records('ladders').get('host'))?.route?.smoothing).toBe('bodyFiller'));
    const grown = await row(/Two-part body filler ?, this ladder/u);
    // What the row forecasts is what the ladder got: the first figure is its loops.
    const loops = Number(within(grown).getByRole('button', { name: /why loops/u }).textContent);
    expect(await screen.findByText(new RegExp(`The ladder has ${loops} open turns? of primer and sanding, as many`, 'u'))).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: /^Undo Grow the ladder/u }));
    await waitFor(async () => expect((await db.records('ladders').get('host'))?.rungIds).toEqual(before?.rungIds));
  });
});

describe('inspection', () => {
  it('lists a flaw, mends it by a logged pass, and takes the pass back', async () => {
    const { user, db, pass } = await openShop('/surface/host/inspect');
    pass(60_000);
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Kind' }), 'scratch');
    const across = screen.getByRole('textbox', { name: 'Across, mm' });
    await user.clear(across);
    await user.type(across, '1,5');
    await user.click(screen.getByRole('button', { name: 'List it' }));
    const box = await screen.findByRole('checkbox', { name: /Scratch 1.5 mm jumps out/u });
    await user.click(box);
    await user.click(screen.getByRole('button', { name: 'Log the pass, 1 mended' }));
    expect((await screen.findAllByText('A number is needed.')).length).toBe(1);
    await user.type(screen.getByRole('textbox', { name: 'Hands, min' }), '45');
    await user.type(screen.getByRole('textbox', { name: 'Deepest valley, µm' }), '30');
    await user.click(screen.getByRole('button', { name: 'Log the pass, 1 mended' }));
    await waitFor(async () => expect(await db.records('passes').count()).toBe(2));
    const [, logged] = (await db.records('passes').toArray()).toSorted((a, b) => a.atMs - b.atMs || (a.id === 'pass' ? -1 : 1));
    expect(logged).toMatchObject({ minutes: 45, valleyMicrometres: 30, isGuideCoat: true });
    const scratch = async () => (await db.records('flaws').toArray()).find((flaw) => flaw.kind === 'scratch');
    expect(await scratch()).toMatchObject({ sizeMillimetres: 1.5, foundPassId: 'pass', fixedPassId: logged?.id });
    await user.click(await screen.findByRole('button', { name: 'Take away: pass 2' }));
    await waitFor(async () => expect(await scratch()).toMatchObject({ fixedPassId: null }));
  });
  it('pins on a photograph, by pressing it or by figures', async () => {
    const project = makeSampleProject();
    const pictures = project.pictures.map((picture) => ({ ...picture, partId: 'host', propId: null }));
    const { user, db } = await openShop('/surface/host/inspect', { ...project, pictures, flaws: [] });
    const picture = await screen.findByRole('img', { name: /hall, 0 pins/u });
    await user.pointer({ keys: '[MouseLeft]', target: picture, coords: { clientX: 640, clientY: 200 } });
    const left = await screen.findByRole('spinbutton', { name: 'From the left, %' });
    expect((left as HTMLInputElement).value).toBe('50');
    await user.clear(left);
    await user.type(left, '40');
    await user.click(screen.getByRole('button', { name: 'Pin it there' }));
    await waitFor(async () =>
      expect(await db.records('flaws').toArray()).toMatchObject([
        { kind: 'layerLine', pin: { pictureId: 'picture', meshId: null, place: [0.4, 0.25] } },
      ]),
    );
    await user.click(screen.getByRole('button', { name: 'Take this photograph away' }));
    await waitFor(async () => expect((await db.records('flaws').toArray())[0]?.pin).toBeNull());
    // The sample's card and log show the picture too: it is kept for them.
    expect(await db.records('pictures').get('picture')).toMatchObject({ partId: null });
  });
  it('says cause, mend and prevention of what is open, and what is not seen from there', async () => {
    await openShop('/surface/host/inspect');
    const kinds = await screen.findByText('Pinhole, 1');
    expect(kinds.closest('details')?.textContent).toContain('Press putty into it');
    expect(screen.getByRole('checkbox', { name: /Pinhole 0.6 mm shows/u })).toBeTruthy();
  });
});

describe('papers, fits, seams and mixes', () => {
  it('papers go down to what comes over them; finer ones are called wasted', async () => {
    const { user } = await openShop('/surface/guest/sand');
    expect((await row(/^P220/u)).textContent).toContain('µm');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Last paper' }), 'P400');
    expect((await row(/^P400/u)).textContent).toContain('wasted under filler primer');
  });
  it('a pair that does not go in says what helps; masked it goes', async () => {
    const { user, db } = await openShop('/surface/host/sand');
    const fits = await screen.findByRole('region', { name: 'Fits' });
    await within(fits).findByText('moves');
    const outer = within(fits).getByRole('textbox', { name: 'Outer, as designed, mm' });
    await user.clear(outer);
    await user.type(outer, '10.19{Enter}');
    expect(await within(fits).findByText('snug: it will scrape')).toBeTruthy();
    expect(fits.textContent).toContain('Mask the mating faces');
    await user.click(within(fits).getByRole('checkbox', { name: 'Mating faces are masked' }));
    await within(fits).findByText('moves');
    await user.click(within(fits).getByRole('button', { name: 'Take this pair away' }));
    await waitFor(async () => expect(await db.records('fits').count()).toBe(0));
  });
  it('a seam is looked at: dry fit, glue, filler, and whether it is joined before paint', async () => {
    const { user, db } = await openShop('/surface/host/bond');
    const seam = await screen.findByRole('region', { name: 'Seam of guest' });
    expect(seam.textContent).toContain('Two-part epoxy glue first choice');
    expect(seam.textContent).toContain('Bond with gap-filling epoxy');
    await user.click(within(seam).getByRole('checkbox', { name: 'comes off again' }));
    await waitFor(() => expect(seam.textContent).toContain('Paint apart.'));
    await user.selectOptions(within(seam).getByRole('combobox', { name: 'Dry fit' }), 'tight');
    await waitFor(async () =>
      expect(await db.records('joins').get('join')).toMatchObject({ seam: { dryFit: 'tight', mustComeOff: true, lengthMillimetres: 120 } }),
    );
    await waitFor(() => expect(seam.textContent).toContain('File the high spots'));
    expect(screen.getByRole('region', { name: 'Order of joining' }).textContent).toContain('± 0.30 mm');
  });
  it('filler is mixed for the temperature and its timers run on the bench until they are put away', async () => {
    const { user, db, router, pass } = await openShop('/surface/host/mix');
    const filler = await screen.findByRole('region', { name: 'Body filler' });
    expect(filler.textContent).toContain('2.0 %');
    const temperature = within(filler).getByRole('textbox', { name: 'Temperature, °C' });
    await user.clear(temperature);
    await user.type(temperature, '10');
    await waitFor(() => expect(filler.textContent).toContain('Hardener is at its limit'));
    await user.clear(temperature);
    await user.type(temperature, '20');
    await user.click(within(filler).getByRole('button', { name: 'Mixed: start the timers' }));
    await waitFor(async () => expect(await db.records('timers').count()).toBe(4));
    await router.navigate('/bench');
    const timers = await screen.findByRole('region', { name: 'Timers' });
    expect(timers.textContent).toMatch(/Filler: work it.*00:04:(?:30|2\d)/u);
    pass(5 * 60_000);
    await waitFor(() => expect(timers.textContent).toContain('It sets: no more spreading.'));
    await user.click(within(timers).getByRole('button', { name: 'Done with Filler: work it' }));
    await waitFor(async () => expect(await db.records('timers').count()).toBe(3));
  });
  it('epoxy is weighed by its densities and slurry adds up; what is no number gives no figure', async () => {
    const { user } = await openShop('/surface/host/mix');
    const epoxy = await screen.findByRole('region', { name: 'Epoxy' });
    expect(epoxy.textContent).toContain('22.4 + 10.0 g');
    const total = within(epoxy).getByRole('textbox', { name: 'Mix, ml' });
    await user.clear(total);
    await user.type(total, 'much');
    expect(within(epoxy).getByText('This is not a number.')).toBeTruthy();
    expect(epoxy.textContent).not.toContain('By weight');
    const slurry = screen.getByRole('region', { name: 'Slurry' });
    const amount = within(slurry).getByRole('textbox', { name: 'Mix, ml' });
    await user.clear(amount);
    await user.type(amount, '30');
    await waitFor(() => expect(slurry.textContent).toMatch(/20 ml.*10 ml/u));
  });
});
