import type { CompatFinding } from './checkStack';

/** What goes wrong to the eye, and where it comes from. Common practice. */
export interface Symptom {
  readonly id: string;
  readonly name: string;
  readonly looks: string;
  /** likeliest first */
  readonly causes: readonly string[];
  readonly mend: string;
}

/** All symptoms. */
export const SYMPTOMS: readonly Symptom[] = [
  {
    id: 'fishEyes',
    name: 'Fish-eyes',
    looks: 'round craters where the film drew back',
    causes: ['grease, wax, release agent or silicone on the face', 'water in the air line', 'water paint on oil'],
    mend: 'Let it harden, sand it off, degrease, mist the next coat.',
  },
  {
    id: 'wrinkling',
    name: 'Wrinkling',
    looks: 'the film shrivels like skin on milk',
    causes: ['a coat inside the closed window of an enamel', 'strong solvent on a soft film', 'a coat far too thick'],
    mend: 'Let it go hard, sand flat or strip, prime, start the colour anew.',
  },
  {
    id: 'crazing',
    name: 'Crazing',
    looks: 'fine net of cracks in the top film',
    causes: ['strong solvent on acrylic or plastic', 'a hard film on a soft one', 'cold, thick clear'],
    mend: 'Sand the net off, barrier coat, mist coats.',
  },
  {
    id: 'blushing',
    name: 'Blushing',
    looks: 'milky bloom, mostly on clear and black',
    causes: ['sprayed in damp air: the face was under the dew point', 'cyanoacrylate vapour', 'water under a film that closed'],
    mend: 'Warm and dry the part; a mist of the same clear often takes it back.',
  },
  {
    id: 'orangePeel',
    name: 'Orange peel',
    looks: 'small even dimples',
    causes: ['sprayed from too far or too dry', 'paint too thick or too cold', 'coats too soon on each other'],
    mend: 'Sand level with P1000–P2000, one wetter coat, or polish.',
  },
  {
    id: 'runs',
    name: 'Runs',
    looks: 'drops and curtains on steep faces',
    causes: ['too much at once', 'too near, too slow', 'too cold to dry'],
    mend: 'Let it go hard, cut the run down with a blade and paper, recoat.',
  },
  {
    id: 'peeling',
    name: 'Peeling',
    looks: 'the film comes off in sheets, often with the tape',
    causes: ['a slick or greasy face', 'no primer for this plastic', 'tape on a film that was not tape-safe', 'polish or rubber under it'],
    mend: 'Take off what is loose, feather the edge, scuff, adhesion primer.',
  },
  {
    id: 'cracking',
    name: 'Cracking',
    looks: 'deep cracks to what is under it',
    causes: ['a brittle film on what bends', 'filler or paint far too thick', 'a hard film on a soft one'],
    mend: 'Strip to what holds; thinner films, or films that bend.',
  },
  {
    id: 'tackiness',
    name: 'Stays tacky',
    looks: 'takes fingerprints after days',
    causes: ['uncured resin under it', 'too cold or too thick to cure', 'two-part mix out of ratio', 'oil that was not through'],
    mend: 'Warm room and time first; if it stays, strip and wash.',
  },
  {
    id: 'dulling',
    name: 'Metal turned grey',
    looks: 'a metal paint lost its shine',
    causes: ['a clear coat on it', 'handled before it was hard'],
    mend: 'One more thin coat of the metal; leave the clear away or take one that is made for it.',
  },
  {
    id: 'fogging',
    name: 'White fog',
    looks: 'white haze on clear parts near a bond',
    causes: ['cyanoacrylate vapour'],
    mend: 'Wipe with a trace of oil inside a lens; polish; glue clear parts with epoxy.',
  },
];

/** Causes of a symptom on one part: what its own ladder makes likely first, then the usual ones. */
export function explainSymptom(
  symptomId: string,
  findings: readonly CompatFinding[],
): { readonly symptom: Symptom; readonly here: readonly CompatFinding[] } {
  const symptom = SYMPTOMS.find((entry) => entry.id === symptomId);
  if (!symptom) throw new RangeError(`unknown symptom: ${symptomId}`);
  return { symptom, here: findings.filter((finding) => finding.symptoms.includes(symptomId)) };
}
