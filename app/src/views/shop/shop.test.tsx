// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { makeSampleProject } from '@zinc-ladder/model/testing/sampleProject';
import { describe, expect, it, vi } from 'vitest';
import { openShop } from '../../testing/openShop';

vi.mock('../../workers/plan/planClient', () => import('../../testing/planHere'));
vi.mock('../../workers/files/largeEdits', () => import('../../testing/largeEditsHere'));
// A worker is not here; the reader itself is.
vi.mock('../../workers/files/readCalendarFile', async () => {
  const { readBusyTimes } = await import('@zinc-ladder/model/calendar/readBusyTimes');
  return {
    readCalendarFile: async (file: File, zone: string, nowMs: number) =>
      readBusyTimes(await file.text(), zone, nowMs, nowMs + 366 * 86_400_000),
  };
});

type User = Awaited<ReturnType<typeof openShop>>['user'];
async function retype(user: User, field: HTMLElement, text: string): Promise<void> {
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}
const shopOf = async (db: Awaited<ReturnType<typeof openShop>>['db']) => (await db.records('shop').toArray())[0];

describe('the sections', () => {
  it('are told as open also where the address names none', async () => {
    await openShop('/shop');
    const sections = within(await screen.findByRole('navigation', { name: 'Of the shop' }));
    expect(sections.getAllByRole('link', { current: 'page' }).map((link) => link.textContent)).toEqual(['Hours']);
  });
});

describe('hours', () => {
  it('are typed as people type them; the other end gives way, and nonsense is put back', async () => {
    const { user, db } = await openShop('/shop/hours');
    const from = await screen.findByRole('textbox', { name: 'Hands, Thursday 1 from' });
    await retype(user, from, '7 pm');
    await waitFor(async () => expect((await shopOf(db))?.hours).toEqual([{ weekday: 4, startMinute: 1140, endMinute: 1320 }]));
    await retype(user, from, '23');
    await waitFor(async () => expect((await shopOf(db))?.hours).toEqual([{ weekday: 4, startMinute: 1380, endMinute: 1440 }]));
    await user.clear(from);
    await user.type(from, 'noon');
    expect(from.getAttribute('aria-invalid')).toBe('true');
    await user.tab();
    expect((from as HTMLInputElement).value).toBe('23:00');
  });
  it('past midnight are given to the day after, and it is said', async () => {
    const { user, db } = await openShop('/shop/hours');
    await retype(user, await screen.findByRole('textbox', { name: 'Hands, Thursday 1 to' }), '2:00');
    await waitFor(async () =>
      expect((await shopOf(db))?.hours).toEqual([
        { weekday: 4, startMinute: expect.any(Number) as number, endMinute: 1440 },
        { weekday: 5, startMinute: 0, endMinute: 120 },
      ]),
    );
    expect(await screen.findByText('Until midnight here, and until 02:00 on the day after.')).toBeTruthy();
    await retype(user, await screen.findByRole('textbox', { name: 'Hands, Thursday 1 to' }), '0:00');
    expect((await shopOf(db))?.hours).toHaveLength(2);
  });
  it('are added to a day and taken away, for hands and for spraying apart', async () => {
    const { user, db } = await openShop('/shop/hours');
    await user.click(await screen.findByRole('button', { name: 'none; add hands on Monday' }));
    await waitFor(async () => expect((await shopOf(db))?.hours).toContainEqual({ weekday: 1, startMinute: 18 * 60, endMinute: 19 * 60 }));
    await user.click(await screen.findByRole('button', { name: 'Take away spraying, Thursday 1' }));
    await waitFor(async () => expect((await shopOf(db))?.sprayHours).toEqual([]));
    expect((await shopOf(db))?.hours).toHaveLength(2);
  });
  it('are quiet for power tools when asked', async () => {
    const { user, db, store } = await openShop('/shop/hours');
    await user.click(await screen.findByRole('button', { name: 'none; add quiet on Monday' }));
    await waitFor(async () => expect((await shopOf(db))?.quietHours).toHaveLength(1));
    await retype(user, await screen.findByRole('textbox', { name: 'Quiet, Monday 1 to' }), '24');
    await waitFor(async () => expect((await shopOf(db))?.quietHours).toMatchObject([{ weekday: 1, endMinute: 1440 }]));
    await store.undo();
    await store.undo();
    expect((await shopOf(db))?.quietHours).toEqual([]);
  });
  it('know days that are different, each once', async () => {
    const { user, db } = await openShop('/shop/hours');
    await user.click(await screen.findByRole('button', { name: 'Own hours' }));
    await waitFor(async () => expect((await shopOf(db))?.exceptions.map((entry) => entry.date)).toEqual(['2026-05-28', '2026-06-05']));
    expect((await screen.findByRole('alert')).textContent).toBe('This date is listed already.');
    await user.click(screen.getByRole('button', { name: 'Take away: 2026-06-05' }));
    await waitFor(async () => expect((await shopOf(db))?.exceptions.map((entry) => entry.date)).toEqual(['2026-05-28']));
  });
});

describe('busy times', () => {
  it('are brought in from a calendar, each once, listed and taken away', async () => {
    const { user, db } = await openShop('/shop/hours');
    const ics =
      'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20260604T163000Z\r\nDTEND:20260604T173000Z\r\nSUMMARY:dentist\r\nRRULE:FREQ=WEEKLY;COUNT=2\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n';
    const pick = await screen.findByLabelText('Bring in a calendar (.ics)');
    await user.upload(pick, new File([ics], 'mine.ics', { type: 'text/calendar' }));
    expect(await screen.findByText('2 busy times brought in')).toBeTruthy();
    await user.upload(pick, new File([ics], 'mine.ics', { type: 'text/calendar' }));
    expect(await screen.findByText('0 busy times brought in')).toBeTruthy();
    expect((await shopOf(db))?.busy).toHaveLength(2);
    await user.click((await screen.findAllByRole('button', { name: /^Take away: dentist, /u }))[0] as HTMLElement);
    await waitFor(async () => expect((await shopOf(db))?.busy).toHaveLength(1));
    await user.upload(pick, new File(['no calendar'], 'other.ics', { type: 'text/calendar' }));
    expect(await screen.findByText('The file was not taken')).toBeTruthy();
    expect((await shopOf(db))?.busy).toHaveLength(1);
  });
  it('daylight is kept to where that is said, at the place that is typed or that of the clock', async () => {
    const { user, db } = await openShop('/shop/hours');
    await retype(user, await screen.findByRole('textbox', { name: 'Latitude, °' }), '55.7');
    await waitFor(async () => expect((await shopOf(db))?.place).toEqual({ latitude: 55.7, longitude: 12.6 }));
    await screen.findByDisplayValue('55.7');
    // Copenhagen at the end of May: sunrise 04:34, sunset 21:37 by an almanac, from memory.
    expect(await screen.findByText(/^Light at this place from 04:3\d to 21:[34]\d\.$/u)).toBeTruthy();
    expect((await shopOf(db))?.spraysByDaylight).toBe(false);
    const latitude = screen.getByRole('textbox', { name: 'Latitude, °' });
    await user.clear(latitude);
    await user.tab();
    await waitFor(async () => expect((await shopOf(db))?.place).toBeNull());
    expect(await screen.findByText(/taken from Copenhagen, the city of this clock/u)).toBeTruthy();
    await user.click(screen.getByRole('checkbox', { name: 'Spraying keeps to daylight' }));
    await waitFor(async () =>
      expect(await shopOf(db)).toMatchObject({ place: { latitude: 55.7, longitude: 12.6 }, spraysByDaylight: true }),
    );
    // Without it the place is still known.
    await user.click(screen.getByRole('checkbox', { name: 'Spraying keeps to daylight' }));
    await waitFor(async () =>
      expect(await shopOf(db)).toMatchObject({ place: { latitude: 55.7, longitude: 12.6 }, spraysByDaylight: false }),
    );
  });
});

describe('air', () => {
  it('keeps limits and an ordinary day, each in its bounds; coldest and warmest bound each other', async () => {
    const { user, db } = await openShop('/shop/air');
    await retype(user, await screen.findByRole('textbox', { name: 'Coldest, °C' }), '40');
    expect((await screen.findByRole('alert')).textContent).toBe('Between -10 and 31.5.');
    await retype(user, screen.getByRole('textbox', { name: 'Coldest, °C' }), '12');
    await waitFor(async () => expect((await shopOf(db))?.sprayLimits.coldestCelsius).toBe(12));
    await retype(user, screen.getByRole('textbox', { name: /^Most wind/u }), '3');
    await waitFor(async () => expect((await shopOf(db))?.sprayLimits.mostWindMetresPerSecond).toBe(3));
    const wind = screen.getByRole('textbox', { name: /^Most wind/u });
    await waitFor(() => expect((wind as HTMLInputElement).value).toBe('3'));
    await user.clear(wind);
    await user.tab();
    await waitFor(async () => expect((await shopOf(db))?.sprayLimits.mostWindMetresPerSecond).toBeNull());
    await retype(user, screen.getByRole('textbox', { name: 'Mean, °C' }), '14,5');
    await waitFor(async () => expect((await shopOf(db))?.typicalDay.meanCelsius).toBe(14.5));
  });
  it('out of doors has an ordinary day, readings and forecasts of its own, and spraying goes by them', async () => {
    const { user, db } = await openShop('/shop/air');
    const box = (name: string) => screen.getByRole('textbox', { name });
    const typed = async () => (await db.records('climateReadings').toArray()).filter(({ source }) => source === 'typed');
    await user.click(await screen.findByRole('checkbox', { name: /^It is sprayed out of doors/u }));
    await waitFor(async () => expect((await shopOf(db))?.yardDay).toEqual((await shopOf(db))?.typicalDay));
    await retype(user, await screen.findByRole('textbox', { name: 'Lowest these days, °C' }), '1');
    await waitFor(async () => expect((await shopOf(db))?.yardDay?.swingCelsius).toBeGreaterThan(4));
    await screen.findByDisplayValue('1');
    await retype(user, box('Highest these days, °C'), '7');
    await waitFor(async () => expect((await shopOf(db))?.yardDay).toMatchObject({ meanCelsius: 4, swingCelsius: 3 }));
    await user.type(box('Air, °C'), '3');
    await user.type(box('Air, % RH'), '70');
    await user.click(screen.getByRole('button', { name: 'Keep reading' }));
    await waitFor(async () => expect(await typed()).toMatchObject([{ place: 'yard', kind: 'measured', temperatureCelsius: 3 }]));
    const strip = (await screen.findByText('Spraying')).closest('dl');
    await waitFor(() => expect(strip?.textContent).toMatch(/Out of doors3\.0 °C · 70 %/u));
    expect(screen.getByText('Spraying').parentElement?.textContent).toMatch(/cold/u);
    // The airbrush comes in: the room is warm.
    await user.click(screen.getByRole('checkbox', { name: /^The airbrush stays in the shop/u }));
    await waitFor(async () => expect((await shopOf(db))?.airbrushesInside).toBe(true));
    expect((await screen.findByText('Airbrush', { selector: 'dt' })).parentElement?.textContent).not.toMatch(/cold/u);
    expect(screen.getByText('Cans', { selector: 'dt' }).parentElement?.textContent).toMatch(/cold/u);
    await user.click(screen.getByRole('checkbox', { name: /^It is sprayed out of doors/u }));
    await waitFor(async () => expect((await shopOf(db))?.yardDay).toBeNull());
    await waitFor(() => expect(strip?.textContent).not.toMatch(/Out of doors/u));
    // What was read there is kept, should it be sprayed there again.
    expect(await typed()).toHaveLength(1);
  });
  it('takes a reading by hand, and the strip shows it', async () => {
    const { user, db, pass } = await openShop('/shop/air');
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Known from' }), 'typed');
    await user.type(await screen.findByRole('textbox', { name: 'Now, °C' }), '11');
    await user.type(screen.getByRole('textbox', { name: 'Now, % RH' }), '300');
    await user.click(screen.getByRole('button', { name: 'Keep reading' }));
    expect(await screen.findByText('At most 100.')).toBeTruthy();
    expect((await db.records('climateReadings').toArray()).filter((reading) => reading.source === 'typed')).toEqual([]);
    await user.type(screen.getByRole('textbox', { name: 'Wind, m/s' }), '2,5');
    await retype(user, screen.getByRole('textbox', { name: 'Now, % RH' }), '88');
    await waitFor(async () =>
      expect((await db.records('climateReadings').toArray()).filter((reading) => reading.source === 'typed')).toMatchObject([
        { temperatureCelsius: 11, relativeHumidityPercent: 88, windMetresPerSecond: 2.5, kind: 'measured' },
      ]),
    );
    expect((await screen.findByText('Shop air')).parentElement?.textContent).toMatch(/11\.0 °C · 88 %/u);
    expect(screen.getByText('Spraying').parentElement?.textContent).toMatch(/damp/u);
    pass(2 * 3_600_000);
    // Two hours on it still counts, less by what faded, and says how old it is.
    await waitFor(() => expect(screen.getByText('Shop air').parentElement?.textContent).toMatch(/1[1-4]\.\d °C · .*2 h old/u));
  });
  it('says when the sensor does not answer, and plans on', async () => {
    const { user } = await openShop('/shop/air');
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Known from' }), 'sensor');
    expect(await screen.findByText(/The sensor does not answer/u)).toBeTruthy();
  });
});

describe('places and units', () => {
  it('are bounded, and every figure follows the units and the clock', async () => {
    const { user, db, router } = await openShop('/shop/places');
    await retype(user, await screen.findByRole('textbox', { name: 'Rack places' }), '0');
    expect((await screen.findByRole('alert')).textContent).toBe('Between 1 and 200.');
    await retype(user, screen.getByRole('textbox', { name: 'Rack places' }), '3');
    await waitFor(async () => expect((await shopOf(db))?.rackPlaces).toBe(3));
    await retype(user, screen.getByRole('combobox', { name: 'Time zone' }), 'Mars/Olympus');
    expect((await screen.findByRole('alert')).textContent).toMatch(/not a time zone/u);
    await retype(user, screen.getByRole('combobox', { name: 'Time zone' }), 'America/New_York');
    await waitFor(async () => expect((await shopOf(db))?.timeZone).toBe('America/New_York'));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Units' }), 'us');
    await waitFor(() => expect(screen.getByText('Shop air').parentElement?.textContent).toMatch(/68 °F/u));
    await user.selectOptions(screen.getByRole('combobox', { name: 'Clock' }), '12');
    await router.navigate('/ladders/prop/host?rung=host-1');
    expect((await screen.findByText('Area')).parentElement?.textContent).toMatch(/15\.5 in²/u);
    expect(await screen.findByText(/Rung 1 of 2 · done .* 7:00\sAM/u)).toBeTruthy();
  });
  it('keep the light of the screen with the screen, not with the shop', async () => {
    const { user, db } = await openShop('/shop/places');
    const before = JSON.stringify(await shopOf(db));
    await user.selectOptions(await screen.findByRole('combobox', { name: 'Light of this screen' }), 'evening');
    expect(document.documentElement.dataset['theme']).toBe('evening');
    await user.selectOptions(screen.getByRole('combobox', { name: 'Light of this screen' }), 'light');
    expect(document.documentElement.dataset['theme']).toBe('light');
    expect(JSON.stringify(await shopOf(db))).toBe(before);
  });
});

describe('products', () => {
  it('say where each value is from; a typed one is a label’s and goes back to the class default', async () => {
    const { user, db } = await openShop('/shop/products');
    const row = async (): Promise<HTMLElement> =>
      (await screen.findByRole('textbox', { name: 'Tape-safe, min' })).closest('tr') as HTMLElement;
    expect((await row()).textContent).toMatch(/class default/u);
    await retype(user, within(await row()).getByRole('textbox'), '180');
    await waitFor(async () =>
      expect((await db.records('products').get('primer'))?.values).toContainEqual({
        field: 'tapeMinutes',
        value: 180,
        origin: 'label',
        note: '',
      }),
    );
    await user.selectOptions(within(await row()).getByRole('combobox'), 'observed');
    await waitFor(async () =>
      expect((await db.records('products').get('primer'))?.values.find((value) => value.field === 'tapeMinutes')?.origin).toBe('observed'),
    );
    await user.click(within(await row()).getByRole('button', { name: /^Default of the class/u }));
    await waitFor(async () =>
      expect((await db.records('products').get('primer'))?.values.some((value) => value.field === 'tapeMinutes')).toBe(false),
    );
  });
  it('have cans; what is left cannot be more than the can holds', async () => {
    const { user, db } = await openShop('/shop/products');
    await retype(user, await screen.findByRole('textbox', { name: 'Left, ml' }), '500');
    expect((await screen.findByRole('alert')).textContent).toBe('Between 0 and 400.');
    await retype(user, screen.getByRole('textbox', { name: 'Left, ml' }), '80');
    await waitFor(async () => expect((await db.records('cans').get('can'))?.leftMillilitres).toBe(80));
    await user.click(screen.getByRole('button', { name: 'Add another' }));
    await waitFor(async () => expect(await db.records('cans').count()).toBe(2));
    await user.click(await screen.findByRole('button', { name: 'Opened now' }));
    await waitFor(async () => expect((await db.records('cans').toArray()).every((can) => can.openedAtMs !== null)).toBe(true));
  });
  it('are found by name or class, added, and taken away without tearing rungs or cards', async () => {
    const { user, db } = await openShop('/shop/products');
    await user.click(await screen.findByRole('button', { name: 'Add product' }));
    expect(((await screen.findByDisplayValue('New product')) as HTMLInputElement).value).toBe('New product');
    await user.type(screen.getByRole('searchbox'), 'grey');
    const list = screen.getByRole('region', { name: 'Products' });
    await waitFor(() => expect(within(list).queryByRole('button', { name: /New product/u })).toBeNull());
    await user.click(within(list).getByRole('button', { name: /Grey primer/u }));
    await user.click(await screen.findByRole('button', { name: 'Take the product away' }));
    expect(await screen.findByText(/1 rung and 1 card name it/u)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take it away' }));
    await waitFor(async () => expect(await db.records('products').get('primer')).toBeUndefined());
    expect((await db.records('rungs').get('host-1'))?.productId).toBeNull();
    expect((await db.records('mixCards').get('card'))?.components[0]).toMatchObject({ productId: null, name: 'Grey primer' });
  });
});

describe('files', () => {
  it('emptying asks first, and undo brings the shop back from the first screen', async () => {
    const { user, db } = await openShop('/shop/files');
    await user.click(await screen.findByRole('button', { name: /^Empty the shop/u }));
    await user.click(await screen.findByRole('button', { name: 'Empty it' }));
    expect(await screen.findByRole('button', { name: 'Start my shop' })).toBeTruthy();
    expect(await db.records('props').count()).toBe(0);
    await user.click(await screen.findByRole('button', { name: /Empty the shop|Bring|Undo/u }));
    await waitFor(async () => expect(await db.records('props').count()).toBe(1));
  });
});

describe('a new browser', () => {
  it('starts a shop with one product of each class; the first prop may be skipped, to the ladders', async () => {
    const { user, db, router } = await openShop('/bench', null);
    await user.click(await screen.findByRole('button', { name: 'Start my shop' }));
    await user.click(await screen.findByRole('link', { name: 'Skip this' }));
    expect(await screen.findByRole('heading', { name: 'No prop yet' })).toBeTruthy();
    expect(router.state.location.pathname).toBe('/ladders');
    expect(await db.records('products').count()).toBeGreaterThan(15);
    expect((await shopOf(db))?.hours.length).toBe(7);
  });
  it('says in words when the demo cannot be had, and stays usable', async () => {
    const { user, db } = await openShop('/bench', null);
    await user.click(await screen.findByRole('button', { name: 'Look at the demo' }));
    expect(await screen.findByText('That did not work')).toBeTruthy();
    expect(await db.records('shop').count()).toBe(0);
    expect((screen.getByRole('button', { name: 'Start my shop' }) as HTMLButtonElement).disabled).toBe(false);
  });
});

describe('failures of the browser', () => {
  it('a full disk is told with what to do, and nothing is lost', async () => {
    const { user, db } = await openShop('/shop/places');
    const full = new DOMException('the quota has been exceeded', 'QuotaExceededError');
    const spy = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw full;
    });
    await retype(user, await screen.findByRole('textbox', { name: 'Rack places' }), '4');
    expect(await screen.findByText('The browser has no room left')).toBeTruthy();
    expect(screen.getByText(/Save a file from Shop, then free space/u)).toBeTruthy();
    spy.mockRestore();
    expect((await shopOf(db))?.rackPlaces).toBe(8);
    // The notices take the pointer only once they know that there is one.
    await waitFor(() => expect(screen.getByRole('region', { name: /^Notifications/u }).style.pointerEvents).not.toBe('none'));
    await user.click(screen.getByRole('button', { name: 'Put away' }));
    await waitFor(() => expect(screen.queryByText('The browser has no room left')).toBeNull());
  });
  it('an undo that another tab has overtaken says so and changes nothing', async () => {
    const { user, db, store } = await openShop('/shop/places');
    await retype(user, await screen.findByRole('textbox', { name: 'Rack places' }), '4');
    await waitFor(async () => expect((await shopOf(db))?.rackPlaces).toBe(4));
    await db.records('shop').update('shop', { rackPlaces: 6 });
    await user.click(await screen.findByRole('button', { name: /^Undo Change the rack/u }));
    expect(await screen.findByText('Changed in another tab')).toBeTruthy();
    expect((await shopOf(db))?.rackPlaces).toBe(6);
    expect((await store.historyState()).undoLabel).toBe('Change the rack');
  });
});

it('the sample has what these stories rely on', () => {
  const { shop, products, cans } = makeSampleProject();
  expect([shop.rackPlaces, shop.hours.length, products.length, cans[0]?.sizeMillilitres]).toEqual([8, 1, 1, 400]);
});
