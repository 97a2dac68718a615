/** A project of some version, before it is known to be well formed. */
export type RawProject = Record<string, unknown>;

/** A step from one version to the next. Pure: returns a new project. */
export interface Migration {
  readonly from: number;
  readonly to: number;
  readonly why: string;
  readonly migrate: (project: RawProject) => RawProject;
}

/** What version 2 added to a shop. */
export const SHOP_ADDED_IN_2 = { busy: [], daylightAt: null, quietHours: [], objective: 'readyFirst' } as const;
/** What version 2 added to a rung. */
export const RUNG_ADDED_IN_2 = { lockedAtMs: null, side: 'all' } as const;

/** What version 3 added to a part. */
export const PART_ADDED_IN_3 = { ridgeMicrometres: null, shapeId: null, sizeMillimetres: null, printHours: null, engraving: null } as const;
/** What version 3 added to a mesh. */
export const MESH_ADDED_IN_3 = { unit: 'mm', scale: 1, up: [0, 0, 1], hiddenSide: 'none' } as const;
/** What version 3 added to a picture. */
export const PICTURE_ADDED_IN_3 = { partId: null } as const;
/** What version 3 added to a join. */
export const JOIN_ADDED_IN_3 = { seam: null } as const;

/** What version 4 added to a shop. */
export const SHOP_ADDED_IN_4 = { mirroredShare: 0 } as const;
/** What version 4 added to a product. */
export const PRODUCT_ADDED_IN_4 = {
  effect: 'none',
  lab: null,
  strength: 1,
  scatterPerCoat: null,
  dryingShift: null,
  mayBeBought: false,
} as const;
/** What version 4 added to a can. */
export const CAN_ADDED_IN_4 = { emptyGrams: null } as const;
/** What version 4 added to a card. */
export const CARD_ADDED_IN_4 = { targetId: null, undercoatId: null, coats: 1, tool: 'brush', reading: null } as const;
/** What version 4 added to a picture. */
export const PICTURE_ADDED_IN_4 = { neutral: null } as const;
/** What version 4 added to a seam. */
export const SEAM_ADDED_IN_4 = { isReachable: true } as const;

/** What version 12 added to a product. */
export const PRODUCT_ADDED_IN_12 = { sightings: [] } as const;
/** What version 12 added to a log entry. */
export const ENTRY_ADDED_IN_12 = { isForNextTime: false } as const;
/** What version 12 added to what is marked on a picture. */
export const MEASURING_ADDED_IN_12 = { distrusted: [] } as const;

/** What version 13 added to a shop. */
export const SHOP_ADDED_IN_13 = { currency: null, hourPrice: null, shelfChance: 0.8, parcelDays: 2 } as const;
/** What version 13 added to a product. */
export const PRODUCT_ADDED_IN_13 = { weighings: [], mixParts: null, closedMonths: null, openedMonths: null } as const;
/** What version 13 added to a can. */
export const CAN_ADDED_IN_13 = {
  level: null,
  countedAtMs: null,
  boughtAtMs: null,
  provedAtMs: null,
  paid: null,
  lot: '',
  place: '',
  half: null,
} as const;
/** What version 14 added to a plan of lights. */
export const LIGHTS_ADDED_IN_14 = {
  cutEvery: 1,
  rows: 1,
  rowMillimetres: 30,
  seamMillimetres: 0,
  hasLip: false,
  isSeamBlack: false,
} as const;
/** What version 15 added to a weather plan. */
export const WEATHER_ADDED_IN_15 = { regions: [] } as const;
/** What version 16 added to a weather plan, and to its regions. */
export const WEATHER_ADDED_IN_16 = { seat: null } as const;
export const REGION_ADDED_IN_16 = { stencilId: null, turnDegrees: 0 } as const;
/** What version 16 added to what of a part is on the printer: pieces were printed one by one. */
export const PRINT_ADDED_IN_16 = { bedPieces: 1 } as const;

/** What version 17 added to a rung. */
export const RUNG_ADDED_IN_17 = { areaSquareCentimetres: null } as const;
/** What version 18 added to a shop beside its place, which was where it is sprayed by daylight only. */
export const SHOP_ADDED_IN_18 = { yardDay: null } as const;
/** What version 18 added to a reading. */
export const READING_ADDED_IN_18 = { place: 'shop' } as const;
/** What version 19 added to a shop: its airbrush went where its cans went. */
export const SHOP_ADDED_IN_19 = { airbrushesInside: false } as const;
/** What version 19 added to a rung: it was done on all pieces of its set. */
export const RUNG_ADDED_IN_19 = { pieces: null } as const;
/** What version 13 added to a log entry. */
export const ENTRY_ADDED_IN_13 = { tookMillilitres: null } as const;

/** All migrations, oldest first, numbered without gaps; each is tested with a fixture of its version. */
export const MIGRATIONS: readonly Migration[] = [
  {
    from: 1,
    to: 2,
    why: 'appointments, daylight, quiet hours and what a plan is made for came to the shop, a locked time and its side to the rung',
    migrate: (project) => ({
      ...project,
      shop: isRecord(project['shop']) ? { ...SHOP_ADDED_IN_2, ...project['shop'] } : project['shop'],
      rungs: withAdded(project['rungs'], RUNG_ADDED_IN_2),
    }),
  },
  {
    from: 2,
    to: 3,
    why: 'surface: passes, flaws and fits; shape, size and ridges of a part, unit and print direction of a mesh, the seam of a join',
    migrate: (project) => ({
      ...project,
      parts: withAdded(project['parts'], PART_ADDED_IN_3),
      meshes: withAdded(project['meshes'], MESH_ADDED_IN_3),
      pictures: withAdded(project['pictures'], PICTURE_ADDED_IN_3),
      joins: withAdded(project['joins'], JOIN_ADDED_IN_3),
      passes: [],
      flaws: [],
      fits: [],
      timers: [],
    }),
  },
  {
    from: 3,
    to: 4,
    why: 'colour: targets, mask plans and stencils; what a paint does in a mix and over a backing, readings of cards, neutral patches of pictures',
    migrate: (project) => ({
      ...project,
      shop: isRecord(project['shop']) ? { ...SHOP_ADDED_IN_4, ...project['shop'] } : project['shop'],
      products: withAdded(project['products'], PRODUCT_ADDED_IN_4),
      cans: withAdded(project['cans'], CAN_ADDED_IN_4),
      mixCards: withAdded(project['mixCards'], CARD_ADDED_IN_4),
      pictures: withAdded(project['pictures'], PICTURE_ADDED_IN_4),
      joins: Array.isArray(project['joins']) ? project['joins'].map(withReach) : project['joins'],
      targets: [],
      maskPlans: [],
      stencils: [],
    }),
  },
  {
    from: 4,
    to: 5,
    why: 'log entries are counted as they are written, so that the order of corrections is kept',
    migrate: (project) => ({ ...project, logEntries: withCounters(project['logEntries']) }),
  },
  {
    from: 5,
    to: 6,
    why: 'weather: plans of passes and technique cards; finish and age of a ladder are two choices',
    migrate: (project) => ({
      ...project,
      ladders: Array.isArray(project['ladders']) ? project['ladders'].map(withAge) : project['ladders'],
      weatherPlans: [],
      techniqueCards: [],
    }),
  },
  {
    from: 6,
    to: 7,
    why: 'ladders kept as routes of one’s own',
    migrate: (project) => ({ ...project, ownRoutes: [] }),
  },
  {
    from: 7,
    to: 8,
    why: 'a product has a kind of pigment, and no strength until one is known; regions of a mask plan are pointed at on a picture; a rung waits until another is hard',
    migrate: (project) => ({
      ...project,
      products: Array.isArray(project['products']) ? project['products'].map(withPigment) : project['products'],
      maskPlans: Array.isArray(project['maskPlans']) ? project['maskPlans'].map(withSpots) : project['maskPlans'],
      rungs: Array.isArray(project['rungs']) ? project['rungs'].map(withWait) : project['rungs'],
    }),
  },
  {
    from: 8,
    to: 9,
    why: 'planned minutes go by the finisher’s own pace; parts may still be on a printer',
    migrate: (project) => ({
      ...project,
      shop: isRecord(project['shop']) ? withPaceAndPrinters(project['shop']) : project['shop'],
      parts: Array.isArray(project['parts']) ? project['parts'].map(withPrint) : project['parts'],
    }),
  },
  {
    from: 9,
    to: 10,
    why: 'persons with hours of their own take the place of a count of hands; a rung may be asked of one, and the log says who did it',
    migrate: (project) => ({
      ...project,
      persons: personsFor(project['shop']),
      shop: withoutPairs(project['shop']),
      rungs: Array.isArray(project['rungs']) ? project['rungs'].map(withDoer) : project['rungs'],
      logEntries: Array.isArray(project['logEntries']) ? project['logEntries'].map(withPerson) : project['logEntries'],
    }),
  },
  {
    from: 10,
    to: 11,
    why: 'dimensions of props and what is marked on pictures to measure by came in',
    migrate: (project) => ({ ...project, dimensions: [], measurings: [] }),
  },
  {
    from: 11,
    to: 12,
    why: 'pictures held against each other; a picture says whether it shows one’s own work and what cannot be trusted in it; notes for next time; what films of a product showed',
    migrate: (project) => ({
      ...project,
      products: withAdded(project['products'], PRODUCT_ADDED_IN_12),
      logEntries: withAdded(project['logEntries'], ENTRY_ADDED_IN_12),
      measurings: withAdded(project['measurings'], MEASURING_ADDED_IN_12),
      pictures: Array.isArray(project['pictures']) ? project['pictures'].map(withOwn) : project['pictures'],
      matches: [],
    }),
  },
  {
    from: 12,
    to: 13,
    why: 'shelf: supplies beside products, suppliers, packs and what was ordered; where a can stands, how old it is and what was paid; what a rung took; plans of lights',
    migrate: (project) => ({
      ...project,
      shop: isRecord(project['shop']) ? { ...SHOP_ADDED_IN_13, ...project['shop'] } : project['shop'],
      products: withAdded(project['products'], PRODUCT_ADDED_IN_13),
      cans: withAdded(project['cans'], CAN_ADDED_IN_13),
      logEntries: withAdded(project['logEntries'], ENTRY_ADDED_IN_13),
      supplies: [],
      suppliers: [],
      packs: [],
      purchases: [],
      lightPlans: [],
    }),
  },
  {
    from: 13,
    to: 14,
    why: 'parts that are not printed: materials, finishes and methods that an older program does not know; lights in rows, and seams beside them',
    migrate: (project) => ({ ...project, lightPlans: withAdded(project['lightPlans'], LIGHTS_ADDED_IN_14) }),
  },
  {
    from: 14,
    to: 15,
    why: 'regions of another colour lie on the part that is weathered',
    migrate: (project) => ({ ...project, weatherPlans: withAdded(project['weatherPlans'], WEATHER_ADDED_IN_15) }),
  },
  {
    from: 15,
    to: 16,
    why: 'parts sit in their prop, a region may be sprayed through a stencil, and several pieces lie on one bed of a printer',
    migrate: (project) => ({
      ...project,
      parts: Array.isArray(project['parts']) ? project['parts'].map(withBed) : project['parts'],
      weatherPlans: Array.isArray(project['weatherPlans']) ? project['weatherPlans'].map(withSeat) : project['weatherPlans'],
    }),
  },
  {
    from: 16,
    to: 17,
    why: 'a rung may be done on a region of its part',
    migrate: (project) => ({ ...project, rungs: withAdded(project['rungs'], RUNG_ADDED_IN_17) }),
  },
  {
    from: 17,
    to: 18,
    why: 'it may be sprayed out of doors, in an air of its own; a place is known whether or not its daylight is kept to',
    migrate: (project) => ({
      ...project,
      shop: withPlace(project['shop']),
      climateReadings: withAdded(project['climateReadings'], READING_ADDED_IN_18),
    }),
  },
  {
    from: 18,
    to: 19,
    why: 'the airbrush may stay in the shop while cans are sprayed out of doors; a rung may be done on some pieces of its set',
    migrate: (project) => ({
      ...project,
      shop: isRecord(project['shop']) ? { ...SHOP_ADDED_IN_19, ...project['shop'] } : project['shop'],
      rungs: withAdded(project['rungs'], RUNG_ADDED_IN_19),
    }),
  },
];

/**
 * Log entries with a counter each: those that correct nothing first, then what corrects them, and so on; among these by time, then as they came.
 * What is no list of records is left for the checks after.
 */
export function withCounters(list: unknown): unknown {
  if (!Array.isArray(list)) return list;
  const corrects = new Map<unknown, unknown>(list.filter(isRecord).map((entry) => [entry['id'], entry['correctsId']]));
  const depthOf = (entry: RawProject): number => {
    let depth = 0;
    for (let id = entry['correctsId']; id !== null && corrects.has(id) && depth < corrects.size; id = corrects.get(id)) depth += 1;
    return depth;
  };
  const written = list
    .filter(isRecord)
    .map((entry, at) => ({ entry, at, depth: depthOf(entry), atMs: Number(entry['atMs']) || 0 }))
    .sort((a, b) => a.depth - b.depth || a.atMs - b.atMs || a.at - b.at);
  const counters = new Map(written.map(({ entry }, counter) => [entry, counter]));
  return list.map((entry: unknown) => (isRecord(entry) ? { ...entry, counter: counters.get(entry) } : entry));
}

/** A ladder whose route says how old the part looks: aged metal is worn metal, and a texture that was kept was washed and dry-brushed. */
export function withAge(ladder: unknown): unknown {
  if (!isRecord(ladder) || !isRecord(ladder['route'])) return ladder;
  const { finish } = ladder['route'];
  const isAged = finish === 'agedMetal';
  const age = isAged || finish === 'textureKept' ? 'worn' : 'new';
  return { ...ladder, route: { age, ...ladder['route'], ...(isAged ? { finish: 'metal' } : {}) } };
}

/** A product with a kind of pigment. A strength of 1 was what every product began with: it says that nothing is known. */
export function withPigment(product: unknown): unknown {
  return isRecord(product) ? { pigmentId: null, ...product, ...(product['strength'] === 1 ? { strength: null } : {}) } : product;
}

/** A shop planned at the finisher's own pace, with one printer. */
export function withPaceAndPrinters(shop: unknown): unknown {
  return isRecord(shop) ? { goesByOwnPace: true, printers: 1, ...shop } : shop;
}

/** A part that is here, off the printer. */
export function withPrint(part: unknown): unknown {
  return isRecord(part) ? { print: null, ...part } : part;
}

/** A person for each pair of hands of a shop that counted them; none where there was one. All keep the shop's hours and do everything. */
export function personsFor(shop: unknown): RawProject[] {
  const pairs = isRecord(shop) ? Number(shop['handsPairs']) : 1;
  if (!(pairs > 1)) return [];
  return Array.from({ length: Math.min(10, Math.floor(pairs)) }, (_, nth) => ({
    id: `pair-${nth + 1}`,
    revision: 0,
    name: nth === 0 ? 'Me' : `Helper ${nth}`,
    position: nth,
    hours: null,
    exceptions: [],
    busy: [],
    refuses: [],
  }));
}

/** A shop that does not count hands. */
export function withoutPairs(shop: unknown): unknown {
  if (!isRecord(shop)) return shop;
  return Object.fromEntries(Object.entries(shop).filter(([name]) => name !== 'handsPairs'));
}

/** A rung that is asked of nobody, in nobody's hands. */
export function withDoer(rung: unknown): unknown {
  return isRecord(rung) ? { personId: null, doerId: null, ...rung } : rung;
}

/** A picture that says whether it shows one's own work: those of a part did. Nothing is known of its lens. */
export function withOwn(picture: unknown): unknown {
  return isRecord(picture) ? { isOwn: picture['partId'] !== null, focalShare: null, ...picture } : picture;
}

/** A log entry that does not say who did it. */
export function withPerson(entry: unknown): unknown {
  return isRecord(entry) ? { personId: null, ...entry } : entry;
}

/** A part whose pieces are printed one by one, if any are. */
export function withBed(part: unknown): unknown {
  return isRecord(part) && isRecord(part['print']) ? { ...part, print: { ...PRINT_ADDED_IN_16, ...part['print'] } } : part;
}

/** A weather plan that does not say where its part sits, its regions sprayed through no stencil. */
export function withSeat(plan: unknown): unknown {
  return isRecord(plan) ? { ...WEATHER_ADDED_IN_16, ...plan, regions: withAdded(plan['regions'], REGION_ADDED_IN_16) } : plan;
}

/** A shop that knows its place apart from whether spraying keeps to the daylight there. */
export function withPlace(shop: unknown): unknown {
  if (!isRecord(shop) || !('daylightAt' in shop)) return shop;
  const { daylightAt, ...kept } = shop;
  return { place: daylightAt, spraysByDaylight: daylightAt !== null, ...SHOP_ADDED_IN_18, ...kept };
}

/** A rung that waits for no other to be hard. */
export function withWait(rung: unknown): unknown {
  return isRecord(rung) ? { hardRungId: null, ...rung } : rung;
}

/** A mask plan without a picture, its regions not pointed at. */
export function withSpots(plan: unknown): unknown {
  return isRecord(plan) ? { pictureId: null, ...plan, regions: withAdded(plan['regions'], { spot: null }) } : plan;
}

/** A join whose seam says whether all is within reach. */
function withReach(join: unknown): unknown {
  return isRecord(join) && isRecord(join['seam']) ? { ...join, seam: { ...SEAM_ADDED_IN_4, ...join['seam'] } } : join;
}

/** Records with fields they lack; what is no list of records is left for the checks after. */
function withAdded(list: unknown, added: object): unknown {
  return Array.isArray(list) ? list.map((record: unknown) => (isRecord(record) ? { ...added, ...record } : record)) : list;
}

/** Nothing is known of the file yet: what is no record is left for the checks after. */
function isRecord(value: unknown): value is RawProject {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/**
 * Lifts a project to the wanted version step by step.
 *
 * @throws RangeError when a step is missing
 */
export function migrateProject(project: RawProject, from: number, to: number, migrations: readonly Migration[] = MIGRATIONS): RawProject {
  let current = project;
  for (let version = from; version < to; version += 1) {
    const step = migrations.find((migration) => migration.from === version && migration.to === version + 1);
    if (!step) throw new RangeError(`no migration from version ${version} to ${version + 1}`);
    current = { ...step.migrate(current), version: version + 1 };
  }
  return current;
}
