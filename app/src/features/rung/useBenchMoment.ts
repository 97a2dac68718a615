import type { BenchMoment } from '../../data/changes/ladder/benchChanges';
import { useClock } from '../../clock/ClockContext';
import { useAtBench } from '../person/useAtBench';
import { newId } from '../../base/newId';
import { useLoggedAir } from './useLoggedAir';

/** The circumstances of a hand right now, for the log. */
export function useBenchMoment(): () => BenchMoment {
  const clock = useClock();
  const airAt = useLoggedAir();
  const { person } = useAtBench();
  return () => {
    const nowMs = clock.now();
    return {
      nowMs: Math.round(nowMs),
      air: airAt(nowMs, 'in'),
      sprayAir: airAt(nowMs, 'out'),
      makeId: newId,
      personId: person?.id ?? null,
    };
  };
}
