import type { LightStep } from '@zinc-ladder/model/gather/light/lightSteps';
import { NEW_LIGHTS } from '@zinc-ladder/model/gather/light/newLights';
import { rungOfStep } from '@zinc-ladder/model/gather/grow/rungOfStep';
import type { LightPlan } from '@zinc-ladder/model/records/light/lightPlan';
import type { Edit } from '../../edits/edit';
import { ShopError } from '../../edits/shopError';

/** Begins a plan of lights for a prop. */
export async function addLights(edit: Edit, propId: string, name: string, id: string, partId: string | null): Promise<void> {
  await edit.put('lightPlans', { ...NEW_LIGHTS, id, revision: 0, propId, partId, name });
}

/** A group more, below the last; a wire comes to it from the one before. */
export async function addGroup(edit: Edit, planId: string, id: string): Promise<void> {
  const plan = await edit.need('lightPlans', planId);
  const last = plan.groups.at(-1);
  const y = (last?.in.y ?? -20) + 20;
  const name = String.fromCharCode(65 + (plan.groups.length % 26));
  const group = { id, name, in: { x: 0, y, z: 0 }, out: { x: 100, y, z: 0 }, hasPower: true, hasGround: true };
  const wire = { fromId: last?.id ?? null, fromEnd: 'out' as const, toId: id, toEnd: 'in' as const };
  await edit.put('lightPlans', { ...plan, groups: [...plan.groups, group], wires: [...plan.wires, wire] }, plan);
}

/** Takes a group away, and the wires that come to it or leave it. */
export async function removeGroup(edit: Edit, planId: string, id: string): Promise<void> {
  const plan = await edit.need('lightPlans', planId);
  const wires = plan.wires.filter(({ fromId, toId }) => fromId !== id && toId !== id);
  await edit.put('lightPlans', { ...plan, groups: plan.groups.filter((group) => group.id !== id), wires }, plan);
}

/** Wires the groups in the order that needs least, each from out to in. */
export async function wireByOrder(edit: Edit, planId: string, order: readonly string[]): Promise<void> {
  const plan = await edit.need('lightPlans', planId);
  const wires = order.map((toId, at) => ({ fromId: order[at - 1] ?? null, fromEnd: 'out' as const, toId, toEnd: 'in' as const }));
  await edit.put('lightPlans', { ...plan, wires }, plan);
}

/**
 * Puts the steps of fitting lights onto their part's ladder, in place of those that were put before and of any other such rung that was not begun; what is done
 * or in hand stays.
 *
 * @throws ShopError `nothingToDo` where no part is named
 */
export async function putLightRungs(edit: Edit, plan: LightPlan, steps: readonly LightStep[], makeId: () => string): Promise<void> {
  if (plan.partId === null) throw new ShopError('nothingToDo');
  const ladder = (await edit.list('ladders')).find(({ partId }) => partId === plan.partId);
  if (!ladder) throw new ShopError('missing');
  const rungs = new Map((await edit.list('rungs')).map((rung) => [rung.id, rung]));
  const own = ladder.rungIds.flatMap((id) => rungs.get(id) ?? []);
  const replaced = own.filter(({ id, methodId, state }) => state === 'open' && (methodId === 'lights' || plan.rungIds.includes(id)));
  const gone = new Set(replaced.map(({ id }) => id));
  const first = own.findIndex(({ id }) => gone.has(id));
  const fit = own.findIndex(({ methodId, state }) => methodId === 'fit' && state === 'open');
  const at = first >= 0 ? first : fit >= 0 ? fit : own.length;
  const added = steps.map((step) => rungOfStep(step, 'lights', makeId(), ladder.id));
  for (const rung of added) await edit.put('rungs', rung);
  const [below, above] = [own.slice(0, at), own.slice(at)].map((part) => part.map(({ id }) => id).filter((id) => !gone.has(id)));
  const kept = plan.rungIds.filter((id) => rungs.has(id) && !gone.has(id));
  await edit.patch('ladders', ladder.id, { rungIds: [...(below ?? []), ...added.map(({ id }) => id), ...(above ?? []), ...gone] });
  await edit.patch('lightPlans', plan.id, { rungIds: [...kept, ...added.map(({ id }) => id)].slice(-20) });
  if (gone.size > 0) await edit.remove('rungs', ...gone);
}
