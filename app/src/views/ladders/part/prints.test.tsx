// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../../testing/openShop';

vi.mock('../../../workers/plan/planClient', () => import('../../../testing/planHere'));

describe('a part that is still on the printer', () => {
  it('is put there, counted down piece by piece, and is here with the last; undo goes back', async () => {
    const project = makeSampleProject();
    project.parts = project.parts.map((part) => ({ ...part, count: 2 }));
    const { user, db } = await openShop('/ladders/prop/host', project);
    await user.click(await screen.findByRole('tab', { name: 'Part' }));
    await user.click(screen.getByRole('button', { name: 'It is still to be printed' }));
    const section = await screen.findByRole('region', { name: 'On the printer' });
    expect(section.textContent).toMatch(/2 pieces to come, .* each, guessed/u);
    const onBed = within(section).getByRole('textbox', { name: 'On one bed' });
    await user.clear(onBed);
    await user.type(onBed, '1{Enter}');
    await user.click(await within(section).findByRole('button', { name: 'A piece is begun' }));
    expect(await within(section).findByText(/1 piece on the bed, begun/u)).toBeTruthy();
    await user.click(within(section).getByRole('button', { name: 'A piece is off' }));
    expect(await within(section).findByText(/1 piece to come/u)).toBeTruthy();
    expect((await db.records('parts').get('host'))?.print).toMatchObject({ piecesLeft: 1, bedPieces: 1, startedAtMs: null });
    await user.click(within(section).getByRole('button', { name: 'A piece is off' }));
    expect(await screen.findByRole('button', { name: 'It is still to be printed' })).toBeTruthy();
    expect((await db.records('parts').get('host'))?.print).toBeNull();
    await user.click(await screen.findByRole('button', { name: /^Undo Take a piece/u }));
    await waitFor(async () => expect((await db.records('parts').get('host'))?.print).toMatchObject({ piecesLeft: 1 }));
  });

  it('comes off bed by bed: what lies together is begun and off in one press, in the plan as many beds as somebody begins', async () => {
    const project = makeSampleProject();
    project.parts = project.parts.map((part) => ({
      ...part,
      count: 5,
      printHours: 3,
      print: part.id === 'host' ? { piecesLeft: 5, bedPieces: 3, startedAtMs: null, failureShare: 0 } : null,
    }));
    project.rungs = project.rungs.map((rung) =>
      rung.ladderId === 'host' ? { ...rung, state: 'open', doneAtMs: null, workedMs: 0 } : rung,
    );
    const { user, db } = await openShop('/ladders/prop/host', project);
    await user.click(await screen.findByRole('tab', { name: 'Part' }));
    const section = await screen.findByRole('region', { name: 'On the printer' });
    expect(await within(section).findByText(/in 2 beds that somebody begins/u)).toBeTruthy();
    await user.click(within(section).getByRole('button', { name: '3 pieces are begun' }));
    expect(await within(section).findByText(/3 pieces on the bed, begun/u)).toBeTruthy();
    await user.click(within(section).getByRole('button', { name: 'One failed, the rest are off' }));
    expect(await within(section).findByText(/3 pieces to come/u)).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: /^Undo Take 2 pieces of host/u }));
    expect(await within(section).findByText(/5 pieces to come/u)).toBeTruthy();
    await user.click(await within(section).findByRole('button', { name: '3 pieces are off' }));
    expect(await within(section).findByText(/2 pieces to come/u)).toBeTruthy();
    expect((await db.records('parts').get('host'))?.print).toEqual({ piecesLeft: 2, bedPieces: 3, startedAtMs: null, failureShare: 0 });
    await user.click(within(section).getByRole('button', { name: '2 pieces are off' }));
    await waitFor(async () => expect((await db.records('parts').get('host'))?.print).toBeNull());
  });

  it('stands in the plan with what to print first', async () => {
    const project = makeSampleProject();
    project.parts = project.parts.map((part) => ({
      ...part,
      printHours: 3,
      print: part.id === 'host' ? { piecesLeft: 1, bedPieces: 1, startedAtMs: null, failureShare: 0.05 } : null,
    }));
    project.rungs = project.rungs.map((rung) =>
      rung.ladderId === 'host' ? { ...rung, state: 'open', doneAtMs: null, workedMs: 0 } : rung,
    );
    await openShop('/plan', project);
    const sheet = await screen.findByRole('region', { name: 'To print' });
    expect(within(sheet).getByRole('link', { name: 'host' })).toBeTruthy();
  });
});
