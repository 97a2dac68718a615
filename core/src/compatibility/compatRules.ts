import type { FilmFamily, FilmNature } from './filmNature';

/** What a film must be for a rule to speak of it. Every mark that is given must hold. */
export type FilmTest = Partial<Omit<FilmNature, 'family'>> & {
  readonly families?: readonly FilmFamily[];
  readonly classIds?: readonly string[];
};

/** How far the film under it is, or was made ready. */
export type StateTest = 'any' | 'notHard' | 'hard' | 'closedWindow' | 'unscuffed' | 'firstFilm' | 'firstUnwashed';

/** What mends it, as rungs and waits. */
export type RemedyKind =
  | { readonly kind: 'insert'; readonly methodId: string; readonly name: string; readonly classId: string | null }
  | { readonly kind: 'waitHard' }
  | { readonly kind: 'card' }
  | { readonly kind: 'leaveOut' };

/** A rule of what may lie on what. */
export interface CompatRule {
  readonly id: string;
  /** the film that is laid */
  readonly over: FilmTest;
  /** the film it comes onto; null: whatever, bare part too */
  readonly under: FilmTest | null;
  readonly substrate?: 'flexible' | 'translucent' | 'resin' | 'notResin' | 'notFabric';
  readonly state: StateTest;
  readonly what: string;
  readonly why: string;
  readonly sure: 'certain' | 'likely' | 'possible';
  readonly remedy: RemedyKind;
  /** flaw or symptom it shows as: see `symptoms` */
  readonly symptoms: readonly string[];
}

const card: RemedyKind = { kind: 'card' };
const waitHard: RemedyKind = { kind: 'waitHard' };
const scuff: RemedyKind = { kind: 'insert', methodId: 'scuff', name: 'scuff', classId: null };
const degrease: RemedyKind = { kind: 'insert', methodId: 'degrease', name: 'degrease', classId: null };
const barrier: RemedyKind = { kind: 'insert', methodId: 'brushClear', name: 'barrier coat', classId: 'waterClear' };
const adhesionPrimer: RemedyKind = { kind: 'insert', methodId: 'prime', name: 'adhesion primer', classId: 'adhesionPrimer' };

/** All rules, common practice throughout; the label and a test card win over each. A new rule is a new entry here. */
export const COMPAT_RULES: readonly CompatRule[] = [
  {
    id: 'lacquerOverSoftEnamel',
    over: { families: ['lacquer', 'vinyl', 'rubber'] },
    under: { families: ['enamel', 'oil'] },
    state: 'notHard',
    what: 'Strong solvent on an enamel or oil film that is not hard.',
    why: 'The solvent swells the half-cured film; it lifts and wrinkles.',
    sure: 'certain',
    remedy: waitHard,
    symptoms: ['wrinkling', 'tackiness'],
  },
  {
    id: 'lacquerOverHardEnamel',
    over: { families: ['lacquer', 'vinyl', 'rubber'] },
    under: { families: ['enamel', 'oil'] },
    state: 'hard',
    what: 'Strong solvent on a hard enamel.',
    why: 'A hard film mostly bears dry mist coats; a wet coat can still lift it.',
    sure: 'possible',
    remedy: barrier,
    symptoms: ['wrinkling', 'crazing'],
  },
  {
    id: 'enamelInWindow',
    over: { families: ['enamel'] },
    under: { families: ['enamel'] },
    state: 'closedWindow',
    what: 'Enamel recoated while its window is shut.',
    why: 'The skin is closed and the film under it soft: the new coat’s solvent lifts it.',
    sure: 'certain',
    remedy: waitHard,
    symptoms: ['wrinkling'],
  },
  {
    id: 'lacquerOverWaterAcrylic',
    over: { families: ['lacquer', 'vinyl', 'rubber'] },
    under: { families: ['waterAcrylic', 'polish'] },
    state: 'any',
    what: 'Strong solvent on water acrylic.',
    why: 'Lacquer thinner dissolves acrylic paint, also a dry one; details smear or craze. Dry mist coats are borne as a rule, a wet one lifts.',
    sure: 'possible',
    remedy: card,
    symptoms: ['crazing', 'wrinkling'],
  },
  {
    id: 'waterOverOil',
    over: { families: ['waterAcrylic', 'polish'] },
    under: { families: ['oil'] },
    state: 'notHard',
    what: 'Water paint over oil that is not through.',
    why: 'Water does not wet oil: it crawls into fish-eyes, and the oil under it stays soft.',
    sure: 'certain',
    remedy: waitHard,
    symptoms: ['fishEyes', 'peeling', 'tackiness'],
  },
  {
    id: 'waterOverSlickEnamel',
    over: { families: ['waterAcrylic'] },
    under: { families: ['enamel', 'oil', 'rubber'] },
    state: 'unscuffed',
    what: 'Water paint on a smooth enamel, oil or rubber film.',
    why: 'It beads and holds by nothing.',
    sure: 'likely',
    remedy: scuff,
    symptoms: ['fishEyes', 'peeling'],
  },
  {
    id: 'oilOverWater',
    over: { families: ['oil', 'enamel'] },
    under: { families: ['waterAcrylic', 'polish'] },
    state: 'notHard',
    what: 'Oil or enamel over water paint that is not through.',
    why: 'Water that is still in it cannot leave; thinners can lift a young acrylic.',
    sure: 'possible',
    remedy: waitHard,
    symptoms: ['blushing', 'crazing', 'peeling'],
  },
  {
    id: 'anythingOverRubber',
    over: { families: ['lacquer', 'enamel', 'waterAcrylic', 'twoPart', 'oil', 'polish'], isBrittle: true },
    under: { families: ['rubber'] },
    state: 'any',
    what: 'A hard film over rubber.',
    why: 'The rubber gives, the film does not: it cracks and peels.',
    sure: 'certain',
    remedy: { kind: 'leaveOut' },
    symptoms: ['cracking', 'peeling'],
  },
  {
    id: 'slickMetallic',
    over: { families: ['lacquer', 'enamel', 'waterAcrylic'], isMetallic: false, isClear: false },
    under: { isMetallic: true },
    state: 'unscuffed',
    what: 'Colour on a smooth metal paint.',
    why: 'Flakes lie flat at its top and give little hold; tape takes both along.',
    sure: 'possible',
    remedy: card,
    symptoms: ['peeling'],
  },
  {
    id: 'clearOverMetallic',
    over: { isClear: true, families: ['lacquer', 'waterAcrylic', 'polish'] },
    under: { isMetallic: true },
    state: 'any',
    what: 'Clear coat on a metal paint.',
    why: 'It wets the flakes and takes most of the metal’s shine: chrome effects turn grey.',
    sure: 'likely',
    remedy: card,
    symptoms: ['dulling'],
  },
  {
    id: 'brittleOnFlexible',
    over: { isBrittle: true },
    under: null,
    substrate: 'flexible',
    state: 'any',
    what: 'A brittle film on a part that bends.',
    why: 'It cracks at the first bend.',
    sure: 'certain',
    remedy: { kind: 'leaveOut' },
    symptoms: ['cracking', 'peeling'],
  },
  {
    id: 'opaqueOnTranslucent',
    over: { isOpaque: true },
    under: null,
    substrate: 'translucent',
    state: 'any',
    what: 'An opaque film on a part that lets light through.',
    why: 'The light stays inside.',
    sure: 'certain',
    remedy: { kind: 'leaveOut' },
    symptoms: ['noLight'],
  },
  {
    id: 'fogOnClear',
    over: { classIds: ['cyanoacrylate'] },
    under: null,
    substrate: 'translucent',
    state: 'any',
    what: 'Cyanoacrylate by a clear part.',
    why: 'Its vapour settles as white fog on clear parts near by.',
    sure: 'likely',
    remedy: card,
    symptoms: ['fogging', 'blushing'],
  },
  {
    id: 'colourOnBare',
    over: { families: ['lacquer', 'enamel', 'waterAcrylic', 'oil'], isPrimer: false, isClear: false },
    under: null,
    substrate: 'notFabric',
    state: 'firstFilm',
    what: 'Colour straight on the bare part.',
    why: 'Bare plastic and metal give little hold, and their own colour shows through.',
    sure: 'likely',
    remedy: adhesionPrimer,
    symptoms: ['peeling'],
  },
  {
    id: 'uncuredResin',
    over: {},
    under: null,
    substrate: 'resin',
    state: 'firstUnwashed',
    what: 'A film on resin that was not washed and cured here.',
    why: 'Resin left on the face, or release agent on a cast, keeps paint from holding and from drying.',
    sure: 'certain',
    remedy: { kind: 'insert', methodId: 'washResin', name: 'wash and UV cure', classId: null },
    symptoms: ['tackiness', 'peeling', 'fishEyes'],
  },
  {
    id: 'greasyFace',
    over: {},
    under: null,
    substrate: 'notResin',
    state: 'firstUnwashed',
    what: 'A first film on a face that was not washed.',
    why: 'Finger grease and sanding dust make fish-eyes and poor hold.',
    sure: 'likely',
    remedy: degrease,
    symptoms: ['fishEyes', 'peeling'],
  },
  {
    id: 'blushOnEpoxy',
    over: { families: ['lacquer', 'enamel', 'waterAcrylic', 'oil'] },
    under: { families: ['twoPart'] },
    state: 'unscuffed',
    what: 'Paint on epoxy that was neither washed nor scuffed.',
    why: 'Amine blush, a greasy film, rises as epoxy cures, and cured epoxy is too smooth.',
    sure: 'likely',
    remedy: scuff,
    symptoms: ['fishEyes', 'peeling', 'tackiness'],
  },
  {
    id: 'fillerOnPaint',
    over: { families: ['polyester'] },
    under: { families: ['lacquer', 'enamel', 'waterAcrylic', 'oil', 'rubber', 'polish'] },
    state: 'any',
    what: 'Two-part filler on paint.',
    why: 'Its styrene lifts paint, and the paint peels under the filler’s pull. Filler primer that was sanded bears it as a rule.',
    sure: 'likely',
    remedy: { kind: 'insert', methodId: 'sand', name: 'sand to the bare part', classId: null },
    symptoms: ['wrinkling', 'peeling'],
  },
  {
    id: 'overPolish',
    over: { families: ['lacquer', 'enamel', 'waterAcrylic', 'oil', 'twoPart'] },
    under: { families: ['polish'] },
    state: 'any',
    what: 'A film after wax or polish.',
    why: 'Nothing holds on polish: it comes last.',
    sure: 'likely',
    remedy: scuff,
    symptoms: ['fishEyes', 'peeling'],
  },
  {
    id: 'thinEpoxyInClearLens',
    over: { families: ['lacquer'] },
    under: { families: ['twoPart'], isClear: true },
    state: 'notHard',
    what: 'Lacquer on tinted epoxy that is not hard.',
    why: 'The solvent clouds and softens it.',
    sure: 'likely',
    remedy: waitHard,
    symptoms: ['crazing', 'blushing'],
  },
];
