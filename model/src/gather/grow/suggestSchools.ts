import { SMOOTHING_SCHOOLS } from '@zinc-ladder/core/ladder/schools';
import type { WhatIf } from '@zinc-ladder/core/plan/ideas/whatIf/whatIf';
import type { LadderRoute } from '../../records/ladder/ladder';
import type { PlanRecords } from '../plan/gatherPlan';
import { toPlanRung } from '../plan/gatherPlan';
import type { ProductsByRole } from './growRungs';
import { growFor, toRung } from './growRungs';
import type { Rung } from '../../records/ladder/rung';

type SchoolChange = Extract<WhatIf, { kind: 'school' }>;

/** Parts looked at; each gives a plan to be made for every other school. */
const MOST_PARTS = 2;
/** Schools that leave the lines in or are no answer to haste. */
const NOT_OFFERED: readonly string[] = ['texture'];

/**
 * Other smoothing schools for parts that have not been begun: the open ladder grown anew, as the planner would see it. Parts that are
 * joined by one of their rungs are left out, since the join would lose its rung.
 *
 * @param partIds the parts worth changing first: those that decide the end
 */
export function suggestSchools(records: PlanRecords, partIds: readonly string[], nowMs: number): SchoolChange[] {
  const products = new Map(records.products.map((product) => [product.id, product]));
  const rungs = new Map(records.rungs.map((rung) => [rung.id, rung]));
  const found: SchoolChange[] = [];
  let looked = 0;
  for (const partId of partIds) {
    const part = records.parts.find((entry) => entry.id === partId);
    const ladder = records.ladders.find((entry) => entry.partId === partId);
    if (!part || !ladder?.route || looked >= MOST_PARTS) continue;
    const own = ladder.rungIds.flatMap((id) => rungs.get(id) ?? []);
    const isBegun = own.some((rung) => rung.state !== 'open' && rung.state !== 'leftOut');
    const hangsOn = new Set(records.joins.flatMap((join) => [join.hostRungId, join.guestRungId ?? '']));
    if (isBegun || own.some((rung) => hangsOn.has(rung.id))) continue;
    looked += 1;
    for (const { id: smoothing } of SMOOTHING_SCHOOLS) {
      if (smoothing === ladder.route.smoothing || NOT_OFFERED.includes(smoothing)) continue;
      const metres = records.props.find((prop) => prop.id === part.propId)?.viewingMetres ?? null;
      const grown = growFor(part, { ...ladder.route, smoothing }, { metres });
      if (grown.kind === 'refused') continue;
      const chosen = productsByRole(own);
      found.push({
        kind: 'school',
        partId,
        smoothing,
        rungs: grown.rungs.map((draft, at) =>
          toPlanRung(
            toRung(draft, `${ladder.id} ${smoothing} ${at}`, ladder.id, records.products, chosen),
            products,
            records.persons,
            part.materialId,
            nowMs,
          ),
        ),
      });
    }
  }
  return found;
}

/** The products a ladder's rungs have for their roles, so that growing anew keeps the finisher's colours. */
export function productsByRole(rungs: readonly Pick<Rung, 'role' | 'productId'>[]): ProductsByRole {
  return Object.fromEntries(rungs.flatMap(({ role, productId }) => (role !== null && productId !== null ? [[role, productId]] : [])));
}

/** The route with another smoothing school. */
export function withSchool(route: LadderRoute, smoothing: string): LadderRoute {
  const school = SMOOTHING_SCHOOLS.find((entry) => entry.id === smoothing);
  if (!school) throw new RangeError(`unknown school: ${smoothing}`);
  return { ...route, smoothing: school.id };
}
