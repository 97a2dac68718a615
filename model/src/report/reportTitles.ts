/** Sections of a build report in their order, with what each is headed by. */
export const REPORT_TITLES = {
  story: 'Story and pictures',
  dimensions: 'Dimensions',
  progress: 'From first to last',
  ladders: 'Parts as they were climbed',
  films: 'Films',
  cards: 'Mixes and techniques',
  hours: 'Hours',
  materials: 'Materials',
  cost: 'Cost',
  better: 'What to do better',
  cautions: 'Cautions',
} as const;

/** A section of a build report. */
export type ReportSectionId = keyof typeof REPORT_TITLES;

/** All of them, in their order. */
export const REPORT_SECTION_IDS = Object.keys(REPORT_TITLES) as ReportSectionId[];
