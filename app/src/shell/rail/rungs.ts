/** A rung of the rail: a view, in the order a day is worked. */
export interface RailRung {
  readonly path: string;
  readonly name: string;
  /** the question the view answers */
  readonly question: string;
  /** its number on the rail, which is its key too */
  readonly key: string;
}

/** The rail's rungs. */
export const RAIL: readonly RailRung[] = [
  { path: '/bench', name: 'Bench', question: 'What do I do with my hands now?', key: '1' },
  { path: '/ladders', name: 'Ladders', question: 'Where is every part?', key: '2' },
  { path: '/plan', name: 'Plan', question: 'When, and will it be in time?', key: '3' },
  { path: '/surface', name: 'Surface', question: 'Is it smooth enough, what will it take?', key: '4' },
  { path: '/colour', name: 'Colour', question: 'What do I mix?', key: '5' },
  { path: '/weather', name: 'Weather', question: 'How far do I go?', key: '6' },
  { path: '/shelf', name: 'Shelf', question: 'Have I got it?', key: '7' },
  { path: '/log', name: 'Log', question: 'What did I do?', key: '8' },
  { path: '/shop', name: 'Shop', question: 'What is my shop like?', key: '9' },
];
