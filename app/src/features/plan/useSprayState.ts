import type { AirTimeline, KnownAir } from '@zinc-ladder/core/climate/airTimeline';
import { airAt, windAt } from '@zinc-ladder/core/climate/airTimeline';
import type { SprayFault } from '@zinc-ladder/core/climate/sprayVerdict';
import { judgeSpraying } from '@zinc-ladder/core/climate/sprayVerdict';
import type { WorkPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import { airOfPlace } from '@zinc-ladder/core/plan/shop/sprayPlace';
import type { Interval } from '@zinc-ladder/core/time/interval';
import { useNow } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import { useAirs, usePlan } from './usePlan';

/** Whether something can be sprayed now, and until when. */
export interface SprayOpening {
  readonly faults: readonly SprayFault[];
  /** null: the air is fit, and the hours are not planned yet or could not be */
  readonly isOpen: boolean | null;
  /** when it closes while open, when it opens while closed; null: unknown or not within the plan */
  readonly changesMs: number | null;
}

/** What the strip says of the air and of spraying. */
export interface SprayState extends KnownAir {
  /** the air out of doors, where it is sprayed there; null: it is sprayed in the shop's */
  readonly yard: KnownAir | null;
  /** of the air that cans are sprayed in */
  readonly dewGapKelvin: number;
  /** of cans, and of an airbrush that goes where they go */
  readonly spraying: SprayOpening;
  /** of an airbrush that stays in the shop; null: none does */
  readonly airbrush: SprayOpening | null;
}

/** The air and the spraying now; null before there is a shop. */
export function useSprayState(): SprayState | null {
  const shop = useShop();
  const airs = useAirs();
  const now = useNow(60_000);
  const { plan } = usePlan();
  if (!shop || !airs) return null;
  const here = nowIn(airs.air, now);
  const yard = airs.yardAir && nowIn(airs.yardAir, now);
  const open = (place: WorkPlace, windows: readonly Interval[]): SprayOpening & { readonly dewGapKelvin: number } => {
    const air = airOfPlace(airs, place);
    const there = place === 'out' ? (yard ?? here) : here;
    const verdict = judgeSpraying(there, shop.sprayLimits, there.temperatureCelsius, windAt(air, momentOf(air, now)));
    // A plan made within this minute begins its windows at its own moment, which is not later than now either.
    const current = windows.find((window) => window.start < now + 60_000 && now < window.end);
    const next = windows.find((window) => window.start >= now + 60_000);
    return {
      dewGapKelvin: verdict.dewGapKelvin,
      faults: verdict.faults,
      isOpen: plan === null && verdict.isOpen ? null : current !== undefined && verdict.isOpen,
      changesMs: (current && verdict.isOpen ? current.end : next?.start) ?? null,
    };
  };
  const planned = plan?.kind === 'planned' ? plan : null;
  const spraying = open('out', planned?.sprayWindows ?? []);
  return {
    ...here,
    yard,
    dewGapKelvin: spraying.dewGapKelvin,
    spraying,
    airbrush: airs.airbrushesInside ? open('in', planned?.airbrushWindows ?? []) : null,
  };
}

function nowIn(air: AirTimeline, now: number): KnownAir {
  return airAt(air, momentOf(air, now));
}

/** `now` is a whole minute; a reading taken within it is newer, and what was just typed should be what is shown. */
function momentOf({ measuredUntilMs }: AirTimeline, now: number): number {
  return Math.max(now, Math.min(measuredUntilMs, now + 60_000));
}
