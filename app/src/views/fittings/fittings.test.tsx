// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { drillFor } from '@zinc-ladder/core/hardware/rivetRow';
import { filmOfLadder } from '@zinc-ladder/model/gather/film/filmOfLadder';
import { climbedMinutes } from '@zinc-ladder/model/rungs/climbedMinutes';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/plan/outlookClient', () => import('../../testing/outlookHere'));
vi.mock('../../workers/mesh/meshClient', () => import('../../testing/meshHere'));

async function type(user: Awaited<ReturnType<typeof openShop>>['user'], label: RegExp | string, text: string): Promise<void> {
  const field = (await screen.findAllByLabelText(label))[0] as HTMLElement;
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}

describe('the sight of a wearer', () => {
  it('is told by its angles; what is too little is said with what helps; it is noted in the log and undone', async () => {
    const { user, db } = await openShop('/fittings/prop');
    // 90 mm at 28 mm: 2 · arctan(45 ÷ 28) = 116°; 35 mm: 2 · arctan(17.5 ÷ 28) = 64°.
    expect((await screen.findByRole('heading', { level: 2 })).textContent).toBe(
      'Enough to walk by oneself: 116° sideways, 64° up and down',
    );
    await type(user, 'From the eye, mm', '90');
    // 2 · arctan(45 ÷ 90) = 53°, and 11° down.
    expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('Somebody has to lead: 53° sideways');
    const list = screen.getByRole('list', { name: 'What is too little' });
    expect(list.textContent).toContain('Who comes from the side is not seen');
    expect(list.textContent).toContain('11° down of 30°');
    expect(screen.getByRole('img', { name: 'From above: 27° and 27°' })).toBeTruthy();
    await type(user, /^Light that mesh/u, '20');
    expect(list.textContent).toContain('Through 20 % of the light');
    await user.click(screen.getByRole('button', { name: 'Note it in the log' }));
    await waitFor(async () => {
      const notes = (await db.records('logEntries').toArray()).filter(({ text }) => text.startsWith('Sight: opening 90 × 35 mm'));
      expect(notes.map(({ kind, partId, propId, rungId }) => [kind, partId, propId, rungId])).toEqual([['note', 'host', 'prop', null]]);
    });
    await user.click(await screen.findByRole('button', { name: /^Undo Note it/u }));
    await waitFor(async () => expect((await db.records('logEntries').toArray()).some(({ text }) => text.startsWith('Sight'))).toBe(false));
  });
  it('keeps what stood there when an opening of nothing is typed', async () => {
    const { user } = await openShop('/fittings/prop');
    await type(user, 'Opening, wide, mm', '0');
    expect(screen.getByText('Between 1 and 1000.')).toBeTruthy();
    expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('116° sideways');
  });
  it('of a prop that is not there says so, and an address of no tab shows the first', async () => {
    await openShop('/fittings/nothing');
    expect(await screen.findByText(/There is no such prop/u)).toBeTruthy();
    await openShop('/fittings/prop/elsewhere');
    expect((await screen.findAllByText(/Enough to walk/u)).length).toBeGreaterThan(0);
  });
});

describe('a formed sheet', () => {
  it('is cut to the buck and its draw, and thins by the ratio of areas', async () => {
    const { user } = await openShop('/fittings/prop/formed');
    await user.selectOptions(await screen.findByLabelText('Drawn over'), '');
    // 120 × 90 outline, 2 · 45 · 210 of walls: 29,700 ÷ 10,800 = 2.75, so 2 mm become 0.73; 25 + ½ · 45 mm of room at each side.
    expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('Cut sheets of 215 × 185 mm, 0.73 mm are left');
    await type(user, 'Buck, high, mm', '200');
    expect(screen.getByText(/So thin it tears/u)).toBeTruthy();
    await user.selectOptions(screen.getByLabelText('Sheet'), 'polycarbonate');
    expect(screen.getByText('175.0 °C to 205.0 °C')).toBeTruthy();
    expect(screen.getByText(/Never in a kitchen oven/u)).toBeTruthy();
  });
  it('is drawn over a part by its size, which cannot be typed then', async () => {
    const sample = makeSampleProject();
    const project = { ...sample, meshes: [], parts: sample.parts.map((part) => ({ ...part, sizeMillimetres: [60, 50, 20] })) };
    const { user } = await openShop('/fittings/prop/formed', project);
    await user.selectOptions(await screen.findByLabelText('Drawn over'), 'host');
    expect(screen.queryByLabelText('Buck, high, mm')).toBeNull();
    expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('130 × 120 mm');
    expect((screen.getByLabelText('Kept with') as HTMLSelectElement).value).toBe('host');
  });
});

describe('magnets', () => {
  it('that face their like push apart until one is turned; more weight than they pull comes off', async () => {
    const { user } = await openShop('/fittings/prop/magnets');
    expect((await screen.findByRole('heading', { level: 2 })).textContent).toContain('It holds');
    await user.click(screen.getAllByRole('button', { name: 'Turn the second round' })[0] as HTMLElement);
    expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('1 pair pushes apart');
    const pairs = within(screen.getByRole('list', { name: 'Pairs of magnets' })).getAllByRole('listitem');
    expect(pairs[0]?.textContent).toContain('pushes apart');
    expect(screen.getByRole('img', { name: 'Pair 1: N faces N' })).toBeTruthy();
    await user.click(screen.getAllByRole('button', { name: 'Turn the second round' })[0] as HTMLElement);
    await type(user, 'Weight held, g', '9000');
    expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('It comes off');
    await user.click(screen.getByRole('button', { name: 'Take away: pair 1' }));
    await user.click(screen.getByRole('button', { name: 'Take away: pair 1' }));
    expect(screen.getByText('No pair holds it yet.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'One pair more' }));
    expect(screen.getAllByRole('img', { name: /^Pair/u })).toHaveLength(1);
  });
});

describe('straps and rivets', () => {
  it('are cut and set by what is typed; what cannot be is said, and nothing else is lost', async () => {
    const { user } = await openShop('/fittings/prop/straps');
    // 300 + π · 2 + 30 of ease lie; 60 double, 2 · 15 turned in: 426 mm. 184 ÷ 6 gaps = 30.7 mm.
    const heads = () => screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent);
    await waitFor(() => expect(heads()).toEqual(['Cut 426 mm', '7 rivets, dividers set to 30.7 mm']));
    await user.selectOptions(screen.getByLabelText('It lies'), 'inside');
    // A lining has no ease and lies on the smaller circle: 300 − π · 2 + 90.
    expect(heads()[0]).toBe('Cut 384 mm');
    await type(user, 'Run along the skin, mm', '15');
    expect(heads()[1]).toBe('No row comes of this');
    expect(screen.getByText('The run is shorter than two edges of 8 mm.')).toBeTruthy();
    await type(user, 'Run along the skin, mm', '100');
    await type(user, 'Wanted apart, mm', '5');
    expect(screen.getByText(/Set wider than wanted/u)).toBeTruthy();
    expect(screen.getByRole('img', { name: /^8 rivets over 100 mm, the first 8\.0 mm/u })).toBeTruthy();
  });
  it('drill a painted part larger by both films of its ladder', async () => {
    const { user, db } = await openShop('/fittings/prop/straps');
    const ladder = await db.records('ladders').where('partId').equals('host').first();
    const all = new Map((await db.records('rungs').toArray()).map((rung) => [rung.id, rung]));
    const rungs = (ladder?.rungIds ?? []).flatMap((id) => all.get(id) ?? []);
    const products = new Map((await db.records('products').toArray()).map((product) => [product.id, product]));
    await user.selectOptions(await screen.findByLabelText('Drilled into'), 'host');
    const film = filmOfLadder(rungs, products);
    expect(film).toBeGreaterThan(0);
    const { beforePaint } = drillFor(4, film);
    expect(screen.getByText(`${beforePaint.toFixed(1)} mm`)).toBeTruthy();
  });
});

describe('clear and dyed', () => {
  it('says how clear, how long, and how dark', async () => {
    const { user, db } = await openShop('/fittings/prop/clear');
    const heads = () => screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent);
    await waitFor(() => expect(heads()[0]).toMatch(/^Clear: 8\d % straight through$/u));
    await user.selectOptions(screen.getByLabelText('Both faces end with'), 'P400');
    await user.selectOptions(screen.getByLabelText('Over it'), 'none');
    expect(heads()[0]).toMatch(/^Frosted/u);
    // 0.8 to the power of 3 is 51 %, of 6 26 %: below 30 % somebody has to lead.
    expect(heads()[1]).toBe('Enough to look through: 51 % of the light');
    await type(user, 'Passes', '6');
    expect(heads()[1]).toBe('Too dark to walk by: 26 % of the light');
    expect(screen.getByText('At most 5 passes for who walks with it.')).toBeTruthy();
    expect(heads()[2]).toBe('Out after 11 min');
    await user.click(screen.getByRole('button', { name: 'Take away: strip 2' }));
    expect(heads()[2]).toBe('The bath is not read yet');
    expect(screen.getByRole('alert').textContent).toContain('two strips of different times');
    await user.click(screen.getByRole('button', { name: 'One strip more' }));
    expect(heads()[2]).toMatch(/^Out after/u);
    await user.click(screen.getAllByRole('button', { name: 'Note it in the log' })[2] as HTMLElement);
    await waitFor(async () =>
      expect((await db.records('logEntries').toArray()).filter(({ text }) => text.startsWith('Dye bath: 2 min 70 %'))).toHaveLength(1),
    );
  });
});

describe('mend or print anew', () => {
  it('orders the ways out by what is to be expected, and says what is too large', async () => {
    const { user, db } = await openShop('/fittings/prop/mend');
    const table = await screen.findByRole('table');
    const ways = () =>
      within(table)
        .getAllByRole('rowheader')
        .map(({ textContent }) => textContent);
    expect(ways()).toContain('Print it anew');
    const ladder = await db.records('ladders').where('partId').equals('host').first();
    const rungs = await db.records('rungs').toArray();
    expect(climbedMinutes(ladder?.rungIds ?? [], rungs, 1)).toBeGreaterThan(0);
    expect(climbedMinutes(ladder?.rungIds ?? [], rungs, 2)).toBe(climbedMinutes(ladder?.rungIds ?? [], rungs, 1) / 2);
    await user.click(screen.getByRole('button', { name: 'What does the plan say to each?' }));
    const says = await screen.findByRole('list', { name: 'What the plan says' });
    expect(within(says).getAllByRole('listitem')).toHaveLength(ways().length);
    expect(says.textContent).toMatch(/Print it anew: .* (?:later|damage)/u);
    await user.selectOptions(screen.getByLabelText('What it is'), 'warp');
    // What was planned was of the crack: of the warp it is asked anew.
    expect(screen.queryByRole('list', { name: 'What the plan says' })).toBeNull();
    await type(user, /^Wide, deep/u, '20');
    expect(ways().some((way) => way === 'Warm air and a press (too large for it)')).toBe(true);
    await user.selectOptions(screen.getByLabelText('What it is'), 'tight');
    expect(ways()).toContain('Grind it away (too large for it)');
  });
});
