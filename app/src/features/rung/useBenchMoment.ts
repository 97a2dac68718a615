import { airAt } from '@zinc-ladder/core/climate/airTimeline';
import type { BenchMoment } from '../../data/changes/ladder/benchChanges';
import { useClock } from '../../clock/ClockContext';
import { useAir } from '../plan/usePlan';
import { useAtBench } from '../person/useAtBench';
import { newId } from '../../base/newId';

/** The circumstances of a hand right now, for the log. */
export function useBenchMoment(): () => BenchMoment {
  const clock = useClock();
  const air = useAir();
  const { person } = useAtBench();
  return () => {
    const nowMs = clock.now();
    const here = air ? airAt(air, nowMs) : null;
    const logged = here && {
      temperatureCelsius: Math.round(here.temperatureCelsius * 10) / 10,
      relativeHumidityPercent: Math.round(here.relativeHumidityPercent),
      origin: here.origin,
    };
    return { nowMs: Math.round(nowMs), air: logged, makeId: newId, personId: person?.id ?? null };
  };
}
