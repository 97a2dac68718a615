/** A caution shown at the rung where it matters. All are usual cautions (common practice) and defer to the label. */
export interface Caution {
  readonly id: string;
  readonly title: string;
  readonly text: string;
}

/** Said with every caution. */
export const DEFERENCE = "The product's label and safety sheet, local rules and trained practice come first.";

/** All cautions. A new one is a new entry; methods and product classes name it by id. */
export const CAUTIONS: readonly Caution[] = [
  {
    id: 'solventSpray',
    title: 'Solvent spray',
    text: 'Organic-vapour respirator and real ventilation. No flame, spark or heater near the vapour; let it clear before the heater goes on.',
  },
  { id: 'sprayMist', title: 'Spray mist', text: 'Even water acrylic is breathed in as mist: mask on, extraction running.' },
  {
    id: 'solventVapour',
    title: 'Solvent vapour',
    text: 'Organic-vapour respirator, open air or extraction, gloves. No flame, spark or heater nearby. Pregnant or sensitised people stay out.',
  },
  {
    id: 'solventSmoothing',
    title: 'Solvent smoothing',
    text: 'The vapour is heavy, flammable and harmful: outdoors or extracted, never warmed, never near a flame or spark, respirator and gloves on.',
  },
  {
    id: 'epoxy',
    title: 'Epoxy',
    text: 'Gloves and ventilation until it is cured; a large cup heats itself. It sensitises: keep it off the skin.',
  },
  {
    id: 'bodyFiller',
    title: 'Body filler',
    text: 'Styrene vapour: respirator and ventilation. Mask for its dust. Too much hardener bleeds through paint.',
  },
  {
    id: 'cyanoacrylate',
    title: 'Cyanoacrylate',
    text: 'Bonds skin at once and its vapour stings: gloves, eye protection, air. Activator is a solvent: no flame.',
  },
  { id: 'dust', title: 'Dust', text: 'Dust mask; wet paper where the part can take water; wipe up wet rather than sweep.' },
  {
    id: 'resinDust',
    title: 'Resin dust',
    text: 'Sand resin wet, mask on, and only when it is fully cured. Wipe up wet, bin the slurry; do not pour it away.',
  },
  {
    id: 'uncuredResin',
    title: 'Uncured resin',
    text: 'Nitrile gloves, eye protection and air until it is washed and UV cured. Alcohol is flammable; do not look into the lamp.',
  },
  {
    id: 'warmAir',
    title: 'Warm air',
    text: 'Low heat, kept moving, a hand’s length away: filament parts bend from about 55 °C and thick films trap solvent under a skin. Never over solvent that is still wet.',
  },
  { id: 'sharp', title: 'Sharp tools', text: 'Cut away from the hand that holds the part; cap the blade when it is set down.' },
  {
    id: 'oilRags',
    title: 'Oily rags',
    text: 'Dry them flat outdoors or drown them in a closed tin: bunched up they can heat themselves and burn.',
  },
  {
    id: 'lights',
    title: 'Lights',
    text: 'Size the wire and the fuse, keep lithium cells in a proper holder and away from heat, avoid fast strobes.',
  },
  {
    id: 'soldering',
    title: 'Soldering',
    text: 'Air or extraction for the fumes of flux, eyes protected, the iron in its stand; hands washed after leaded solder.',
  },
  {
    id: 'sheetForming',
    title: 'Hot sheet',
    text: 'Never in a kitchen oven: fumes, and food after it. Heat with ventilation, gloves for sheet and frame, the maker’s window for the plastic.',
  },
  {
    id: 'dyeBath',
    title: 'Dye bath',
    text: 'Hot water and dye: gloves, eyes, no pot that food comes back into, powder not breathed in; below the heat at which the piece bends.',
  },
  {
    id: 'magnets',
    title: 'Strong magnets',
    text: 'They pinch and splinter, are dangerous when swallowed, and disturb pacemakers and cards: glued in for good, away from children.',
  },
  { id: 'worn', title: 'Worn pieces', text: 'Let it cure fully before it is worn. A helmet that narrows the view needs a handler.' },
];

/**
 * The cautions of those ids, each once, in the order of {@link CAUTIONS}.
 *
 * @throws RangeError for an unknown id
 */
export function findCautions(ids: readonly string[]): Caution[] {
  const wanted = new Set(ids);
  const found = CAUTIONS.filter((caution) => wanted.delete(caution.id));
  if (wanted.size > 0) throw new RangeError(`unknown caution: ${[...wanted].join(', ')}`);
  return found;
}
