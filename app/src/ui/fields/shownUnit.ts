import type { Shop } from '@zinc-ladder/model/records/shop/shop';

/** How a kept value is shown and typed in a shop's units. */
export interface ShownUnit {
  readonly unit: string;
  readonly toShown: (kept: number) => number;
  readonly fromShown: (shown: number) => number;
  /** places after the point that are worth showing */
  readonly places: number;
}

/** Shown in US units as the kept value times a factor; exact by the international foot of 1959 and the US gallon of 231 in³. */
const IN_US_UNITS: Readonly<Record<string, readonly [unit: string, factor: number, places: number]>> = {
  mm: ['in', 1 / 25.4, 4],
  m: ['ft', 1 / 0.3048, 2],
  'cm²': ['in²', 1 / 6.4516, 2],
  µm: ['mil', 1 / 25.4, 2],
  ml: ['fl oz', 1 / 29.5735295625, 3],
  g: ['oz', 1 / 28.349523125, 3],
  'm/s': ['mph', 3600 / 1609.344, 1],
  K: ['°F', 1.8, 1],
  '± K': ['± °F', 1.8, 1],
};
/** Differences of temperature are kept in kelvin and shown in degrees. */
const IN_METRIC: Readonly<Record<string, string>> = { K: '°C', '± K': '± °C' };
const METRIC_PLACES = 3;

/** How a unit is shown: `°C` is a temperature, `K` a difference of two. What has no other unit in the US is shown as it is kept. */
export function shownUnit(unit: string, units: Shop['units']): ShownUnit {
  if (units === 'us' && unit === '°C')
    return { unit: '°F', toShown: (kept) => kept * 1.8 + 32, fromShown: (shown) => (shown - 32) / 1.8, places: 1 };
  const us = units === 'us' ? IN_US_UNITS[unit] : undefined;
  const [name, factor, places] = us ?? [IN_METRIC[unit] ?? unit, 1, METRIC_PLACES];
  return { unit: name, toShown: (kept) => kept * factor, fromShown: (shown) => shown / factor, places };
}

/** A value as it stands in a field: no more places than are worth showing, and no zeros behind. */
export function shownText({ toShown, places }: ShownUnit, kept: number): string {
  return String(Math.round(toShown(kept) * 10 ** places) / 10 ** places);
}

/** Bounds as they are told of what is typed. */
export function shownBounds({ toShown, places }: ShownUnit, min: number, max: number): { readonly min: number; readonly max: number } {
  const scale = 10 ** places;
  return { min: Math.ceil(toShown(min) * scale - 1e-6) / scale, max: Math.floor(toShown(max) * scale + 1e-6) / scale };
}

/** A label's name and the unit after its last comma: `Face, cm²`. */
export function splitLabel(label: string): readonly [name: string, unit: string] {
  const at = label.lastIndexOf(', ');
  return at < 0 ? [label, ''] : [label.slice(0, at), label.slice(at + 2)];
}
