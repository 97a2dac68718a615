import type { OverridableField } from '@zinc-ladder/model/records/shop/product';

/** How a value of a product is named and bounded. */
export interface ValueField {
  readonly field: OverridableField;
  readonly name: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
}

/** The values of a product in the order a label tells them. */
export const VALUE_FIELDS: readonly ValueField[] = [
  { field: 'coatMicrometres', name: 'One coat, dry', unit: 'µm', min: 1, max: 20_000 },
  { field: 'touchMinutes', name: 'Touch dry', unit: 'min', min: 0, max: 100_000 },
  { field: 'recoatFromMinutes', name: 'Recoat from', unit: 'min', min: 0, max: 100_000 },
  { field: 'recoatUntilMinutes', name: 'Recoat until', unit: 'min', min: 0, max: 100_000 },
  { field: 'recoatAgainMinutes', name: 'Recoat again from', unit: 'min', min: 0, max: 100_000 },
  { field: 'handleMinutes', name: 'Handle', unit: 'min', min: 0, max: 100_000 },
  { field: 'sandMinutes', name: 'Sand', unit: 'min', min: 0, max: 100_000 },
  { field: 'tapeMinutes', name: 'Tape-safe', unit: 'min', min: 0, max: 100_000 },
  { field: 'hardMinutes', name: 'Hard', unit: 'min', min: 0, max: 1_000_000 },
  { field: 'minimumFilmCelsius', name: 'Film forms from', unit: '°C', min: -50, max: 40 },
  { field: 'coldestCelsius', name: 'Lay on from', unit: '°C', min: -20, max: 40 },
  { field: 'warmestCelsius', name: 'Lay on to', unit: '°C', min: 0, max: 60 },
  { field: 'mostHumidityPercent', name: 'Lay on up to', unit: '%', min: 5, max: 100 },
  { field: 'volumeSolids', name: 'Volume solids, share', unit: '', min: 0.005, max: 1 },
  { field: 'densityKgPerLitre', name: 'Density', unit: 'kg/l', min: 0.3, max: 4 },
];
