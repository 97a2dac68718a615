import type { Person } from '@zinc-ladder/model/records/shop/person';

/** The finisher, and a friend with hands on Saturday who does not spray and keeps away from solvents. */
export const DEMO_PERSONS: readonly Person[] = [
  { id: 'me', revision: 0, name: 'Me', position: 0, hours: null, exceptions: [], busy: [], refuses: [] },
  {
    id: 'friend',
    revision: 0,
    name: 'Juna',
    position: 1,
    hours: [{ weekday: 6, startMinute: 10 * 60, endMinute: 16 * 60 }],
    exceptions: [],
    busy: [],
    refuses: ['spraying', 'powerTools', 'solvents'],
  },
];
