import type { ProjectFile } from '../file/projectFile';
import type { RecordList } from '../file/tableNames';
import { RECORD_KINDS, RECORD_LISTS } from '../file/tableNames';
import type { MaskPlan } from '../records/ladder/maskPlan';
import { standingEntries } from '../log/standingLog';
import { standInRung } from '../rungs/standInRung';
import { findRuleFaults } from './findRuleFaults';
import { recordRulesOf } from './recordRules';
import type { Reference } from './reference';
import { namedIds, withoutNames } from './reference';
import { hasBytes, referencesFrom } from './referenceTable';
import { tidyMaskPlan } from './tidyMaskPlan';

/** One thing that was mended, for the finisher to read. */
export interface Mend {
  readonly list: RecordList | 'shop';
  readonly id: string;
  /** the record's name, where it has one */
  readonly name: string;
  readonly what: string;
}

/** A project that keeps all rules, and what had to be mended for it. */
export interface MendedProject {
  readonly project: ProjectFile;
  readonly mends: readonly Mend[];
}

type Plain = { readonly id: string; readonly name?: string };
type Lists = Record<RecordList, readonly Plain[]>;

/** Each round mends what the one before uncovered; a chain of removals is no longer than the lists are deep. */
const MOST_ROUNDS = 12;

/**
 * Mends what rules between records a project breaks, losing as little as can be: names of what is gone are struck, joins hang on the rung
 * nearest in kind, a rung done without a moment takes its log's. A sound project comes back with no mends.
 *
 * @param bytes ids whose pictures and meshes have their bytes; null: not looked at
 */
export function mendProject(project: ProjectFile, bytes: ReadonlySet<string> | null = null): MendedProject {
  const mends: Mend[] = [];
  let current = project;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const before = mends.length;
    current = mendLadders(mendRecords(current, mends), mends);
    current = mendReferences(current, bytes, mends);
    if (mends.length === before) break;
  }
  return { project: current, mends };
}

/** Whether anything between records of a project wants mending. */
export function isSound(project: ProjectFile, bytes: ReadonlySet<string> | null = null): boolean {
  const lacksBytes = bytes !== null && [...project.pictures, ...project.meshes].some(({ id }) => !bytes.has(id));
  return !lacksBytes && findRuleFaults(project).length === 0;
}

function mendRecords(project: ProjectFile, mends: Mend[]): ProjectFile {
  const doneAt = doneMoments(project);
  const tend = (table: RecordList | 'shop', given: Plain): Plain | null => {
    let record: Plain | null = given;
    for (const rule of recordRulesOf(table)) {
      if (record === null || rule.brokenAt(record as never).length === 0) continue;
      const logged: number | undefined =
        table === 'rungs' && (record as { state?: string }).state === 'done' ? doneAt.get(record.id) : undefined;
      mends.push({
        list: table,
        id: record.id,
        name: record.name ?? '',
        what: logged === undefined ? rule.mended : 'its moment is the log’s',
      });
      record =
        logged === undefined ? (rule.mend(record as never) as Plain | null) : ({ ...record, doneAtMs: logged, startedAtMs: null } as Plain);
    }
    return record;
  };
  const lists = RECORD_LISTS.map((list) => [
    list,
    firstOfEach(list, project[list], list === 'meshes' ? project.pictures : [], mends).flatMap((record) => tend(list, record) ?? []),
  ]);
  return { ...project, shop: tend('shop', project.shop) ?? project.shop, ...Object.fromEntries(lists) } as ProjectFile;
}

/** A list with each id once, and none that is taken: the first stays. */
function firstOfEach(list: RecordList, records: readonly Plain[], taken: readonly Plain[], mends: Mend[]): readonly Plain[] {
  const seen = new Set(taken.map(({ id }) => id));
  return records.filter((record) => {
    if (seen.has(record.id)) mends.push({ list, id: record.id, name: record.name ?? '', what: 'it was there twice: the first stays' });
    return !seen.has(record.id) && seen.add(record.id);
  });
}

/** When rungs were last done, by the log as it stands. */
function doneMoments(project: ProjectFile): Map<string, number> {
  const moments = new Map<string, number>();
  // A sound shop needs none of this, and a long log takes its time.
  if (project.rungs.every((rung) => rung.state !== 'done' || rung.doneAtMs !== null)) return moments;
  for (const entry of standingEntries(project.logEntries).toReversed())
    if (entry.kind === 'done' && entry.rungId !== null) moments.set(entry.rungId, entry.atMs);
  return moments;
}

/** One ladder a part, every rung on the ladder it names and on no other. */
function mendLadders(project: ProjectFile, mends: Mend[]): ProjectFile {
  const ladders = new Map(project.ladders.map((ladder) => [ladder.id, ladder]));
  const firstOfPart = new Map<string, string>();
  const moved = new Map<string, string>();
  for (const ladder of project.ladders) {
    const first = firstOfPart.get(ladder.partId);
    if (first === undefined) firstOfPart.set(ladder.partId, ladder.id);
    else {
      moved.set(ladder.id, first);
      mends.push({ list: 'ladders', id: ladder.id, name: '', what: 'its part had another ladder: their rungs stand on one now' });
    }
  }
  const rungs = project.rungs.map((rung) => {
    const to = moved.get(rung.ladderId);
    return to === undefined ? rung : { ...rung, ladderId: to };
  });
  const rungById = new Map(rungs.map((rung) => [rung.id, rung]));
  const listed = new Set<string>();
  const orders = new Map<string, string[]>();
  for (const ladder of project.ladders) {
    const order = orders.get(moved.get(ladder.id) ?? ladder.id) ?? [];
    for (const id of ladder.rungIds) {
      const rung = rungById.get(id);
      if (rung?.ladderId === (moved.get(ladder.id) ?? ladder.id) && !listed.has(id)) {
        listed.add(id);
        order.push(id);
      } else if (rung) mends.push({ list: 'ladders', id: ladder.id, name: '', what: `named ${rung.name}, which stands elsewhere` });
      else mends.push({ list: 'ladders', id: ladder.id, name: '', what: 'named a rung that is gone' });
    }
    orders.set(moved.get(ladder.id) ?? ladder.id, order);
  }
  for (const rung of rungs) {
    if (listed.has(rung.id) || !ladders.has(rung.ladderId)) continue;
    orders.get(rung.ladderId)?.push(rung.id);
    mends.push({ list: 'rungs', id: rung.id, name: rung.name, what: 'its ladder did not list it: it stands at its top now' });
  }
  const isSame = (ladder: { readonly id: string; readonly rungIds: readonly string[] }): boolean =>
    orders.get(ladder.id)?.join() === ladder.rungIds.join();
  if (moved.size === 0 && project.ladders.every(isSame)) return project;
  return {
    ...project,
    rungs,
    ladders: project.ladders.filter(({ id }) => !moved.has(id)).map((ladder) => ({ ...ladder, rungIds: orders.get(ladder.id) ?? [] })),
  };
}

function mendReferences(project: ProjectFile, bytes: ReadonlySet<string> | null, mends: Mend[]): ProjectFile {
  const lists: Lists = { ...project };
  const idsOf = (list: RecordList): Set<string> =>
    new Set(lists[list].flatMap(({ id }) => (bytes !== null && hasBytes(list) && !bytes.has(id) ? [] : [id])));
  const ids = new Map(RECORD_LISTS.map((list) => [list, idsOf(list)]));
  for (const list of RECORD_LISTS) {
    const references = referencesFrom(list);
    lists[list] = lists[list].flatMap((given) => {
      if (!ids.get(list)?.has(given.id)) {
        mends.push({ list, id: given.id, name: given.name ?? '', what: 'its picture or mesh is not there: it is left out' });
        return [];
      }
      let record = given;
      for (const reference of references) {
        if (reference.onRemove === 'keep') continue;
        const isGone = (id: string): boolean => !ids.get(reference.to)?.has(id);
        if (!namedIds(record, reference).some(({ id }) => isGone(id))) continue;
        const mended = mendReference(record, reference, isGone, project);
        mends.push({ list, id: record.id, name: record.name ?? '', what: mended.what });
        if (!mended.record) return [];
        record = mended.record;
      }
      return [record];
    });
  }
  return { ...project, ...lists } as ProjectFile;
}

function mendReference(
  record: Plain,
  reference: Reference,
  isGone: (id: string) => boolean,
  project: ProjectFile,
): { readonly record: Plain | null; readonly what: string } {
  const { from, path, to, onRemove } = reference;
  if (from === 'joins' && path === 'hostRungId') {
    const { hostPartId } = record as Plain & { readonly hostPartId: string };
    const order = project.ladders.find((ladder) => ladder.partId === hostPartId)?.rungIds ?? [];
    const rungs = new Map(project.rungs.map((rung) => [rung.id, rung]));
    const found = standInRung(
      null,
      order.flatMap((id) => rungs.get(id) ?? []),
    );
    if (found)
      return { record: { ...record, hostRungId: found.id } as Plain, what: `the rung it hung on is gone: it hangs on ${found.name} now` };
  }
  if (onRemove === 'remove') return { record: null, what: `named ${RECORD_KINDS[to]} that is gone and is taken away` };
  const kept = withoutNames(record, reference, isGone);
  return {
    record: from === 'maskPlans' ? (tidyMaskPlan(kept as unknown as MaskPlan) as Plain) : kept,
    what: `named ${RECORD_KINDS[to]} that is gone`,
  };
}
