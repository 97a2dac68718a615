import { LIGHTS_ADDED_IN_14 } from '../../file/migrations';
import type { LightPlan } from '../../records/light/lightPlan';

/** Lights as a plan of them begins: a short warm strip of 5 V on three AA cells, behind a skin 12 mm away. */
export const NEW_LIGHTS: Omit<LightPlan, 'id' | 'revision' | 'propId' | 'name'> = {
  partId: null,
  kind: 'strip',
  supplyId: 'aa',
  cells: 3,
  fixedVolts: 5,
  milliampHours: null,
  usable: 0.8,
  brightness: 1,
  colour: 'warm',
  leds: 12,
  inRow: 1,
  milliampsEach: 20,
  pitchMillimetres: 16.7,
  beamDegrees: 120,
  // A metre of strip with 60 LEDs has about 0.2 Ω of copper in both rails together (common practice).
  ohmsPerLed: 0.0035,
  feeds: [0],
  leadMillimetres: 300,
  squareMillimetres: 0.22,
  distanceMillimetres: 12,
  foamSheets: 0,
  skinHex: null,
  heatAreaSquareCentimetres: null,
  darkPartId: null,
  wallMillimetres: 1.6,
  ...LIGHTS_ADDED_IN_14,
  flashHertz: null,
  pulseHertz: null,
  controller: { x: 0, y: 0, z: 0 },
  groups: [],
  wires: [],
  rungIds: [],
  note: '',
};
