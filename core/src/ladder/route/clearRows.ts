import type { RouteRow } from './routeRow';

const CLEAR_PRINTS = ['translucent', 'clearResin'] as const;

/** A clear print is sanded on both faces through the grits, each of which takes the scratches of the one before (common practice). */
export const CLEAR_GRIT_ROWS: readonly RouteRow[] = [
  {
    name: 'P400, both faces, wet',
    method: 'wetSand',
    grit: 'P400',
    when: { material: CLEAR_PRINTS, finish: ['clear'] },
    why: 'Crosswise to the grit before, until none of its scratches is left; wet, the dust does not load the paper.',
  },
  {
    name: 'P800, both faces, wet',
    method: 'wetSand',
    grit: 'P800',
    when: { material: CLEAR_PRINTS, finish: ['clear'] },
    why: 'The inside is seen as much as the outside: both are sanded.',
  },
  {
    name: 'P1200, both faces, wet',
    method: 'wetSand',
    grit: 'P1200',
    when: { material: CLEAR_PRINTS, finish: ['clear'] },
    why: 'A grit left out is seen from here on.',
  },
  {
    name: 'P2000, both faces, wet',
    method: 'wetSand',
    grit: 'P2000',
    when: { material: CLEAR_PRINTS, finish: ['clear'] },
    why: 'An even haze, shallow enough for the varnish to fill.',
  },
];

/** What makes it clear is the varnish that fills the last scratches; a sheet is clear already and only polished (common practice). */
export const CLEAR_VARNISH_ROWS: readonly RouteRow[] = [
  {
    name: 'gloss varnish 1, both faces',
    method: 'varnish',
    productClass: 'lacquerClear',
    role: 'clear',
    when: { material: CLEAR_PRINTS, finish: ['clear'] },
    why: 'It bends light as the print does: scratches that are full of it are not seen. Light coats, solvent pooled on clear print crazes it.',
  },
  {
    name: 'gloss varnish 2, both faces',
    method: 'varnish',
    productClass: 'lacquerClear',
    role: 'clear',
    when: { material: CLEAR_PRINTS, finish: ['clear'] },
    why: 'Laid wet: it closes to a glass-like skin.',
  },
  {
    name: 'polish',
    method: 'polishClear',
    when: { finish: ['clear'] },
    why: 'Dust nibs and orange peel go. No cyanoacrylate near it from now on: its vapour fogs clear faces white.',
  },
];
