import type { AirTimeline } from '../../../climate/airTimeline';
import { saturationPressureHpa } from '../../../climate/saturationPressure';
import type { WhatIf, WhatIfEntry } from './whatIf';

const HEATER: WhatIf<'heater'> = { kind: 'heater', celsius: 20 };

/** A heater keeps the shop at least this warm; its air is dried by warming, the water in it stays. */
export const heater: WhatIfEntry<'heater'> = {
  isLoosening: false,
  suggest: () => [HEATER],
  remedy: ({ cause }) => (cause.kind === 'neverReady' ? HEATER : null),
  apply: (input, { celsius }) => ({ ...input, air: heated(input.air, celsius) }),
  words: ({ celsius }, { temperature }) => `A heater to ${temperature(celsius)}`,
};

/** Air warmed to at least so many degrees, the water in it unchanged: humidity falls as the saturation pressure rises. */
function heated(air: AirTimeline, celsius: number): AirTimeline {
  const warm = (temperature: number, humidity: number): { temperature: number; humidity: number } =>
    temperature >= celsius
      ? { temperature, humidity }
      : { temperature: celsius, humidity: Math.max(1, (humidity * saturationPressureHpa(temperature)) / saturationPressureHpa(celsius)) };
  const { typicalDay } = air;
  const mean = warm(typicalDay.meanCelsius, typicalDay.meanHumidityPercent);
  return {
    ...air,
    samples: air.samples.map((sample) => {
      const { temperature, humidity } = warm(sample.temperatureCelsius, sample.relativeHumidityPercent);
      return { ...sample, temperatureCelsius: temperature, relativeHumidityPercent: humidity };
    }),
    typicalDay:
      typicalDay.meanCelsius - typicalDay.swingCelsius >= celsius
        ? typicalDay
        : {
            ...typicalDay,
            meanCelsius: Math.max(celsius, mean.temperature),
            swingCelsius: 0,
            meanHumidityPercent: mean.humidity,
            swingHumidityPercent: 0,
          },
  };
}
