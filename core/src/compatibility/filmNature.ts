/** What a film is made of, as far as neighbours care. */
export type FilmFamily =
  'lacquer' | 'enamel' | 'waterAcrylic' | 'twoPart' | 'oil' | 'rubber' | 'vinyl' | 'putty' | 'polyester' | 'glue' | 'masking' | 'polish';

/** A film's nature. All common practice. */
export interface FilmNature {
  readonly family: FilmFamily;
  /** cracks when what is under it bends */
  readonly isBrittle: boolean;
  /** lets no light through */
  readonly isOpaque: boolean;
  readonly isMetallic: boolean;
  readonly isClear: boolean;
  /** made to hold on bare plastic */
  readonly isPrimer: boolean;
  /** so smooth or greasy that the next film slides */
  readonly isSlick: boolean;
}

const nature = (family: FilmFamily, marks: string): FilmNature => {
  const has = (mark: string): boolean => marks.split(' ').includes(mark);
  return {
    family,
    isBrittle: has('brittle'),
    isOpaque: has('opaque'),
    isMetallic: has('metal'),
    isClear: has('clear'),
    isPrimer: has('primer'),
    isSlick: has('slick'),
  };
};

/** By product class. */
const NATURES: Readonly<Record<string, FilmNature>> = {
  fillerPrimer: nature('lacquer', 'brittle opaque primer'),
  primer: nature('lacquer', 'brittle opaque primer'),
  adhesionPrimer: nature('lacquer', 'primer'),
  lacquerColour: nature('lacquer', 'brittle opaque'),
  enamelColour: nature('enamel', 'brittle opaque slick'),
  metallicLacquer: nature('lacquer', 'brittle opaque metal slick'),
  texturedEnamel: nature('enamel', 'brittle opaque'),
  airbrushAcrylic: nature('waterAcrylic', ''),
  brushAcrylic: nature('waterAcrylic', 'opaque'),
  waterClear: nature('waterAcrylic', 'clear'),
  lacquerClear: nature('lacquer', 'brittle clear'),
  floorPolish: nature('polish', 'clear slick'),
  rubberDip: nature('rubber', 'opaque slick'),
  vinylColour: nature('vinyl', 'opaque primer'),
  brushEpoxy: nature('twoPart', 'brittle slick'),
  tintedEpoxy: nature('twoPart', 'brittle slick clear'),
  bodyFiller: nature('polyester', 'brittle opaque primer'),
  putty: nature('putty', 'brittle opaque primer'),
  slurry: nature('putty', 'brittle opaque primer'),
  textureCompound: nature('waterAcrylic', 'opaque primer'),
  oilWash: nature('oil', ''),
  acrylicWash: nature('waterAcrylic', ''),
  maskingRubber: nature('masking', ''),
  epoxyGlue: nature('glue', ''),
  cyanoacrylate: nature('glue', 'clear'),
  contactCement: nature('glue', ''),
};

/** The nature of a class's film; null for a class that is not known here. */
export function natureOf(classId: string): FilmNature | null {
  return NATURES[classId] ?? null;
}
