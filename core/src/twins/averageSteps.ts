import { median } from '../number/median';
import { alignSteps } from './alignSteps';
import type { PaintedStep } from './compareTwins';

/**
 * The typical part of several that should match: the steps that at least half of them have, in the order of the part with the median number
 * of steps, with median films, minutes and waits. What is no number is that one's.
 */
export function averageSteps(twins: readonly (readonly PaintedStep[])[]): readonly PaintedStep[] {
  if (twins.length < 2) return twins[0] ?? [];
  const usualCount = median(twins.map((steps) => steps.length));
  const spine = twins.reduce((best, steps) => (Math.abs(steps.length - usualCount) < Math.abs(best.length - usualCount) ? steps : best));
  const beside = new Map<PaintedStep, PaintedStep[]>(spine.map((step) => [step, []]));
  for (const steps of twins) for (const { a, b } of alignSteps(spine, steps)) if (a && b) beside.get(a)?.push(b);
  return spine.flatMap((step): PaintedStep[] => {
    const all = beside.get(step) ?? [];
    if (all.length * 2 < twins.length) return [];
    const middle = (of: (one: PaintedStep) => number | null): number | null => {
      const known = all.flatMap((one) => of(one) ?? []);
      return known.length === 0 ? null : median(known);
    };
    return [
      {
        ...step,
        micrometres: middle((one) => one.micrometres),
        minutes: middle((one) => one.minutes),
        usualMinutes: middle((one) => one.usualMinutes),
        waitedMinutes: middle((one) => one.waitedMinutes),
        coats: middle((one) => one.coats) ?? step.coats,
        endedAtMs: middle((one) => one.endedAtMs),
      },
    ];
  });
}
