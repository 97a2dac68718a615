import { difference } from '../lab';
import type { MixPart } from '../paint';
import { mixLab } from '../paint';

/** A part whose paint's strength is known within ÷ and × a factor; 1: exactly. */
export interface UnsurePart extends MixPart {
  readonly strengthSpread: number;
}

/**
 * How far a mix may come out from its prediction since its paints' strengths are not known better, ΔE00: each strength is moved both ways by its spread,
 * and what these do to the colour is added as independent errors are, by squares (ISO/IEC Guide 98-3, 5.1.2).
 */
export function unknownDifference(mix: readonly UnsurePart[], mirrored: number): number {
  if (mix.length < 2) return 0;
  const told = mixLab(mix, mirrored);
  const movedBy = (at: number, factor: number): number =>
    difference(
      mixLab(
        mix.map((part, other) => (other === at ? { ...part, paint: { ...part.paint, strength: part.paint.strength * factor } } : part)),
        mirrored,
      ),
      told,
    );
  const squares = mix.map(({ strengthSpread }, at) =>
    strengthSpread === 1 ? 0 : ((movedBy(at, strengthSpread) + movedBy(at, 1 / strengthSpread)) / 2) ** 2,
  );
  return Math.sqrt(squares.reduce((sum, value) => sum + value, 0));
}
