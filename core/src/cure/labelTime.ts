/**
 * When a window that a label gives in minutes closes: by the film's clock or by the label's own time, whichever comes first. Cold slows a film,
 * but nobody promises that it may be coated for longer; late is the dangerous side.
 *
 * @param byFilm the minute by which the film has come so far
 * @param fromMinute when the coat was laid
 */
export function closesByLabel(byFilm: number, fromMinute: number, labelMinutes: number): number {
  return Math.min(byFilm, fromMinute + labelMinutes);
}

/** When it opens again: by the film's clock and by the label's own time, whichever comes last. Heat brings a second opening forward for nobody. */
export function reopensByLabel(byFilm: number, fromMinute: number, labelMinutes: number): number {
  return Math.max(byFilm, fromMinute + labelMinutes);
}
