// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
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
    await user.click(screen.getByRole('button', { name: 'Take pair 1 away' }));
    await user.click(screen.getByRole('button', { name: 'Take pair 1 away' }));
    expect(screen.getByText('No pair holds it yet.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'One pair more' }));
    expect(screen.getAllByRole('img', { name: /^Pair/u })).toHaveLength(1);
  });
});
