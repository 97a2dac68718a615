/** Where a facet lies on the part as it was printed. */
export const ZONES = [
  { id: 'bed', name: 'Bed face', why: 'lay on the print bed' },
  { id: 'flat', name: 'Flats', why: 'level: one layer, no steps, only the lines of its beads' },
  { id: 'dome', name: 'Domes', why: 'faces up, within 53° of level: the widest steps' },
  { id: 'shoulder', name: 'Shoulders', why: 'faces up, 53° to 78° from level' },
  { id: 'wall', name: 'Walls', why: 'upright within 12°: a ridge a layer' },
  { id: 'overhang', name: 'Undersides', why: 'faces down by more than 12°: steps, and scars where it was held up' },
] as const;

/** Id of a zone. */
export type ZoneId = (typeof ZONES)[number]['id'];
