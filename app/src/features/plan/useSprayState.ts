import { airAt, windAt } from '@zinc-ladder/core/climate/airTimeline';
import type { SprayFault } from '@zinc-ladder/core/climate/sprayVerdict';
import { judgeSpraying } from '@zinc-ladder/core/climate/sprayVerdict';
import { useNow } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import { useAir, usePlan } from './usePlan';

/** What the strip says of the air and of spraying. */
export interface SprayState {
  readonly temperatureCelsius: number;
  readonly relativeHumidityPercent: number;
  readonly origin: 'measured' | 'forecast' | 'typical';
  /** age of the reading that is held on to, ms; null where none is */
  readonly heldMs: number | null;
  readonly dewGapKelvin: number;
  readonly faults: readonly SprayFault[];
  /** null: the air is fit, and the hours are not planned yet or could not be */
  readonly isOpen: boolean | null;
  /** when it closes while open, when it opens while closed; null: unknown or not within the plan */
  readonly changesMs: number | null;
}

/** The air and the spraying now; null before there is a shop. */
export function useSprayState(): SprayState | null {
  const shop = useShop();
  const air = useAir();
  const now = useNow(60_000);
  const { plan } = usePlan();
  if (!shop || !air) return null;
  // `now` is a whole minute; a reading taken within it is newer, and what was just typed should be what is shown.
  const at = Math.max(now, Math.min(air.measuredUntilMs, now + 60_000));
  const here = airAt(air, at);
  const verdict = judgeSpraying(here, shop.sprayLimits, here.temperatureCelsius, windAt(air, at));
  const windows = plan?.kind === 'planned' ? plan.sprayWindows : [];
  // A plan made within this minute begins its windows at its own moment, which is not later than now either.
  const current = windows.find((window) => window.start < now + 60_000 && now < window.end);
  const next = windows.find((window) => window.start >= now + 60_000);
  return {
    ...here,
    dewGapKelvin: verdict.dewGapKelvin,
    faults: verdict.faults,
    isOpen: plan === null && verdict.isOpen ? null : current !== undefined && verdict.isOpen,
    changesMs: (current && verdict.isOpen ? current.end : next?.start) ?? null,
  };
}
