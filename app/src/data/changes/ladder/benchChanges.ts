import type { WorkPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import { holderOf } from '@zinc-ladder/model/gather/plan/personsInOrder';
import type { LogEntry, LoggedAir } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Rung, RungState } from '@zinc-ladder/model/records/ladder/rung';
import type { DryingSighting } from '@zinc-ladder/model/records/shop/product';
import { rungPlace } from '@zinc-ladder/model/rungs/rungPlace';
import { ShopError } from '../../edits/shopError';
import type { Edit } from '../../edits/edit';
import { bringTo } from './rungStateChanges';
import { replaceEntry } from './correctedEntry';
import { takenBy, withProduct } from './rungProduct';

/** Sightings of a product that are kept; older ones fall out. */
const MOST_SIGHTINGS = 200;

/** Circumstances of a hand at the bench. */
export interface BenchMoment {
  readonly nowMs: number;
  /** of the shop; null: not known */
  readonly air: LoggedAir | null;
  /** what is sprayed in, where that is another; left out: the shop's */
  readonly sprayAir?: LoggedAir | null;
  readonly makeId: () => string;
  /** whose hands they are; null where the shop has one finisher */
  readonly personId: string | null;
}

/**
 * Takes a rung in hand. What the same hands held before is set down.
 *
 * @param seen the state the finisher saw it in
 * @param despite what spoke against beginning it; kept in the log
 */
export async function takeInHand(
  edit: Edit,
  rungId: string,
  moment: BenchMoment,
  seen: RungState | null = null,
  despite: readonly string[] = [],
): Promise<void> {
  const { personId } = moment;
  const persons = await edit.list('persons');
  const held = (await edit.find('rungs', 'state', 'inHand')).filter(
    (rung) => rung.id !== rungId && holderOf(rung.doerId, persons) === holderOf(personId, persons),
  );
  const taken = await bringTo(edit, rungId, 'inHand', moment.nowMs, seen);
  if (taken.doerId !== personId) await edit.patch('rungs', rungId, { doerId: personId });
  await logDeviation(edit, taken, despite, moment);
  for (const rung of held) await setDown(edit, rung.id, moment);
}

/** Sets a rung down; its minutes are kept. */
export async function setDown(edit: Edit, rungId: string, moment: BenchMoment): Promise<void> {
  const rung = await bringTo(edit, rungId, 'setDown', moment.nowMs, 'inHand');
  await addEntry(edit, rung, 'setDown', moment.nowMs, toMinutes(rung.workedMs), NOTHING_SAID, {
    ...moment,
    personId: rung.doerId ?? moment.personId,
  });
}

/**
 * Logs a rung as done, with the real minutes: those of the timer unless others are given.
 *
 * @param seen the state the finisher saw it in: when it is another by now, it was logged already
 * @param despite what spoke against beginning it, where it was not in hand before
 */
export async function finishRung(
  edit: Edit,
  rungId: string,
  actualMinutes: number | null,
  text: string,
  moment: BenchMoment,
  seen: RungState | null = null,
  despite: readonly string[] = [],
): Promise<void> {
  const said = actualMinutes === null ? null : Math.round(actualMinutes * 60_000);
  const before = await edit.need('rungs', rungId);
  // Who has it in hand did it, whoever presses.
  const personId = (before.state === 'inHand' ? before.doerId : null) ?? moment.personId;
  const rung = await bringTo(edit, rungId, 'done', moment.nowMs, seen, said);
  if (personId !== before.doerId) await edit.patch('rungs', rungId, { doerId: personId });
  await logDeviation(edit, rung, despite, moment);
  await addEntry(edit, rung, 'done', moment.nowMs, toMinutes(rung.workedMs), { text }, { ...moment, personId });
}

/** Opens a rung that was done or left out: it has to be done (again). */
export async function reopenRung(edit: Edit, rungId: string, moment: BenchMoment, seen: RungState | null = null): Promise<void> {
  const rung = await bringTo(edit, rungId, 'open', moment.nowMs, seen);
  await addEntry(edit, rung, 'reopened', moment.nowMs, null, NOTHING_SAID, moment);
}

/** What is said of a rung beside its minutes. */
export type Said = Pick<LogEntry, 'text'> & Partial<Pick<LogEntry, 'isForNextTime' | 'pictureIds'>>;

/** Notes something about a rung, or a mistake; with pictures where there are, and to be told again next time where that is asked. */
export async function noteOnRung(edit: Edit, rungId: string, kind: 'note' | 'mistake', said: Said, moment: BenchMoment): Promise<void> {
  await addEntry(edit, await edit.need('rungs', rungId), kind, moment.nowMs, null, said, moment);
}

/** Notes something about a part as a whole. */
export async function noteOnPart(edit: Edit, partId: string, text: string, { nowMs, air, makeId, personId }: BenchMoment): Promise<void> {
  const { propId } = await edit.need('parts', partId);
  await edit.put('logEntries', {
    ...NOTHING_MORE,
    id: makeId(),
    revision: 0,
    kind: 'note',
    atMs: Math.round(nowMs),
    counter: await edit.nextLogCounter(),
    propId,
    partId,
    rungId: null,
    productId: null,
    personId,
    tookMillilitres: null,
    plannedMinutes: null,
    actualMinutes: null,
    air,
    text,
  });
}

/** A film was tried by hand: its product dries by it from now on, and the log tells it. */
export async function tryFilm(
  edit: Edit,
  rungId: string,
  sighting: Omit<DryingSighting, 'atMs'>,
  text: string,
  moment: BenchMoment,
): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  if (rung.productId === null) throw new ShopError('missing');
  const product = await edit.need('products', rung.productId);
  const sightings = [...product.sightings, { ...sighting, atMs: Math.round(moment.nowMs) }].slice(-MOST_SIGHTINGS);
  await edit.put('products', { ...product, sightings }, product);
  await noteOnRung(edit, rungId, 'note', { text }, moment);
}

/** A note for next time has been heard: it stays in the log and is no longer told. */
export async function layToRest(edit: Edit, entryId: string, makeId: () => string): Promise<void> {
  const { atMs, actualMinutes, text } = await edit.need('logEntries', entryId);
  await correctEntry(edit, entryId, { atMs, actualMinutes, text, isForNextTime: false }, makeId);
}

/** Corrects the running timer: the work so far becomes `minutes`. */
export async function correctTimer(edit: Edit, rungId: string, minutes: number, moment: BenchMoment): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  await edit.patch('rungs', rungId, { workedMs: Math.round(minutes * 60_000), startedAtMs: rung.state === 'inHand' ? moment.nowMs : null });
}

/** What a correction may change; with another moment goes the air of that, with another product what was taken of it. */
export type Correction = Pick<LogEntry, 'atMs' | 'actualMinutes' | 'text'> &
  Partial<Pick<LogEntry, 'isForNextTime' | 'air' | 'productId' | 'personId'>>;

/** Corrects an entry by a new one that points at it; the rung follows, so that the cure clock counts from the right moment. */
export async function correctEntry(edit: Edit, entryId: string, correction: Correction, makeId: () => string): Promise<void> {
  const entry = await edit.need('logEntries', entryId);
  const rung = entry.rungId === null ? undefined : await edit.get('rungs', entry.rungId);
  const { productId = entry.productId } = correction;
  const other = rung && entry.kind === 'done' && productId !== entry.productId ? await withProduct(edit, rung, productId) : null;
  await replaceEntry(edit, entry, { ...correction, ...other?.logged }, makeId);
  if (entry.kind === 'done' && rung?.state === 'done' && rung.doneAtMs === entry.atMs) {
    const worked = correction.actualMinutes === null ? rung.workedMs : Math.round(correction.actualMinutes * 60_000);
    const { personId = rung.doerId } = correction;
    await edit.patch('rungs', rung.id, { ...other?.fields, doneAtMs: correction.atMs, workedMs: worked, doerId: personId });
  }
}

/** Keeps what was done against what was known. */
async function logDeviation(edit: Edit, rung: Rung, despite: readonly string[], moment: BenchMoment): Promise<void> {
  if (despite.length > 0) await addEntry(edit, rung, 'deviation', moment.nowMs, null, { text: despite.join(' ').slice(0, 4000) }, moment);
}

/** Writes down what was done to a rung, with the air of where it is worked on. */
export async function addEntry(
  edit: Edit,
  rung: Rung,
  kind: LogEntry['kind'],
  atMs: number,
  actualMinutes: number | null,
  said: Said,
  { air, sprayAir = air, makeId, personId }: BenchMoment,
): Promise<void> {
  const ladder = await edit.need('ladders', rung.ladderId);
  const part = await edit.get('parts', ladder.partId);
  const product = kind === 'done' && rung.productId !== null ? await edit.get('products', rung.productId) : undefined;
  await edit.put('logEntries', {
    id: makeId(),
    revision: 0,
    kind,
    atMs: Math.round(atMs),
    counter: await edit.nextLogCounter(),
    propId: part?.propId ?? null,
    partId: ladder.partId,
    rungId: rung.id,
    personId,
    productId: rung.productId,
    tookMillilitres: takenBy(rung, part, product),
    plannedMinutes: rung.minutes,
    actualMinutes,
    air: (await placeOfRung(edit, rung)) === 'out' ? sprayAir : air,
    ...NOTHING_MORE,
    ...said,
  });
}

/** Where a rung is worked on as an edit leaves the shop so far. */
export async function placeOfRung(edit: Edit, rung: Rung): Promise<WorkPlace> {
  const [shop] = await edit.list('shop');
  const product = rung.productId === null ? undefined : await edit.get('products', rung.productId);
  return rungPlace({ airbrushesInside: shop?.airbrushesInside ?? false }, rung, product);
}

/** What an entry says where nothing is said of it. */
const NOTHING_MORE: Pick<LogEntry, 'isForNextTime' | 'pictureIds' | 'correctsId'> = {
  isForNextTime: false,
  pictureIds: [],
  correctsId: null,
};

const NOTHING_SAID: Said = { text: '' };

/** Minutes to a tenth, as the log keeps them. */
export function toMinutes(ms: number): number {
  return Math.round(ms / 6000) / 10;
}
