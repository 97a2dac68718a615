import { readFileSync } from 'node:fs';
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { makeProjectSchema } from '../../scripts/projectSchema';
import { makeVersion1 } from '../testing/versions/makeVersion1';
import { makeVersion3 } from '../testing/versions/makeVersion3';
import { makeVersion5 } from '../testing/versions/makeVersion5';
import { PRODUCT_UNSET } from '../products/productUnset';
import { makeVersion6 } from '../testing/versions/makeVersion6';
import { makeVersion7 } from '../testing/versions/makeVersion7';
import { makeVersion8 } from '../testing/versions/makeVersion8';
import { makeVersion10 } from '../testing/versions/makeVersion10';
import { makeVersion11 } from '../testing/versions/makeVersion11';
import { makeVersion12 } from '../testing/versions/makeVersion12';
import { makeVersion13 } from '../testing/versions/makeVersion13';
import { makeVersion14 } from '../testing/versions/makeVersion14';
import { makeVersion15 } from '../testing/versions/makeVersion15';
import { makeVersion17 } from '../testing/versions/makeVersion17';
import { makeVersion18 } from '../testing/versions/makeVersion18';
import { makeVersion16 } from '../testing/versions/makeVersion16';
import { makeVersion9 } from '../testing/versions/makeVersion9';
import { makeVersion2 } from '../testing/versions/makeVersion2';
import { makeSampleAttachments, makeSampleProject } from '../testing/sampleProject';
import type { Fault } from './faults';
import { FileFaultsError } from './faults';
import {
  CAN_ADDED_IN_4,
  CARD_ADDED_IN_4,
  MESH_ADDED_IN_3,
  MIGRATIONS,
  migrateProject,
  PART_ADDED_IN_3,
  PICTURE_ADDED_IN_4,
  SEAM_ADDED_IN_4,
  SHOP_ADDED_IN_4,
} from './migrations';
import { FORMAT_VERSION } from './fileFormat';
import { MOST_PROJECT_BYTES, readProject } from './readProject';
import { MOMENT_FIELDS } from '../records/base/moment';
import { makeWholeSample } from '../testing/wholeSample';
import { shiftDates } from './shiftDates';
import { findRecordFaults } from './validateRecord';
import { readBundle, writeProject, ZIP_LIMITS, zipBundle } from './zipProject';

function faultsOf(read: () => unknown): readonly Fault[] {
  try {
    read();
  } catch (error) {
    if (error instanceof FileFaultsError) return error.faults;
    throw error;
  }
  return [];
}
/** The sample's mask plans, pointed at nowhere. */
function withoutSpots(sample: ReturnType<typeof makeSampleProject>) {
  return sample.maskPlans.map((plan) => ({
    ...plan,
    pictureId: null,
    regions: plan.regions.map((region) => ({ ...region, spot: null })),
  }));
}
/** The faults of the sample after a change to its plain JSON. */
function faultsAfter(change: (project: Record<string, never>) => void): readonly Fault[] {
  const plain = JSON.parse(writeProject(makeSampleProject())) as Record<string, never>;
  change(plain);
  return faultsOf(() => readProject(JSON.stringify(plain)));
}
const paths = (faults: readonly Fault[]): string[] => faults.map((fault) => fault.path);

describe('a project file', () => {
  it('comes back from JSON as it went in', () => expect(readProject(writeProject(makeSampleProject()))).toEqual(makeSampleProject()));
  it('comes back from a zip as it went in, bytes too', async () => {
    const bundle = { project: makeSampleProject(), attachments: makeSampleAttachments() };
    expect(readBundle(await zipBundle(bundle))).toEqual(bundle);
    expect(await zipBundle(bundle)).toEqual(await zipBundle(bundle));
  });
  it('is read with a byte-order mark in front', () =>
    expect(readProject(`\uFEFF${writeProject(makeSampleProject())}`).shop.name).toBe('Test shop'));

  it('names every fault at once, each with its path in words', () => {
    const faults = faultsAfter((project: Record<string, unknown>) => {
      const [rung] = project['rungs'] as Record<string, unknown>[];
      const [part] = project['parts'] as Record<string, unknown>[];
      Object.assign(rung ?? {}, { minutes: -5, name: '' });
      Object.assign(part ?? {}, { areaSquareCentimetres: 1e9, materialId: 'unobtainium', surprise: 1 });
      (project['shop'] as Record<string, unknown>)['rackPlaces'] = 'many';
    });
    expect(paths(faults)).toEqual(
      expect.arrayContaining([
        'rungs[0].minutes',
        'rungs[0].name',
        'parts[0].areaSquareCentimetres',
        'parts[0].materialId',
        'parts[0].surprise',
        'shop.rackPlaces',
      ]),
    );
    expect(faults.find((fault) => fault.path === 'parts[0].surprise')).toMatchObject({
      code: 'unknownField',
      message: 'this field is not part of the format',
    });
    for (const fault of faults) expect(fault.message.length).toBeGreaterThan(5);
  });

  it.each([
    [
      'a rung twice on ladders',
      (p: Record<string, unknown>) => (p['ladders'] as { rungIds: string[] }[])[1]?.rungIds.push('host-1'),
      'ladders[1].rungIds[1]',
    ],
    [
      'a part of no prop',
      (p: Record<string, unknown>) => Object.assign((p['parts'] as object[])[0] ?? {}, { propId: 'ghost' }),
      'parts[0].propId',
    ],
    [
      'a done rung without its time',
      (p: Record<string, unknown>) => Object.assign((p['rungs'] as object[])[0] ?? {}, { doneAtMs: null }),
      'rungs[0].doneAtMs',
    ],
    ['an id twice', (p: Record<string, unknown>) => (p['props'] as object[]).push({ ...(p['props'] as object[])[0] }), 'props[1].id'],
    [
      'a part joined to itself',
      (p: Record<string, unknown>) => Object.assign((p['joins'] as object[])[0] ?? {}, { guestPartId: 'host' }),
      'joins[0]',
    ],
    [
      'a day that ends before it starts',
      (p: Record<string, unknown>) => Object.assign((p['shop'] as { hours: object[] }).hours[0] ?? {}, { endMinute: 100 }),
      'shop.hours[0]',
    ],
    [
      'somebody whose day ends before it starts',
      (p: Record<string, unknown>) =>
        (p['persons'] as object[]).push({
          id: 'juna',
          revision: 0,
          name: 'Juna',
          position: 0,
          hours: [{ weekday: 1, startMinute: 600, endMinute: 100 }],
          exceptions: [],
          busy: [],
          refuses: [],
        }),
      'persons[0].hours[0]',
    ],
    [
      'a rung asked of somebody who is not there',
      (p: Record<string, unknown>) => Object.assign((p['rungs'] as object[])[0] ?? {}, { personId: 'nobody' }),
      'rungs[0].personId',
    ],
    [
      'a time zone that is none',
      (p: Record<string, unknown>) => Object.assign(p['shop'] as object, { timeZone: 'Harbour/Quay' }),
      'shop.timeZone',
    ],
  ])('is refused with %s', (_, change, path) =>
    expect(paths(faultsAfter(change as (project: Record<string, never>) => void))).toContain(path),
  );

  it.each([
    ['nothing', '', 'unreadable'],
    ['a truncated file', writeProject(makeSampleProject()).slice(0, 900), 'unreadable'],
    ['a list', '[]', 'notAProject'],
    ['another format', '{"format":"something-else","version":1}', 'notAProject'],
    ['a version from the future', JSON.stringify({ ...makeSampleProject(), version: FORMAT_VERSION + 1 }), 'tooNew'],
    ['a project without a shop', JSON.stringify({ ...makeSampleProject(), shop: undefined }), 'invalid'],
    ['a project whose shop is a list', JSON.stringify({ ...makeSampleProject(), shop: [] }), 'invalid'],
    ['a version that is none', JSON.stringify({ ...makeSampleProject(), version: 'one' }), 'invalid'],
  ])('is refused when it is %s', (_, text, code) => expect(faultsOf(() => readProject(text))[0]?.code).toBe(code));

  it('is refused when it is too large, before it is parsed', () =>
    expect(faultsOf(() => readProject('x'.repeat(MOST_PROJECT_BYTES + 1)))[0]?.code).toBe('tooLarge'));
  it('does not let a file reach the prototype of objects', () => {
    const hostile = writeProject(makeSampleProject()).replace('"shop": {', '"__proto__": {"polluted": true}, "shop": {');
    faultsOf(() => readProject(hostile));
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  });
  it('keeps control characters out of names', () =>
    expect(findRecordFaults('props', { ...makeSampleProject().props[0], name: 'a\u0007b' })[0]?.path).toBe('name'));
});

describe('a hostile zip', () => {
  const project = (): Uint8Array =>
    strToU8(
      writeProject({
        ...makeSampleProject(),
        pictures: [],
        meshes: [],
        mixCards: [],
        logEntries: [],
        rungs: makeSampleProject().rungs.map((rung) => ({ ...rung, mixCardId: null })),
      }),
    );
  const codeOf = (bytes: Uint8Array): string | undefined => faultsOf(() => readBundle(bytes))[0]?.code;
  it('is refused when it points outside', () => {
    for (const name of ['../evil.txt', '/etc/passwd', 'pictures/../../x.png', 'C:/x.txt', 'a\\b.txt'])
      expect(codeOf(zipSync({ 'project.json': project(), [name]: strToU8('x') })), name).toBe('unsafePath');
  });
  it('is refused when it holds too many files', () => {
    const many = Object.fromEntries(Array.from({ length: ZIP_LIMITS.entries + 1 }, (_, i) => [`f${i}`, new Uint8Array()]));
    expect(codeOf(zipSync({ 'project.json': project(), ...many }, { level: 0 }))).toBe('tooLarge');
  });
  it('is refused when it would unpack to more than is taken', () => {
    expect(codeOf(zipSync({ 'project.json': project(), 'big.bin': new Uint8Array(ZIP_LIMITS.entryBytes + 1) }, { level: 1 }))).toBe(
      'tooLarge',
    );
  });
  it('is refused when it is cut short or damaged', async () => {
    const whole = await zipBundle({ project: makeSampleProject(), attachments: makeSampleAttachments() });
    expect(codeOf(whole.slice(0, whole.length / 2))).toBe('unreadable');
  });
  it('is refused without a project, and without the pictures it names', async () => {
    expect(codeOf(zipSync({ 'readme.txt': strToU8('hello') }))).toBe('notAProject');
    expect(codeOf(await zipBundle({ project: makeSampleProject(), attachments: new Map() }))).toBe('missingAttachment');
  });
  it('is refused when a picture is no picture', async () => {
    const attachments = makeSampleAttachments().set('picture', strToU8('<svg onload="alert(1)"/>'));
    expect(codeOf(await zipBundle({ project: makeSampleProject(), attachments }))).toBe('invalid');
  });
});

describe('migrations', () => {
  it.each([
    ['1', makeVersion1],
    ['2', makeVersion2],
  ])('bring a file of version %s to today’s, with nothing lost and the added fields as they start', (_, make) => {
    const sample = readProject(JSON.stringify(makeVersion3()));
    expect(readProject(JSON.stringify(make()))).toEqual({
      ...sample,
      parts: sample.parts.map((part) => ({ ...part, ...PART_ADDED_IN_3 })),
      meshes: sample.meshes.map((mesh) => ({ ...mesh, ...MESH_ADDED_IN_3 })),
      joins: sample.joins.map((join) => ({ ...join, seam: null })),
      passes: [],
      flaws: [],
      fits: [],
      timers: [],
    });
  });
  it('bring a file of version 3 to today’s: colour starts empty, every record keeps what it had', () => {
    const sample = makeSampleProject();
    expect(readProject(JSON.stringify(makeVersion3()))).toEqual({
      ...sample,
      shop: { ...sample.shop, ...SHOP_ADDED_IN_4 },
      products: sample.products.map((product) => ({ ...product, ...PRODUCT_UNSET })),
      cans: sample.cans.map((can) => ({ ...can, ...CAN_ADDED_IN_4 })),
      mixCards: sample.mixCards.map((card) => ({ ...card, ...CARD_ADDED_IN_4 })),
      pictures: sample.pictures.map((picture) => ({ ...picture, ...PICTURE_ADDED_IN_4 })),
      joins: sample.joins.map((join) => ({ ...join, seam: join.seam && { ...join.seam, ...SEAM_ADDED_IN_4 } })),
      targets: [],
      maskPlans: [],
      stencils: [],
      weatherPlans: [],
      techniqueCards: [],
      ownRoutes: [],
    });
  });
  it('bring a file of version 5 to today’s: aged metal is worn metal, a kept texture was worn, all else is new', () => {
    const sample = { ...makeSampleProject(), maskPlans: withoutSpots(makeSampleProject()) };
    const old = makeVersion5() as unknown as typeof sample;
    const routed = (finish: string) => ({
      ...old,
      ladders: old.ladders.map((ladder, at) => (at === 0 ? { ...ladder, route: { ...ladder.route, finish } } : ladder)),
    });
    const routeOf = (finish: string) => readProject(JSON.stringify(routed(finish))).ladders[0]?.route;
    expect(readProject(JSON.stringify(old))).toEqual({ ...sample, weatherPlans: [], techniqueCards: [], ownRoutes: [] });
    expect(routeOf('agedMetal')).toMatchObject({ finish: 'metal', age: 'worn' });
    expect(routeOf('textureKept')).toMatchObject({ finish: 'textureKept', age: 'worn' });
    expect(routeOf('metal')).toMatchObject({ finish: 'metal', age: 'new' });
  });
  it('bring a file of version 6 to today’s, without routes of one’s own', () => {
    expect(readProject(JSON.stringify(makeVersion6()))).toEqual({
      ...makeSampleProject(),
      maskPlans: withoutSpots(makeSampleProject()),
      ownRoutes: [],
    });
  });
  it('bring a file of version 7 to today’s: a strength of 1 said nothing, another is kept; masks are pointed at nowhere', () => {
    const sample = makeSampleProject();
    const old = makeVersion7() as unknown as typeof sample;
    const taught = { ...old, products: old.products.map((product) => ({ ...product, strength: 1.7 })) };
    expect(readProject(JSON.stringify(taught)).products[0]?.strength).toBe(1.7);
    expect(readProject(JSON.stringify(old))).toEqual({ ...sample, maskPlans: withoutSpots(sample) });
  });
  it('bring a file of version 8 to today’s: at the finisher’s own pace, all parts off the printer', () => {
    expect(readProject(JSON.stringify(makeVersion8()))).toEqual(makeSampleProject());
  });
  it('bring a file of version 18 to today’s: the airbrush goes where the cans go, and every rung is done on all pieces', () => {
    expect(JSON.stringify(makeVersion18().shop)).not.toContain('airbrushesInside');
    expect(JSON.stringify(makeVersion18().rungs)).not.toContain('pieces');
    expect(readProject(JSON.stringify(makeVersion18()))).toEqual(makeSampleProject());
  });
  it('bring a file of version 17 to today’s: one air, its place kept with whether spraying goes by the light there', () => {
    const sample = makeSampleProject();
    expect(readProject(JSON.stringify(makeVersion17()))).toEqual(sample);
    const place = { latitude: -41.3, longitude: 174.8 };
    const lit = { ...sample, shop: { ...sample.shop, place, spraysByDaylight: true } };
    expect(JSON.stringify(makeVersion17(lit))).toContain('"daylightAt":{"latitude":-41.3,');
    expect(JSON.stringify(makeVersion17(lit))).not.toMatch(/yardDay|spraysByDaylight|"place":"shop"/u);
    expect(readProject(JSON.stringify(makeVersion17(lit)))).toEqual(lit);
  });
  it('bring a file of version 16 to today’s: every rung is done on all of its faces', () => {
    expect(JSON.stringify(makeVersion16().rungs)).not.toContain('areaSquareCentimetres');
    expect(readProject(JSON.stringify(makeVersion16()))).toEqual(makeSampleProject());
  });
  it('bring a file of version 15 to today’s: parts sit nowhere, regions are open all over, pieces lie on a bed one by one', () => {
    const sample = makeSampleProject();
    const region = { id: 'band', productId: 'primer', lab: [40, 2, 8], place: [0, 10, 4], edgeDegrees: 25, reachMillimetres: null };
    const given = {
      ...sample,
      parts: sample.parts.map((part) => ({ ...part, print: { piecesLeft: 1, bedPieces: 1, startedAtMs: null, failureShare: 0 } })),
      weatherPlans: sample.weatherPlans.map((plan) => ({ ...plan, regions: [{ ...region, stencilId: null, turnDegrees: 0 }] })),
    };
    expect(JSON.stringify(makeVersion15(given))).not.toMatch(/turnDegrees|bedPieces|seat/u);
    expect(readProject(JSON.stringify(makeVersion15(given)))).toEqual(given);
  });
  it('bring a file of version 9 to today’s: one pair of hands is nobody named, of several each becomes somebody', () => {
    expect(readProject(JSON.stringify(makeVersion9()))).toEqual(makeSampleProject());
    expect(readProject(JSON.stringify(makeVersion10()))).toEqual(makeSampleProject());
    expect(readProject(JSON.stringify(makeVersion11()))).toEqual(makeSampleProject());
    expect(readProject(JSON.stringify(makeVersion12()))).toEqual(makeSampleProject());
    expect(readProject(JSON.stringify(makeVersion13()))).toEqual(makeSampleProject());
    expect(readProject(JSON.stringify(makeVersion14()))).toEqual(makeSampleProject());
    const three = readProject(JSON.stringify(makeVersion9(3))).persons;
    expect(three.map(({ name, hours, refuses }) => ({ name, hours, refuses }))).toEqual([
      { name: 'Me', hours: null, refuses: [] },
      { name: 'Helper 1', hours: null, refuses: [] },
      { name: 'Helper 2', hours: null, refuses: [] },
    ]);
  });
  it('a part has no more pieces on the printer than it is of', () => {
    const sample = makeSampleProject();
    const onPrinter = (piecesLeft: number): readonly string[] => {
      const parts = sample.parts.map((part) => ({
        ...part,
        count: 3,
        print: { piecesLeft, bedPieces: 1, startedAtMs: null, failureShare: 0.1 },
      }));
      return paths(faultsOf(() => readProject(JSON.stringify({ ...sample, parts }))));
    };
    expect(onPrinter(4)).toContain('parts[0].print');
  });
  it('a weather plan’s readings are of its own passes, and its way up is a direction', () => {
    const sample = makeSampleProject();
    const [plan] = sample.weatherPlans;
    const faultsWith = (change: object): string[] =>
      paths(faultsOf(() => readProject(JSON.stringify({ ...sample, weatherPlans: [{ ...plan, ...change }] }))));
    expect(faultsWith({ readings: [{ ...plan?.readings[0], passId: 'nobody' }] })).toEqual(['weatherPlans[0].readings[0].passId']);
    expect(faultsWith({ up: [0, 0, 0] })).toEqual(['weatherPlans[0].up']);
    expect(faultsWith({ passes: [{ ...plan?.passes[0], productId: 'nobody' }] })).toEqual(['weatherPlans[0].passes[0].productId']);
  });
  it('a mask plan names its own regions only', () => {
    const sample = makeSampleProject();
    const [plan] = sample.maskPlans;
    for (const broken of [
      { ...plan, order: ['nobody'] },
      { ...plan, regions: [plan?.regions[0], plan?.regions[0]] },
      { ...plan, borders: [{ ...plan?.borders[0], firstId: 'nobody' }] },
    ])
      expect(paths(faultsOf(() => readProject(JSON.stringify({ ...sample, maskPlans: [broken] }))))).toEqual(['maskPlans[0]']);
  });
  it('a pin lies on a picture or on a mesh, and names one that is there', () => {
    const withPin = (pin: object): readonly string[] => {
      const sample = makeSampleProject();
      const flaws = [{ ...sample.flaws[0], pin }];
      return paths(faultsOf(() => readProject(JSON.stringify({ ...sample, flaws }))));
    };
    expect(withPin({ pictureId: 'gone', meshId: null, place: [0.1, 0.2] })).toEqual(['flaws[0].pin.pictureId']);
    expect(withPin({ pictureId: 'picture', meshId: 'mesh', place: [0.1, 0.2] })).toEqual(['flaws[0].pin']);
    expect(withPin({ pictureId: null, meshId: 'mesh', place: [0.1, 0.2] })).toEqual(['flaws[0].pin']);
  });
  it('leave what is no project for the checks to name', () => {
    const faults = faultsOf(() => readProject(JSON.stringify({ ...makeVersion1(), shop: 7, rungs: 'none' })));
    expect(paths(faults)).toEqual(expect.arrayContaining(['shop', 'rungs']));
  });
  it('are numbered without gaps up to the version written', () => {
    expect(MIGRATIONS.map((migration) => [migration.from, migration.to])).toEqual(
      Array.from({ length: FORMAT_VERSION - 1 }, (_, i) => [i + 1, i + 2]),
    );
  });
  it('lift a file step by step, and never write into what they were given', () => {
    const old = Object.freeze({ version: 1, name: 'a' });
    const steps = [
      { from: 2, to: 3, why: '', migrate: (p: Record<string, unknown>) => ({ ...p, name: `${String(p['name'])}c` }) },
      { from: 1, to: 2, why: '', migrate: (p: Record<string, unknown>) => ({ ...p, name: `${String(p['name'])}b` }) },
    ];
    expect(migrateProject(old, 1, 3, steps)).toEqual({ version: 3, name: 'abc' });
    expect(() => migrateProject(old, 1, 4, steps)).toThrow(RangeError);
  });
});

describe('the published schema', () => {
  it('is the one of the record classes (npm run schema)', () => {
    const shipped: unknown = JSON.parse(readFileSync(new URL('../../../docs/file-format.schema.json', import.meta.url), 'utf8'));
    expect(JSON.parse(JSON.stringify(makeProjectSchema()))).toEqual(shipped);
  });
});

describe('moving dates', () => {
  it('moves every moment and no span, and comes back', () => {
    const later = shiftDates(makeSampleProject(), 3);
    expect(later.props[0]?.dueMs).toBe((makeSampleProject().props[0]?.dueMs ?? 0) + 3 * 86_400_000);
    expect(later.shop.exceptions[0]?.date).toBe('2026-06-08');
    expect(later.rungs[0]?.workedMs).toBe(600_000);
    expect(shiftDates(later, -3)).toEqual(makeSampleProject());
  });
  it('moves every field that a record calls a moment', () => {
    const sample = makeWholeSample();
    const moments = (project: unknown): [string, number][] =>
      typeof project !== 'object' || project === null
        ? []
        : Object.entries(project).flatMap(([key, value]: [string, unknown]) =>
            MOMENT_FIELDS.has(key) && typeof value === 'number' ? [[key, value] as [string, number]] : moments(value),
          );
    const before = moments(sample);
    expect(moments(shiftDates(sample, 2))).toEqual(before.map(([key, atMs]) => [key, atMs + 2 * 86_400_000]));
    for (const key of ['orderedAtMs', 'savedAtMs', 'dueMs', 'doneAtMs', 'atMs']) expect(before.map(([name]) => name)).toContain(key);
  });
});
