import type { Edit } from '../../data/edits/edit';
import { useEdit } from '../../features/edit/useEdit';
import type { Weather } from './useWeather';

/** An edit of a part's weathering; the plan is begun with the first. Resolves to whether it was done. */
export function usePlanEdit({
  plan,
  isKept,
  part,
}: Weather): (label: string, work: (change: Edit, planId: string) => Promise<void>) => Promise<boolean> {
  const edit = useEdit();
  return (label, work) =>
    edit(`${label} of ${part.name}`, async (change) => {
      if (!isKept && !(await change.get('weatherPlans', plan.id))) await change.put('weatherPlans', plan);
      await work(change, plan.id);
    });
}
