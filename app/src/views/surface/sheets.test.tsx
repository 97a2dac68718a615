// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { RECORD_LISTS } from '@zinc-ladder/model/file/tableNames';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/mesh/meshClient', () => import('../../testing/meshHere'));

/** A plate of 40 × 30 × 8 mm with a groove of 1 × 2 mm pulled across its top, as OBJ. */
const GROOVED = (() => {
  const section = [
    [0, 0],
    [40, 0],
    [40, 8],
    [20.5, 8],
    [20.5, 6],
    [19.5, 6],
    [19.5, 8],
    [0, 8],
  ];
  const lines = section.flatMap(([x, z]) => [`v ${x} 0 ${z}`, `v ${x} 30 ${z}`]);
  const count = section.length;
  for (let at = 0; at < count; at += 1) {
    const [a, b] = [at * 2 + 1, ((at + 1) % count) * 2 + 1];
    lines.push(`f ${a} ${a + 1} ${b + 1} ${b}`);
  }
  // The ends, cut into convex pieces: left of the groove, right of it, and below it.
  for (const [pieces, isFront] of [
    [
      [
        [0, 5, 6, 7],
        [1, 2, 3, 4],
        [0, 1, 4, 5],
      ],
      true,
    ],
    [
      [
        [7, 6, 5, 0],
        [4, 3, 2, 1],
        [5, 4, 1, 0],
      ],
      false,
    ],
  ] as const)
    for (const piece of pieces) lines.push(`f ${piece.map((at) => at * 2 + (isFront ? 1 : 2)).join(' ')}`);
  return new TextEncoder().encode(lines.join('\n'));
})();

async function keepMesh(name: string, bytes: Uint8Array): Promise<void> {
  const input = (await screen.findByText('Another mesh file')).querySelector('input') as HTMLInputElement;
  fireEvent.change(input, { target: { files: [new File([bytes as Uint8Array<ArrayBuffer>], name)] } });
}

describe('what the printer left', () => {
  it('grooves of the mesh are listed and reckoned with, until one is typed', async () => {
    const project = makeSampleProject();
    const parts = project.parts.map((part) => ({ ...part, engraving: null }));
    const { user, router, db } = await openShop('/surface/host', { ...project, parts, flaws: [] });
    await keepMesh('plate.obj', GROOVED);
    // The walls' end is found by steps of a twenty-fourth of the width.
    expect(await screen.findByText(/^1\.00 × (?:1\.9|2\.0)\d mm, \d\d mm long$/u)).toBeTruthy();
    expect(screen.getByText(/the narrowest groove of the mesh/u)).toBeTruthy();
    expect(screen.queryByText('What is wrong with the mesh')).toBeNull();
    await router.navigate('/surface/host/sand');
    const wide = await screen.findByRole('textbox', { name: 'Finest engraving, wide, mm' });
    await user.type(wide, '0,4{Enter}');
    await waitFor(async () => expect(await db.records('parts').get('host')).toMatchObject({ engraving: { widthMillimetres: 0.4 } }));
    const budget = screen.getByRole('region', { name: 'Film budget' });
    await waitFor(() => expect(budget.textContent).toMatch(/0\.40 × (?:1\.9|2\.0)\d mm \(typed\)/u));
    await user.clear(wide);
    await user.type(wide, '{Enter}');
    await waitFor(async () => expect(await db.records('parts').get('host')).toMatchObject({ engraving: null }));
  });
  it('unit and scale change every figure; a hidden side and a stacked direction are kept with the mesh', async () => {
    const { user, db } = await openShop('/surface/host');
    await keepMesh('plate.obj', GROOVED);
    await screen.findByText('40 × 30 × 8 mm');
    const larger = screen.getByRole('textbox', { name: 'Printed larger by, ×' });
    await user.clear(larger);
    await user.type(larger, '2{Enter}');
    expect(await screen.findByText('80 × 60 × 16 mm')).toBeTruthy();
    await user.selectOptions(screen.getByRole('combobox', { name: 'The file is in' }), 'cm');
    expect(await screen.findByText('800 × 600 × 160 mm')).toBeTruthy();
    await user.selectOptions(screen.getByRole('combobox', { name: 'Nobody sees' }), '-z');
    await waitFor(async () => expect((await db.records('meshes').toArray())[0]).toMatchObject({ hiddenSide: '-z', unit: 'cm', scale: 2 }));
    await waitFor(() => expect((screen.getByRole('combobox', { name: 'Nobody sees' }) as HTMLSelectElement).value).toBe('-z'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Layers were stacked towards' }), '−x');
    await waitFor(async () => expect((await db.records('meshes').toArray())[0]?.up).toEqual([-1, 0, 0]));
    await user.click(await screen.findByRole('button', { name: 'Undo Change the print direction of plate.obj' }));
    await waitFor(async () => expect((await db.records('meshes').toArray())[0]?.up).toEqual([0, 0, 1]));
  });
  it('a broken mesh says how, and what still holds', async () => {
    await openShop('/surface/host');
    const holed = new TextDecoder().decode(GROOVED).split('\n').slice(0, -1).join('\n');
    await keepMesh('holed.obj', new TextEncoder().encode(holed));
    const wrong = await screen.findByText(/open edges, .* mm long: the skin has holes/u);
    expect(wrong.textContent).toContain('Area and ridges hold');
    expect(screen.getByText('not closed')).toBeTruthy();
  });
  it('taking the mesh away leaves size and shape to be said', async () => {
    const { user, db } = await openShop('/surface/host');
    await user.click(await screen.findByRole('button', { name: 'Take away' }));
    expect(await screen.findByText(/No mesh is kept with this part/u)).toBeTruthy();
    expect(await db.records('meshes').count()).toBe(0);
    await user.selectOptions(screen.getByRole('combobox', { name: 'It is near to a' }), 'cylinder');
    const height = await screen.findByRole('textbox', { name: 'Height, mm' });
    await user.clear(height);
    await user.type(height, '0{Enter}');
    expect(await screen.findByText('Between 0.1 and 5000.')).toBeTruthy();
    await user.clear(height);
    await user.type(height, '120{Enter}');
    await waitFor(async () => expect((await db.records('parts').get('host'))?.sizeMillimetres).toEqual([50, 40, 120]));
  });
});

describe('going about', () => {
  it('another part is picked from the list and the same page of it shown', async () => {
    const { user, router } = await openShop('/surface/host/mix');
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Part' }), 'guest');
    await waitFor(() => expect(router.state.location.pathname).toBe('/surface/guest/mix'));
    expect(await screen.findByRole('region', { name: 'Body filler' })).toBeTruthy();
  });
  it('a part that is not here, and a shop without parts, say where to go', async () => {
    await openShop('/surface/nobody');
    expect((await screen.findByRole('link', { name: 'To the parts there are' })).getAttribute('href')).toBe('/surface');
  });
  it('a shop without parts teaches the next move', async () => {
    const sample = makeSampleProject();
    const none = Object.fromEntries(RECORD_LISTS.map((list) => [list, []]));
    await openShop('/surface', { ...sample, ...none, props: sample.props });
    expect((await screen.findByRole('link', { name: 'Add a prop and its first part' })).getAttribute('href')).toBe('/ladders');
  });
  it('how far it is seen from is the prop’s, and changes what may stay', async () => {
    const { user, db } = await openShop('/surface/host');
    const seen = await screen.findByRole('textbox', { name: 'Seen from, m' });
    expect(screen.getByRole('button', { name: /why valley that may stay$/u }).textContent).toBe('25 µm');
    await user.clear(seen);
    await user.type(seen, '3{Enter}');
    await waitFor(() => expect(screen.getByRole('button', { name: /why valley that may stay$/u }).textContent).toBe('50 µm'));
    expect(await db.records('props').get('prop')).toMatchObject({ viewingMetres: 3 });
  });
  it('print hours are guessed until they are typed', async () => {
    const { user, db } = await openShop('/surface/host');
    const layers = await screen.findByRole('region', { name: 'Layer heights' });
    expect(layers.textContent).toContain('printing, guessed');
    await user.type(within(layers).getByRole('textbox', { name: 'It printed for, h' }), '6{Enter}');
    await waitFor(() => expect(layers.textContent).not.toContain('guessed'));
    expect(await db.records('parts').get('host')).toMatchObject({ printHours: 6 });
    expect(
      within(layers)
        .getByRole('rowheader', { name: /0.12 mm/u })
        .closest('tr')?.textContent,
    ).toContain('10 h');
  });
});

describe('flaws and passes', () => {
  it('a mended flaw is opened again, one that was none is taken away', async () => {
    const { user, db } = await openShop('/surface/host/inspect');
    await user.click(await screen.findByText('Mended, 1'));
    await user.click(await screen.findByRole('button', { name: 'Open again' }));
    await waitFor(async () => expect(await db.records('flaws').get('flaw-2')).toMatchObject({ fixedPassId: null }));
    expect(await screen.findByRole('heading', { name: 'Open, 2' })).toBeTruthy();
    await user.click(screen.getByText('Take one away that was no flaw'));
    await user.click(screen.getByRole('button', { name: 'Seam, 2 mm' }));
    await waitFor(async () => expect(await db.records('flaws').count()).toBe(1));
    await user.click(await screen.findByRole('button', { name: 'Undo Take a seam away' }));
    await waitFor(async () => expect(await db.records('flaws').count()).toBe(2));
  });
  it('what mends a flaw of a coat goes onto the ladder from here; a pinhole is mended by passes', async () => {
    const project = makeSampleProject();
    const flaws = project.flaws.flatMap((flaw) => (flaw.id === 'flaw' ? [flaw, { ...flaw, id: 'ran', kind: 'run' as const }] : []));
    const { user, db } = await openShop('/surface/host/inspect', { ...project, flaws });
    await user.click(await screen.findByText('Run, 1'));
    await user.click(screen.getByText('Pinhole, 1'));
    await user.click(screen.getByRole('button', { name: 'Put the mending of primer on the ladder' }));
    await waitFor(async () => expect((await db.records('ladders').get('host'))?.rungIds).toHaveLength(4));
    expect((await db.records('logEntries').toArray()).find(({ kind }) => kind === 'mistake')?.text).toBe('Run.');
  });
  it('a pass over one zone is kept with it and with what such a pass was thought to take', async () => {
    const project = makeSampleProject();
    const parts = project.parts.map((part) => ({ ...part, shapeId: 'dome' as const }));
    const { user, db } = await openShop('/surface/guest/inspect', { ...project, parts });
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Over' }), 'dome');
    await user.type(screen.getByRole('textbox', { name: 'Hands, min' }), '12');
    await user.click(screen.getByRole('checkbox', { name: 'Looked at with a guide coat' }));
    await user.click(screen.getByRole('button', { name: 'Log the pass' }));
    await waitFor(async () => expect(await db.records('passes').count()).toBe(2));
    const logged = (await db.records('passes').toArray()).find((pass) => pass.partId === 'guest');
    expect(logged).toMatchObject({ minutes: 12, zone: 'dome', isGuideCoat: false, valleyMicrometres: null });
    expect(logged?.plannedMinutes).toBeGreaterThan(0);
    expect(await screen.findByText(/domes, no guide coat/u)).toBeTruthy();
  });
  it('a size that is no number is not kept', async () => {
    const { user, db } = await openShop('/surface/host/inspect');
    const across = await screen.findByRole('textbox', { name: 'Across, mm' });
    await user.clear(across);
    await user.type(across, 'wide');
    await user.click(screen.getByRole('button', { name: 'List it' }));
    expect(await screen.findByText('A number is needed.')).toBeTruthy();
    expect(await db.records('flaws').count()).toBe(2);
  });
});

describe('pairs and seams', () => {
  it('a pair is added, named, told what goes in, and its films are those of both ladders', async () => {
    const { user, db } = await openShop('/surface/guest/sand', { ...makeSampleProject(), fits: [] });
    const fits = await screen.findByRole('region', { name: 'Fits' });
    expect(fits.textContent).toContain('No pair named yet');
    await user.click(within(fits).getByRole('button', { name: 'Add a pair' }));
    const name = await within(fits).findByRole('textbox', { name: 'Name' });
    await user.clear(name);
    await user.type(name, 'Lid{Enter}');
    await within(fits).findByText('Lid');
    await user.selectOptions(within(fits).getByRole('combobox', { name: 'What goes in' }), 'host');
    await waitFor(() => expect((within(fits).getByRole('combobox', { name: 'What goes in' }) as HTMLSelectElement).value).toBe('host'));
    await user.selectOptions(within(fits).getByRole('combobox', { name: 'Kind' }), 'lid');
    await waitFor(async () =>
      expect((await db.records('fits').toArray())[0]).toMatchObject({ name: 'Lid', otherPartId: 'host', kind: 'lid' }),
    );
    // The host's coat of 15 µm, half of it sanded off: 0.5 − 0.1 − 2 × 0.0075 = 0.385.
    await waitFor(() => expect(fits.textContent).toContain('0.39 mm'));
  });
  it('the error of a joint moves the worst piece along', async () => {
    const { user } = await openShop('/surface/host/bond');
    const order = await screen.findByRole('region', { name: 'Order of joining' });
    const error = within(order).getByRole('textbox', { name: 'A joint sits off by, mm' });
    await user.clear(error);
    await user.type(error, '0,8');
    await waitFor(() => expect(order.textContent).toContain('± 0.80 mm'));
  });
  it('a part that meets no other says where to join it', async () => {
    await openShop('/surface/host/bond', { ...makeSampleProject(), joins: [] });
    expect((await screen.findByRole('link', { name: 'Join it on its ladder' })).getAttribute('href')).toBe('/ladders/prop/host');
    expect(screen.getByText('No part of this prop is joined to another yet.')).toBeTruthy();
  });
  it('a glue of the shelf goes onto the bond rung', async () => {
    const project = makeSampleProject();
    const glue = {
      ...(project.products[0] as (typeof project.products)[number]),
      id: 'glue',
      name: 'Slow glue',
      classId: 'epoxyGlue',
      values: [],
    };
    const rungs = project.rungs.map((rung) => (rung.id === 'host-2' ? { ...rung, methodId: 'bond', band: 'cutBond' as const } : rung));
    const { user, db } = await openShop('/surface/host/bond', { ...project, rungs, products: [...project.products, glue] });
    await user.click(await screen.findByRole('button', { name: 'Put Slow glue on the ladder' }));
    await waitFor(async () => expect(await db.records('rungs').get('host-2')).toMatchObject({ productId: 'glue' }));
    expect(await screen.findByRole('button', { name: 'On the ladder' })).toBeTruthy();
  });
});
