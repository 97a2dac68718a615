import type { Agreement } from '@zinc-ladder/core/colour/picture/agreeSamples';
import { agreeSamples } from '@zinc-ladder/core/colour/picture/agreeSamples';
import { isGravelyDoubted } from '@zinc-ladder/core/colour/picture/neutralise';
import type { ColourTarget, TargetSample } from '@zinc-ladder/model/records/colour/colourTarget';
import { toLab } from '@zinc-ladder/model/gather/film/gatherPaints';

/** What samples say together. */
export function agreeTarget(samples: readonly TargetSample[]): Agreement | null {
  return agreeSamples(
    samples.map((sample) => ({
      id: sample.id,
      lab: toLab(sample.lab),
      isLeftOut: sample.isLeftOut,
      isDoubtful: isGravelyDoubted(sample.doubts),
    })),
  );
}

/** A target with other samples: its colour is their middle again. */
export function withSamples(target: ColourTarget, samples: readonly TargetSample[]): ColourTarget {
  const agreed = agreeTarget(samples);
  return {
    ...target,
    samples: [...samples],
    ...(agreed ? { origin: 'samples' as const, lab: [...agreed.middle], spread: Math.min(100, agreed.spread) } : {}),
  };
}
