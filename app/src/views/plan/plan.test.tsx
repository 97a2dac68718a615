// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import type { ProjectFile } from '@zinc-ladder/model/file/projectFile';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/plan/outlookClient', () => import('../../testing/outlookHere'));

const DAY = 86_400_000;

describe('the plan', () => {
  it('says when all is ready, when each prop is, what is due and how many hands are left', async () => {
    const project = makeSampleProject();
    project.props.push({ ...(project.props[0] as ProjectFile['props'][number]), id: 'other', name: 'Other', dueMs: null, position: 1 });
    await openShop('/plan', project);
    const ready = await screen.findByRole('region', { name: 'Ready' });
    expect(within(ready).getByRole('heading').textContent).toBe('All ready, if it goes as planned');
    const lamp = within(ready).getByRole('row', { name: /Lamp/u });
    expect(lamp.textContent).toMatch(/due Fri 14:00\d+ h( \d\d)? to spare/u);
    expect(within(ready).getByRole('row', { name: /Other/u }).textContent).not.toMatch(/due/u);
    expect(ready.textContent).toMatch(/Hands left \d+ min/u);
  });
  it('says how late it will be', async () => {
    const project = makeSampleProject();
    project.props = project.props.map((prop) => ({ ...prop, dueMs: project.savedAtMs + 60_000 }));
    await openShop('/plan', project);
    const ready = await screen.findByRole('region', { name: 'Ready' });
    expect(within(ready).getByRole('row', { name: /Lamp/u }).textContent).toMatch(/ late$/u);
  });
  it('tells the same in a list; a chosen rung says why it is not earlier', async () => {
    const { user } = await openShop('/plan');
    await user.click(await screen.findByRole('radio', { name: 'List' }));
    const day = await screen.findByRole('region', { name: /Thu/u });
    expect(within(day).getByRole('heading').textContent).toMatch(/\d+ min of hands$/u);
    await user.click(within(day).getByRole('button', { name: /^host: / }));
    const chosen = await screen.findByRole('region', { name: 'Chosen rung' });
    expect(chosen.textContent).toMatch(/joined: after guest/u);
    expect(within(chosen).getByRole('link', { name: 'Its ladder' }).getAttribute('href')).toBe('/ladders/prop/host?rung=host-2');
  });
  it('moves and zooms from the keyboard and by its buttons', async () => {
    const { user } = await openShop('/plan');
    const picture = await screen.findByRole('group', { name: /Plus and minus zoom/u });
    // Days and where they stand: what is drawn beside them comes as workers answer.
    const days = (): string =>
      within(picture)
        .queryAllByText(/^(Mon|Tue|Wed|Thu|Fri|Sat|Sun) /u)
        .map((day) => `${day.textContent} at ${day.getAttribute('x') ?? ''}`)
        .join(', ');
    await waitFor(() => expect(days()).not.toBe(''));
    const before = days();
    picture.focus();
    await user.keyboard('{+}');
    expect(days()).not.toBe(before);
    await user.keyboard('{-}{ArrowRight}');
    expect(days()).not.toBe(before);
    await user.keyboard('n');
    expect(days()).toBe(before);
    await user.click(screen.getByRole('button', { name: 'Later' }));
    expect(days()).not.toBe(before);
    await user.click(screen.getByRole('button', { name: 'Now' }));
    expect(days()).toBe(before);
  });
  it('shows one prop alone when asked', async () => {
    const project = makeSampleProject();
    project.props.push({ ...(project.props[0] as ProjectFile['props'][number]), id: 'other', name: 'Other', dueMs: null, position: 1 });
    project.parts.push({ ...(project.parts[0] as ProjectFile['parts'][number]), id: 'lone', propId: 'other', name: 'lone' });
    project.ladders.push({ id: 'lone', revision: 0, partId: 'lone', route: null, rungIds: [] });
    const { user } = await openShop('/plan', project);
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Shown' }), 'other');
    const ready = await screen.findByRole('region', { name: 'Ready' });
    await waitFor(() => expect(within(ready).queryByRole('row', { name: /Lamp/u })).toBeNull());
    expect(within(ready).getAllByText('climbed').length).toBeGreaterThan(0);
  });
  it('says what cannot be planned, and what has no place and why', async () => {
    const project = makeSampleProject();
    project.shop.hours = [];
    await openShop('/plan', project);
    const risk = await screen.findByRole('region', { name: 'At risk' });
    expect(risk.textContent).toMatch(/guest: sand: .*hours/iu);
  });
  it('calls later, not impossible, what merely comes after the last day it looks at', async () => {
    const project = makeSampleProject();
    project.shop.hours = [{ weekday: 1, startMinute: 1080, endMinute: 1200 }];
    const sample = project.rungs.find((rung) => rung.state === 'open') as ProjectFile['rungs'][number];
    const ladder = project.ladders.find((entry) => entry.id === sample.ladderId) as ProjectFile['ladders'][number];
    for (let at = 0; at < 50; at += 1) {
      project.rungs.push({ ...sample, id: `more-${at}`, name: `sand ${at}`, methodId: 'primeSand', minutes: 100, productId: null });
      ladder.rungIds.push(`more-${at}`);
    }
    await openShop('/plan', project);
    const risk = await screen.findByRole('region', { name: 'At risk' });
    expect(risk.textContent).toMatch(/\d+ rungs come after .*, the last day the plan looks at/u);
    expect(risk.textContent).not.toMatch(/without a place/u);
  });
  it('names the circle when joins contradict each other', async () => {
    const project = makeSampleProject();
    project.joins.push({
      id: 'back',
      revision: 0,
      hostPartId: 'guest',
      hostRungId: 'guest-1',
      guestPartId: 'host',
      guestRungId: null,
      note: '',
      seam: null,
    });
    await openShop('/plan', project);
    expect(await screen.findByRole('heading', { name: 'These ladders cannot be planned' })).toBeTruthy();
    expect(screen.getByRole('alert').textContent).toMatch(/host.*guest|guest.*host/u);
  });
  it('teaches where to begin when there is nothing to plan', async () => {
    await openShop('/plan', { ...makeSampleProject(), parts: [], ladders: [], rungs: [], joins: [], logEntries: [], meshes: [] });
    expect(await screen.findByRole('heading', { name: 'Nothing to plan yet' })).toBeTruthy();
  });
  it('tells of a film whose window closes before the plan comes to it', async () => {
    const project = makeSampleProject();
    project.products.push({
      ...(project.products[0] as ProjectFile['products'][number]),
      id: 'enamel',
      name: 'Blue enamel',
      classId: 'enamelColour',
      values: [],
    });
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'host-1'
        ? { ...rung, methodId: 'maskedCoat', productId: 'enamel', name: 'blue 1', doneAtMs: project.savedAtMs - 20 * 60_000 }
        : rung.id === 'host-2'
          ? { ...rung, methodId: 'maskedCoat', productId: 'enamel', name: 'blue 2', coatMicrometres: 20 }
          : rung,
    );
    // Hands are back on Thursday evening only; the window closes in the afternoon.
    await openShop('/plan', project);
    const risk = await screen.findByRole('region', { name: 'At risk' });
    await waitFor(() => expect(risk.textContent).toMatch(/host: blue 1 closes before the plan comes to it/u));
    expect(DAY).toBe(24 * 3_600_000);
  });
  it('is made for what the finisher wants, and keeps that in the shop', async () => {
    const { user, db } = await openShop('/plan');
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Made for' }), 'fewestCleanings');
    await waitFor(async () => expect((await db.records('shop').toArray())[0]?.objective).toBe('fewestCleanings'));
  });
  it('says before when nothing can be ready, by when it is in 4 of 5, and the chance of the date', async () => {
    const { user } = await openShop('/plan');
    const odds = await screen.findByRole('region', { name: 'What to count on' });
    expect(odds.textContent).toMatch(/No plan before\d\d:\d\dEven odds by\d\d:\d\d4 of 5 by\d\d:\d\d/u);
    expect(odds.textContent).toMatch(/Each by its dateLamp100 %/u);
    await user.click(within(odds).getByRole('button', { name: /why four in five$/u }));
    expect(await screen.findByText(/drawn by chance/u)).toBeTruthy();
  });
  it('locks a rung where it is, pulls it, says what that breaks, and frees it again', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) => (rung.id === 'guest-1' ? { ...rung, state: 'open', startedAtMs: null } : rung));
    const { user, db } = await openShop('/plan', project);
    await user.click(await screen.findByRole('radio', { name: 'List' }));
    await user.click(await screen.findByRole('button', { name: /^host: / }));
    await user.click(await screen.findByRole('button', { name: 'Lock here' }));
    const locked = async () => (await db.records('rungs').get('host-2'))?.lockedAtMs ?? null;
    await waitFor(async () => expect(await locked()).not.toBeNull());
    const at = (await locked()) ?? 0;
    expect(await screen.findByText('locked to this time')).toBeTruthy();
    // Pulled before the guest is done: it stays pulled, and what it breaks is named.
    for (let quarter = 1; quarter <= 2; quarter += 1) {
      await user.click(screen.getByRole('button', { name: 'Pull a quarter of an hour earlier' }));
      await waitFor(async () => expect(await locked()).toBe(at - quarter * 15 * 60_000));
      // The next pull counts from what is shown: the plan with this one must be there first.
      const shown = new Intl.DateTimeFormat('en-GB', { timeZone: project.shop.timeZone, hour: '2-digit', minute: '2-digit' });
      const time = shown.format(at - quarter * 15 * 60_000);
      await waitFor(() => expect(screen.getByRole('group', { name: 'Hands begin at' }).textContent).toContain(time), { timeout: 5000 });
    }
    const risk = screen.getByRole('region', { name: 'At risk' });
    await waitFor(() => expect(risk.textContent).toMatch(/Broken by a lock/u));
    await user.click(screen.getByRole('button', { name: 'Leave it to the plan' }));
    await waitFor(async () => expect(await locked()).toBeNull());
    await waitFor(() => expect(risk.textContent).not.toMatch(/Broken by a lock/u));
  });
  it('is steered by dragging a rung in the picture: it is locked where it is dropped; a press only chooses', async () => {
    const { db } = await openShop('/plan');
    const picture = await screen.findByRole('group', { name: /Plus and minus zoom/u });
    await waitFor(() => expect(picture.querySelector('[data-pull="host-2"]')).not.toBeNull());
    const piece = picture.querySelector('[data-pull="host-2"]') as Element;
    fireEvent.pointerDown(piece, { button: 0, clientX: 300 });
    fireEvent.pointerMove(piece, { clientX: 302 });
    fireEvent.pointerUp(piece, { clientX: 302 });
    expect((await db.records('rungs').get('host-2'))?.lockedAtMs).toBeNull();
    fireEvent.pointerDown(piece, { button: 0, clientX: 300 });
    fireEvent.pointerMove(piece, { clientX: 340 });
    fireEvent.pointerUp(piece, { clientX: 340 });
    await waitFor(async () => expect((await db.records('rungs').get('host-2'))?.lockedAtMs ?? 0).toBeGreaterThan(0));
    const lockedAtMs = (await db.records('rungs').get('host-2'))?.lockedAtMs ?? 0;
    expect(lockedAtMs % 300_000).toBe(0);
    expect(await screen.findByText('locked to this time')).toBeTruthy();
  });
  it('tries what would help against the same fortunes, and does it on a press; undo takes it back', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) => (rung.id === 'host-2' ? { ...rung, minutes: 500 } : rung));
    const { user, db, store } = await openShop('/plan', project);
    await screen.findByRole('region', { name: 'What to count on' });
    await user.click(screen.getByRole('button', { name: 'Try it out' }));
    const act = await screen.findByRole('button', { name: /^Do it: Hands on Fri/u }, { timeout: 20_000 });
    await user.click(act);
    await waitFor(async () =>
      expect((await db.records('shop').toArray())[0]?.exceptions).toContainEqual({
        date: '2026-05-29',
        spans: [{ startMinute: 1110, endMinute: 1320 }],
        note: '',
      }),
    );
    expect(await screen.findByText(/The shop has changed since/u)).toBeTruthy();
    await store.undo();
    expect((await db.records('shop').toArray())[0]?.exceptions).toHaveLength(1);
  });
  it('says what to let go so that the other date holds, and takes its date away on a press; undo gives it back', async () => {
    const project = makeSampleProject();
    const dueMs = project.savedAtMs + 3 * DAY;
    const [lamp] = project.props;
    if (!lamp) throw new Error('no prop');
    // Its part alone is far more work than three days hold.
    project.props = [
      { ...lamp, dueMs },
      { ...lamp, id: 'big', name: 'Big', dueMs, position: 1 },
    ];
    const [part] = project.parts;
    const [ladder] = project.ladders;
    const cut = project.rungs.find((rung) => rung.id === 'host-2');
    if (!part || !ladder || !cut) throw new Error('no ladder');
    project.parts = [...project.parts, { ...part, id: 'big-part', name: 'Big part', propId: 'big' }];
    project.ladders = [...project.ladders, { ...ladder, id: 'big-ladder', partId: 'big-part', rungIds: ['big-rung'] }];
    project.rungs = [...project.rungs, { ...cut, id: 'big-rung', ladderId: 'big-ladder', methodId: 'sand', minutes: 3000 }];
    project.shop = { ...project.shop, objective: 'surest' };
    const { user, db, store } = await openShop('/plan', project);
    const sheet = await screen.findByRole('region', { name: 'What to let go' }, { timeout: 20_000 });
    const act = await within(sheet).findByRole('button', { name: 'Let Big go: take its date away' }, { timeout: 20_000 });
    expect(within(sheet).getByRole('listitem').textContent).toMatch(/as planned now.*50 % of your dates.*Lamp 100 %/u);
    // The plan's own chances and those of letting go what it lets go are one figure.
    const count = screen.getByRole('region', { name: 'What to count on' });
    await user.click(within(count).getByRole('button', { name: /why chance of Lamp$/u }));
    const reason = (await screen.findByRole('dialog')).textContent;
    expect(reason).toMatch(/plays2000by chance of the plays, give or take0.1 points/u);
    await user.keyboard('{Escape}');
    await user.click(act);
    await waitFor(async () => expect((await db.records('props').get('big'))?.dueMs).toBeNull());
    await store.undo();
    expect((await db.records('props').get('big'))?.dueMs).toBe(dueMs);
  });
  it('goes out as a calendar and on paper', async () => {
    const saved: Blob[] = [];
    vi.stubGlobal(
      'URL',
      Object.assign(URL, {
        // Pictures are shown by such addresses too.
        createObjectURL: (blob: Blob) => (blob.type.startsWith('text/calendar') && saved.push(blob), 'blob:x'),
        revokeObjectURL: () => undefined,
      }),
    );
    const { user } = await openShop('/plan');
    await user.click(await screen.findByRole('radio', { name: 'Week' }));
    await user.click(await screen.findByRole('button', { name: 'Save as calendar' }));
    await waitFor(() => expect(saved).toHaveLength(1));
    expect(await saved[0]?.text()).toMatch(/SUMMARY:guest: sand/u);
    expect(screen.getByRole('button', { name: 'Print' })).toBeTruthy();
  });
  it('shows a week of days side by side, free ones too, and the week after', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) => (rung.id === 'host-2' ? { ...rung, minutes: 500 } : rung));
    const { user } = await openShop('/plan', project);
    await user.click(await screen.findByRole('radio', { name: 'Week' }));
    const days = () => screen.getAllByRole('region', { name: /^(Mon|Tue|Wed|Thu|Fri|Sat|Sun) /u });
    expect(days()).toHaveLength(7);
    const [today, tomorrow] = days();
    expect(today?.textContent).toMatch(/^Thu .* of hands/u);
    expect(tomorrow?.textContent).toMatch(/^Fri .*no hands/u);
    await user.click(within(today as HTMLElement).getByRole('button', { name: /host: / }));
    expect(await screen.findByRole('region', { name: 'Chosen rung' })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Week after' }));
    // Hands of the sample are there on Thursdays: the rest of the long rung is there.
    expect(days()[0]?.textContent).toMatch(/goes on/u);
  });
  it('follows the reasons of a rung back to now, step by step, and each step can be chosen', async () => {
    const { user } = await openShop('/plan');
    await user.click(await screen.findByRole('radio', { name: 'List' }));
    await user.click(await screen.findByRole('button', { name: /^host: / }));
    await user.click(await screen.findByText(/Back to now, step by step/u));
    const chain = await screen.findByRole('list', { name: 'Chain of reasons' });
    const steps = within(chain).getAllByRole('listitem');
    expect(steps.length).toBeGreaterThan(1);
    expect(steps[0]?.textContent).toMatch(/joined: after guest|hands were at guest/u);
    await user.click(within(steps[1] as HTMLElement).getByRole('button'));
    const chosen = screen.getByRole('region', { name: 'Chosen rung' });
    expect(within(chosen).getByRole('heading', { level: 2 }).textContent).toMatch(/^guest/u);
  });
  it('splits work that may be set down, so that each half can be steered; undo joins it again', async () => {
    const project = makeSampleProject();
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'guest-1' ? { ...rung, state: 'open', startedAtMs: null, minutes: 40, methodId: 'sand' } : rung,
    );
    const { user, db, store } = await openShop('/plan', project);
    await user.click(await screen.findByRole('radio', { name: 'List' }));
    await user.click(await screen.findByRole('button', { name: /^guest: sand/ }));
    await user.click(await screen.findByRole('button', { name: 'Split in two' }));
    const halves = async () => (await db.records('rungs').toArray()).filter((rung) => /sand/u.test(rung.name)).map((rung) => rung.minutes);
    await waitFor(async () => expect((await halves()).filter((minutes) => minutes === 20)).toHaveLength(2));
    await store.undo();
    expect(await halves()).toContain(40);
  });
  it('drills against the clock: in time or not, one by one, idle hands, and one more', async () => {
    const { user } = await openShop('/plan');
    await user.click(await screen.findByRole('radio', { name: 'Against the clock' }));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Would one more fit?' }), 'host');
    await user.click(screen.getByRole('button', { name: 'Drill it' }));
    const came = await screen.findByRole('region', { name: 'What came of the drill' });
    expect(came.textContent).toMatch(/In time, .* to spare/u);
    expect(came.textContent).toMatch(/One part after another: /u);
    expect(came.textContent).toMatch(/One more host: ready .*in time/u);
    expect(came.textContent).toMatch(/Hands stand idle/u);
  });
  it('tries the remedies of what has no place, and says which of them give it one', async () => {
    const project = makeSampleProject();
    // Longer in one go than any stretch of hands.
    project.rungs = project.rungs.map((rung) =>
      rung.id === 'host-2' ? { ...rung, methodId: 'washResin', productId: null, coatMicrometres: null, minutes: 260 } : rung,
    );
    const { user } = await openShop('/plan', project);
    const count = await screen.findByRole('region', { name: 'What to count on' });
    expect(count.textContent).toMatch(/As if what fits no hours were begun in them all the same/u);
    // Nothing is ready, so that the picture marks no moment as that.
    expect(screen.queryByText('ready', { selector: 'text' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Try it out' }));
    const help = screen.getByRole('region', { name: 'What would help' });
    await waitFor(() => expect(help.textContent).toMatch(/longer each day.*every rung has a place/u), { timeout: 20_000 });
    expect(within(help).getByRole('button', { name: /^Do it: Stay .* longer each day/u })).toBeTruthy();
  });
});
