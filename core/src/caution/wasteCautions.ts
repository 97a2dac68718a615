/** What to heed with what is left over (common practice; local rules first). */
export const WASTE_CAUTIONS: readonly { readonly what: string; readonly text: string }[] = [
  {
    what: 'Oily rags',
    text: 'they heat themselves and burn: wet them, lay them flat outdoors or shut them in a metal tin of water; never in a heap or a bin.',
  },
  { what: 'Spray cans', text: 'only empty ones; never pierced, warmed or burned. Half full ones go to the collection point.' },
  {
    what: 'Solvent and thinner',
    text: 'not down a drain: into a tight, named tin for the collection point. Settled, the clear part can be used again.',
  },
  {
    what: 'Resin, epoxy, filler',
    text: 'cured first, all of it, as a solid; uncured it is hazardous waste. A large cup heats itself: spread it thin or stand it outdoors.',
  },
  { what: 'Water paint', text: 'wiped out before it is washed; leftovers dried and thrown away dry.' },
  { what: 'Cells', text: 'poles taped over, to the collection point; swollen lithium cells stay outdoors, away from anything that burns.' },
];
