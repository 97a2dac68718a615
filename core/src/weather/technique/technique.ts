import type { Carrier } from '../deposit/carrier';

/** What a pass shows: a paint, what lies under the top coat, or only another sheen. */
export type Shows = 'paint' | 'under' | 'sheen';

/** A choice that finishers disagree on, with the drawback of the side taken here. */
export interface TechniqueSchool {
  readonly question: 'wipe or leave' | 'chips added or taken away' | 'oil or acrylic' | 'rust up or down' | 'seal or leave matte';
  readonly side: string;
  readonly cost: string;
}

/** How a paint is thinned for a technique, parts by volume. */
export interface Thinning {
  readonly paint: number;
  readonly thinner: number;
  readonly with: 'water' | 'white spirit' | 'nothing';
}

/**
 * One way of weathering as data. Words and minutes are common practice; constants of where it lands are guessed until technique cards exist, and the
 * finisher's own cards win over them.
 */
export interface Technique {
  readonly id: string;
  readonly name: string;
  readonly lands: string;
  readonly carrier: Carrier;
  readonly tool: string;
  /** breadth of its marks, mm */
  readonly usualSizeMillimetres: number;
  readonly usualAmount: number;
  /** null where it is not wiped */
  readonly usualWiped: number | null;
  readonly shows: Shows;
  /** how what it leaves shines, 0 matte … 1 mirror, for drawing; guessed. Left out: matte, as most films that are thinned or rubbed on */
  readonly sheen?: number;
  /** whether what it leaves throws light back as metal does, whatever it is rubbed or drawn on with; for drawing */
  readonly isMetal?: boolean;
  /** colour that is usual for it, `#rrggbb`; a paint of the shelf takes its place */
  readonly usualHex: string;
  readonly classId: string;
  readonly thinning: Thinning;
  /** share of the product's touch-dry time in which it can be worked; guessed */
  readonly workingShare: number;
  readonly wipe: string | null;
  /** what it wants under it, and why */
  readonly before: { readonly clear: 'gloss' | 'matte' | 'none'; readonly why: string };
  /** what it wants over it, and why */
  readonly after: { readonly clear: 'matte' | 'any' | 'never'; readonly why: string };
  readonly mustNotTouch: readonly { readonly what: 'metallic' | 'flexible' | 'bareResin' | 'translucent'; readonly why: string }[];
  readonly methodId: string;
  readonly cautions: readonly string[];
  /** passes go from large to small; dust is last */
  readonly order: number;
  readonly school: TechniqueSchool | null;
  readonly overdone: string;
}
