import { AGES } from '@zinc-ladder/core/ladder/ages';
import { FINISHES, findFinish } from '@zinc-ladder/core/ladder/finishes';
import { findMaterial, MATERIALS } from '@zinc-ladder/core/ladder/materials';
import type { ColourRole } from '@zinc-ladder/core/ladder/route/routeRow';
import { hasLines, JOINING_SCHOOLS, SEALING_SCHOOLS, SMOOTHING_SCHOOLS } from '@zinc-ladder/core/ladder/schools';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { growFor } from '@zinc-ladder/model/gather/grow/growRungs';

/** Choices of a route, as lists to choose from. */
export const ROUTE_OPTIONS = {
  material: MATERIALS.map(({ id, name }) => [id, name] as const),
  age: AGES.map(({ id, name, shows }) => [id, `${name}: ${shows}`] as const),
  joining: JOINING_SCHOOLS.map(({ id, name }) => [id, name] as const),
  sealing: SEALING_SCHOOLS.map(({ id, name }) => [id, name] as const),
};

/** The route a part most likely wants. */
export function suggestRoute(part: Pick<Part, 'materialId'>): LadderRoute {
  const { finishes, kind } = findMaterial(part.materialId);
  const plain: LadderRoute = { finish: 'satin', age: 'new', smoothing: 'primerOnly', joining: 'none', sealing: 'clearLast' };
  if (part.materialId === 'translucent') return { ...plain, finish: 'litTranslucent', smoothing: 'brushEpoxy' };
  if (kind === 'sheet' || part.materialId === 'clearResin') return { ...plain, finish: 'clear', sealing: 'unsealed' };
  return finishes.includes('asItIs') ? { ...plain, finish: 'asItIs', sealing: 'unsealed' } : plain;
}

/** The finishes that are made on a material, and the one that is chosen though it is none of them. */
export function finishOptions(materialId: Part['materialId'], chosen: LadderRoute['finish']): (readonly [string, string])[] {
  const { finishes } = findMaterial(materialId);
  const made = FINISHES.filter(({ id }) => finishes.includes(id)).map(({ id, name }) => [id, name] as const);
  return finishes.includes(chosen) ? made : [...made, [chosen, `✕ ${findFinish(chosen).name}`]];
}

/** The smoothing schools for a part on a route: those that are not for it are marked with why, and where ridges stay it is said. */
export function smoothingOptions(part: Part, route: LadderRoute): (readonly [string, string])[] {
  return SMOOTHING_SCHOOLS.map(({ id, name, cost }) => {
    const grown = growFor(part, { ...route, smoothing: id }, { metres: null });
    if (grown.kind === 'refused') return [id, `✕ ${name}: ${grown.reason.slice(grown.reason.indexOf(': ') + 2)}`];
    return [id, grown.loops.ridgesStay ? `${name}: ridges stay` : `${name} (${cost})`];
  });
}

/** Whether there is a school to choose, or one that was chosen before and is wrong now. */
export function isSmoothed({ materialId }: Pick<Part, 'materialId'>, { smoothing }: LadderRoute): boolean {
  return hasLines(findMaterial(materialId)) || smoothing !== 'primerOnly';
}

/** Roles whose product is the finisher's taste; the rest is chosen by class. */
export const TASTE_ROLES: readonly (readonly [ColourRole, string])[] = [
  ['colour', 'Colour'],
  ['undercoat', 'Undercoat'],
  ['metal', 'Metal'],
  ['accent', 'Second colour'],
  ['tint', 'Tint'],
  ['wash', 'Wash'],
  ['verdigris', 'Verdigris'],
  ['soot', 'Soot'],
  ['highlight', 'Edges'],
];
