// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));

function withEntries(): ProjectFile {
  const project = makeSampleProject();
  const [entry] = project.logEntries;
  if (!entry) throw new Error('no entry');
  project.logEntries.push(
    { ...entry, id: 'mistake', kind: 'mistake', atMs: entry.atMs + 60_000, text: 'tape pulled too soon', actualMinutes: null },
    { ...entry, id: 'sanded', rungId: 'host-2', productId: null, atMs: entry.atMs + 120_000, plannedMinutes: 20, actualMinutes: 30 },
  );
  return project;
}
const list = async (): Promise<HTMLElement> => screen.findByRole('region', { name: /entries, newest first/u });
const titles = async (): Promise<string[]> =>
  within(await list())
    .queryAllByRole('heading', { level: 2 })
    .map((heading) => heading.textContent);

describe('the log', () => {
  it('is newest first, with planned against actual and why', async () => {
    const { user } = await openShop('/log', withEntries());
    await waitFor(async () => expect(await titles()).toEqual(['host: sand', 'host: primer', 'host: primer']));
    // 12 + 30 min for 10 + 20 planned.
    expect(screen.getByText('140 %')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /why share of the planned time$/u }));
    expect(await screen.findByText('actual minutes ÷ planned minutes × 100')).toBeTruthy();
    expect(screen.getByText('rungs with both').nextSibling?.textContent).toBe('2');
  });
  it('is filtered by kind, product and words; the sum follows', async () => {
    const { user } = await openShop('/log', withEntries());
    await list();
    await user.selectOptions(screen.getByRole('combobox', { name: 'Kind' }), 'mistake');
    await waitFor(async () => expect(await titles()).toEqual(['host: primer']));
    await waitFor(() => expect(screen.queryByText(/of the planned time/u)).toBeNull());
    await user.selectOptions(screen.getByRole('combobox', { name: 'Kind' }), '');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Product' }), 'primer');
    await waitFor(async () => expect((await titles()).length).toBe(2));
    await user.type(screen.getByRole('searchbox', { name: 'Words' }), 'TOO SOON');
    await waitFor(async () => expect((await titles()).length).toBe(1));
    await user.type(screen.getByRole('searchbox', { name: 'Words' }), ' xyz');
    expect(await screen.findByText('Nothing fits this filter.')).toBeTruthy();
  });
  it('corrects an entry by a new one; the rung’s moment and the words of before are kept', async () => {
    const { user, db } = await openShop('/log');
    await user.click(await screen.findByRole('button', { name: 'Correct host: primer' }));
    const minutes = screen.getByRole('textbox', { name: 'Minutes' });
    await user.clear(minutes);
    await user.type(minutes, 'long');
    await user.click(screen.getByRole('button', { name: 'Keep correction' }));
    expect((await screen.findByRole('alert')).textContent).toBe('A number is needed.');
    expect(document.activeElement).toBe(minutes);
    expect(await db.records('logEntries').count()).toBe(1);
    await user.clear(minutes);
    await user.type(minutes, '9');
    await user.click(screen.getByRole('button', { name: 'Keep correction' }));
    await waitFor(async () => expect(await db.records('logEntries').count()).toBe(2));
    expect(await screen.findByText('corrected; it said 12 min')).toBeTruthy();
    expect(await db.records('rungs').get('host-1')).toMatchObject({ workedMs: 9 * 60_000 });
  });
  it('corrects what a coat was laid with, on its ladder too; what lays nothing has no product to correct', async () => {
    const project = withEntries();
    const [paint] = project.products;
    if (!paint) throw new Error('no product');
    project.products.push({ ...paint, id: 'other', name: 'Other paint' });
    const { user, db } = await openShop('/log', project);
    await user.click(await screen.findByRole('button', { name: 'Correct host: sand' }));
    expect(screen.queryAllByRole('combobox', { name: 'Product' })).toHaveLength(1);
    await user.click(screen.getByRole('button', { name: 'Leave it' }));
    await user.click(screen.getAllByRole('button', { name: 'Correct host: primer' }).at(-1) as HTMLElement);
    await user.selectOptions(screen.getAllByRole('combobox', { name: 'Product' }).at(-1) as HTMLElement, 'Other paint');
    await user.click(screen.getByRole('button', { name: 'Keep correction' }));
    expect(await screen.findByText(`corrected; it said ${paint.name}`)).toBeTruthy();
    expect(await db.records('rungs').get('host-1')).toMatchObject({ productId: 'other', state: 'done' });
  });
  it('corrects whose hands it were, where there are several', async () => {
    const project = withEntries();
    const hands = { revision: 0, hours: null, exceptions: [], busy: [], refuses: [] };
    project.persons = [
      { ...hands, id: 'first', name: 'First hands', position: 0 },
      { ...hands, id: 'second', name: 'Second hands', position: 1 },
    ];
    const { user, db } = await openShop('/log', project);
    await user.click((await screen.findAllByRole('button', { name: 'Correct host: primer' })).at(-1) as HTMLElement);
    await user.selectOptions(screen.getByRole('combobox', { name: 'Whose hands' }), 'Second hands');
    await user.click(screen.getByRole('button', { name: 'Keep correction' }));
    expect(await screen.findByText('done, Second hands')).toBeTruthy();
    expect(await db.records('rungs').get('host-1')).toMatchObject({ doerId: 'second', state: 'done' });
  });
  it('teaches what will be in it while it is empty', async () => {
    await openShop('/log', { ...makeSampleProject(), logEntries: [] });
    expect(await screen.findByText(/Nothing logged yet/u)).toBeTruthy();
  });
});
