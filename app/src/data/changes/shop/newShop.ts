import { USUAL_CHANCE, USUAL_DAYS } from '@zinc-ladder/core/shelf/stockCurve';
import { PRODUCT_UNSET } from '@zinc-ladder/model/products/productUnset';
import { habitsOf } from '../../../base/habits';
import { USUAL_SPRAY_LIMITS } from '@zinc-ladder/core/climate/sprayVerdict';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';

const EVENINGS = [1, 2, 3, 4, 5].map((weekday) => ({ weekday, startMinute: 18 * 60, endMinute: 21 * 60 }));
const WEEKEND = [6, 7].map((weekday) => ({ weekday, startMinute: 9 * 60, endMinute: 17 * 60 }));

/** A shop as it starts: evenings and weekends, spraying by day, a mild room, counted as one is used to. All of it is to be changed under Shop. */
export function newShop(id: string, timeZone: string, language: string): Shop {
  return {
    id,
    revision: 0,
    name: 'My shop',
    timeZone,
    ...habitsOf(language, timeZone),
    hours: [...EVENINGS, ...WEEKEND],
    exceptions: [],
    busy: [],
    place: null,
    spraysByDaylight: false,
    airbrushesInside: false,
    objective: 'surest',
    goesByOwnPace: true,
    quietHours: [],
    sprayHours: [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({ weekday, startMinute: 8 * 60, endMinute: 20 * 60 })),
    sprayLimits: USUAL_SPRAY_LIMITS,
    typicalDay: { meanCelsius: 18, swingCelsius: 3, warmestHour: 15, meanHumidityPercent: 55, swingHumidityPercent: 8 },
    yardDay: null,
    climateSource: 'typical',
    currency: null,
    hourPrice: null,
    shelfChance: USUAL_CHANCE,
    parcelDays: USUAL_DAYS,
    mirroredShare: 0,
    printers: 1,
    boothPlaces: 1,
    rackPlaces: 8,
  };
}

/** Colours of the plain starters, by class; others have none of their own. */
const STARTER_COLOURS: Readonly<Record<string, string>> = {
  fillerPrimer: '#8f9092',
  primer: '#b5b6b8',
  adhesionPrimer: '#c9cac8',
  lacquerColour: '#262524',
  metallicLacquer: '#a8843c',
  enamelColour: '#2f4a7d',
  brushAcrylic: '#3b5b4b',
  airbrushAcrylic: '#c47f2c',
  bodyFiller: '#caa79d',
  putty: '#b0705f',
  slurry: '#c8b79a',
  acrylicWash: '#4a3a2c',
  brushEpoxy: '#d9d4c4',
  tintedEpoxy: '#d9a25a',
};

/** One product of each class, so that a first ladder has something to name. They carry class defaults only. */
export function starterProducts(makeId: () => string): Product[] {
  return PRODUCT_CLASSES.map(({ id: classId, name }) => ({
    id: makeId(),
    revision: 0,
    name: name.charAt(0).toUpperCase() + name.slice(1),
    classId,
    colourHex: STARTER_COLOURS[classId] ?? null,
    sheen: classId === 'lacquerClear' || classId === 'waterClear' ? 'satin' : 'none',
    values: [],
    ...PRODUCT_UNSET,
    note: '',
  }));
}
