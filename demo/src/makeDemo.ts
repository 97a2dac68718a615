import { DEMO_GARAGE, simulateForecast, simulateReadings } from '@zinc-ladder/core/simulated/simulatedClimate';
import type { AirSample } from '@zinc-ladder/core/climate/air';
import { FORMAT_NAME, FORMAT_VERSION } from '@zinc-ladder/model/file/fileFormat';
import type { ProjectBundle } from '@zinc-ladder/model/file/zipProject';
import type { ClimateReading } from '@zinc-ladder/model/records/shop/climateReading';
import type { PictureReference } from '@zinc-ladder/model/records/prop/pictureReference';
import { DEMO_CARDS } from './cards';
import { playHistory } from './history';
import { growDemoLadders } from './props/ladders';
import { DEMO_FITS, DEMO_INSPECTION } from './props/inspection';
import { DEMO_MASKS, DEMO_TARGETS, neutralOf } from './colours';
import { DEMO_STENCILS } from './dialStencil';
import { makeDemoMeshes } from './meshes/demoMeshes';
import { writePng } from './pictures/png';
import { PICTURE_LIGHTS, PICTURE_SIZE, renderLantern } from './pictures/renderLantern';
import { DEMO_PRODUCTS } from './shop/products';
import { DEMO_LIGHTS } from './props/lights';
import { makeDemoShelf } from './shop/shelf';
import { DEMO_MOMENT, DEMO_PARTS, DEMO_PROPS, DEMO_START } from './scenario';
import { DEMO_DIMENSIONS, DEMO_MEASURINGS } from './props/dimensions';
import { DEMO_PERSONS } from './shop/persons';
import { DEMO_SHOP } from './shop/shop';
import { makeDemoWeather } from './props/weather';
import { demoRoutes } from './props/ownRoutes';
import { makeDemoMatches } from './props/match';
import { makeSecondBadge } from './props/secondBadge';
import { DEMO_TECHNIQUE_CARDS } from './techniqueCards';

const DAY_MS = 86_400_000;

/** The demo shop at its moment, made from the scenario: always the same. */
export function makeDemo(): ProjectBundle {
  const measured = simulateReadings(DEMO_GARAGE, DEMO_START - DAY_MS, DEMO_MOMENT, 30).map((sample) => toReading(sample, 'measured'));
  const forecast = simulateForecast(DEMO_GARAGE, DEMO_MOMENT, 72).map((sample) => toReading(sample, 'forecast'));
  const { ladders, rungs: grown, joins } = growDemoLadders();
  const parts = DEMO_PARTS.map((entry) => entry.part);
  const { rungs, entries } = playHistory({ parts, rungs: grown, products: DEMO_PRODUCTS });
  const meshes = makeDemoMeshes();
  const attachments = new Map(meshes.bytes);
  const weather = makeDemoWeather();
  for (const { id, bytes } of weather.photographs) attachments.set(id, bytes);
  const pictures = PICTURE_LIGHTS.map((light): PictureReference => {
    const bytes = writePng(renderLantern(light), PICTURE_SIZE.width, PICTURE_SIZE.height);
    attachments.set(light.id, bytes);
    return {
      id: light.id,
      revision: 0,
      name: light.name,
      mediaType: 'image/png',
      byteLength: bytes.length,
      propId: 'lantern',
      partId: null,
      isOwn: false,
      focalShare: null,
      neutral: neutralOf(light),
      takenAtMs: null,
      note: light.note,
    };
  });
  const second = makeSecondBadge({
    shop: DEMO_SHOP,
    parts,
    ladders: [...ladders],
    rungs: [...rungs],
    products: [...DEMO_PRODUCTS],
    logEntries: [...entries],
  });
  const log = [...entries, ...second.entries].toSorted((a, b) => a.atMs - b.atMs).map((entry, counter) => ({ ...entry, counter }));
  const own = makeDemoMatches();
  for (const { reference, bytes } of own.pictures) attachments.set(reference.id, bytes);
  return {
    project: {
      format: FORMAT_NAME,
      version: FORMAT_VERSION,
      savedAtMs: DEMO_MOMENT,
      shop: DEMO_SHOP,
      props: [...DEMO_PROPS],
      parts: [...parts, second.part],
      joins: [...joins],
      ladders: [...ladders, second.ladder],
      rungs: [...rungs, ...second.rungs],
      products: [...DEMO_PRODUCTS],
      ...makeDemoShelf(),
      mixCards: [...DEMO_CARDS],
      logEntries: log,
      pictures: [...pictures, ...own.pictures.map(({ reference }) => reference), ...weather.photographs.map(({ reference }) => reference)],
      meshes: meshes.references,
      ...DEMO_INSPECTION,
      fits: [...DEMO_FITS],
      timers: [],
      targets: [...DEMO_TARGETS],
      maskPlans: [...DEMO_MASKS],
      stencils: [...DEMO_STENCILS],
      weatherPlans: weather.plans,
      techniqueCards: [...DEMO_TECHNIQUE_CARDS],
      ownRoutes: demoRoutes({ ladders, rungs: grown }),
      persons: [...DEMO_PERSONS],
      dimensions: [...DEMO_DIMENSIONS],
      measurings: [...DEMO_MEASURINGS],
      matches: [...own.matches],
      lightPlans: DEMO_LIGHTS.map((plan) => ({
        ...plan,
        rungIds: rungs.filter(({ ladderId, methodId }) => ladderId === plan.partId && methodId === 'lights').map(({ id }) => id),
      })),
      climateReadings: [...measured, ...forecast],
    },
    attachments,
  };
}

function toReading(sample: Required<AirSample>, kind: ClimateReading['kind']): ClimateReading {
  return {
    id: `${kind === 'measured' ? 'm' : 'f'}-${sample.atMs}`,
    revision: 0,
    ...sample,
    kind,
    place: 'shop',
    source: 'simulated shop sensor',
  };
}
