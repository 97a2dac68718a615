import { FLAW_KINDS } from '@zinc-ladder/core/inspection/flawKinds';
import { flawedCoat } from '@zinc-ladder/model/gather/grow/mendingRungs';
import { mendCoat } from '../data/changes/ladder/mendChanges';
import { AGES } from '@zinc-ladder/core/ladder/ages';
import { growLadder } from '@zinc-ladder/core/ladder/growLadder';
import { SMOOTHING_SCHOOLS } from '@zinc-ladder/core/ladder/schools';
import { WORK_KINDS } from '@zinc-ladder/core/ladder/workKinds';
import { MOST_COLOUR_REGIONS } from '@zinc-ladder/core/weather/region/colourRegions';
import { SHOWN_MATERIALS } from '@zinc-ladder/core/weather/story/shownMaterials';
import { TECHNIQUES } from '@zinc-ladder/core/weather/technique/techniques';
import { TABLE_NAMES } from '@zinc-ladder/model/file/tableNames';
import { NEW_RUNG, routeChoiceOf } from '@zinc-ladder/model/gather/grow/growRungs';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import {
  correctEntry,
  correctTimer,
  finishRung,
  layToRest,
  noteOnPart,
  noteOnRung,
  reopenRung,
  setDown,
  takeInHand,
  tryFilm,
} from '../data/changes/ladder/benchChanges';
import { beginMatch, changeMatch } from '../data/changes/prop/matchChanges';
import { growByRecord } from '../data/changes/ladder/recordChanges';
import { tellDone } from '../data/changes/ladder/toldChanges';
import { openBefore } from '@zinc-ladder/model/gather/plan/toldEnds';
import { takeTimeSheet } from '../data/changes/ladder/timeSheetChanges';
import { growAgain } from '@zinc-ladder/model/gather/twins/growAgain';
import type { ActMoment, ShopAct } from './shopAct';
import { chosen, on } from './shopAct';
import { SHELF_ACTS } from './shelfActs';
import { PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';
import { changeProduct } from '../data/changes/shelf/productChanges';
import { addPerson } from '../data/changes/shop/personChanges';
import { withSamples } from '../data/changes/look/colourChanges';
import { doDoubledOnce } from '../data/changes/ladder/joinChanges';
import { growOnto, growSchool } from '../data/changes/ladder/growChanges';
import { putMaskRungs } from '../data/changes/ladder/maskChanges';
import { growByOwnRoute, keepAsRoute } from '../data/changes/ladder/ownRouteChanges';
import { addPart, changeMeasures, NEW_PART } from '../data/changes/prop/partChanges';
import { addDimension, changeMeasuring, setDistrust, withLeftOut, withReading } from '../data/changes/prop/measuringChanges';
import { keepPicture, madeAfter, ownWork } from '../data/changes/prop/pictureChanges';
import { applyToShop, takeTime } from '../data/changes/shop/planChanges';
import { takePiecesOut } from '../data/changes/prop/setChanges';
import { beginBed, changeCount, putOnPrinter, takeOffBed, takeOffPrinter } from '../data/changes/prop/printChanges';
import { addProp, letGo, NEW_PROP } from '../data/changes/prop/propChanges';
import { addRung, coatInTwoTurns, duplicateRung, moveRung, removeRung, splitRung } from '../data/changes/ladder/rungChanges';
import { setProduct } from '../data/changes/ladder/rungProduct';
import { leaveOut } from '../data/changes/ladder/rungStateChanges';
import { addPass, fitLoops, putOwnCase, removeInspectionPicture, removeReferencePicture } from '../data/changes/look/surfaceChanges';
import {
  addWeatherPass,
  addWeatherRegion,
  changePass,
  changeWeatherRegion,
  keepReading,
  layOutStory,
  moveWeatherPass,
  newPass,
  newWeatherPlan,
  putPassesOnLadder,
  removeWeatherPass,
  removeWeatherRegion,
  seatWholeProp,
  turnWholeProp,
} from '../data/changes/look/weatherChanges';
import type { Store } from '../data/edits/store';

const bench = ({ nowMs, makeId, records, choice }: ActMoment) => ({
  nowMs,
  makeId,
  air: null,
  personId: chosen(records.persons, choice(3))?.id ?? null,
});
const ROUTE: LadderRoute = { finish: 'gloss', age: 'new', smoothing: 'primerOnly', joining: 'none', sealing: 'clearLast' };
const PIXELS = new Uint8Array([0xff, 0xd8, 0xff, 1, 2, 3]);
/** Tables whose records a finisher takes away by themselves. */
const REMOVED = [
  'props',
  'parts',
  'joins',
  'rungs',
  'products',
  'cans',
  'supplies',
  'suppliers',
  'packs',
  'purchases',
  'mixCards',
  'meshes',
  'passes',
  'flaws',
  'fits',
  'timers',
  'targets',
  'maskPlans',
  'stencils',
  'weatherPlans',
  'techniqueCards',
  'ownRoutes',
  'persons',
  'matches',
  'lightPlans',
] as const;

/** Every change there is, as an act. */
export const SHOP_ACTS: readonly ShopAct[] = [
  // Three among the many, so that shops are not empty before anything happens in them.
  ...[1, 2, 3].map((turn): ShopAct => ({
    name: 'take away',
    plan: ({ records, choice }) => {
      const table = chosen(REMOVED, choice(1) * turn) ?? 'rungs';
      const record = chosen<{ readonly id: string }>(records[table], choice(0));
      return record && ((edit) => edit.remove(table, record.id));
    },
  })),
  on('tell as done earlier', 'rungs', (edit, rung, { nowMs, makeId, records, choice }) => {
    const part = records.parts.find(({ id }) => records.ladders.some((ladder) => ladder.id === rung.ladderId && ladder.partId === id));
    const shop = {
      parts: new Map(records.parts.map((one) => [one.id, one])),
      rungsOf: (partId: string) =>
        (records.ladders.find((ladder) => ladder.partId === partId)?.rungIds ?? []).flatMap(
          (id) => records.rungs.find((other) => other.id === id) ?? [],
        ),
      joins: records.joins,
    };
    const told = [...(part ? openBefore(rung.id, part, shop) : []).slice(choice(1) % 3), rung];
    const minutes = choice(2) % 2 === 0 ? null : choice(2) % 90;
    return tellDone(
      edit,
      told.map((one, at) => ({ rung: one, endMs: nowMs - (told.length - at) * 3_600_000 })),
      minutes,
      chosen(records.persons, choice(3))?.id ?? null,
      () => null,
      makeId,
    );
  }),
  on('take in hand', 'rungs', (edit, rung, moment) => takeInHand(edit, rung.id, bench(moment), rung.state)),
  on('take in hand all the same', 'rungs', (edit, rung, moment) =>
    takeInHand(edit, rung.id, bench(moment), rung.state, ['Grey primer is wet until 23:46.']),
  ),
  {
    name: 'somebody comes to work',
    plan:
      ({ choice, makeId }) =>
      (edit) =>
        addPerson(edit, `Helper ${choice(0) % 9}`, makeId),
  },
  on('who does what', 'persons', (edit, person, { choice }) =>
    edit.patch('persons', person.id, {
      refuses: WORK_KINDS.filter((_, at) => ((choice(1) >> at) & 1) === 1).map(({ id }) => id),
      hours: choice(2) % 2 === 0 ? null : [{ weekday: 1 + (choice(2) % 7), startMinute: 540, endMinute: 1020 }],
    }),
  ),
  on('ask somebody', 'rungs', (edit, rung, { records, choice }) =>
    edit.patch('rungs', rung.id, { personId: chosen(records.persons, choice(1))?.id ?? null }),
  ),
  on('put on the printer', 'parts', (edit, part) => putOnPrinter(edit, part)),
  on('begin a piece', 'parts', (edit, part, { nowMs }) => beginBed(edit, part, nowMs)),
  on('take a piece off the printer', 'parts', (edit, part) => takeOffBed(edit, part)),
  on('take all off the printer', 'parts', (edit, part) => takeOffPrinter(edit, part)),
  on('change the count', 'parts', (edit, part, { choice }) => changeCount(edit, part, 1 + (choice(1) % 6))),
  on('take pieces out of a set', 'parts', (edit, part, { choice, makeId }) => takePiecesOut(edit, part.id, 1 + (choice(1) % 3), makeId)),
  on('change the surface', 'parts', (edit, part, { choice }) =>
    changeMeasures(edit, part, { areaSquareCentimetres: 10 * (choice(1) % 30) }),
  ),
  on('class a product otherwise', 'products', (edit, product, { choice }) =>
    changeProduct(edit, product, {
      classId: chosen(PRODUCT_CLASSES, choice(1))?.id ?? product.classId,
      values: choice(2) % 2 === 0 ? [] : [{ field: 'coatMicrometres', value: 1 + (choice(2) % 40), origin: 'label', note: '' }],
    }),
  ),
  on('set down', 'rungs', (edit, rung, moment) => setDown(edit, rung.id, bench(moment))),
  on('log as done', 'rungs', (edit, rung, moment) => finishRung(edit, rung.id, moment.choice(1) % 90, '', bench(moment), rung.state)),
  on('log as done, then leave out before the redraw', 'rungs', async (edit, rung, moment) => {
    await finishRung(edit, rung.id, 5, '', bench(moment), rung.state);
    await leaveOut(edit, rung.id, moment.nowMs);
  }),
  on('leave out', 'rungs', (edit, rung, { nowMs }) => leaveOut(edit, rung.id, nowMs, rung.state)),
  on('open again', 'rungs', (edit, rung, moment) => reopenRung(edit, rung.id, bench(moment), rung.state)),
  on('note', 'rungs', (edit, rung, moment) =>
    noteOnRung(edit, rung.id, 'mistake', { text: 'a run', isForNextTime: moment.choice(1) % 2 === 0 }, bench(moment)),
  ),
  on('note of a part', 'parts', (edit, part, moment) => noteOnPart(edit, part.id, 'opening 90 × 35 mm', bench(moment))),
  on('try a film', 'rungs', async (edit, rung, moment) => {
    if (rung.productId !== null)
      await tryFilm(
        edit,
        rung.id,
        { stage: 'tape', isReached: moment.choice(1) % 2 === 0, elapsedMinutes: 90, expectedMinutes: 60 + (moment.choice(2) % 90) },
        'tried',
        bench(moment),
      );
  }),
  {
    name: 'take in a time sheet',
    plan: ({ records, choice, nowMs, makeId }) => {
      const rung = chosen(records.rungs, choice(0));
      const ladder = records.ladders.find(({ id }) => id === rung?.ladderId);
      const part = records.parts.find(({ id }) => id === ladder?.partId);
      const isKnown = rung?.state !== 'done' || records.logEntries.some((entry) => entry.rungId === rung.id && entry.kind === 'done');
      if (!rung || !part || rung.state === 'leftOut' || !isKnown) return null;
      const row = { line: 2, atMs: nowMs, minutes: choice(1) % 90, prop: '', part: part.name, rung: rung.name, words: '' };
      return (edit) =>
        takeTimeSheet(edit, [{ kind: rung.state === 'done' ? 'correct' : 'done', row, rung, part }], null, () => null, makeId);
    },
  },
  on('make a second', 'ladders', async (edit, ladder, { records, choice, makeId }) => {
    const part = chosen(records.parts, choice(1));
    const [shop] = records.shop;
    if (!part || !shop) return;
    const { parts, ladders, rungs, products, logEntries } = records;
    const again = growAgain(
      { shop, parts: [...parts], ladders: [...ladders], rungs: [...rungs], products: [...products], logEntries: [...logEntries] },
      part,
      120,
    );
    if (again.length > 0) await growByRecord(edit, ladder.id, null, again.map((done) => ({ done })), makeId); // prettier-ignore
  }),
  on('photograph what is in hand', 'rungs', async (edit, rung, moment) => {
    const id = moment.makeId();
    const ladder = moment.records.ladders.find((one) => one.id === rung.ladderId);
    await keepPicture(edit, id, new Blob([PIXELS]), 'now', ownWork(null, ladder?.partId ?? null, moment.nowMs));
    await noteOnRung(edit, rung.id, 'note', { text: '', pictureIds: [id] }, bench(moment));
  }),
  on('lay a note to rest', 'logEntries', (edit, entry, { makeId }) => layToRest(edit, entry.id, makeId)),
  on('hold a photograph against a picture', 'pictures', async (edit, own, { makeId, records, choice, nowMs }) => {
    const reference = chosen(records.pictures, choice(1));
    const prop = chosen(records.props, choice(2));
    if (reference && prop)
      await beginMatch(
        edit,
        makeId(),
        { propId: prop.id, referenceId: reference.id, ownId: own.id },
        nowMs,
        chosen(records.matches, choice(3)),
      );
  }),
  on('mark a match', 'matches', (edit, match, { records, choice }) =>
    changeMatch(edit, match.id, (kept) => ({
      ...kept,
      spots: [...kept.spots.slice(-20), { reference: { x: 0.1, y: 0.2 }, own: { x: 0.3, y: 0.4 } }],
      regions: [
        ...kept.regions.slice(-20),
        {
          name: 'band',
          area: { x: 0.1, y: 0.1, width: 0.2, height: 0.2 },
          partId: chosen(records.parts, choice(1))?.id ?? null,
          mixCardId: chosen(records.mixCards, choice(2))?.id ?? null,
        },
      ],
    })),
  ),
  on('trust a picture or not', 'pictures', (edit, picture, { choice }) =>
    setDistrust(edit, picture.id, choice(1) % 2 === 0 ? 'light' : 'scale', choice(2) % 2 === 0),
  ),
  on('correct the timer', 'rungs', (edit, rung, moment) => correctTimer(edit, rung.id, moment.choice(1) % 100, bench(moment))),
  on('another product', 'rungs', (edit, rung, { records, choice, makeId }) =>
    setProduct(edit, rung, chosen(records.products, choice(1))?.id ?? null, makeId),
  ),
  on('correct what it was done with', 'logEntries', (edit, entry, { records, choice, makeId }) => {
    const { atMs, actualMinutes, text } = entry;
    const productId = chosen(records.products, choice(1))?.id ?? null;
    const personId = chosen(records.persons, choice(2))?.id ?? null;
    return correctEntry(edit, entry.id, { atMs, actualMinutes, text, productId, personId }, makeId);
  }),
  on('correct an entry', 'logEntries', (edit, entry, { nowMs, choice, makeId }) =>
    correctEntry(edit, entry.id, { atMs: nowMs - (choice(1) % 9) * 60_000, actualMinutes: choice(2) % 50, text: 'put right' }, makeId),
  ),
  on('add a rung', 'ladders', (edit, ladder, { choice, makeId }) =>
    addRung(edit, ladder.id, { ...NEW_RUNG, id: makeId(), ladderId: ladder.id }, choice(1) % (ladder.rungIds.length + 1)),
  ),
  on('move a rung', 'rungs', (edit, rung, { choice }) => moveRung(edit, rung.ladderId, rung.id, choice(1) % 5)),
  on('remove a rung', 'rungs', (edit, rung) => removeRung(edit, rung.id)),
  on('duplicate', 'rungs', (edit, rung, { makeId }) => duplicateRung(edit, rung.id, makeId())),
  on('split', 'rungs', (edit, rung, { makeId }) => (rung.minutes < 2 ? Promise.resolve() : splitRung(edit, rung.id, makeId(), 3))),
  on('coat in two turns', 'rungs', (edit, rung, { makeId }) => coatInTwoTurns(edit, rung.id, makeId())),
  on('grow anew', 'ladders', async (edit, ladder, { choice, makeId, records }) => {
    const part = records.parts.find((entry) => entry.id === ladder.partId);
    const smoothing = chosen(SMOOTHING_SCHOOLS, choice(1))?.id ?? 'primerOnly';
    const grown = part && growLadder(routeChoiceOf(part, { ...ROUTE, smoothing }));
    if (grown?.kind === 'grown') await growOnto(edit, ladder.id, { ...ROUTE, smoothing }, grown.rungs, records.products, {}, makeId);
  }),
  on('grow by another school', 'ladders', (edit, ladder, { choice, makeId, records }) =>
    growSchool(edit, ladder.id, chosen(SMOOTHING_SCHOOLS, choice(1))?.id ?? 'primerOnly', records.products, makeId),
  ),
  on('keep as a route', 'ladders', async (edit, ladder, { choice, makeId, records }) => {
    if (ladder.rungIds.length === 0) return;
    await keepAsRoute(edit, ladder.id, chosen(records.ownRoutes, choice(1))?.id ?? makeId(), 'Kept');
  }),
  on('grow by an own route', 'ladders', async (edit, ladder, { choice, makeId, records }) => {
    const own = chosen(records.ownRoutes, choice(1));
    if (own) await growByOwnRoute(edit, ladder.id, own.id, makeId);
  }),
  on('put a rough zone on', 'ladders', (edit, ladder, { makeId, records }) =>
    putOwnCase(edit, ladder.id, { areaSquareCentimetres: 8, fillerClassId: 'putty' }, 'undersides', records.products, makeId),
  ),
  on('put masks on', 'maskPlans', async (edit, plan, { makeId, records }) => {
    const ladder = records.ladders.find((entry) => entry.partId === plan.partId);
    const region = plan.regions[0];
    if (!ladder || !region) return;
    const made = ['mask', 'maskedCoat', 'unmask'].map((methodId) => ({
      methodId,
      name: methodId,
      productOfRegionId: region.id,
      areaSquareCentimetres: 10,
      minutes: 4,
      note: '',
    }));
    await putMaskRungs(edit, ladder.id, made as never, plan, new Map(records.products.map((product) => [product.id, product])), makeId);
  }),
  on('begin weathering', 'parts', async (edit, part, { choice, makeId, records }) => {
    const plan = records.weatherPlans.find((entry) => entry.partId === part.id) ?? newWeatherPlan(makeId(), part, 'metal');
    await edit.put('weatherPlans', plan);
    const material = chosen(SHOWN_MATERIALS, choice(1))?.id ?? 'metal';
    await layOutStory(edit, plan, material, chosen(AGES, choice(2))?.id ?? 'worn', records.products, makeId);
  }),
  on('add a weathering pass', 'weatherPlans', (edit, plan, { choice, makeId, records }) => {
    const technique = chosen(TECHNIQUES, choice(1));
    return technique && plan.passes.length < 20
      ? addWeatherPass(edit, plan.id, newPass(makeId(), technique, [50, 0, 0], records.products, choice(2) % 99))
      : Promise.resolve();
  }),
  on('put passes on the ladder', 'weatherPlans', async (edit, plan, { makeId, records }) => {
    const ladder = records.ladders.find((entry) => entry.partId === plan.partId);
    const part = records.parts.find((entry) => entry.id === plan.partId);
    if (ladder && part)
      await putPassesOnLadder(edit, plan.id, part, ladder.id, new Map(records.products.map((product) => [product.id, product])), makeId);
  }),
  on('change a weathering pass', 'weatherPlans', async (edit, plan, { choice }) => {
    const pass = chosen(plan.passes, choice(1));
    if (pass) await changePass(edit, plan.id, pass.id, { amount: (choice(2) % 101) / 100, seed: choice(2) % 999 });
  }),
  on('measure a weathering pass', 'weatherPlans', async (edit, plan, { choice, makeId, nowMs, records }) => {
    const pass = chosen(plan.passes, choice(1));
    const picture = chosen(records.pictures, choice(2));
    if (pass && plan.readings.length < 40)
      await keepReading(edit, plan.id, {
        id: makeId(),
        passId: pass.id,
        amount: 0.2,
        coverage: choice(2) % 3 === 0 ? null : 0.2,
        half: 0.05,
        most: null,
        how: 'eye',
        pictureId: picture?.id ?? null,
        atMs: nowMs,
      });
  }),
  on('point at a region', 'weatherPlans', (edit, plan, { choice, makeId, records }) =>
    plan.regions.length < MOST_COLOUR_REGIONS
      ? addWeatherRegion(edit, plan.id, {
          id: makeId(),
          productId: chosen(records.products, choice(1))?.id ?? null,
          lab: [50, 0, 0],
          place: [choice(2) % 40, 2, 3],
          edgeDegrees: 25,
          reachMillimetres: choice(3) % 2 === 0 ? null : 12,
          stencilId: chosen(records.stencils, choice(4))?.id ?? null,
          turnDegrees: (choice(5) % 721) - 360,
        })
      : Promise.resolve(),
  ),
  on('change or take away a region', 'weatherPlans', async (edit, plan, { choice }) => {
    const region = chosen(plan.regions, choice(1));
    if (!region) return;
    if (choice(2) % 2 === 0) await changeWeatherRegion(edit, plan.id, region.id, { edgeDegrees: 5 + (choice(3) % 170) });
    else await removeWeatherRegion(edit, plan.id, region.id);
  }),
  on('move or take away a weathering pass', 'weatherPlans', async (edit, plan, { choice }) => {
    const pass = chosen(plan.passes, choice(1));
    if (pass) await (choice(2) % 2 === 0 ? moveWeatherPass(edit, plan.id, pass.id, 1) : removeWeatherPass(edit, plan.id, pass.id));
  }),
  on('turn a whole prop', 'props', (edit, prop, { choice, makeId }) =>
    choice(2) % 2 === 0 ? seatWholeProp(edit, prop.id, makeId) : turnWholeProp(edit, prop.id, [0, 0, choice(1) % 2 === 0 ? 1 : -1], makeId),
  ),
  on('fit loops', 'ladders', (edit, ladder, { nowMs, choice, makeId }) => fitLoops(edit, ladder.id, choice(1) % 4, nowMs, makeId)),
  on('join', 'rungs', async (edit, rung, { choice, makeId, records }) => {
    const host = records.ladders.find((ladder) => ladder.id === rung.ladderId)?.partId;
    const guest = chosen(
      records.parts.filter((part) => part.id !== host),
      choice(1),
    );
    const guestRungs = records.ladders.find((ladder) => ladder.partId === guest?.id)?.rungIds ?? [];
    if (!host || !guest) return;
    const guestRungId = chosen([null, ...guestRungs], choice(2));
    await edit.put('joins', {
      id: makeId(),
      revision: 0,
      hostPartId: host,
      hostRungId: rung.id,
      guestPartId: guest.id,
      guestRungId,
      note: '',
      seam: null,
    });
  }),
  on('add a part', 'props', (edit, prop, { makeId, records }) =>
    addPart(edit, makeId(), prop.id, { ...NEW_PART, name: 'New' }, records.parts),
  ),
  {
    name: 'add a prop',
    plan:
      ({ makeId, records }) =>
      (edit) =>
        addProp(edit, makeId(), { ...NEW_PROP, name: 'New' }, records.props),
  },
  on('let a prop go', 'props', (edit, prop) => letGo(edit, [prop.id])),
  on('keep an inspection picture', 'parts', async (edit, part, { nowMs, makeId }) => {
    const id = makeId();
    await keepPicture(edit, id, new Blob([PIXELS]), 'look', ownWork(null, part.id, nowMs));
    await edit.put('flaws', {
      id: makeId(),
      revision: 0,
      partId: part.id,
      kind: 'pinhole',
      sizeMillimetres: 1,
      foundPassId: null,
      fixedPassId: null,
      pin: { pictureId: id, meshId: null, place: [0.5, 0.5] },
      note: String(nowMs),
    });
  }),
  on('keep a reference picture', 'props', (edit, prop, { makeId }) =>
    keepPicture(edit, makeId(), new Blob([PIXELS]), 'hall', madeAfter(prop.id)),
  ),
  on('show a picture on a card', 'pictures', async (edit, picture, { choice, records }) => {
    const card = chosen(records.mixCards, choice(1));
    if (card) await edit.patch('mixCards', card.id, { pictureId: picture.id }, card);
  }),
  on('take an inspection picture away', 'pictures', (edit, picture) => removeInspectionPicture(edit, picture.id)),
  on('take a reference picture away', 'pictures', (edit, picture) => removeReferencePicture(edit, picture.id)),
  on('sample for a target', 'targets', async (edit, target, { choice, makeId, records }) => {
    const picture = chosen(records.pictures, choice(1));
    const area = { x: 0.1, y: 0.1, width: 0.1, height: 0.1 };
    const sample = {
      id: makeId(),
      pictureId: picture?.id ?? null,
      area: picture ? area : null,
      lab: [40, 1, 2],
      doubts: [],
      isLeftOut: false,
    };
    await edit.put('targets', withSamples(target, [...target.samples.slice(-30), sample]), target);
  }),
  on('log a pass', 'parts', (edit, part, { nowMs, makeId, records }) =>
    addPass(
      edit,
      {
        id: makeId(),
        revision: 0,
        partId: part.id,
        atMs: nowMs,
        minutes: 20,
        plannedMinutes: null,
        zone: null,
        valleyMicrometres: 40,
        isGuideCoat: false,
        note: '',
      },
      records.flaws.filter((flaw) => flaw.partId === part.id).map((flaw) => flaw.id),
    ),
  ),
  on('leave out by what helps', 'rungs', async (edit, rung, { nowMs, makeId, records }) => {
    const [shop] = records.shop;
    if (shop) await applyToShop(edit, { ...records, shop }, { kind: 'leaveOut', rungId: rung.id }, nowMs, makeId);
  }),
  on('a dryer by what helps', 'rungs', async (edit, rung, { nowMs, makeId, records }) => {
    const [shop] = records.shop;
    if (shop) await applyToShop(edit, { ...records, shop }, { kind: 'dryer', rungIds: [rung.id], minutes: 5 }, nowMs, makeId);
  }),
  on('another school by what helps', 'parts', async (edit, part, { nowMs, choice, makeId, records }) => {
    const [shop] = records.shop;
    const smoothing = chosen(SMOOTHING_SCHOOLS, choice(1))?.id ?? 'primerOnly';
    if (shop) await applyToShop(edit, { ...records, shop }, { kind: 'school', partId: part.id, smoothing, rungs: [] }, nowMs, makeId);
  }),
  on('do once what a join does twice', 'joins', (edit, join, { nowMs, makeId }) => doDoubledOnce(edit, join.id, nowMs, makeId)),
  on('join elsewhere', 'joins', (edit, join, { records, choice }) =>
    edit.patch('joins', join.id, { guestRungId: chosen(records.rungs, choice(1))?.id ?? null }, join),
  ),
  on('wait until it is hard', 'rungs', (edit, rung, { records, choice }) =>
    edit.patch(
      'rungs',
      rung.id,
      {
        hardRungId: chosen(records.rungs, choice(1))?.id ?? null,
        areaSquareCentimetres: choice(2) / 2 || null,
        pieces: choice(3) % 4 || null,
      },
      rung,
    ),
  ),
  on('take time', 'shop', (edit, shop, { nowMs, records, choice }) =>
    takeTime(edit, shop, chosen(records.persons, choice(1)), nowMs, nowMs + 3_600_000, 'away'),
  ),
  on('spray out of doors, or inside again', 'shop', (edit, shop, { choice }) =>
    edit.patch('shop', shop.id, {
      yardDay: choice(1) % 2 === 0 ? shop.typicalDay : null,
      airbrushesInside: choice(3) % 2 === 0,
      spraysByDaylight: choice(2) % 2 === 0,
      place: choice(3) % 2 === 0 ? { latitude: 55.7, longitude: 12.6 } : null,
    }),
  ),
  on('type the air out there', 'shop', (edit, _, { nowMs, choice }) =>
    edit.put('climateReadings', {
      id: `y-${choice(1)}`,
      revision: 0,
      atMs: nowMs + choice(1),
      temperatureCelsius: 8,
      relativeHumidityPercent: 80,
      windMetresPerSecond: null,
      kind: 'forecast',
      place: 'yard',
      source: 'typed',
    }),
  ),
  on('mend a coat', 'ladders', async (edit, ladder, { records, choice, makeId }) => {
    const rungs = ladder.rungIds.flatMap((id) => records.rungs.find((rung) => rung.id === id) ?? []);
    const coat = flawedCoat(rungs);
    const kind = chosen(
      FLAW_KINDS.filter(({ mending }) => mending !== null),
      choice(1),
    );
    if (coat && kind) await mendCoat(edit, coat.id, kind.id, ladder.rungIds, makeId);
  }),
  on('name a rung', 'rungs', (edit, rung, { choice }) => edit.patch('rungs', rung.id, { name: `n${choice(1)}` }, rung)),
  on('paint a rung with', 'rungs', async (edit, rung, { choice, records }) =>
    edit.patch(
      'rungs',
      rung.id,
      { productId: chosen(records.products, choice(1))?.id ?? null, mixCardId: chosen(records.mixCards, choice(2))?.id ?? null },
      rung,
    ),
  ),
  on('a dimension of a prop', 'props', (edit, prop, { makeId, choice }) => addDimension(edit, makeId(), prop.id, `length ${choice(1)}`)),
  on('no dimension', 'dimensions', (edit, dimension) => edit.remove('dimensions', dimension.id)),
  on('a known length on a picture', 'pictures', (edit, picture, { choice }) =>
    changeMeasuring(edit, picture.id, (measuring) => ({
      ...measuring,
      knowns: [
        ...measuring.knowns,
        { a: { x: 0, y: 0.5 }, b: { x: 1, y: 0.5 }, millimetres: choice(1) + 1, sdMillimetres: 0, name: 'rule' },
      ].slice(-20),
    })),
  ),
  on('read a dimension', 'pictures', async (edit, picture, { records, choice }) => {
    const dimension = chosen(records.dimensions, choice(1));
    if (!dimension) return;
    const reading = { dimensionId: dimension.id, a: { x: 0.1, y: 0.1 }, b: { x: 0.9, y: 0.2 }, isLeftOut: false };
    await changeMeasuring(edit, picture.id, (measuring) => withReading(measuring, reading));
  }),
  on('leave a reading out', 'measurings', async (edit, measuring, { choice }) => {
    const reading = chosen(measuring.readings, choice(1));
    if (reading) await changeMeasuring(edit, measuring.id, (kept) => withLeftOut(kept, reading.dimensionId, !reading.isLeftOut));
  }),
  ...SHELF_ACTS,
];

/** The records of the shop, read from the database. */
export async function readRecords(store: Store): Promise<ActMoment['records']> {
  const tables = await Promise.all(TABLE_NAMES.map(async (table) => [table, await store.db.stored(table).toArray()] as const));
  return Object.fromEntries(tables) as unknown as ActMoment['records'];
}
