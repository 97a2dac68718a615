import type { RegionMatch } from './matchColours';

/** A region that was compared. */
export type ComparedRegion = Exclude<RegionMatch, { readonly refusal: unknown }>;

/** What a correction did to a region, ΔE00: above nothing it came nearer. */
export interface CorrectionWon {
  readonly won: number;
  /** whether it is more than two such matches differ by anyway */
  readonly isTold: boolean;
}

/** Share of the joint half width from which a change is told: the same light and camera err mostly alike in both matches (guess). */
const TOLD_SHARE = 0.5;

/** What lies between an earlier match of a region and a later one. */
export function correctionWon(before: ComparedRegion, now: ComparedRegion): CorrectionWon {
  const won = before.deltaE - now.deltaE;
  const half = Math.hypot(before.high - before.deltaE, now.high - now.deltaE);
  return { won, isTold: Math.abs(won) > TOLD_SHARE * half };
}
