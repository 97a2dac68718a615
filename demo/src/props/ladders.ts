import { growLadder } from '@zinc-ladder/core/ladder/growLadder';
import { findMethod } from '@zinc-ladder/core/ladder/methods';
import { estimateRungMinutes } from '@zinc-ladder/core/ladder/rungMinutes';
import { findProductClass } from '@zinc-ladder/core/cure/productClasses';
import { NEW_RUNG, routeChoiceOf, toRung } from '@zinc-ladder/model/gather/grow/growRungs';
import type { Join } from '@zinc-ladder/model/records/prop/join';
import type { Ladder } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { rungOfStep } from '@zinc-ladder/model/gather/grow/rungOfStep';
import { lightSteps } from '@zinc-ladder/model/gather/light/lightSteps';
import { readLights } from '@zinc-ladder/model/gather/light/readLights';
import { DEMO_LIGHTS } from './lights';
import { DEMO_PRODUCTS } from '../shop/products';
import { DEMO_PARTS } from '../scenario';

/** The ladders of the demo, grown and then changed by hand where the scenario asks for it. */
export interface DemoLadders {
  readonly ladders: readonly Ladder[];
  readonly rungs: readonly Rung[];
  readonly joins: readonly Join[];
}

interface HandRung {
  readonly name: string;
  readonly methodId: string;
  readonly productId: string | null;
  readonly why: string;
  readonly detail?: string;
  readonly mixCardId?: string;
  /** of its part's surface, where it is not what a mask of the demo usually leaves open */
  readonly share?: number;
}

const BAND: readonly HandRung[] = [
  {
    name: 'mask the band',
    methodId: 'mask',
    productId: null,
    why: 'The band is green over brass: brass goes on first and everywhere, so that chips in the green show metal.',
    detail: 'Fine-line tape on both beads, paper above. Press the edge down with a stick.',
  },
  { name: 'edge seal: brass', methodId: 'edgeSeal', productId: 'brass', why: 'The colour under the tape closes its edge.' },
  { name: 'green', methodId: 'maskedCoat', productId: 'harbour-green', why: 'Sprayed inside the mask.', mixCardId: 'card-green-3' },
  {
    name: 'green 2',
    methodId: 'maskedCoat',
    productId: 'harbour-green',
    why: 'The second coat hides the brass.',
    mixCardId: 'card-green-3',
  },
  { name: 'pull the mask', methodId: 'unmask', productId: null, why: 'Pulled while the paint is still soft the edge stays clean.' },
];
const ENAMEL: readonly HandRung[] = [
  {
    name: 'enamel blue',
    methodId: 'maskedCoat',
    productId: 'signal-blue',
    why: 'The field of the badge. Its second coat must follow within the hour, or after a day.',
    detail: 'Flood the field, wipe the raised border at once with a bud.',
  },
  { name: 'enamel blue 2', methodId: 'maskedCoat', productId: 'signal-blue', why: 'Enamel has depth from the second coat on.' },
];
const NUMERALS: readonly HandRung[] = [
  {
    name: 'stencil',
    methodId: 'mask',
    productId: null,
    why: 'Cut vinyl, scaled to the face.',
    detail: 'Squeegee from the middle out; burnish each numeral.',
  },
  { name: 'edge seal: cream', methodId: 'edgeSeal', productId: 'cream', why: 'Cream under the stencil closes its edges.' },
  { name: 'numerals', methodId: 'maskedCoat', productId: 'black-gloss', why: 'Black through the stencil.', share: 0.08 },
  { name: 'lift the stencil', methodId: 'unmask', productId: null, why: 'While it is soft.' },
];

const WORN: readonly HandRung[] = [
  {
    name: 'bright edges',
    methodId: 'dryBrush',
    productId: null,
    why: 'Zinc that is worn and rinsed shines where plates rub on each other.',
    detail: 'Graphite on a stiff brush, hardly any; fourteen plates the same.',
  },
  { name: 'salt', methodId: 'dustOn', productId: null, why: 'Sea water dries white where two plates meet.', detail: 'Pigment, dry.' },
];

/** Rungs put in by hand: after the last coat of colour. */
const ADDED: Readonly<Record<string, readonly HandRung[]>> = {
  'lantern-tank': BAND,
  'lantern-badge': ENAMEL,
  'badges-badge6': ENAMEL,
  'telegraph-face': NUMERALS,
  'cuff-plates': WORN,
};

/** Grows every ladder of the demo. */
export function growDemoLadders(): DemoLadders {
  const ladders: Ladder[] = [];
  const rungs: Rung[] = [];
  for (const { part, route, products } of DEMO_PARTS) {
    const grown = growLadder(routeChoiceOf(part, route));
    if (grown.kind === 'refused') throw new Error(`${part.id}: ${grown.reason}`);
    const own = grown.rungs.map((draft) => toRung(draft, '', part.id, DEMO_PRODUCTS, products));
    const afterColour = own.findLastIndex((rung) => rung.band === 'colour') + 1;
    const topped = own.slice(afterColour).flatMap((rung) => (rung.methodId === 'lights' ? lightRungs(part) : [rung]));
    const all = [...own.slice(0, afterColour), ...(ADDED[part.id] ?? []).map((given) => byHand(given, part)), ...topped];
    const numbered = all.map((rung, place) => ({ ...rung, id: `${part.id}-${String(place + 1).padStart(2, '0')}` }));
    rungs.push(...numbered);
    ladders.push({ id: part.id, revision: 0, partId: part.id, route, rungIds: numbered.map((rung) => rung.id) });
  }
  const bond = rungs.find((rung) => rung.ladderId === 'lantern-tank' && rung.methodId === 'bond');
  const baseCut = rungs.find((rung) => rung.ladderId === 'lantern-base' && rung.methodId === 'cut');
  const tankFit = rungs.findLast((rung) => rung.ladderId === 'lantern-tank');
  const platesFit = rungs.findLast((rung) => rung.ladderId === 'cuff-plates');
  if (!bond || !baseCut || !tankFit || !platesFit) throw new Error('the lantern has lost its bond, or the cuff its end');
  const fits = ['cap', 'cage', 'chimney', 'grip', 'badge'].map((name): Join => ({
    id: `join-${name}`,
    revision: 0,
    hostPartId: 'lantern-tank',
    hostRungId: tankFit.id,
    guestPartId: `lantern-${name}`,
    guestRungId: null,
    note: 'fitted last',
    seam: null,
  }));
  const joins: Join[] = [
    {
      id: 'join-base',
      revision: 0,
      hostPartId: 'lantern-tank',
      hostRungId: bond.id,
      guestPartId: 'lantern-base',
      guestRungId: baseCut.id,
      note: 'one colour, one seam: bonded before filling',
      seam: {
        dryFit: 'gap',
        lengthMillimetres: 214,
        gapMillimetres: 0.4,
        depthMillimetres: 1.5,
        stepMillimetres: 0.2,
        load: 'handled',
        isSeen: true,
        isReachable: true,
        mustComeOff: false,
      },
    },
    ...fits,
    {
      id: 'join-straps',
      revision: 0,
      hostPartId: 'cuff-plates',
      hostRungId: platesFit.id,
      guestPartId: 'cuff-straps',
      guestRungId: null,
      note: 'riveted under the end plates, last',
      seam: null,
    },
  ];
  return { ladders, rungs, joins };
}

/** The steps of a part's lights in place of the one rung that grows. */
function lightRungs(part: Part): Rung[] {
  return DEMO_LIGHTS.filter(({ partId }) => partId === part.id).flatMap((plan) =>
    lightSteps(plan, readLights(plan, part)).map((step) => rungOfStep(step, 'lights', '', part.id)),
  );
}

/** What a mask of the demo leaves open of its part. */
const REGION_SHARE = 0.35;

function byHand(given: HandRung, part: Part): Rung {
  const method = findMethod(given.methodId);
  const product = DEMO_PRODUCTS.find((entry) => entry.id === given.productId);
  const region = Math.round(part.areaSquareCentimetres * (given.share ?? REGION_SHARE) * 10) / 10;
  const { minutes, formula } = estimateRungMinutes(method, region, part.count);
  return {
    ...NEW_RUNG,
    id: '',
    ladderId: part.id,
    name: given.name,
    methodId: given.methodId,
    band: method.band,
    productId: given.productId,
    coatMicrometres: product ? findProductClass(product.classId).drying.coatMicrometres : null,
    minutes,
    minutesFormula: formula,
    // A wash is wiped over all of it; a mask leaves a region open.
    areaSquareCentimetres: method.band === 'maskDetail' ? region : null,
    why: given.why,
    detail: given.detail ?? '',
    mixCardId: given.mixCardId ?? null,
    cautionIds: product ? [...findProductClass(product.classId).cautions] : [...method.cautions],
  };
}
