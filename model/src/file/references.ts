import type { Fault } from './faults';
import type { ProjectFile } from './projectFile';
import { RECORD_LISTS } from './projectFile';

/** What rules between records a project breaks: ids twice, references to nothing, times that contradict each other. */
export function findReferenceFaults(project: ProjectFile): Fault[] {
  const faults: Fault[] = [];
  const ids = Object.fromEntries(RECORD_LISTS.map((list) => [list, collectIds(project, list, faults)])) as Record<
    (typeof RECORD_LISTS)[number],
    Set<string>
  >;
  const need = (list: (typeof RECORD_LISTS)[number], id: string | null, path: string): void => {
    if (id !== null && !ids[list].has(id))
      faults.push({ code: 'brokenReference', path, message: `names ${id}, which is not among the ${list}` });
  };
  project.parts.forEach((part, i) => need('props', part.propId, `parts[${i}].propId`));
  project.cans.forEach((can, i) => need('products', can.productId, `cans[${i}].productId`));
  project.mixCards.forEach((card, i) => {
    need('pictures', card.pictureId, `mixCards[${i}].pictureId`);
    need('mixCards', card.correctsId, `mixCards[${i}].correctsId`);
    need('targets', card.targetId, `mixCards[${i}].targetId`);
    need('products', card.undercoatId, `mixCards[${i}].undercoatId`);
    card.components.forEach((component, j) => need('products', component.productId, `mixCards[${i}].components[${j}].productId`));
  });
  project.pictures.forEach((picture, i) => {
    need('props', picture.propId, `pictures[${i}].propId`);
    need('parts', picture.partId, `pictures[${i}].partId`);
  });
  project.meshes.forEach((mesh, i) => need('parts', mesh.partId, `meshes[${i}].partId`));
  project.passes.forEach((pass, i) => need('parts', pass.partId, `passes[${i}].partId`));
  project.fits.forEach((fit, i) => {
    need('parts', fit.partId, `fits[${i}].partId`);
    need('parts', fit.otherPartId, `fits[${i}].otherPartId`);
  });
  project.timers.forEach((timer, i) => {
    if (timer.endsAtMs < timer.startedAtMs)
      faults.push({ code: 'inconsistent', path: `timers[${i}].endsAtMs`, message: 'is before it started' });
  });
  project.targets.forEach((target, i) => {
    need('props', target.propId, `targets[${i}].propId`);
    target.samples.forEach((sample, j) => need('pictures', sample.pictureId, `targets[${i}].samples[${j}].pictureId`));
  });
  project.stencils.forEach((stencil, i) => need('parts', stencil.partId, `stencils[${i}].partId`));
  checkMaskPlans(project, need, faults);
  checkFlaws(project, need, faults);
  checkLadders(project, need, faults);
  project.joins.forEach((join, i) => {
    need('parts', join.hostPartId, `joins[${i}].hostPartId`);
    need('parts', join.guestPartId, `joins[${i}].guestPartId`);
    need('rungs', join.hostRungId, `joins[${i}].hostRungId`);
    need('rungs', join.guestRungId, `joins[${i}].guestRungId`);
    if (join.hostPartId === join.guestPartId)
      faults.push({ code: 'inconsistent', path: `joins[${i}]`, message: 'a part cannot be joined to itself' });
  });
  project.logEntries.forEach((entry, i) => {
    entry.pictureIds.forEach((id, j) => need('pictures', id, `logEntries[${i}].pictureIds[${j}]`));
    need('logEntries', entry.correctsId, `logEntries[${i}].correctsId`);
  });
  checkShop(project, faults);
  return faults;
}

function checkFlaws(
  project: ProjectFile,
  need: (list: 'parts' | 'passes' | 'pictures' | 'meshes', id: string | null, path: string) => void,
  faults: Fault[],
): void {
  project.flaws.forEach((flaw, i) => {
    need('parts', flaw.partId, `flaws[${i}].partId`);
    need('passes', flaw.foundPassId, `flaws[${i}].foundPassId`);
    need('passes', flaw.fixedPassId, `flaws[${i}].fixedPassId`);
    if (!flaw.pin) return;
    const { pictureId, meshId, place } = flaw.pin;
    need('pictures', pictureId, `flaws[${i}].pin.pictureId`);
    need('meshes', meshId, `flaws[${i}].pin.meshId`);
    if ((pictureId === null) === (meshId === null) || place.length !== (pictureId === null ? 3 : 2))
      faults.push({ code: 'inconsistent', path: `flaws[${i}].pin`, message: 'is on a picture by two numbers or on a mesh by three' });
  });
}

function checkMaskPlans(
  project: ProjectFile,
  need: (list: 'parts' | 'products', id: string | null, path: string) => void,
  faults: Fault[],
): void {
  project.maskPlans.forEach((plan, i) => {
    need('parts', plan.partId, `maskPlans[${i}].partId`);
    const ids = new Set(plan.regions.map((region) => region.id));
    plan.regions.forEach((region, j) => {
      need('parts', region.partId, `maskPlans[${i}].regions[${j}].partId`);
      need('products', region.productId, `maskPlans[${i}].regions[${j}].productId`);
    });
    const named = [
      ...plan.borders.flatMap((border) => [border.firstId, border.secondId]),
      ...plan.regions.flatMap((region) => region.chipsShowId ?? []),
      ...plan.order,
    ];
    if (ids.size !== plan.regions.length || named.some((id) => !ids.has(id)))
      faults.push({ code: 'inconsistent', path: `maskPlans[${i}]`, message: 'names a region twice, or one that is not there' });
  });
}

function checkLadders(
  project: ProjectFile,
  need: (list: 'parts' | 'rungs' | 'ladders' | 'products' | 'mixCards', id: string | null, path: string) => void,
  faults: Fault[],
): void {
  const ladderOf = new Map<string, string>();
  const partsWithLadder = new Set<string>();
  project.ladders.forEach((ladder, i) => {
    need('parts', ladder.partId, `ladders[${i}].partId`);
    if (partsWithLadder.has(ladder.partId))
      faults.push({ code: 'inconsistent', path: `ladders[${i}].partId`, message: 'this part has a ladder already' });
    partsWithLadder.add(ladder.partId);
    ladder.rungIds.forEach((id, j) => {
      need('rungs', id, `ladders[${i}].rungIds[${j}]`);
      if (ladderOf.has(id))
        faults.push({ code: 'inconsistent', path: `ladders[${i}].rungIds[${j}]`, message: `rung ${id} stands on another ladder already` });
      ladderOf.set(id, ladder.id);
    });
  });
  project.rungs.forEach((rung, i) => {
    need('ladders', rung.ladderId, `rungs[${i}].ladderId`);
    need('products', rung.productId, `rungs[${i}].productId`);
    need('mixCards', rung.mixCardId, `rungs[${i}].mixCardId`);
    if (ladderOf.get(rung.id) !== rung.ladderId)
      faults.push({ code: 'inconsistent', path: `rungs[${i}]`, message: 'is not listed by the ladder it names' });
    if ((rung.state === 'done') !== (rung.doneAtMs !== null))
      faults.push({ code: 'inconsistent', path: `rungs[${i}].doneAtMs`, message: 'is set exactly when the rung is done' });
    if ((rung.state === 'inHand') !== (rung.startedAtMs !== null))
      faults.push({ code: 'inconsistent', path: `rungs[${i}].startedAtMs`, message: 'is set exactly when the rung is in hand' });
  });
}

function checkShop(project: ProjectFile, faults: Fault[]): void {
  const spans = [
    ...project.shop.hours.map((span, i) => [span, `shop.hours[${i}]`] as const),
    ...project.shop.quietHours.map((span, i) => [span, `shop.quietHours[${i}]`] as const),
    ...project.shop.sprayHours.map((span, i) => [span, `shop.sprayHours[${i}]`] as const),
  ];
  for (const [span, path] of spans)
    if (span.endMinute <= span.startMinute) faults.push({ code: 'inconsistent', path, message: 'ends before it starts' });
  const { coldestCelsius, warmestCelsius } = project.shop.sprayLimits;
  if (coldestCelsius >= warmestCelsius)
    faults.push({ code: 'inconsistent', path: 'shop.sprayLimits', message: 'the coldest is not below the warmest' });
  if (!isTimeZone(project.shop.timeZone))
    faults.push({ code: 'inconsistent', path: 'shop.timeZone', message: `${project.shop.timeZone} is not a time zone` });
}

/** Whether a name is a time zone this machine knows. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

function collectIds(project: ProjectFile, list: (typeof RECORD_LISTS)[number], faults: Fault[]): Set<string> {
  const seen = new Set<string>();
  project[list].forEach((record, i) => {
    if (seen.has(record.id)) faults.push({ code: 'duplicateId', path: `${list}[${i}].id`, message: `${record.id} is used twice` });
    seen.add(record.id);
  });
  return seen;
}
