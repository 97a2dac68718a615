/** A rung of the rail: a view, in the order a day is worked. */
export interface RailRung {
  readonly path: string;
  readonly name: string;
  /** the question the view answers */
  readonly question: string;
  /** pressed after `g` */
  readonly key: string;
}

/** The rail's rungs. Shelf joins when it does something. */
export const RAIL: readonly RailRung[] = [
  { path: '/bench', name: 'Bench', question: 'What do I do with my hands now?', key: 'b' },
  { path: '/ladders', name: 'Ladders', question: 'Where is every part?', key: 'l' },
  { path: '/plan', name: 'Plan', question: 'When, and will it be in time?', key: 'p' },
  { path: '/surface', name: 'Surface', question: 'Is it smooth enough, what will it take?', key: 'f' },
  { path: '/colour', name: 'Colour', question: 'What do I mix?', key: 'c' },
  { path: '/weather', name: 'Weather', question: 'How far do I go?', key: 'w' },
  { path: '/log', name: 'Log', question: 'What did I do?', key: 'o' },
  { path: '/shop', name: 'Shop', question: 'What is my shop like?', key: 's' },
];
