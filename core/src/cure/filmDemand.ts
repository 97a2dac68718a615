import type { DryingData, Milestone } from './dryingData';
import { labelMinutes } from './dryingData';
import { dryingKind, thicknessFactor } from './dryingKind';

/** A span on the cure clock, label minutes after the last coat; `until` null: stays open. */
export interface RecoatPiece {
  readonly from: number;
  readonly until: number | null;
}

/**
 * Progress a milestone asks of a film, label minutes. Touch and recoat are matters of the surface and follow the last coat;
 * handle, sand, tape and hard ask for the depth and follow the whole wet film (several wet coats are one film).
 *
 * @param filmMicrometres whole film that is wet together, dry thickness
 * @param lastCoatMicrometres last coat alone
 * @returns null where the product has no such milestone
 */
export function milestoneDemand(
  drying: DryingData,
  milestone: Milestone,
  filmMicrometres: number,
  lastCoatMicrometres: number,
): number | null {
  const minutes = labelMinutes(drying, milestone);
  if (minutes === null) return null;
  const isSurface = milestone === 'touch' || milestone === 'recoat';
  const thickness = isSurface ? lastCoatMicrometres : filmMicrometres;
  return minutes * factor(drying, thickness);
}

/**
 * The spans in which another coat may follow, label minutes after the last coat: one that stays open, or one that closes
 * and, for products that wrinkle in between, a second from when it opens again.
 */
export function recoatPieces(drying: DryingData, filmMicrometres: number, lastCoatMicrometres: number): RecoatPiece[] {
  const opens = drying.recoatFromMinutes * factor(drying, lastCoatMicrometres);
  if (drying.recoatUntilMinutes === null) return [{ from: opens, until: null }];
  // The close is not stretched by thickness: a thick film skins over as soon as a thin one, and late is the dangerous side.
  const closes = Math.max(drying.recoatUntilMinutes, opens);
  const pieces: RecoatPiece[] = [{ from: opens, until: closes }];
  if (drying.recoatAgainMinutes !== null) {
    pieces.push({ from: Math.max(closes, drying.recoatAgainMinutes * factor(drying, filmMicrometres)), until: null });
  }
  return pieces;
}

function factor(drying: DryingData, thicknessMicrometres: number): number {
  const ratio = drying.coatMicrometres > 0 ? thicknessMicrometres / drying.coatMicrometres : 1;
  return thicknessFactor(dryingKind(drying.kind).thickness, ratio);
}
