import { AGED } from '../ages';
import type { RouteRow } from './routeRow';

/** Hard things that come ready-made. */
const READY_MADE = ['metal', 'bought'] as const;

/** What is not printed begins with its shape. Order and reasons are common practice. */
export const SHAPED_ROWS: readonly RouteRow[] = [
  {
    name: 'cut the blank',
    method: 'cutShape',
    when: { material: ['sheet'] },
    why: 'With an edge to be held by; the protecting film stays on where it is not heated.',
  },
  {
    name: 'form over the buck',
    method: 'formSheet',
    when: { material: ['sheet'] },
    why: 'All of it evenly soft, then over the buck in one go, and held until it is stiff. A flat pane leaves this rung out.',
  },
  {
    name: 'trim',
    method: 'trimSheet',
    when: { material: ['sheet'] },
    why: 'Score and snap or saw slowly: a hot blade melts the edge shut.',
  },
  {
    name: 'cut to shape',
    method: 'cutShape',
    when: { material: ['fabric', 'foam'] },
    why: 'A fresh blade and a paper pattern; turn-ins and laps belong to the pattern.',
  },
  { name: 'hem', method: 'stitch', when: { material: ['fabric'] }, why: 'An edge that is open now frays through every coat on it.' },
  {
    name: 'degrease',
    method: 'degrease',
    when: { material: READY_MADE },
    why: 'Oil of the works, release agent and fingers: nothing holds over them.',
  },
];

/** Faces made ready before anything is laid on them. */
export const LEVELLED_ROWS: readonly RouteRow[] = [
  {
    name: 'P400, edges',
    method: 'sand',
    grit: 'P400',
    when: { material: ['sheet'] },
    why: 'A sharp edge cuts its wearer, and cracks begin at a nick.',
  },
  {
    name: 'frost the inside',
    method: 'scuff',
    grit: 'P400',
    when: { material: ['sheet'], finish: ['litTranslucent'] },
    why: 'A dull face spreads light: the lamps behind it are no longer seen one by one.',
  },
  {
    name: 'close the skin',
    method: 'heatSeal',
    when: { material: ['foam'] },
    why: 'Open pores drink one coat after another; warm air closes them and the face turns a little glossy.',
  },
  {
    name: 'scuff',
    method: 'scuff',
    grit: 'P400',
    when: { material: READY_MADE, notFinish: ['asItIs'] },
    why: 'Metal and moulded faces are smooth: primer holds on the scratches.',
  },
  {
    name: 'dull the shine',
    method: 'scuff',
    grit: 'P600',
    when: { material: READY_MADE, finish: ['asItIs'], age: AGED },
    why: 'A bolt that shines looks newer than the case it holds.',
  },
];

/** The first film on what nothing holds to by itself. */
export const KEYED_ROWS: readonly RouteRow[] = [
  {
    name: 'adhesion primer',
    method: 'prime',
    productClass: 'adhesionPrimer',
    role: 'primer',
    when: { material: READY_MADE, notFinish: ['asItIs'] },
    why: 'Colour alone chips off metal and moulded plastic at the first knock.',
  },
  {
    name: 'flexible sealer',
    method: 'prime',
    productClass: 'rubberDip',
    role: 'primer',
    when: { material: ['foam'] },
    why: 'A skin that bends: what lies over it has something even to lie on.',
  },
];

/** How what is not printed comes onto the prop. */
export const FASTENED_ROWS: readonly RouteRow[] = [
  {
    name: 'rivet or stitch on',
    method: 'fasten',
    when: { material: ['fabric'] },
    why: 'Last, on hard film: a strap that is painted in place sticks to what it lies on.',
  },
  {
    name: 'fasten',
    method: 'fasten',
    when: { material: ['metal'] },
    why: 'Into holes whose film was taken off: a bolt turned through paint lifts its rim.',
  },
];
