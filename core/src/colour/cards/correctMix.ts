import type { Lab } from '../lab';
import { difference } from '../lab';
import type { MixPaint } from '../paint';
import { createMixer } from '../recipe/mixer';

/** What to add to a batch that came out wrong. */
export interface Addition {
  readonly parts: readonly { readonly paintId: string; readonly parts: number }[];
  readonly addedParts: number;
  /** parts of the batch after it */
  readonly totalParts: number;
  readonly lab: Lab;
  readonly difference: number;
}

/** An addition must win that much to be worth a part more: less drowns in the drops' own spread. */
const WORTH = 0.5;

/** A component of a written mix. */
interface WrittenPart {
  readonly productId: string | null;
  readonly name: string;
  readonly amount: number;
}

/**
 * A written mix as it stands after an addition to what is left of it.
 *
 * @param leftShare share of the mix that was left, above 0
 */
export function withAddition(
  components: readonly WrittenPart[],
  leftShare: number,
  addition: Pick<Addition, 'parts'>,
  nameOf: (paintId: string) => string,
): WrittenPart[] {
  const left = components.map((component) => ({
    ...component,
    amount: Math.max(0.001, Math.round(component.amount * leftShare * 1000) / 1000),
  }));
  for (const { paintId, parts } of addition.parts) {
    const known = left.find((component) => component.productId === paintId);
    if (known) known.amount += parts;
    else left.push({ productId: paintId, name: nameOf(paintId), amount: parts });
  }
  return left;
}

/**
 * Additions of at most two paints to a batch, the smallest that helps first. The batch counts as one paint that has the colour that was read, whatever
 * was mixed: so its own prediction error does not enter (measured: halves the error of the second card). Nothing can be taken out of a mix.
 *
 * @param batch the mix as one paint: `paintOf` of the reading, with strength = mass ÷ parts
 * @param batchParts parts it holds, such as drops
 * @param mostParts most that may be added, 16 by default
 * @returns from small and rough to large and fine; empty where no addition helps
 */
export function correctMix(
  batch: MixPaint,
  batchParts: number,
  paints: readonly MixPaint[],
  target: Lab,
  mirrored: number,
  mostParts = 16,
): Addition[] {
  if (!(batchParts > 0)) throw new RangeError(`a batch holds more than 0 parts, got ${batchParts}`);
  const mixer = createMixer([batch, ...paints], mirrored);
  const out = new Float64Array(3);
  const found: Addition[] = [];
  const consider = (chosen: readonly number[], parts: readonly number[]): void => {
    mixer.lab([0, ...chosen], [batchParts, ...parts], chosen.length + 1, out);
    const lab: Lab = [out[0] as number, out[1] as number, out[2] as number];
    const added = parts.reduce((sum, value) => sum + value, 0);
    found.push({
      parts: chosen.map((paint, at) => ({ paintId: paints[paint - 1]?.id ?? '', parts: parts[at] as number })),
      addedParts: added,
      totalParts: batchParts + added,
      lab,
      difference: difference(lab, target),
    });
  };
  const most = Math.max(1, Math.floor(mostParts));
  for (let one = 1; one <= paints.length; one += 1)
    for (let parts = 1; parts <= most; parts += 1) {
      consider([one], [parts]);
      for (let other = one + 1; other <= paints.length; other += 1)
        for (let more = 1; parts + more <= most; more += 1) consider([one, other], [parts, more]);
    }
  let bar = difference(batch.lab, target) - WORTH;
  const kept: Addition[] = [];
  for (const entry of found.toSorted((a, b) => a.addedParts - b.addedParts || a.difference - b.difference))
    if (entry.difference <= bar) {
      // Of one size only the best counts, and it came first.
      kept.push(entry);
      bar = entry.difference - WORTH;
    }
  return kept;
}
