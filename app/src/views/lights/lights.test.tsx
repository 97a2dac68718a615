// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));

describe('lights', () => {
  it('begin as a strip, are changed and undone, and what is wrong is said', async () => {
    const { user, db } = await openShop('/lights/prop');
    await user.click(await screen.findByRole('button', { name: 'Begin with a strip' }));
    expect(await screen.findByText(/240 mA/u)).toBeTruthy();
    const many = screen.getByLabelText('How many');
    await user.clear(many);
    await user.type(many, '0{Enter}');
    const list = await screen.findByRole('list', { name: 'What speaks against it' });
    expect(list.textContent).toContain('there is no LED on the strip');
    await user.click(screen.getByRole('button', { name: /^Undo/u }));
    await waitFor(async () => expect((await db.records('lightPlans').toArray())[0]?.leds).toBe(12));
    const fed = screen.getByLabelText('Fed at LED');
    await user.clear(fed);
    await user.type(fed, 'both{Enter}');
    expect(screen.getByText('Whole numbers from 1, such as 1, 40.')).toBeTruthy();
  });
  it('in groups: one that is turned faces backwards; the best order mends the wires; the rungs stand on the part’s ladder once', async () => {
    const { user, db } = await openShop('/lights/prop');
    await user.click(await screen.findByRole('button', { name: 'Begin with a strip' }));
    await user.click(await screen.findByRole('button', { name: 'Add a group' }));
    await user.click(await screen.findByRole('button', { name: 'Add a group' }));
    const to = await screen.findByLabelText('Wire 2 to');
    await user.selectOptions(to, within(to).getByRole('option', { name: 'B out' }));
    expect((await screen.findByRole('list', { name: 'What speaks against it' })).textContent).toContain('B at its data out');
    await user.click(screen.getByRole('button', { name: 'Wire them in the best order' }));
    await waitFor(() => expect(screen.queryByText(/at its data out/u)).toBeNull());
    await user.selectOptions(screen.getByLabelText('In the part'), 'host');
    await user.click(await screen.findByRole('button', { name: /^Put them on the ladder/u }));
    const rungNames = async (): Promise<string[]> => {
      const ladder = await db.records('ladders').get('host');
      const rungs = new Map((await db.records('rungs').toArray()).map((rung) => [rung.id, rung.name]));
      return (ladder?.rungIds ?? []).map((id) => rungs.get(id) ?? '');
    };
    await waitFor(async () => expect(await rungNames()).toContain('Lights: fit the lights'));
    const before = await rungNames();
    await user.click(await screen.findByRole('button', { name: /^Put them anew/u }));
    await waitFor(() => expect(screen.getByRole('button', { name: /^Undo Put the lights/u })).toBeTruthy());
    expect(await rungNames()).toEqual(before);
  });
  it('a part beside them that glows is said, with the coats that stop it; a thick wall is dark', async () => {
    const { user } = await openShop('/lights/prop');
    await user.click(await screen.findByRole('button', { name: 'Begin with a strip' }));
    const sheet = await screen.findByRole('region', { name: 'Light that must not show' });
    await user.selectOptions(within(sheet).getByLabelText('Stays dark'), 'host');
    expect(await within(sheet).findByText(/It glows through/u)).toBeTruthy();
    expect(sheet.textContent).toMatch(/\d coats? more of .* would stop it, or a wall of \d+\.\d mm/u);
    const wall = within(sheet).getByLabelText('Its wall, mm');
    await user.clear(wall);
    await user.type(wall, '30{Enter}');
    expect(await within(sheet).findByText(/^Dark/u)).toBeTruthy();
  });
  it('in rows are read as a plate; fuse and contacts are said; a seam shows until it has a lip and black faces', async () => {
    const { user, db } = await openShop('/lights/prop');
    await user.click(await screen.findByRole('button', { name: 'Begin with a strip' }));
    expect(await screen.findByRole('img', { name: /^The row without foam: \d+ % ripple/u })).toBeTruthy();
    // 240 mA × 1.25 is 0.3 A, next of the series 0.315; × 1.5 for contacts 0.36, up to the next tenth.
    expect(screen.getByText('0.315 A')).toBeTruthy();
    expect(screen.getByText('0.4 A at direct current')).toBeTruthy();
    const rows = screen.getByLabelText('Rows side by side');
    await user.clear(rows);
    await user.type(rows, '3{Enter}');
    expect(await screen.findByRole('img', { name: /^The plate without foam: \d+ % ripple/u })).toBeTruthy();
    expect(screen.getByLabelText('From row to row, mm')).toBeTruthy();
    const marks = screen.getByLabelText('Its marks are every, LEDs');
    await user.clear(marks);
    await user.type(marks, '5{Enter}');
    const faults = await screen.findByRole('list', { name: 'What speaks against it' });
    expect(faults.textContent).toContain('of 12 the last 2 stay dark. Cut 10 or 15');
    const sheet = screen.getByRole('region', { name: 'Light that must not show' });
    await user.selectOptions(within(sheet).getByLabelText('Stays dark'), 'host');
    const seam = await within(sheet).findByLabelText('Its seam stands open, mm');
    await user.clear(seam);
    await user.type(seam, '0.3{Enter}');
    expect(await within(sheet).findByText(/^Its seam shows as a line/u)).toBeTruthy();
    await user.click(within(sheet).getByLabelText('a lip lies behind it'));
    expect(await within(sheet).findByText(/Paint its faces black/u)).toBeTruthy();
    await user.click(within(sheet).getByLabelText('its faces are black'));
    expect(await within(sheet).findByText(/^Its seam is dark/u)).toBeTruthy();
    await waitFor(async () =>
      expect((await db.records('lightPlans').toArray())[0]).toMatchObject({
        rows: 3,
        seamMillimetres: 0.3,
        hasLip: true,
        isSeamBlack: true,
      }),
    );
  });
  it('of a prop that is not there say so', async () => {
    await openShop('/lights/nowhere', makeSampleProject());
    expect(await screen.findByText(/There is no such prop/u)).toBeTruthy();
  });
});
