import type { Fault } from '@zinc-ladder/model/file/faults';
import type { RecordList } from '@zinc-ladder/model/file/tableNames';
import { RECORD_LISTS } from '@zinc-ladder/model/file/tableNames';
import type { Ladder } from '@zinc-ladder/model/records/ladder/ladder';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { findBrokenReferences, findLadderFaults, findRecordRuleFaults } from '@zinc-ladder/model/rules/findRuleFaults';
import { namedIds } from '@zinc-ladder/model/rules/reference';
import { hasBytes, referencesFrom, referencesTo } from '@zinc-ladder/model/rules/referenceTable';
import type { RecordChange } from '../tables/database';
import type { Edit } from './edit';
import { groupBy } from '../../base/groupBy';

/**
 * What an edit would leave that a file refuses: rules within a record, references to nothing, names of what is dropped, ladders and rungs that
 * disagree, pictures without their bytes. Only what the edit touches is looked at; the rest kept the rules before.
 */
export async function findCommitFaults(edit: Edit, changes: readonly RecordChange[]): Promise<Fault[]> {
  const faults: Fault[] = [];
  for (const [table, group] of groupBy(changes, (change) => change.table)) {
    if (table === 'attachments') continue;
    const list = table as RecordList;
    const references = referencesFrom(list);
    for (const { after } of group) {
      if (!after) continue;
      faults.push(...findRecordRuleFaults(list, after, ''));
      const there = await lookUp(
        edit,
        references
          .filter(({ onRemove }) => onRemove !== 'keep')
          .flatMap((reference) => namedIds(after, reference).map(({ id }) => [reference.to, id] as const)),
      );
      faults.push(...findBrokenReferences(after, references, (to, id) => there.has(`${to}/${id}`), ''));
    }
    const dropped = new Set(group.flatMap(({ id, after }) => (after ? [] : [id])));
    if (dropped.size > 0) faults.push(...(await findNamesOfDropped(edit, list, dropped)));
  }
  faults.push(...(await findTouchedLadderFaults(edit, changes)));
  faults.push(...(await findMissingBytes(edit, changes)));
  return faults;
}

async function lookUp(edit: Edit, wanted: readonly (readonly [RecordList, string])[]): Promise<Set<string>> {
  const there = new Set<string>();
  for (const [list, id] of wanted) if (!there.has(`${list}/${id}`) && (await edit.get(list, id))) there.add(`${list}/${id}`);
  return there;
}

async function findNamesOfDropped(edit: Edit, list: RecordList, dropped: ReadonlySet<string>): Promise<Fault[]> {
  const faults: Fault[] = [];
  for (const reference of referencesTo(list)) {
    if (reference.onRemove === 'keep') continue;
    const naming = await edit.naming(reference, dropped);
    if (naming.length > 0)
      faults.push({
        code: 'brokenReference',
        path: `${reference.from}.${reference.path}`,
        message: `${naming.length} of the ${reference.from} still name what is taken away`,
      });
  }
  return faults;
}

async function findTouchedLadderFaults(edit: Edit, changes: readonly RecordChange[]): Promise<Fault[]> {
  // A rung that stays on its ladder cannot make the two disagree; most edits change nothing else of rungs.
  const changedRungs = changes.flatMap(({ table, before, after }) =>
    table === 'rungs' && (before as Rung | null)?.ladderId !== (after as Rung | null)?.ladderId
      ? [[before as Rung | null, after as Rung | null]]
      : [],
  );
  const ladderIds = new Set([
    ...changes.flatMap(({ table, id }) => (table === 'ladders' ? [id] : [])),
    ...changedRungs.flatMap((states) => states.flatMap((rung) => rung?.ladderId ?? [])),
  ]);
  if (ladderIds.size === 0) return [];
  const ladders = new Map<string, Ladder>();
  const rungs = new Map(changedRungs.flatMap(([, after]) => (after ? [[after.id, after] as const] : [])));
  for (const id of ladderIds) {
    const ladder = await edit.get('ladders', id);
    if (!ladder) continue;
    for (const other of await edit.find('ladders', 'partId', ladder.partId)) ladders.set(other.id, other);
    for (const rung of await edit.find('rungs', 'ladderId', id)) rungs.set(rung.id, rung);
    for (const rungId of ladder.rungIds) {
      const rung = rungs.get(rungId) ?? (await edit.get('rungs', rungId));
      if (rung) rungs.set(rungId, rung);
    }
  }
  return findLadderFaults([...ladders.values()], [...rungs.values()]);
}

async function findMissingBytes(edit: Edit, changes: readonly RecordChange[]): Promise<Fault[]> {
  const attached = new Map(changes.flatMap(({ table, id, after }) => (table === 'attachments' ? [[id, after !== null] as const] : [])));
  const faults: Fault[] = [];
  for (const { table, id, before, after } of changes) {
    if (!after || before || !hasBytes(table)) continue;
    if (!(attached.get(id) ?? (await edit.has('attachments', id))))
      faults.push({ code: 'missingAttachment', path: table, message: 'comes without its bytes' });
  }
  for (const [id, isThere] of attached) {
    if (isThere) continue;
    for (const list of RECORD_LISTS)
      if (hasBytes(list) && (await edit.get(list, id)))
        faults.push({ code: 'missingAttachment', path: list, message: `${id} would lose its bytes` });
  }
  return faults;
}
