import type { MaskPlan } from '../records/ladder/maskPlan';

/** A mask plan that names its own regions only: borders, orders and chips that name others, or a region twice, go. */
export function tidyMaskPlan(plan: MaskPlan): MaskPlan {
  const ids = new Set<string>();
  const regions = plan.regions.filter((region) => !ids.has(region.id) && ids.add(region.id));
  return {
    ...plan,
    regions: regions.map((region) =>
      region.chipsShowId === null || ids.has(region.chipsShowId) ? region : { ...region, chipsShowId: null },
    ),
    borders: plan.borders.filter((border) => ids.has(border.firstId) && ids.has(border.secondId)),
    order: plan.order.filter((id) => ids.has(id)),
  };
}

/** Whether a mask plan names a region twice, or one that is not there. */
export function isMaskPlanUntidy(plan: MaskPlan): boolean {
  const ids = new Set(plan.regions.map((region) => region.id));
  const named = [
    ...plan.borders.flatMap((border) => [border.firstId, border.secondId]),
    ...plan.regions.flatMap((region) => region.chipsShowId ?? []),
    ...plan.order,
  ];
  return ids.size !== plan.regions.length || named.some((id) => !ids.has(id));
}
