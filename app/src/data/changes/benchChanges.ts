import type { LogEntry, LoggedAir } from '@zinc-ladder/model/records/logEntry';
import type { Rung } from '@zinc-ladder/model/records/rung';
import { workedMs } from '@zinc-ladder/model/gather/gatherPlan';
import type { ShopDatabase } from '../database';
import type { Edit } from '../edit';

/** Circumstances of a hand at the bench. */
export interface BenchMoment {
  readonly nowMs: number;
  readonly air: LoggedAir | null;
  readonly makeId: () => string;
}

/** Takes a rung in hand. With all hands full, what has been in hand longest is set down first. */
export async function takeInHand(edit: Edit, db: ShopDatabase, rungId: string, handsPairs: number, moment: BenchMoment): Promise<void> {
  const held = (await db.records('rungs').toArray()).filter((rung) => rung.state === 'inHand' && rung.id !== rungId);
  const byStart = held.toSorted((a, b) => (a.startedAtMs ?? 0) - (b.startedAtMs ?? 0));
  for (const rung of byStart.slice(0, Math.max(0, held.length - handsPairs + 1))) await setDown(edit, rung.id, moment);
  await edit.patch('rungs', rungId, { state: 'inHand', startedAtMs: moment.nowMs, doneAtMs: null });
}

/** Sets a rung down; its minutes are kept. */
export async function setDown(edit: Edit, rungId: string, moment: BenchMoment): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  const worked = Math.round(workedMs(rung, moment.nowMs));
  await edit.patch('rungs', rungId, { state: 'setDown', startedAtMs: null, workedMs: worked });
  await addEntry(edit, rung, 'setDown', moment.nowMs, toMinutes(worked), '', moment);
}

/** Logs a rung as done, with the real minutes: those of the timer unless others are given. */
export async function finishRung(
  edit: Edit,
  rungId: string,
  actualMinutes: number | null,
  text: string,
  moment: BenchMoment,
): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  const worked = actualMinutes === null ? Math.round(workedMs(rung, moment.nowMs)) : Math.round(actualMinutes * 60_000);
  await edit.patch('rungs', rungId, { state: 'done', startedAtMs: null, workedMs: worked, doneAtMs: moment.nowMs });
  await addEntry(edit, rung, 'done', moment.nowMs, toMinutes(worked), text, moment);
}

/** Opens a rung that was done: it has to be done again. */
export async function reopenRung(edit: Edit, rungId: string, moment: BenchMoment): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  await edit.patch('rungs', rungId, { state: 'open', startedAtMs: null, workedMs: 0, doneAtMs: null });
  await addEntry(edit, rung, 'reopened', moment.nowMs, null, '', moment);
}

/** Notes something about a rung, or a mistake. */
export async function noteOnRung(edit: Edit, rungId: string, kind: 'note' | 'mistake', text: string, moment: BenchMoment): Promise<void> {
  await addEntry(edit, await edit.need('rungs', rungId), kind, moment.nowMs, null, text, moment);
}

/** Corrects the running timer: the work so far becomes `minutes`. */
export async function correctTimer(edit: Edit, rungId: string, minutes: number, moment: BenchMoment): Promise<void> {
  const rung = await edit.need('rungs', rungId);
  await edit.patch('rungs', rungId, { workedMs: Math.round(minutes * 60_000), startedAtMs: rung.state === 'inHand' ? moment.nowMs : null });
}

/** What a correction may change. */
export type Correction = Pick<LogEntry, 'atMs' | 'actualMinutes' | 'text'>;

/** Corrects an entry by a new one that points at it; the rung follows, so that the cure clock counts from the right moment. */
export async function correctEntry(edit: Edit, entryId: string, correction: Correction, makeId: () => string): Promise<void> {
  const entry = await edit.need('logEntries', entryId);
  await edit.put('logEntries', { ...entry, ...correction, id: makeId(), revision: 0, correctsId: entryId });
  const rung = entry.rungId === null ? undefined : await edit.get('rungs', entry.rungId);
  if (entry.kind === 'done' && rung?.state === 'done' && rung.doneAtMs === entry.atMs) {
    const worked = correction.actualMinutes === null ? rung.workedMs : Math.round(correction.actualMinutes * 60_000);
    await edit.patch('rungs', rung.id, { doneAtMs: correction.atMs, workedMs: worked });
  }
}

async function addEntry(
  edit: Edit,
  rung: Rung,
  kind: LogEntry['kind'],
  atMs: number,
  actualMinutes: number | null,
  text: string,
  { air, makeId }: BenchMoment,
): Promise<void> {
  const ladder = await edit.need('ladders', rung.ladderId);
  const part = await edit.get('parts', ladder.partId);
  await edit.put('logEntries', {
    id: makeId(),
    revision: 0,
    kind,
    atMs: Math.round(atMs),
    propId: part?.propId ?? null,
    partId: ladder.partId,
    rungId: rung.id,
    productId: rung.productId,
    plannedMinutes: rung.minutes,
    actualMinutes,
    air,
    text,
    pictureIds: [],
    correctsId: null,
  });
}

function toMinutes(ms: number): number {
  return Math.round(ms / 6000) / 10;
}
