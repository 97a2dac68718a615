// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/files/largeEdits', () => import('../../testing/largeEditsHere'));

/** The date in the form of the sample's prop. How it is typed into is a browser's affair: e2e/work/dates.spec.ts. */
async function openDue(project: ProjectFile = makeSampleProject()) {
  const opened = await openShop('/ladders/prop', project);
  await opened.user.click(await screen.findByRole('button', { name: 'Change prop' }));
  return { ...opened, group: await screen.findByRole('group', { name: 'Due' }) };
}
const partsOf = (group: HTMLElement) =>
  within(group)
    .getAllByRole('spinbutton')
    .map((part) => part.getAttribute('aria-label')?.split(',')[0]);

describe('a moment', () => {
  it('shows day, month, year, hour and minute by the shop’s 24 h, whole', async () => {
    const { group } = await openDue();
    expect(partsOf(group)).toEqual(['day', 'month', 'year', 'hour', 'minute']);
    expect(group.textContent).not.toMatch(/AM|PM/u);
  });
  it('goes with the shop’s 12 h and inches: month first, and AM or PM', async () => {
    const project = makeSampleProject();
    const { group } = await openDue({ ...project, shop: { ...project.shop, hourCycle: '12', units: 'us' } });
    expect(partsOf(group)).toEqual(['month', 'day', 'year', 'hour', 'minute', 'AM/PM']);
  });
});
