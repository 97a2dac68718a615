import type { ProjectFile } from '../file/projectFile';
import { FORMAT_NAME, FORMAT_VERSION } from '../file/projectFile';
import { MESH_ADDED_IN_3, PART_ADDED_IN_3 } from '../file/migrations';
import { NEW_RUNG } from '../gather/growRungs';

const NOON = Date.UTC(2026, 4, 28, 12);

/** A small sound project with one of everything, for tests. */
export function makeSampleProject(): ProjectFile {
  return {
    format: FORMAT_NAME,
    version: FORMAT_VERSION,
    savedAtMs: NOON,
    shop: {
      id: 'shop',
      revision: 0,
      name: 'Test shop',
      timeZone: 'Europe/Copenhagen',
      units: 'metric',
      hourCycle: '24',
      hours: [{ weekday: 4, startMinute: 1110, endMinute: 1320 }],
      exceptions: [{ date: '2026-06-05', spans: [], note: '' }],
      busy: [],
      quietHours: [],
      sprayHours: [{ weekday: 4, startMinute: 420, endMinute: 1240 }],
      daylightAt: null,
      sprayLimits: { leastDewGapKelvin: 3, mostHumidityPercent: 85, coldestCelsius: 10, warmestCelsius: 32, mostWindMetresPerSecond: null },
      typicalDay: { meanCelsius: 20, swingCelsius: 0, warmestHour: 15, meanHumidityPercent: 50, swingHumidityPercent: 0 },
      climateSource: 'typical',
      objective: 'readyFirst',
      handsPairs: 1,
      boothPlaces: 1,
      rackPlaces: 8,
    },
    props: [{ id: 'prop', revision: 0, name: 'Lamp', story: 'Old.', dueMs: NOON + 86_400_000, weight: 1, viewingMetres: 1.5, position: 0 }],
    parts: [part('host', 0), part('guest', 1)],
    joins: [
      {
        id: 'join',
        revision: 0,
        hostPartId: 'host',
        hostRungId: 'host-2',
        guestPartId: 'guest',
        guestRungId: null,
        note: '',
        seam: {
          dryFit: 'gap',
          lengthMillimetres: 120,
          gapMillimetres: 0.4,
          depthMillimetres: 2,
          stepMillimetres: 0.1,
          load: 'handled',
          isSeen: true,
          mustComeOff: false,
        },
      },
    ],
    ladders: [
      {
        id: 'host',
        revision: 0,
        partId: 'host',
        route: { finish: 'gloss', smoothing: 'primerOnly', joining: 'none', sealing: 'unsealed' },
        rungIds: ['host-1', 'host-2'],
      },
      { id: 'guest', revision: 0, partId: 'guest', route: null, rungIds: ['guest-1'] },
    ],
    rungs: [
      {
        ...NEW_RUNG,
        id: 'host-1',
        ladderId: 'host',
        name: 'primer',
        methodId: 'prime',
        band: 'prime',
        productId: 'primer',
        coatMicrometres: 15,
        state: 'done',
        doneAtMs: NOON - 3_600_000,
        workedMs: 600_000,
      },
      { ...NEW_RUNG, id: 'host-2', ladderId: 'host', mixCardId: 'card' },
      { ...NEW_RUNG, id: 'guest-1', ladderId: 'guest', state: 'inHand', startedAtMs: NOON - 60_000 },
    ],
    products: [
      {
        id: 'primer',
        revision: 0,
        name: 'Grey primer',
        classId: 'primer',
        colourHex: '#a7a8aa',
        sheen: 'matte',
        values: [{ field: 'sandMinutes', value: 90, origin: 'label', note: '' }],
        note: '',
      },
    ],
    cans: [{ id: 'can', revision: 0, productId: 'primer', sizeMillilitres: 400, leftMillilitres: 120, openedAtMs: NOON, note: '' }],
    mixCards: [
      {
        id: 'card',
        revision: 0,
        name: 'Green',
        purpose: 'band',
        unit: 'drops',
        components: [{ productId: 'primer', name: 'Grey primer', amount: 3 }],
        dilution: '',
        swatchHex: '#3c5c4c',
        pictureId: 'picture',
        correctsId: null,
        madeAtMs: NOON,
        note: '',
      },
    ],
    logEntries: [
      {
        id: 'entry',
        revision: 0,
        kind: 'done',
        atMs: NOON - 3_600_000,
        propId: 'prop',
        partId: 'host',
        rungId: 'host-1',
        productId: 'primer',
        plannedMinutes: 10,
        actualMinutes: 12,
        air: { temperatureCelsius: 20, relativeHumidityPercent: 50, origin: 'measured' },
        text: '',
        pictureIds: ['picture'],
        correctsId: null,
      },
    ],
    pictures: [
      {
        id: 'picture',
        revision: 0,
        name: 'hall',
        mediaType: 'image/png',
        byteLength: 12,
        propId: 'prop',
        partId: null,
        takenAtMs: null,
        note: '',
      },
    ],
    meshes: [
      {
        id: 'mesh',
        revision: 0,
        partId: 'host',
        name: 'host.stl',
        format: 'stl',
        byteLength: 4,
        note: '',
        ...MESH_ADDED_IN_3,
        up: [0, 0, 1],
      },
    ],
    passes: [
      {
        id: 'pass',
        revision: 0,
        partId: 'host',
        atMs: NOON,
        minutes: 50,
        plannedMinutes: 45,
        zone: 'dome',
        valleyMicrometres: 60,
        isGuideCoat: true,
        note: '',
      },
    ],
    flaws: [
      {
        id: 'flaw',
        revision: 0,
        partId: 'host',
        kind: 'pinhole',
        sizeMillimetres: 0.6,
        foundPassId: 'pass',
        fixedPassId: null,
        pin: { pictureId: 'picture', meshId: null, place: [0.4, 0.6] },
        note: '',
      },
      {
        id: 'flaw-2',
        revision: 0,
        partId: 'host',
        kind: 'seam',
        sizeMillimetres: 2,
        foundPassId: null,
        fixedPassId: 'pass',
        pin: { pictureId: null, meshId: 'mesh', place: [1, 2, 3] },
        note: '',
      },
    ],
    timers: [{ id: 'timer', revision: 0, name: 'filler', startedAtMs: NOON, endsAtMs: NOON + 300_000, note: 'trim' }],
    fits: [
      {
        id: 'fit',
        revision: 0,
        partId: 'host',
        otherPartId: 'guest',
        name: 'spigot',
        kind: 'shaft',
        holeMillimetres: 10.4,
        shaftMillimetres: 10,
        printErrorMillimetres: 0.1,
        isMasked: false,
        note: '',
      },
    ],
    climateReadings: [
      {
        id: 'm-1',
        revision: 0,
        atMs: NOON,
        temperatureCelsius: 20,
        relativeHumidityPercent: 50,
        windMetresPerSecond: null,
        kind: 'measured',
        source: 'test',
      },
    ],
  };
}

/** Bytes that start as a PNG does, and a mesh's, for the sample's attachments. */
export function makeSampleAttachments(): Map<string, Uint8Array> {
  return new Map([
    ['picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2, 3, 4])],
    ['mesh', new Uint8Array([1, 2, 3, 4])],
  ]);
}

function part(id: string, position: number): ProjectFile['parts'][number] {
  return {
    id,
    revision: 0,
    propId: 'prop',
    name: id,
    count: 1,
    materialId: 'rigid',
    layerMillimetres: 0.2,
    areaSquareCentimetres: 100,
    ...PART_ADDED_IN_3,
    sizeMillimetres: [50, 40, 30],
    engraving: { widthMillimetres: 0.6, depthMillimetres: 0.4 },
    rackPlaces: 1,
    note: '',
    position,
  };
}
