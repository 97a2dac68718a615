import type { CurePhase, DryingKindId } from './dryingKind';

/** States of a film that work waits for, in no fixed order: some products can be recoated before they are touch dry. */
export type Milestone = 'touch' | 'recoat' | 'handle' | 'sand' | 'tape' | 'hard';

/** Every milestone, in the order a finisher asks for them. */
export const MILESTONES: readonly Milestone[] = ['touch', 'recoat', 'handle', 'sand', 'tape', 'hard'];

/** How one product dries: label times in minutes at label conditions for one coat of the label's thickness. */
export interface DryingData {
  readonly kind: DryingKindId;
  readonly coatMicrometres: number;
  readonly touchMinutes: number;
  readonly recoatFromMinutes: number;
  /** when the recoat window closes; null: it stays open */
  readonly recoatUntilMinutes: number | null;
  /** when it opens again after closing; null: it never does by itself */
  readonly recoatAgainMinutes: number | null;
  readonly handleMinutes: number;
  /** null: this film is not sanded */
  readonly sandMinutes: number | null;
  /** null: tape is not laid on it */
  readonly tapeMinutes: number | null;
  readonly hardMinutes: number;
  /** below this a water-borne film cracks or chalks instead of forming, °C (ISO 2115 measures it) */
  readonly minimumFilmCelsius: number;
}

/** Label minutes of a milestone; null where the product has none. */
export function labelMinutes(drying: DryingData, milestone: Milestone): number | null {
  const minutes: Record<Milestone, number | null> = {
    touch: drying.touchMinutes,
    recoat: drying.recoatFromMinutes,
    handle: drying.handleMinutes,
    sand: drying.sandMinutes,
    tape: drying.tapeMinutes,
    hard: drying.hardMinutes,
  };
  return minutes[milestone];
}

/** What has to go on in a film for a milestone. */
export function phaseOf(milestone: Milestone): CurePhase {
  return milestone === 'sand' || milestone === 'tape' || milestone === 'hard' ? 'hardening' : 'drying';
}
