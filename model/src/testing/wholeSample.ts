import type { ProjectFile } from '../file/projectFile';
import { NEW_LIGHTS } from '../gather/light/newLights';
import { KEPT_UNSET } from '../products/keptUnset';
import { makeSampleProject } from './sampleProject';

/** The sample with a record of every other kind beside: what sees all kinds there are is tested with it. */
export function makeWholeSample(): ProjectFile {
  const sample = makeSampleProject();
  return {
    ...sample,
    ...OTHERS,
    weatherPlans: sample.weatherPlans.map((plan) => ({
      ...plan,
      seat: { turnDegrees: 90, offset: [0, 12.5, -40] },
      regions: [
        {
          id: 'band',
          productId: 'primer',
          lab: [40, 2, 8],
          place: [0, 10, 4],
          edgeDegrees: 25,
          reachMillimetres: 12,
          stencilId: 'stencil',
          turnDegrees: -15,
        },
      ],
    })),
    pictures: [...sample.pictures, ...sample.pictures.map((picture) => ({ ...picture, id: 'own', isOwn: true }))],
  };
}

const OTHERS: Pick<
  ProjectFile,
  'supplies' | 'suppliers' | 'packs' | 'purchases' | 'lightPlans' | 'dimensions' | 'matches' | 'measurings' | 'persons'
> = {
  supplies: [
    {
      id: 'paper',
      revision: 0,
      ...KEPT_UNSET,
      name: 'Paper P180',
      kindId: 'abrasiveSheet',
      grit: 180,
      widthMillimetres: null,
      left: 4,
      closedMonths: null,
      openedMonths: null,
    },
  ],
  suppliers: [
    { id: 'supplier', revision: 0, name: 'Paint shop', days: 2, sendingWeekdays: [1, 5], carriage: 4.9, leastOrder: 0, note: '' },
  ],
  packs: [{ id: 'pack', revision: 0, productId: 'primer', supplyId: null, supplierId: 'supplier', amount: 400, price: 9.5 }],
  purchases: [
    {
      id: 'order',
      revision: 0,
      productId: 'primer',
      supplyId: null,
      supplierId: null,
      amount: 400,
      count: 2,
      price: null,
      orderedAtMs: Date.UTC(2026, 5, 1),
      dueAtMs: Date.UTC(2026, 5, 3),
      arrivedAtMs: null,
      note: '',
    },
  ],
  lightPlans: [
    {
      id: 'lights',
      revision: 0,
      ...NEW_LIGHTS,
      propId: 'prop',
      name: 'Chimney',
      groups: [{ id: 'a', name: 'A', in: { x: 0, y: 0, z: 0 }, out: { x: 9, y: 0, z: 0 }, hasPower: true, hasGround: true }],
      wires: [{ fromId: null, fromEnd: 'out', toId: 'a', toEnd: 'in' }],
    },
  ],
  dimensions: [{ id: 'height', revision: 0, propId: 'prop', name: 'height', position: 0, meshMillimetres: 80, note: '' }],
  matches: [
    {
      id: 'match',
      revision: 0,
      propId: 'prop',
      referenceId: 'picture',
      ownId: 'own',
      atMs: Date.UTC(2026, 5, 1),
      conditions: 'otherLightAndCamera',
      isFlat: false,
      spots: [{ reference: { x: 0.1, y: 0.2 }, own: { x: 0.2, y: 0.2 } }],
      regions: [{ name: 'band', area: { x: 0.4, y: 0.4, width: 0.1, height: 0.1 }, partId: 'host', mixCardId: null }],
    },
  ],
  measurings: [
    {
      id: 'picture',
      revision: 0,
      pictureId: 'picture',
      origin: 'a poster',
      distrusted: ['light'],
      tiltDegrees: 6,
      rectangle: {
        corners: [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 1, y: 1 },
          { x: 0, y: 1 },
        ],
        proportion: 1.5,
        sideMillimetres: null,
      },
      circle: null,
      knowns: [{ a: { x: 0, y: 0 }, b: { x: 1, y: 0 }, millimetres: 84, sdMillimetres: 6.5, name: 'breadth of a hand' }],
      readings: [{ dimensionId: 'height', a: { x: 0, y: 0 }, b: { x: 1, y: 1 }, isLeftOut: false }],
      pins: [{ place: { x: 0.5, y: 0.5 }, text: 'rivet' }],
    },
  ],
  persons: [{ id: 'p1', revision: 0, name: 'Juna', position: 1, hours: null, exceptions: [], busy: [], refuses: ['spraying'] }],
};
