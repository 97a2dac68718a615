import { NEW_LIGHTS } from '@zinc-ladder/model/gather/light/newLights';
import type { LightPlan } from '@zinc-ladder/model/records/light/lightPlan';

/** Where the three groups sit around the chimney, mm: 6 LEDs up each side at 16.7 mm. */
const UP = 100;
const group = (id: string, name: string, x: number, y: number, isUpwards: boolean): LightPlan['groups'][number] => ({
  id,
  name,
  in: { x, y, z: isUpwards ? 0 : UP },
  out: { x, y, z: isUpwards ? UP : 0 },
  hasPower: true,
  hasGround: true,
});

/** The lantern's chimney: a warm strip in three groups up its sides, through amber epoxy, evened by a sheet of foam, on three AA cells in the base. */
export const DEMO_LIGHTS: readonly LightPlan[] = [
  {
    ...NEW_LIGHTS,
    id: 'lantern-lights',
    revision: 0,
    propId: 'lantern',
    partId: 'lantern-chimney',
    name: 'Chimney',
    kind: 'addressable',
    cells: 3,
    leds: 18,
    milliampsEach: 18,
    brightness: 0.6,
    distanceMillimetres: 9,
    foamSheets: 3,
    skinHex: '#d9a354',
    darkPartId: 'lantern-base',
    wallMillimetres: 1.6,
    pulseHertz: 400,
    leadMillimetres: 160,
    controller: { x: 0, y: 0, z: -40 },
    groups: [group('front', 'Front', 22, 0, true), group('left', 'Left', -11, 19, false), group('right', 'Right', -11, -19, true)],
    wires: [
      { fromId: null, fromEnd: 'out', toId: 'front', toEnd: 'in' },
      { fromId: 'front', fromEnd: 'out', toId: 'left', toEnd: 'in' },
      { fromId: 'left', fromEnd: 'out', toId: 'right', toEnd: 'in' },
    ],
    note: 'Left and right were first soldered the wrong way round: only the front lit. Turned on Tuesday.',
  },
];
