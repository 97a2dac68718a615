import { describe, expect, it } from 'vitest';
import type { TableName } from '../file/tableNames';
import { findRecordFaults } from '../file/validateRecord';
import { TABLE_NAMES } from '../file/tableNames';
import { makeWholeSample } from '../testing/wholeSample';

const sample = makeWholeSample();
/** One record of each kind. */
const SOUND = Object.fromEntries(TABLE_NAMES.map((table) => [table, table === 'shop' ? sample.shop : sample[table][0]])) as Readonly<
  Record<TableName, object>
>;

/** `[table, field, value that must be refused]` */
const ABSURD: readonly (readonly [TableName, string, unknown])[] = [
  ['shop', 'mirroredShare', 0.5],
  ['products', 'effect', 'sparkling'],
  ['products', 'strength', 0],
  ['products', 'lab', [50, 0]],
  ['products', 'lab', [50, 0, 900]],
  ['products', 'scatterPerCoat', -1],
  ['mixCards', 'coats', 0],
  ['mixCards', 'tool', 'shovel'],
  ['mixCards', 'reading', { method: 'guess', lab: [50, 0, 0], count: 1, spread: 0, atMs: 0 }],
  ['pictures', 'neutral', { area: { x: 2, y: 0, width: 0, height: 0 }, known: [50, 0, 0], gains: [1, 1, 1] }],
  ['targets', 'name', ''],
  ['targets', 'samples', [{ id: 'a', pictureId: null, area: null, lab: ['red', 0, 0], doubts: [], isLeftOut: false }]],
  ['maskPlans', 'seal', 'wax'],
  [
    'maskPlans',
    'regions',
    [{ id: 'a', name: 'a', partId: 'p', areaSquareCentimetres: -1, productId: null, coats: 1, isBase: false, chipsShowId: null }],
  ],
  ['stencils', 'outline', 'M0 0"/><script>'],
  ['stencils', 'millimetresPerUnit', 0],
  ['ladders', 'route', { finish: 'agedMetal', age: 'worn', smoothing: 'primerOnly', joining: 'none', sealing: 'unsealed' }],
  ['ladders', 'route', { finish: 'metal', age: 'prehistoric', smoothing: 'primerOnly', joining: 'none', sealing: 'unsealed' }],
  ['weatherPlans', 'shownId', 'cheese'],
  ['weatherPlans', 'up', [0, 0]],
  ['weatherPlans', 'pins', [{ id: 'a', kind: 'kicked', place: [0, 0, 0] }]],
  ['weatherPlans', 'passes', [{ ...sample.weatherPlans[0]?.passes[0], amount: 2 }]],
  ['weatherPlans', 'passes', [{ ...sample.weatherPlans[0]?.passes[0], techniqueId: 'magic' }]],
  ['weatherPlans', 'readings', [{ ...sample.weatherPlans[0]?.readings[0], how: 'guess' }]],
  ['ownRoutes', 'name', ''],
  ['ownRoutes', 'steps', []],
  ['ownRoutes', 'steps', [{ ...sample.ownRoutes[0]?.steps[0], methodId: 'magic' }]],
  ['ownRoutes', 'steps', [{ ...sample.ownRoutes[0]?.steps[0], coatMicrometres: -1 }]],
  ['lightPlans', 'leds', 10_001],
  ['lightPlans', 'squareMillimetres', 0],
  ['lightPlans', 'brightness', 0],
  ['lightPlans', 'supplyId', 'mains'],
  ['lightPlans', 'feeds', [-1]],
  ['lightPlans', 'wires', [{ fromId: null, fromEnd: 'side', toId: 'a', toEnd: 'in' }]],
  ['supplies', 'left', -1],
  ['supplies', 'left', 1e9],
  ['supplies', 'kindId', 'fairy dust'],
  ['supplies', 'grit', 2.5],
  ['supplies', 'level', 'plenty'],
  ['supplies', 'openedMonths', 0],
  ['suppliers', 'days', 1.5],
  ['suppliers', 'sendingWeekdays', [8]],
  ['suppliers', 'sendingWeekdays', [1, 1]],
  ['suppliers', 'leastOrder', -5],
  ['packs', 'amount', 0],
  ['packs', 'price', -1],
  ['packs', 'supplierId', null],
  ['purchases', 'count', 0],
  ['purchases', 'dueAtMs', null],
  ['cans', 'half', 'c'],
  ['cans', 'paid', -0.01],
  ['shop', 'currency', 'euro'],
  ['shop', 'shelfChance', 1],
  ['shop', 'parcelDays', 400],
  ['products', 'mixParts', { partsA: 0, partsB: 1 }],
  ['products', 'weighings', [{ reckonedMillilitres: 0, usedMillilitres: 1, atMs: Date.UTC(2026, 5, 1) }]],
  ['logEntries', 'tookMillilitres', -3],
  ['techniqueCards', 'techniqueId', 'magic'],
  ['techniqueCards', 'baseLab', [50]],
  ['techniqueCards', 'minutes', -1],
  ['shop', 'name', ''],
  ['shop', 'units', 'cubits'],
  ['shop', 'hourCycle', 24],
  ['shop', 'rackPlaces', 0],
  ['shop', 'rackPlaces', 2.5],
  ['persons', 'name', ''],
  ['persons', 'refuses', ['juggling']],
  ['persons', 'hours', [{ weekday: 8, startMinute: 0, endMinute: 60 }]],
  ['persons', 'exceptions', [{ date: '28.5.', spans: [], note: '' }]],
  ['shop', 'climateSource', 'thermometer'],
  ['shop', 'hours', [{ weekday: 8, startMinute: 0, endMinute: 60 }]],
  ['shop', 'hours', [{ weekday: 1, startMinute: -1, endMinute: 60 }]],
  ['shop', 'hours', 'always'],
  ['shop', 'exceptions', [{ date: '2026-13-01', spans: [], note: '' }]],
  ['shop', 'sprayLimits', { ...sample.shop.sprayLimits, mostHumidityPercent: 140 }],
  ['shop', 'typicalDay', { ...sample.shop.typicalDay, meanCelsius: Number.NaN }],
  ['props', 'name', 'x'.repeat(201)],
  ['props', 'name', 'two\nlines'],
  ['props', 'dueMs', Date.UTC(1999, 0, 1)],
  ['props', 'dueMs', 'tomorrow'],
  ['props', 'weight', 0],
  ['props', 'viewingMetres', -1],
  ['props', 'id', '../../etc'],
  ['props', 'id', ''],
  ['props', 'revision', -1],
  ['parts', 'count', 0],
  ['parts', 'count', 1.5],
  ['parts', 'materialId', 'marble'],
  ['parts', 'layerMillimetres', 3],
  ['parts', 'areaSquareCentimetres', -1],
  ['parts', 'areaSquareCentimetres', Infinity],
  ['parts', 'rackPlaces', -1],
  ['joins', 'hostPartId', null],
  ['joins', 'guestRungId', 'a b'],
  ['ladders', 'rungIds', ['a', 'a']],
  ['ladders', 'rungIds', [5]],
  ['ladders', 'route', { finish: 'gloss', age: 'new', smoothing: 'prayer', joining: 'none', sealing: 'unsealed' }],
  ['rungs', 'methodId', 'levitate'],
  ['rungs', 'band', 'sky'],
  ['rungs', 'minutes', -1],
  ['rungs', 'minutes', 1.5],
  ['rungs', 'coatMicrometres', -1],
  ['rungs', 'state', 'finished'],
  ['rungs', 'workedMs', -1],
  ['rungs', 'cautionIds', 'dust'],
  ['products', 'classId', 'glitter'],
  ['products', 'colourHex', 'red'],
  ['products', 'colourHex', '#A7A8AA'],
  ['products', 'sheen', 'shiny'],
  ['products', 'values', [{ field: 'smell', value: 1, origin: 'label', note: '' }]],
  ['products', 'values', [{ field: 'sandMinutes', value: 1, origin: 'hearsay', note: '' }]],
  ['cans', 'sizeMillilitres', 0],
  ['cans', 'leftMillilitres', -5],
  ['mixCards', 'components', []],
  ['mixCards', 'components', [{ productId: null, name: 'water', amount: 0 }]],
  ['mixCards', 'components', [{ productId: null, name: '', amount: 1 }]],
  ['mixCards', 'unit', 'pinches'],
  ['mixCards', 'swatchHex', 'rgb(1,2,3)'],
  ['logEntries', 'kind', 'bragging'],
  ['logEntries', 'actualMinutes', -1],
  ['logEntries', 'air', { temperatureCelsius: 20, relativeHumidityPercent: 300, origin: 'measured' }],
  ['logEntries', 'pictureIds', ['<img>']],
  ['pictures', 'mediaType', 'image/svg+xml'],
  ['pictures', 'byteLength', 0],
  ['meshes', 'format', 'exe'],
  ['parts', 'sizeMillimetres', [1, 2]],
  ['parts', 'sizeMillimetres', [1, 2, 0]],
  ['parts', 'shapeId', 'blob'],
  ['parts', 'engraving', { widthMillimetres: 0.6 }],
  ['meshes', 'unit', 'cubit'],
  ['meshes', 'up', [0, 0, 5]],
  ['meshes', 'scale', 0],
  ['passes', 'minutes', -1],
  ['passes', 'zone', 'attic'],
  ['passes', 'valleyMicrometres', 0],
  ['flaws', 'kind', 'elf'],
  ['flaws', 'sizeMillimetres', 0],
  ['flaws', 'pin', { pictureId: 'picture', meshId: null, place: [1] }],
  ['fits', 'holeMillimetres', 0],
  ['fits', 'kind', 'magic'],
  ['timers', 'endsAtMs', 5],
  ['joins', 'seam', { dryFit: 'perhaps' }],
  ['climateReadings', 'relativeHumidityPercent', 0],
  ['climateReadings', 'temperatureCelsius', 900],
  ['climateReadings', 'windMetresPerSecond', -2],
];

describe('records', () => {
  it.each(TABLE_NAMES.map((table) => [table]))('of %s are sound as the sample has them', (table) =>
    expect(findRecordFaults(table, SOUND[table])).toEqual([]),
  );

  it.each(ABSURD)('of %s refuse %s = %j, by that path', (table, field, value) => {
    const faults = findRecordFaults(table, { ...SOUND[table], [field]: value });
    expect(faults.length).toBeGreaterThan(0);
    for (const fault of faults) expect(fault.path.startsWith(field), fault.path).toBe(true);
  });

  it.each(TABLE_NAMES.map((table) => [table]))('of %s refuse a field that is left out, and one that is not theirs', (table) => {
    for (const field of Object.keys(SOUND[table])) {
      const without = Object.fromEntries(Object.entries(SOUND[table]).filter(([name]) => name !== field));
      expect(findRecordFaults(table, without).length, field).toBeGreaterThan(0);
    }
    expect(findRecordFaults(table, { ...SOUND[table], extra: 1 })[0]).toMatchObject({ code: 'unknownField', path: 'extra' });
  });

  it('take null where there may be nothing, and only there', () => {
    expect(findRecordFaults('props', { ...SOUND.props, dueMs: null, viewingMetres: null })).toEqual([]);
    expect(
      findRecordFaults('rungs', { ...SOUND.rungs, productId: null, role: null, grit: null, coatMicrometres: null, notBeforeMs: null }),
    ).toEqual([]);
    expect(findRecordFaults('props', { ...SOUND.props, name: null }).length).toBeGreaterThan(0);
  });
});
