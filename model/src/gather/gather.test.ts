import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import type { SurfacePass } from '../records/prop/surfacePass';
import { PRODUCT_UNSET } from '../products/productUnset';
import { growLadder } from '@zinc-ladder/core/ladder/growLadder';
import { planShop } from '@zinc-ladder/core/plan/shopPlan/planShop';
import { describe, expect, it } from 'vitest';
import { productDrying, productValue } from '../products/productDrying';
import type { Person } from '../records/shop/person';
import type { Product } from '../records/shop/product';
import { makeSampleProject } from '../testing/sampleProject';
import { gatherAirs } from './gatherAirs';
import { gatherPlan, workedMs } from './plan/gatherPlan';
import type { LogEntry } from '../records/ladder/logEntry';
import { standingEntries } from '../log/standingLog';
import { gatherPace, gatherPaceOf } from './plan/gatherPace';
import type { ColourRole } from '@zinc-ladder/core/ladder/route/routeRow';
import { findFinish } from '@zinc-ladder/core/ladder/finishes';
import { chooseProduct, NEW_RUNG, renameForProduct, routeChoiceOf, toRung } from './grow/growRungs';

const sample = makeSampleProject();
const NOW = sample.savedAtMs;

function planOf(project = makeSampleProject(), nowMs = NOW) {
  const plan = planShop(gatherPlan(project, gatherAirs(project.shop, project.climateReadings, nowMs), nowMs));
  if (plan.kind !== 'planned') throw new Error(JSON.stringify(plan));
  return plan;
}

describe('gathering a plan from records', () => {
  it('takes states as facts: done rungs are not planned, what is in hand comes first with what is left of it', () => {
    const plan = planOf();
    expect(plan.rungs.map((rung) => rung.rungId)).toEqual(['guest-1', 'host-2']);
    const inHand = plan.rungs[0];
    // It was begun a minute ago, outside any hands hours; the rest waits for Thursday 18:30 local.
    expect(new Date(inHand?.startMs ?? 0).toISOString()).toBe('2026-05-28T16:30:00.000Z');
    const left = ({ goesByOwnPace }: { readonly goesByOwnPace: boolean }): number => {
      const project = makeSampleProject();
      const begun = planOf({ ...project, shop: { ...project.shop, goesByOwnPace } }).rungs[0];
      return ((begun?.endMs ?? 0) - (begun?.startMs ?? 0)) / 60_000;
    };
    expect(left({ goesByOwnPace: false })).toBe(14);
    // The log says that work takes longer than planned.
    expect(left({ goesByOwnPace: true })).toBe(15);
  });
  it('waits for a film of which no product is chosen as for what is usually laid so', () => {
    const project = makeSampleProject();
    const [rung] = project.rungs;
    if (!rung) throw new Error('the sample has no rung');
    const films = (methodId: string, coatMicrometres: number | null = null) => {
      const rungs = [{ ...rung, methodId, productId: null, coatMicrometres }, ...project.rungs.slice(1)];
      const { parts } = gatherPlan({ ...project, rungs }, gatherAirs(project.shop, [], NOW), NOW);
      return parts.flatMap((part) => part.rungs).find(({ id }) => id === rung.id)?.film;
    };
    // A cement that is not pressed within its hour is lost (class table).
    expect(films('cement')).toMatchObject({ drying: { recoatFromMinutes: 15, recoatUntilMinutes: 60 }, coatMicrometres: 50 });
    expect(films('fill', 120)).toMatchObject({ drying: { sandMinutes: 60 }, coatMicrometres: 120 });
    expect(films('sand')).toBeNull();
  });
  it('gives a coat on some pieces of a set their share of its places on the rack', () => {
    const project = makeSampleProject();
    const parts = project.parts.map((part) => ({ ...part, count: 12, rackPlaces: 6 }));
    const rungs = project.rungs.map((rung, at) => ({ ...rung, pieces: at === 1 ? 3 : null }));
    const planned = gatherPlan({ ...project, parts, rungs }, gatherAirs(project.shop, [], NOW), NOW).parts.flatMap((part) => part.rungs);
    expect(planned.map(({ id, rackPlaces }) => [id, rackPlaces])).toEqual(
      planned.map(({ id }) => [id, id === project.rungs[1]?.id ? 2 : undefined]),
    );
  });
  it('leaves what is in hand, and nobody is named for, in the hands of who had the shop first', () => {
    const project = makeSampleProject();
    const person = { revision: 0, hours: null, exceptions: [], busy: [], refuses: [] };
    const persons = [
      { ...person, id: 'friend', name: 'Juna', position: 1 },
      { ...person, id: 'me', name: 'Me', position: 0 },
    ];
    const statuses = gatherPlan({ ...project, persons }, gatherAirs(project.shop, [], NOW), NOW).parts.flatMap(({ rungs }) =>
      rungs.map(({ status }) => status),
    );
    expect(statuses).toContainEqual(expect.objectContaining({ kind: 'begun', isInHand: true, doerId: 'me' }));
  });
  it('holds the host of a join back until the guest is climbed', () => {
    const plan = planOf();
    expect(plan.rungs[1]?.startMs).toBeGreaterThanOrEqual(plan.rungs[0]?.endMs ?? Infinity);
    expect(plan.rungs[1]?.reasons?.waits.some((wait) => wait.cause.kind === 'arc' && wait.cause.reason.kind === 'join')).toBe(true);
  });
  it('waits for the film of a done rung by the product’s own label time, in the shop’s air', () => {
    // Sandable after 90 label minutes at 20 °C: slower than the label's 23 °C, so later than 90 min after it was laid.
    const project = makeSampleProject();
    project.joins = [];
    project.shop.hours = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 0, endMinute: 1440 }));
    const host = planOf(project).rungs.find((rung) => rung.rungId === 'host-2');
    const waited = ((host?.startMs ?? 0) - (project.rungs[0]?.doneAtMs ?? 0)) / 60_000;
    expect(waited).toBeGreaterThan(95);
    expect(waited).toBeLessThan(125);
  });
  it('says what is wrong when joins contradict each other', () => {
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
    const plan = planShop(gatherPlan(project, gatherAirs(project.shop, [], NOW), NOW));
    expect(plan.kind).toBe('faulty');
  });
  it('plans nothing, and says why, without hours; and nothing at all for no parts', () => {
    const project = makeSampleProject();
    project.shop.hours = [];
    expect(planOf(project).unplaced.map((entry) => entry.cause.kind)).toContain('noWindow');
    const empty = { ...makeSampleProject(), parts: [], ladders: [], rungs: [], joins: [] };
    expect(planOf(empty)).toMatchObject({ rungs: [], unplaced: [] });
  });
  it('copes with a part that has no rung', () => {
    const project = makeSampleProject();
    project.ladders[0] = { ...(project.ladders[0] as (typeof project.ladders)[number]), rungIds: [] };
    project.joins = [];
    expect(planOf(project).rungs.map((rung) => rung.rungId)).toEqual(['guest-1']);
  });
});

describe('a coat delayed past its recoat window', () => {
  const enamel: Product = {
    id: 'enamel',
    revision: 0,
    name: 'Blue enamel',
    classId: 'enamelColour',
    colourHex: '#2c4a86',
    ...PRODUCT_UNSET,
    sheen: 'gloss',
    values: [],
    note: '',
  };
  function planAfter(minutes: number) {
    const project = makeSampleProject();
    project.joins = [];
    project.products.push(enamel);
    project.shop.typicalDay.meanCelsius = 23;
    project.shop.hours = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 0, endMinute: 1440 }));
    project.shop.sprayHours = project.shop.hours;
    const laid = NOW - minutes * 60_000;
    project.rungs = [
      {
        ...NEW_RUNG,
        id: 'host-1',
        ladderId: 'host',
        methodId: 'maskedCoat',
        productId: 'enamel',
        coatMicrometres: 20,
        state: 'done',
        doneAtMs: laid,
      },
      { ...NEW_RUNG, id: 'host-2', ladderId: 'host', methodId: 'maskedCoat', productId: 'enamel', coatMicrometres: 20, minutes: 5 },
    ];
    project.ladders = project.ladders.slice(0, 1);
    project.parts = project.parts.slice(0, 1);
    const [rung] = planOf(project).rungs;
    // Hands begin sooner, to get ready; the film waits for the paint.
    const laysMs = (rung?.startMs ?? 0) + (rung?.setupMinutes ?? 0) * 60_000;
    return { waitedMinutes: (laysMs - laid) / 60_000, closesMs: rung?.windowClosesMs, laid };
  }
  it('is planned at once while the window is open, with its closing told', () => {
    const { waitedMinutes, closesMs, laid } = planAfter(30);
    // At once, but for the four minutes of getting ready.
    expect(waitedMinutes).toBe(34);
    expect(closesMs).toBe(laid + 60 * 60_000);
  });
  it('is planned for when the window opens again once it was missed', () => expect(planAfter(90).waitedMinutes).toBe(2880));
});

describe('a plan that is asked for on a grid of minutes', () => {
  const doneAt = (doneAtMs: number) => {
    const rungs = sample.rungs.map((rung) =>
      rung.id === 'host-1' ? { ...rung, state: 'done' as const, startedAtMs: null, doneAtMs } : rung,
    );
    const { nowMs, parts } = gatherPlan({ ...sample, rungs }, gatherAirs(sample.shop, [], NOW), NOW);
    return { nowMs, status: parts.flatMap((part) => part.rungs).find(({ id }) => id === 'host-1')?.status };
  };
  it('begins with what was done since, so that no coat is older than it is', () => {
    expect(doneAt(NOW + 57_439)).toEqual({ nowMs: NOW + 57_439, status: { kind: 'done', endMs: NOW + 57_439 } });
    expect(doneAt(NOW - 57_439)).toEqual({ nowMs: NOW, status: { kind: 'done', endMs: NOW - 57_439 } });
  });
  it('takes what lies farther ahead for done now: a clock was turned back', () => {
    expect(doneAt(NOW + 3_600_000)).toEqual({ nowMs: NOW, status: { kind: 'done', endMs: NOW } });
  });
});

describe('work of a rung', () => {
  it('adds the running stretch and never turns negative when the clock goes back', () => {
    expect(workedMs({ workedMs: 1000, startedAtMs: 5000 }, 9000)).toBe(5000);
    expect(workedMs({ workedMs: 1000, startedAtMs: 9000 }, 5000)).toBe(1000);
  });
});

describe('choosing products for a grown ladder', () => {
  const product = (id: string, classId: string, extra: Partial<Product> = {}): Product => ({
    ...PRODUCT_UNSET,
    id,
    revision: 0,
    name: id,
    classId,
    colourHex: null,
    sheen: 'none',
    values: [],
    note: '',
    ...extra,
  });
  const shelf = [
    product('white', 'lacquerColour', { colourHex: '#ffffff' }),
    product('black', 'lacquerColour', { colourHex: '#111111', name: 'Black, gloss aerosol' }),
    product('gloss', 'lacquerClear', { sheen: 'gloss' }),
    product('satin', 'lacquerClear', { sheen: 'satin' }),
  ];
  const ask = (productClassId: string, role: ColourRole, name: string = role, paintWords: readonly string[] = []) => ({
    productClassId,
    role,
    name,
    paintWords,
  });
  it('takes the darkest for an undercoat, the right sheen for a clear, the finisher’s choice before all', () => {
    expect(chooseProduct(ask('lacquerColour', 'undercoat', 'gloss black'), shelf, {})?.id).toBe('black');
    expect(chooseProduct(ask('lacquerClear', 'clear', 'satin clear'), shelf, {})?.id).toBe('satin');
    expect(chooseProduct(ask('lacquerColour', 'colour', 'colour'), shelf, { colour: 'black' })?.id).toBe('black');
    expect(chooseProduct(ask('putty', 'filler', 'putty'), shelf, {})).toBeNull();
  });
  it('takes no paint sooner than one of another colour where the look is a colour', () => {
    const bone = product('bone', 'lacquerColour', { name: 'Old bone, matte' });
    const washes = [
      product('green', 'acrylicWash', { name: 'Verdigris wash', colourHex: '#6fa595' }),
      product('umber', 'acrylicWash', { colourHex: '#4a3526' }),
    ];
    const brushed = [
      product('dim', 'brushAcrylic', { colourHex: '#333333' }),
      product('pale', 'brushAcrylic', { colourHex: '#eeeecc' }),
      product('mute', 'brushAcrylic'),
    ];
    const words = findFinish('bone').paintWords ?? [];
    expect(chooseProduct(ask('lacquerColour', 'colour', 'colour, wet', words), [...shelf, bone], {})?.id).toBe('bone');
    expect(chooseProduct(ask('lacquerColour', 'colour', 'colour, wet', words), shelf, {})).toBeNull();
    const plain = product('plain', 'lacquerColour', { name: 'Acrylic lacquer colour, aerosol', colourHex: '#262524' });
    expect(chooseProduct(ask('lacquerColour', 'colour', 'colour', words), [...shelf, plain], {})?.id).toBe('plain');
    // Old bone is bone; a trombone and bonemeal are not.
    for (const name of ['Trombone brass', 'Bonemeal'])
      expect(chooseProduct(ask('lacquerColour', 'colour', 'colour', words), [{ ...bone, name }], {})).toBeNull();
    expect(chooseProduct(ask('lacquerColour', 'colour', 'colour', words), shelf, { colour: 'white' })?.id).toBe('white');
    const [green, umber] = washes as [Product, Product];
    expect(chooseProduct(ask('acrylicWash', 'wash'), washes, {})?.id).toBe('umber');
    expect(chooseProduct(ask('acrylicWash', 'verdigris', 'verdigris', ['verdigris']), [umber, green], {})?.id).toBe('green');
    expect(chooseProduct(ask('acrylicWash', 'verdigris', 'verdigris', ['verdigris']), [umber], {})).toBeNull();
    expect(chooseProduct(ask('brushAcrylic', 'highlight'), brushed, {})?.id).toBe('pale');
    expect(chooseProduct(ask('brushAcrylic', 'highlight'), brushed.slice(2), {})?.id).toBe('mute');
  });
  it('takes another paint than the first for a second colour, or none', () => {
    expect(chooseProduct(ask('lacquerColour', 'accent'), shelf, {})?.id).toBe('black');
    expect(chooseProduct(ask('lacquerColour', 'accent'), shelf, { colour: 'black' })?.id).toBe('white');
    expect(chooseProduct(ask('lacquerColour', 'accent'), shelf.slice(0, 1), {})).toBeNull();
  });
  it('names a clear by the sheen it has', () => {
    const [, , gloss, satin] = shelf as [Product, Product, Product, Product];
    const clear = { name: 'satin clear', role: 'clear' } as const;
    expect(renameForProduct(clear, null, gloss)).toBe('gloss clear');
    expect(renameForProduct({ ...clear, name: 'gloss clear' }, gloss, satin)).toBe('satin clear');
    expect(renameForProduct(clear, gloss, { ...gloss, sheen: 'none' })).toBe('satin clear');
    expect(renameForProduct({ ...clear, name: 'last coat' }, null, gloss)).toBe('last coat');
  });
  it('names a coat after its paint', () => {
    const grown = growLadder(
      routeChoiceOf(sample.parts[0] as (typeof sample.parts)[number], {
        finish: 'gloss',
        age: 'new',
        smoothing: 'primerOnly',
        joining: 'none',
        sealing: 'unsealed',
      }),
    );
    const draft = grown.kind === 'grown' ? grown.rungs.find((rung) => rung.name === 'colour, mist') : undefined;
    expect(draft && toRung(draft, 'id', 'ladder', shelf, { colour: 'black' }).name).toBe('black, mist');
    const [white, black] = shelf as [Product, Product];
    const named = { name: 'black, mist', role: 'colour' } as const;
    expect(renameForProduct(named, black, white)).toBe('white, mist');
    expect(renameForProduct({ ...named, name: 'colour 2' }, null, black)).toBe('black 2');
    // What somebody called it, and a rung that is named after no colour, keep their names.
    expect(renameForProduct({ ...named, name: 'the rim' }, black, white)).toBe('the rim');
    expect(renameForProduct({ name: 'putty', role: 'filler' }, null, white)).toBe('putty');
    expect(renameForProduct({ ...named, name: 'blackened edges' }, black, white)).toBe('blackened edges');
    expect(renameForProduct({ ...named, name: 'black' }, black, white)).toBe('white');
    expect(renameForProduct(named, black, null)).toBe('black, mist');
    // The label's own coat wins over its class's.
    const own = { ...(shelf[1] as Product), values: [{ field: 'coatMicrometres', value: 31, origin: 'label', note: '' }] } as Product;
    expect(draft && toRung(draft, 'id', 'ladder', [own], { colour: 'black' }).coatMicrometres).toBe(31);
    expect(draft && toRung(draft, 'id', 'ladder', [], {}).coatMicrometres).toBe(findProductClass('lacquerColour').drying.coatMicrometres);
  });
});

describe('values of a product', () => {
  const [primer] = sample.products;
  it('are its own where it has them, else the class default, and say which', () => {
    if (!primer) throw new Error('no primer');
    expect(productValue(primer, 'sandMinutes')).toEqual({ field: 'sandMinutes', value: 90, origin: 'label', note: '' });
    expect(productValue(primer, 'tapeMinutes')).toMatchObject({ value: 120, origin: 'class default' });
    expect(productDrying(primer)).toMatchObject({ sandMinutes: 90, tapeMinutes: 120, kind: 'solvent' });
  });
});

describe('the finisher’s own pace', () => {
  const entry = (id: string, planned: number | null, actual: number | null, extra: Partial<LogEntry> = {}): LogEntry => ({
    ...(sample.logEntries[0] as LogEntry),
    id,
    plannedMinutes: planned,
    actualMinutes: actual,
    ...extra,
  });
  it('is actual over planned by method, with its spread', () => {
    const { prime } = gatherPace([entry('1', 10, 12), entry('2', 10, 8), entry('3', 20, 20)], sample.rungs);
    expect(prime).toMatchObject({ count: 3 });
    const logs = [1.2, 0.8, 1].map(Math.log);
    const mean = logs.reduce((sum, log) => sum + log, 0) / 3;
    expect(prime?.mean).toBeCloseTo(mean, 12);
    expect(prime?.squares).toBeCloseTo(
      logs.reduce((sum, log) => sum + (log - mean) ** 2, 0),
      12,
    );
  });
  it('is each person’s own where several work: what nobody is named for is of who had the shop first', () => {
    const [first] = sample.persons;
    const person = (id: string, position: number) => ({ ...first, id, position }) as Person;
    const persons = [person('bo', 1), person('ada', 0)];
    const entries = [entry('1', 10, 15), entry('2', 10, 8, { personId: 'bo' }), entry('3', 10, 15, { personId: 'ada' })];
    const zoned = { ...sample.passes[0], id: 'pass', zone: 'dome', plannedMinutes: 10, minutes: 14 } as SurfacePass;
    const told = gatherPaceOf(entries, sample.rungs, [zoned], persons);
    expect(told['ada']).toMatchObject({ prime: { count: 2, mean: Math.log(1.5) }, primeSand: { count: 1 } });
    expect(told['bo']).toEqual({ prime: { count: 1, mean: Math.log(0.8), squares: 0 } });
    expect(gatherPaceOf(entries, sample.rungs, [zoned], [])).toEqual({});
  });
  it('counts a pass over one zone as a rung of sanding, and none over the whole part: that is logged', () => {
    const pass = (id: string, zone: 'dome' | null, plannedMinutes: number | null, minutes: number) =>
      ({ ...sample.passes[0], id, zone, plannedMinutes, minutes }) as SurfacePass;
    const told = gatherPace([], sample.rungs, [pass('1', 'dome', 10, 14), pass('2', null, 10, 30), pass('3', 'dome', null, 9)]);
    expect(told).toEqual({ primeSand: { count: 1, mean: Math.log(1.4), squares: 0 } });
  });
  it('takes corrections in place of what they correct, and nothing that was not timed, not done, or whose rung is gone', () => {
    const ratios = gatherPace(
      standingEntries([
        entry('1', 10, 90),
        entry('2', 10, 15, { correctsId: '1' }),
        entry('3', null, 10),
        entry('4', 10, null),
        entry('5', 10, 10, { kind: 'setDown' }),
        entry('6', 10, 10, { rungId: 'gone' }),
      ]),
      sample.rungs,
    );
    expect(ratios).toEqual({ prime: { count: 1, mean: Math.log(1.5), squares: 0 } });
  });
});
