import { findMethod } from '@zinc-ladder/core/ladder/methods';
import type { PaintedStep } from '@zinc-ladder/core/twins/compareTwins';
import type { ProjectFile } from '../../file/projectFile';
import { standingEntries } from '../../log/standingLog';
import { statedDrying } from '../../products/productDrying';
import type { LogEntry } from '../../records/ladder/logEntry';
import { COAT_METHODS } from '../film/gatherCoats';
import { coatPaintOf, effectOf } from '../film/gatherPaints';
import { usualMinutes } from '../grow/rungForPart';

const MINUTE_MS = 60_000;

/** What a part's record is read from. */
export type TwinRecords = Pick<ProjectFile, 'parts' | 'ladders' | 'rungs' | 'products' | 'logEntries' | 'shop'>;

/**
 * What was really done on a part, in the order it was done: its done rungs by when they ended, minutes and air as the log has them after all
 * corrections. What was done again counts as it was done last; what was left out is not told.
 */
export function gatherTwin({ parts, ladders, rungs, products, logEntries, shop }: TwinRecords, partId: string): readonly PaintedStep[] {
  const ladder = ladders.find((one) => one.partId === partId);
  if (!ladder) return [];
  const part = parts.find(({ id }) => id === partId);
  const byRung = new Map<string, LogEntry[]>();
  const reopened = new Map<string, number>();
  for (const entry of standingEntries(logEntries))
    if (entry.rungId === null) continue;
    // What was done before a rung was opened again was taken off again, or did not count.
    else if (entry.kind === 'reopened') reopened.set(entry.rungId, Math.max(reopened.get(entry.rungId) ?? -1, entry.counter));
    else if (entry.kind === 'done' || entry.kind === 'setDown') byRung.set(entry.rungId, [...(byRung.get(entry.rungId) ?? []), entry]);
  const paints = new Map(products.map((product) => [product.id, product]));
  const done = rungs
    .filter((rung) => rung.ladderId === ladder.id && rung.state === 'done' && rung.doneAtMs !== null)
    .toSorted((one, other) => (one.doneAtMs ?? 0) - (other.doneAtMs ?? 0));
  let before: number | null = null;
  return done.map((rung): PaintedStep => {
    const entries = (byRung.get(rung.id) ?? []).filter(({ counter }) => counter > (reopened.get(rung.id) ?? -1));
    const timed = entries.filter(({ actualMinutes }) => actualMinutes !== null);
    const minutes = timed.length > 0 ? timed.reduce((sum, { actualMinutes }) => sum + (actualMinutes ?? 0), 0) : null;
    const air = entries.find((entry) => entry.air !== null)?.air ?? null;
    const begun = (rung.doneAtMs ?? 0) - (minutes ?? 0) * MINUTE_MS;
    const waitedMinutes: number | null = before === null ? null : Math.max(0, (begun - before) / MINUTE_MS);
    before = rung.doneAtMs;
    const product = paints.get(rung.productId ?? '');
    return {
      id: rung.id,
      name: rung.name,
      kind: rung.methodId,
      productId: rung.productId,
      cardId: rung.mixCardId,
      micrometres: rung.coatMicrometres,
      minutes,
      usualMinutes: part ? usualMinutes(rung.methodId, rung, part).minutes : null,
      grit: rung.grit,
      waitedMinutes,
      air: air && { temperatureCelsius: air.temperatureCelsius, relativeHumidityPercent: air.relativeHumidityPercent },
      coats: product && rung.coatMicrometres ? rung.coatMicrometres / statedDrying(product).coatMicrometres : 1,
      sheen: product && product.sheen !== 'none' && findMethod(rung.methodId).laysFilm ? product.sheen : null,
      endedAtMs: rung.doneAtMs,
      coat: product && COAT_METHODS.has(rung.methodId) && effectOf(product) === 'none' ? coatPaintOf(product, shop.mirroredShare) : null,
    };
  });
}
