import type { Fault } from '../file/faults';
import type { ProjectFile } from '../file/projectFile';
import type { RecordList } from '../file/tableNames';
import { RECORD_LISTS } from '../file/tableNames';
import type { Ladder } from '../records/ladder/ladder';
import type { Rung } from '../records/ladder/rung';
import { recordRulesOf } from './recordRules';
import type { Reference } from './reference';
import { namedIds } from './reference';
import { referencesFrom } from './referenceTable';

/** What is wrong within one record beyond what its class says. `base` is where it stands, such as `rungs[2]`. */
export function findRecordRuleFaults(table: string, record: object, base: string): Fault[] {
  return recordRulesOf(table).flatMap((rule) =>
    rule.brokenAt(record as never).map((where): Fault => ({ code: 'inconsistent', path: join(base, where), message: rule.message })),
  );
}

/** References of one record to what is not there. */
export function findBrokenReferences(
  record: object,
  references: readonly Reference[],
  isThere: (list: RecordList, id: string) => boolean,
  base: string,
): Fault[] {
  return references.flatMap((reference) =>
    reference.onRemove === 'keep'
      ? []
      : namedIds(record, reference)
          .filter(({ id }) => !isThere(reference.to, id))
          .map(({ id, at }): Fault => ({
            code: 'brokenReference',
            path: join(base, at),
            message: `names ${id}, which is not among the ${reference.to}`,
          })),
  );
}

/** What rules between records a project breaks: ids twice, references to nothing, times that contradict each other. */
export function findRuleFaults(project: ProjectFile): Fault[] {
  const faults: Fault[] = [];
  const ids = new Map(RECORD_LISTS.map((list) => [list, collectIds(project, list, faults)]));
  const isThere = (list: RecordList, id: string): boolean => ids.get(list)?.has(id) ?? false;
  faults.push(...findRecordRuleFaults('shop', project.shop, 'shop'));
  for (const list of RECORD_LISTS) {
    const references = referencesFrom(list);
    project[list].forEach((record, i) => {
      faults.push(...findBrokenReferences(record, references, isThere, `${list}[${i}]`));
      faults.push(...findRecordRuleFaults(list, record, `${list}[${i}]`));
    });
  }
  const pictures = ids.get('pictures');
  project.meshes.forEach((mesh, i) => {
    // Both lie beside the records under their ids: one of the two would overwrite the other.
    if (pictures?.has(mesh.id))
      faults.push({ code: 'duplicateId', path: `meshes[${i}].id`, message: `${mesh.id} is a picture's id already` });
  });
  return [...faults, ...findLadderFaults(project.ladders, project.rungs)];
}

/** What ladders and rungs say of each other that does not agree: a part with two ladders, a rung on two, on none, or on another than it names. */
export function findLadderFaults(ladders: readonly Ladder[], rungs: readonly Rung[]): Fault[] {
  const faults: Fault[] = [];
  const ladderOf = new Map<string, string>();
  const partsWithLadder = new Set<string>();
  ladders.forEach((ladder, i) => {
    if (partsWithLadder.has(ladder.partId))
      faults.push({ code: 'inconsistent', path: `ladders[${i}].partId`, message: 'this part has a ladder already' });
    partsWithLadder.add(ladder.partId);
    ladder.rungIds.forEach((id, j) => {
      if (ladderOf.has(id))
        faults.push({ code: 'inconsistent', path: `ladders[${i}].rungIds[${j}]`, message: `rung ${id} stands on another ladder already` });
      ladderOf.set(id, ladder.id);
    });
  });
  rungs.forEach((rung, i) => {
    if (ladderOf.get(rung.id) !== rung.ladderId)
      faults.push({ code: 'inconsistent', path: `rungs[${i}]`, message: 'is not listed by the ladder it names' });
  });
  return faults;
}

function collectIds(project: ProjectFile, list: RecordList, faults: Fault[]): Set<string> {
  const seen = new Set<string>();
  project[list].forEach((record, i) => {
    if (seen.has(record.id)) faults.push({ code: 'duplicateId', path: `${list}[${i}].id`, message: `${record.id} is used twice` });
    seen.add(record.id);
  });
  return seen;
}

function join(base: string, where: string): string {
  if (where === '') return base;
  return base === '' ? where : `${base}.${where}`;
}
