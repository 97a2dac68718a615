import { rungForPart } from '@zinc-ladder/model/gather/grow/rungForPart';
import type { TwinRecords } from '@zinc-ladder/model/gather/twins/gatherTwin';
import { growAgain } from '@zinc-ladder/model/gather/twins/growAgain';
import type { Ladder } from '@zinc-ladder/model/records/ladder/ladder';
import type { LogEntry } from '@zinc-ladder/model/records/ladder/logEntry';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { Part } from '@zinc-ladder/model/records/prop/part';

const SET = 'badges-badge6';
const SPARE = 'badges-spare';
const MINUTE_MS = 60_000;
/** Each of its steps was done right after the same step of the set. */
const LATER_MINUTES = 11;
/** What was done otherwise on it: the gilt in one thin coat, the enamel thin over it, and the last sanding finer. */
const SKIPPED = 'gilt, mist';
const OTHERWISE: Readonly<Record<string, Partial<Rung>>> = {
  'gilt, wet': { coatMicrometres: 5 },
  'enamel blue': { coatMicrometres: 9 },
  P600: { grit: 'P800' },
};

/** The spare badge as it came into the shop. */
export interface SecondBadge {
  readonly part: Part;
  readonly ladder: Ladder;
  readonly rungs: readonly Rung[];
  readonly entries: readonly LogEntry[];
}

/**
 * A seventh badge, made from the record of the six and done as far as they are: the twin that shows what was done otherwise. What is still to come on
 * the six is left out on it; it is kept to try the second enamel on.
 */
export function makeSecondBadge(records: TwinRecords): SecondBadge {
  const six = records.parts.find(({ id }) => id === SET);
  const ladder = records.ladders.find(({ partId }) => partId === SET);
  if (!six || !ladder) throw new Error('the badges are gone');
  const part: Part = {
    ...six,
    id: SPARE,
    name: 'Spare badge',
    count: 1,
    position: 1,
    note: 'Made from the record of the six, to try things on.',
  };
  const first = new Map(records.rungs.map((rung) => [rung.id, rung]));
  const logged = new Map(
    records.logEntries.flatMap((entry) => (entry.rungId && entry.kind === 'done' ? [[entry.rungId, entry] as const] : [])),
  );
  const products = new Map(records.products.map((product) => [product.id, product]));
  const rungs: Rung[] = [];
  const entries: LogEntry[] = [];
  for (const again of growAgain(records, six, part.areaSquareCentimetres)) {
    const before = first.get(again.rungId);
    const entry = logged.get(again.rungId);
    if (!before || !entry || again.name === SKIPPED) continue;
    const id = `${SPARE}-${String(rungs.length + 1).padStart(2, '0')}`;
    const doneAtMs = entry.atMs + LATER_MINUTES * MINUTE_MS;
    rungs.push({
      ...rungForPart(again.methodId, products.get(again.productId ?? '') ?? null, part, {
        side: before.side,
        areaSquareCentimetres: again.areaShare === null ? null : again.areaShare * part.areaSquareCentimetres,
        pieces: null,
      }),
      id,
      ladderId: SPARE,
      name: again.name,
      role: before.role,
      detail: before.detail,
      why: before.why,
      grit: again.grit,
      coatMicrometres: again.coatMicrometres,
      mixCardId: again.mixCardId,
      minutes: again.minutes,
      minutesFormula: again.minutesFormula,
      ...OTHERWISE[again.name],
      state: 'done',
      doneAtMs,
      workedMs: again.minutes * MINUTE_MS,
    });
    entries.push({
      ...entry,
      id: `log-${id}`,
      atMs: doneAtMs,
      partId: SPARE,
      rungId: id,
      plannedMinutes: again.minutes,
      actualMinutes: again.minutes,
    });
  }
  return { part, rungs, entries, ladder: { ...ladder, id: SPARE, partId: SPARE, rungIds: rungs.map(({ id }) => id) } };
}
