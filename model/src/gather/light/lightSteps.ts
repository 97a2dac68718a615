import { cutMillimetres } from '@zinc-ladder/core/light/wiringDrawing';
import type { LightPlan } from '../../records/light/lightPlan';
import type { LightReading } from './readLights';

/** A step of fitting lights, for a ladder. */
export interface LightStep {
  readonly name: string;
  readonly minutes: number;
  readonly formula: string;
  readonly detail: string;
  readonly why: string;
  readonly cautionIds: readonly string[];
}

/** Minutes of the steps (guessed by us; they give way to the finisher's own). */
const MINUTES = { bench: 10, solder: 10, joint: 2, sheet: 4, fit: 10, group: 3, watch: 5 } as const;

/** Wires to cut for the order that needs least, by the names of the groups. */
export function namedCuts(plan: Pick<LightPlan, 'groups'>, reading: Pick<LightReading, 'chain'>) {
  const names = new Map(plan.groups.map(({ id, name }) => [id, name]));
  const named = (end: string): string => {
    const dot = end.lastIndexOf('.');
    return dot < 0 ? 'Controller' : `${names.get(end.slice(0, dot)) ?? ''} ${end.slice(dot + 1)}`;
  };
  return (reading.chain?.cuts ?? []).map(({ from, to, millimetres }) => ({ from: named(from), to: named(to), millimetres }));
}

/** What is done to light a prop, in its order: lit before anything is glued, soldered by the cut list, evened, fitted, watched. */
export function lightSteps(plan: LightPlan, reading: LightReading): readonly LightStep[] {
  const cuts = namedCuts(plan, reading);
  const joints = Math.max(1, cuts.length) * 2;
  const list = cuts.map((cut, at) => `${at + 1}. ${cutMillimetres(cut)} mm, ${cut.from} to ${cut.to}`).join('\n');
  const resistors = reading.strings.map(({ count, leds, ohms, ratingWatts }) => `${count} × ${ohms} Ω, ${ratingWatts ?? 'more than 50'} W, for ${leds} in a row`).join('\n'); // prettier-ignore
  return [
    {
      name: `${plan.name}: light it on the bench`,
      minutes: MINUTES.bench,
      formula: `${MINUTES.bench} min`,
      detail: `${plan.leds} LEDs at ${Math.round(plan.brightness * 100)} %: about ${Math.round(reading.milliamps)} mA. Ten minutes, then feel every joint.${resistors ? `\n${resistors}` : ''}`,
      why: 'What does not light is found before it is glued in.',
      cautionIds: ['lights'],
    },
    {
      name: `${plan.name}: cut and solder`,
      minutes: MINUTES.solder + joints * MINUTES.joint,
      formula: `${MINUTES.solder} + ${joints} joints × ${MINUTES.joint} min`,
      detail: list === '' ? 'Leads to the strip where it is fed.' : `Data wires, with what is spare for both ends:\n${list}`,
      why: 'Cut by the list the data runs one way, in through in and out through out.',
      cautionIds: ['lights', 'soldering'],
    },
    ...(plan.foamSheets > 0
      ? [
          {
            name: `${plan.name}: lay the foam`,
            minutes: plan.foamSheets * MINUTES.sheet,
            formula: `${plan.foamSheets} sheets × ${MINUTES.sheet} min`,
            detail: `${plan.foamSheets} sheets of 2 mm between LEDs and skin.`,
            why: 'Hot spots are seen when it is glued, and not before.',
            cautionIds: [],
          },
        ]
      : []),
    {
      name: `${plan.name}: fit the lights`,
      minutes: MINUTES.fit + plan.groups.length * MINUTES.group,
      formula: `${MINUTES.fit} + ${plan.groups.length} groups × ${MINUTES.group} min`,
      detail: 'Arrows of the groups as in the drawing. Lit once more before the last drop of glue.',
      why: '',
      cautionIds: ['lights'],
    },
    {
      name: `${plan.name}: watch it closed`,
      minutes: MINUTES.watch,
      formula: `${MINUTES.watch} min`,
      detail: 'Half an hour lit and closed, somebody beside it: no smell, no soft skin, nothing too hot to touch.',
      why: reading.heat
        ? `By the sum the skin comes to ${reading.heat.skinCelsius.toFixed(0)} °C at most in the mean; spots over chips are warmer.`
        : '',
      cautionIds: ['lights'],
    },
  ];
}
