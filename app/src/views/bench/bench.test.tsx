// @vitest-environment happy-dom
import { act, screen, waitFor, within } from '@testing-library/react';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));

const MINUTE = 60_000;

/** The sample with hands and spraying at all hours and nothing in hand. */
function openAllDay(change: (project: ProjectFile) => void = () => undefined): ProjectFile {
  const project = makeSampleProject();
  const always = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 0, endMinute: 1440 }));
  project.shop.hours = always;
  project.shop.sprayHours = always;
  project.rungs = project.rungs.map((rung) => (rung.state === 'inHand' ? { ...rung, state: 'open', startedAtMs: null } : rung));
  change(project);
  return project;
}

describe('the bench with a rung in hand', () => {
  it('shows its timer and logs it with one press; the next rung comes up by itself', async () => {
    const { user, db, pass } = await openShop('/bench');
    const sheet = await screen.findByRole('region', { name: 'In hand' });
    expect(within(sheet).getByRole('heading', { level: 2 }).textContent).toMatch(/^guest: /u);
    act(() => pass(4 * MINUTE));
    expect(within(sheet).getByRole('timer').textContent).toBe('00:05:00');
    await user.click(within(sheet).getByRole('button', { name: 'Done: log 5 min' }));
    const next = await screen.findByRole('region', { name: 'Next' });
    expect(within(next).getByRole('heading', { level: 2 }).textContent).toMatch(/^host: /u);
    expect(await db.records('rungs').get('guest-1')).toMatchObject({ state: 'done', workedMs: 5 * MINUTE });
    const entries = await db.records('logEntries').toArray();
    expect(entries.find((entry) => entry.rungId === 'guest-1')).toMatchObject({
      kind: 'done',
      actualMinutes: 5,
      partId: 'guest',
      propId: 'prop',
      air: { temperatureCelsius: 20, relativeHumidityPercent: 50, origin: 'typical' },
    });
  });

  it('of a timer that was left on for days is asked when it was done: it ends then, not now', async () => {
    const project = makeSampleProject();
    const taken = project.savedAtMs - 8 * 24 * 60 * MINUTE;
    project.rungs = project.rungs.map((rung) => (rung.id === 'guest-1' ? { ...rung, startedAtMs: taken, workedMs: 0, minutes: 9 } : rung));
    const { user, db } = await openShop('/bench', project);
    expect(await screen.findByText(/it was left on/u)).toBeTruthy();
    expect((screen.getByRole('button', { name: 'Done' }) as HTMLButtonElement).disabled).toBe(true);
    // What is offered is what was planned for it.
    expect(screen.getByText('by the timer then: 9 min')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Log it as done' }));
    await waitFor(async () =>
      expect(await db.records('rungs').get('guest-1')).toMatchObject({ state: 'done', workedMs: 9 * MINUTE, doneAtMs: taken + 9 * MINUTE }),
    );
    const entry = (await db.records('logEntries').toArray()).find(({ rungId }) => rungId === 'guest-1');
    expect(entry).toMatchObject({ kind: 'done', atMs: taken + 9 * MINUTE, actualMinutes: 9 });
  });
  it('may be told as done since, by Correct', async () => {
    const { user, db, pass } = await openShop('/bench');
    await screen.findByRole('region', { name: 'In hand' });
    act(() => pass(3 * MINUTE));
    await user.click(screen.getByRole('button', { name: 'Correct' }));
    await user.type(screen.getByRole('textbox', { name: /^Minutes if known/u }), '2');
    await user.click(screen.getByRole('button', { name: 'Log it as done' }));
    await waitFor(async () => expect(await db.records('rungs').get('guest-1')).toMatchObject({ state: 'done', workedMs: 2 * MINUTE }));
    expect(await screen.findByRole('button', { name: /^Undo Log/u })).toBeTruthy();
  });
  it('tells what was logged, and undo brings the running timer back', async () => {
    const { user, db } = await openShop('/bench');
    await user.click(await screen.findByRole('button', { name: /^Done: log/u }));
    expect(await screen.findByText(/ logged$/u)).toBeTruthy();
    await user.click(await screen.findByRole('button', { name: /^Undo Log/u }));
    expect(await screen.findByRole('region', { name: 'In hand' })).toBeTruthy();
    expect(await db.records('rungs').get('guest-1')).toMatchObject({ state: 'inHand' });
    expect(await db.records('logEntries').count()).toBe(1);
  });

  it('keeps the minutes of what is set down and offers it again', async () => {
    const { user, db, pass } = await openShop('/bench', openAllDay());
    await user.click(await screen.findByRole('button', { name: /^Take in hand/u }));
    await screen.findByRole('region', { name: 'In hand' });
    act(() => pass(3 * MINUTE));
    await user.click(screen.getByRole('button', { name: 'Set down' }));
    await screen.findByRole('region', { name: 'Next' });
    const [held] = (await db.records('rungs').toArray()).filter((rung) => rung.state === 'setDown');
    expect(held).toMatchObject({ workedMs: 3 * MINUTE, startedAtMs: null });
  });

  it('comes back itself when it is set down: nothing was shown beside it that could be kept', async () => {
    const { user } = await openShop('/bench', openAllDay());
    const first = (await screen.findByRole('region', { name: 'Next' })).querySelector('h2')?.textContent;
    await user.click(screen.getByRole('button', { name: /^Take in hand/u }));
    await screen.findByRole('region', { name: 'In hand' });
    await user.click(screen.getByRole('button', { name: 'Set down' }));
    const next = await screen.findByRole('region', { name: 'Next' });
    expect(within(next).getByRole('heading', { level: 2 }).textContent).toBe(first);
    expect(screen.queryByText(/The plan has changed/u)).toBeNull();
  });
  it('takes a correction of the timer, refuses nonsense, and keeps notes and mistakes', async () => {
    const { user, db } = await openShop('/bench');
    await user.click(await screen.findByRole('button', { name: 'Correct' }));
    const field = screen.getByRole('textbox', { name: 'Minutes so far' });
    await user.clear(field);
    await user.type(field, 'soon{Enter}');
    expect(screen.getByRole('alert').textContent).toBe('This is not a number.');
    await user.clear(field);
    await user.type(field, '7{Enter}');
    await waitFor(async () => expect(await db.records('rungs').get('guest-1')).toMatchObject({ workedMs: 7 * MINUTE }));
    await user.click(screen.getByRole('button', { name: 'Note' }));
    await user.type(screen.getByRole('textbox', { name: 'Note' }), 'a run on the left');
    await user.click(screen.getByRole('button', { name: 'Keep as mistake' }));
    await waitFor(async () => {
      const kept = (await db.records('logEntries').toArray()).find((entry) => entry.kind === 'mistake');
      expect(kept).toMatchObject({ text: 'a run on the left', rungId: 'guest-1', actualMinutes: null });
    });
  });

  it('puts what mends a coat that went wrong onto its ladder, with the mistake in the log, and undo takes both back', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'guest-1' ? { ...rung, name: 'grey', methodId: 'sprayCoat', productId: 'primer', coatMicrometres: 15 } : rung,
    );
    const { user, db } = await openShop('/bench', project);
    const ladder = async () =>
      Promise.all(((await db.records('ladders').get('guest'))?.rungIds ?? []).map((id) => db.records('rungs').get(id)));
    await user.click(await screen.findByRole('button', { name: 'Note' }));
    expect(screen.getByRole('button', { name: 'Keep as mistake' })).toHaveProperty('disabled', true);
    await user.selectOptions(screen.getByRole('combobox', { name: 'What went wrong with grey' }), 'run');
    expect(screen.getByText(/Onto the ladder, next: sand the run level; grey, again\.$/u)).toBeTruthy();
    // A note says nothing of what went wrong.
    expect(screen.getByRole('button', { name: 'Keep note' })).toHaveProperty('disabled', true);
    await user.click(screen.getByRole('button', { name: 'Keep as mistake' }));
    await waitFor(async () => expect((await ladder()).map((rung) => rung?.name)).toEqual(['grey', 'sand the run level', 'grey, again']));
    expect((await db.records('logEntries').toArray()).find(({ kind }) => kind === 'mistake')).toMatchObject({
      text: 'Run.',
      rungId: 'guest-1',
    });
    await user.click(await screen.findByRole('button', { name: 'Undo Mend: run' }));
    await waitFor(async () => expect(await ladder()).toHaveLength(1));
    expect((await db.records('logEntries').toArray()).some(({ kind }) => kind === 'mistake')).toBe(false);
  });
  it('mends one piece of a set unless it is said to be on more, and says of which the next hand is', async () => {
    const project = openAllDay();
    project.parts = project.parts.map((part) => (part.id === 'guest' ? { ...part, name: 'Bolt', count: 6 } : part));
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'guest-1'
        ? { ...rung, methodId: 'sprayCoat', productId: 'primer', coatMicrometres: 15, state: 'inHand', startedAtMs: project.savedAtMs }
        : rung,
    );
    const { user, db } = await openShop('/bench', project);
    await user.click(await screen.findByRole('button', { name: 'Note' }));
    await user.selectOptions(screen.getByRole('combobox', { name: /^What went wrong/u }), 'orangePeel');
    expect(screen.getByRole('textbox', { name: 'On so many pieces, of 6' })).toHaveProperty('value', '6');
    await user.selectOptions(screen.getByRole('combobox', { name: /^What went wrong/u }), 'run');
    const pieces = screen.getByRole('textbox', { name: 'On so many pieces, of 6' });
    expect(pieces).toHaveProperty('value', '1');
    await user.clear(pieces);
    await user.type(pieces, '2{Enter}');
    await user.click(screen.getByRole('button', { name: 'Keep as mistake' }));
    await screen.findByRole('button', { name: 'Undo Mend: run' });
    const ladder = (await db.records('ladders').get('guest'))?.rungIds ?? [];
    const made = await Promise.all(ladder.map((id) => db.records('rungs').get(id)));
    expect(made.map((rung) => rung?.pieces)).toEqual([null, 2, 2]);
    expect((await screen.findAllByText('Bolt, 2 of 6')).length).toBeGreaterThan(0);
  });
  it('keeps a mistake by its name alone where it is mended another way', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) => (rung.id === 'guest-1' ? { ...rung, methodId: 'sprayCoat' } : rung));
    const { user, db } = await openShop('/bench', project);
    await user.click(await screen.findByRole('button', { name: 'Note' }));
    await user.type(screen.getByRole('textbox', { name: 'Note' }), 'a cat hair');
    await user.selectOptions(screen.getByRole('combobox', { name: /^What went wrong/u }), 'dust');
    await user.click(screen.getByRole('checkbox', { name: 'Put its mending on the ladder' }));
    await user.click(screen.getByRole('button', { name: 'Keep as mistake' }));
    await waitFor(async () =>
      expect((await db.records('logEntries').toArray()).find(({ kind }) => kind === 'mistake')?.text).toBe('Dust: a cat hair.'),
    );
    expect((await db.records('ladders').get('guest'))?.rungIds).toHaveLength(1);
  });

  it('asks about time nobody looked, and takes it off when told to', async () => {
    localStorage.setItem('zinc-ladder-seen', String(makeSampleProject().savedAtMs));
    const project = makeSampleProject();
    project.savedAtMs += 3 * 60 * MINUTE;
    const { user, db } = await openShop('/bench', project);
    expect(await screen.findByText(/Nobody looked from .*, 3 h\. The timer ran on\./u)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Count 1 min so far' }));
    await waitFor(async () => expect(await db.records('rungs').get('guest-1')).toMatchObject({ workedMs: MINUTE }));
    expect(screen.queryByText(/Nobody looked/u)).toBeNull();
  });

  it('puts the timer right by itself when the clock was turned back, once', async () => {
    const project = makeSampleProject();
    const started = project.savedAtMs - MINUTE;
    localStorage.setItem('zinc-ladder-seen', String(project.savedAtMs + 60 * MINUTE));
    const { db, store } = await openShop('/bench', project);
    await waitFor(async () => expect((await db.records('rungs').get('guest-1'))?.startedAtMs).toBe(started - 60 * MINUTE));
    expect((await store.historyState()).undoLabel).toBe('Put the timer right after the clock was turned back');
    expect(await db.history.count()).toBe(1);
  });
});

describe('the bench with empty hands', () => {
  it('says why there is nothing to do until the hours begin', async () => {
    const project = openAllDay();
    project.shop.hours = makeSampleProject().shop.hours;
    await openShop('/bench', project);
    const next = await screen.findByRole('region', { name: 'Next' });
    await within(next).findByText(/Hands free · nothing to do until 18:30/u);
    expect(within(next).getByText('hands are free long enough')).toBeTruthy();
    expect(within(next).getByRole('button', { name: 'Take in hand all the same' })).toBeTruthy();
  });
  it('teaches the next move where there is no part, no open rung, or no place for any', async () => {
    await openShop('/bench', { ...makeSampleProject(), parts: [], ladders: [], rungs: [], joins: [], logEntries: [], meshes: [] });
    expect(await screen.findByRole('heading', { name: 'No part yet' })).toBeTruthy();
  });
  it('says that every ladder is climbed', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) => ({ ...rung, state: 'done', startedAtMs: null, doneAtMs: project.savedAtMs }));
    await openShop('/bench', project);
    expect(await screen.findByRole('heading', { name: 'Every ladder is climbed' })).toBeTruthy();
  });
  it('says that nothing has a place when there are no hours', async () => {
    const project = openAllDay();
    project.shop.hours = [];
    await openShop('/bench', project);
    expect(await screen.findByRole('heading', { name: 'Nothing has a place' })).toBeTruthy();
  });
});

describe('what comes then', () => {
  /** A shop in which a second rung of the guest comes then. */
  const withWetSand = () =>
    openAllDay((shop) => {
      shop.joins = [];
      shop.rungs.push({ ...NEW_RUNG, id: 'guest-2', ladderId: 'guest', name: 'wet sand' });
      shop.ladders = shop.ladders.map((ladder) => (ladder.id === 'guest' ? { ...ladder, rungIds: ['guest-1', 'guest-2'] } : ladder));
    });
  it('leads to when it was done, where it was done earlier', async () => {
    const { user, router } = await openShop('/bench', withWetSand());
    const then = await screen.findByRole('region', { name: 'Then' });
    await user.click(await within(then).findByRole('button', { name: /wet sand/u }));
    await user.click(await screen.findByRole('menuitem', { name: 'Done earlier' }));
    expect(await screen.findByRole('form', { name: 'Done earlier' })).toBeTruthy();
    expect(router.state.location.search).toBe('?rung=guest-2');
  });
  it('opens a line for taking in hand, logging and leaving out', async () => {
    const { user, db } = await openShop('/bench', withWetSand());
    const then = await screen.findByRole('region', { name: 'Then' });
    await user.click(await within(then).findByRole('button', { name: /wet sand/u }));
    await user.click(await screen.findByRole('menuitem', { name: 'Leave out' }));
    await waitFor(async () => expect(await db.records('rungs').get('guest-2')).toMatchObject({ state: 'leftOut' }));
    await waitFor(() => expect(within(then).queryByRole('button', { name: /guest.*wet sand/u })).toBeNull());
  });
});

describe('a start that something speaks against', () => {
  const wet = () =>
    openAllDay((shop) => {
      shop.joins = [];
      shop.rungs = shop.rungs.map((rung) =>
        rung.id === 'host-1'
          ? { ...rung, doneAtMs: shop.savedAtMs - 20 * MINUTE }
          : rung.id === 'guest-1'
            ? { ...rung, state: 'done', doneAtMs: shop.savedAtMs - 600 * MINUTE }
            : rung,
      );
    });

  it('is said beside the button, not blocked, and logged as done all the same; undo takes both back', async () => {
    const { user, db } = await openShop('/bench', wet());
    const next = await screen.findByRole('region', { name: 'Next' });
    const note = await within(next).findByRole('note', { name: 'Speaks against it' });
    expect(note.textContent).toMatch(/cannot be sanded until \d\d:\d\d\./u);
    const count = await db.records('logEntries').count();
    await user.click(within(next).getByRole('button', { name: /^Take in hand all the same/u }));
    await screen.findByRole('region', { name: 'In hand' });
    const deviation = (await db.records('logEntries').toArray()).find(({ kind }) => kind === 'deviation');
    expect(deviation).toMatchObject({ rungId: 'host-2', actualMinutes: null });
    expect(deviation?.text).toMatch(/cannot be sanded until/u);
    await user.click(await screen.findByRole('button', { name: /^Undo Take/u }));
    expect(await screen.findByRole('region', { name: 'Next' })).toBeTruthy();
    expect(await db.records('logEntries').count()).toBe(count);
  });

  it('says that what is laid is past its time, also where the film says nothing; tried and found good it is silent', async () => {
    const old = openAllDay((shop) => {
      shop.joins = [];
      shop.rungs = shop.rungs.map((rung) =>
        rung.id === 'host-2'
          ? { ...rung, methodId: 'prime', productId: 'primer', coatMicrometres: 15 }
          : rung.id === 'guest-1'
            ? { ...rung, state: 'done', startedAtMs: null, doneAtMs: shop.savedAtMs - 600 * MINUTE }
            : rung,
      );
      shop.cans = shop.cans.map((can) => ({ ...can, openedAtMs: shop.savedAtMs - 1000 * 24 * 60 * MINUTE }));
    });
    const { store } = await openShop('/bench', old);
    const next = await screen.findByRole('region', { name: 'Next' });
    const note = await within(next).findByRole('note', { name: 'Speaks against it' });
    expect(note.textContent).toMatch(/Grey primer is past its time since .*: opened too long ago. Try it on a card first./u);
    await store.edit('tried', (edit) => edit.patch('cans', 'can', { provedAtMs: old.savedAtMs }));
    await waitFor(() => expect(within(next).queryByText(/past its time/u)).toBeNull());
  });

  it('is told in the layers of its ladder', async () => {
    const project = wet();
    project.logEntries.push({
      ...(project.logEntries[0] as (typeof project.logEntries)[number]),
      id: 'despite',
      kind: 'deviation',
      counter: 99,
      rungId: 'host-2',
      text: 'Grey primer cannot be sanded until 15:31.',
    });
    const { user } = await openShop('/ladders/prop/host', project);
    await user.click(await screen.findByRole('tab', { name: /Layers/u }));
    expect(await screen.findByRole('heading', { name: 'Done all the same' })).toBeTruthy();
    expect(screen.getByText(/cannot be sanded until 15:31/u)).toBeTruthy();
  });
});

describe('what is drying', () => {
  it('stands on the rack with its places and its way from wet to hard', async () => {
    const project = openAllDay((shop) => {
      shop.rungs = shop.rungs.map((rung) => (rung.id === 'host-1' ? { ...rung, doneAtMs: shop.savedAtMs - 20 * MINUTE } : rung));
    });
    await openShop('/bench', project);
    const drying = await screen.findByRole('region', { name: 'Drying' });
    expect((await within(drying).findByRole('img')).getAttribute('aria-label')).toMatch(/^Now touch dry\..*hard/u);
    expect(within(drying).getByText('1 of 8 rack places')).toBeTruthy();
    expect(within(drying).getByText(/can be sanded 15:31/u)).toBeTruthy();
  });
});

describe('the time at hand', () => {
  it('is filled with what can be begun now', async () => {
    const { user } = await openShop('/bench', openAllDay());
    await user.click(await screen.findByRole('button', { name: 'What fits?' }));
    const fits = await screen.findByRole('region', { name: 'What fits' });
    await waitFor(() => expect(within(fits).getByRole('link', { name: 'guest: sand' })).toBeTruthy());
    // The host waits for the guest to join it, however much time there is.
    expect(within(fits).queryByRole('link', { name: /^host/u })).toBeNull();
    const minutes = within(fits).getByRole('textbox', { name: 'I have, min' });
    await user.clear(minutes);
    await user.type(minutes, '5');
    expect(within(fits).getByText('5 min of it')).toBeTruthy();
    await user.clear(minutes);
    await user.type(minutes, 'none');
    expect(within(fits).getByRole('alert').textContent).toBe('This is not a number.');
  });
  it('is none for a while when one is away, and the plan goes round it', async () => {
    const { user, db, store } = await openShop('/bench', openAllDay());
    await user.click(await screen.findByRole('button', { name: 'I am away' }));
    // Two days, as it stands there; how it is typed is e2e/work/dates.spec.ts.
    await screen.findByRole('group', { name: 'Until' });
    await user.click(screen.getByRole('button', { name: 'Plan round it' }));
    await waitFor(async () => expect((await db.records('shop').toArray())[0]?.busy).toHaveLength(1));
    expect((await db.records('shop').toArray())[0]?.busy[0]).toMatchObject({
      endMs: makeSampleProject().savedAtMs + 2 * 86_400_000,
      title: 'away',
    });
    await screen.findByText(/nothing to do until Sat \d\d:\d\d/u);
    await store.undo();
    await screen.findByRole('button', { name: /^Take in hand ·/u });
  });
});

describe('what comes then', () => {
  it('tells which rungs share one getting ready, and who goes on without', async () => {
    const project = openAllDay((shop) => {
      shop.joins = [];
      shop.rungs = shop.rungs.map((rung) =>
        rung.state === 'done'
          ? rung
          : {
              ...rung,
              methodId: 'sprayCoat',
              name: `${rung.id} green`,
              productId: 'primer',
              coatMicrometres: 15,
              notBeforeMs: shop.savedAtMs + 300 * MINUTE,
            },
      );
    });
    await openShop('/bench', project);
    const then = await screen.findByRole('region', { name: 'Then' });
    await waitFor(() => expect(then.textContent).toMatch(/goes on without getting ready/u));
  });
});

describe('the bench beside a printer', () => {
  it('asks for the next print, then for the piece when its time is over; one press each, and undo', async () => {
    const printed = openAllDay((project) => {
      project.parts = project.parts.map((part) =>
        part.id === 'guest'
          ? { ...part, printHours: 0.5, print: { piecesLeft: 1, bedPieces: 1, startedAtMs: null, failureShare: 0 } }
          : part,
      );
    });
    const { user, db, pass } = await openShop('/bench', printed);
    const asked = await screen.findByRole('list', { name: 'At the printer' });
    expect(asked.textContent).toMatch(/^Begin to print: guest, 30 min/u);
    await user.click(within(asked).getByRole('button', { name: 'It is begun' }));
    await waitFor(() => expect(screen.queryByRole('list', { name: 'At the printer' })).toBeNull());
    expect((await db.records('parts').get('guest'))?.print?.startedAtMs).not.toBeNull();
    expect(await screen.findByText(/a piece of guest is off the printer$/u)).toBeTruthy();
    act(() => pass(31 * MINUTE));
    const off = await screen.findByRole('list', { name: 'At the printer' });
    expect(off.textContent).toMatch(/^A piece should be off the printer: guest, since /u);
    await user.click(within(off).getByRole('button', { name: 'It is off' }));
    await waitFor(async () => expect((await db.records('parts').get('guest'))?.print).toBeNull());
    await user.click(await screen.findByRole('button', { name: /^Undo Take a piece of guest off the printer/u }));
    expect(await screen.findByRole('list', { name: 'At the printer' })).toBeTruthy();
  });
});
