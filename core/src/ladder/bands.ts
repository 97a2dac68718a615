/** The bands of a ladder, bottom to top: the order of the work. */
export type BandId = 'cutBond' | 'fillSand' | 'prime' | 'colour' | 'maskDetail' | 'weather' | 'fit';

/** All bands, bottom to top. */
export const BANDS: readonly { readonly id: BandId; readonly name: string }[] = [
  { id: 'cutBond', name: 'Cut & bond' },
  { id: 'fillSand', name: 'Fill & sand' },
  { id: 'prime', name: 'Prime' },
  { id: 'colour', name: 'Colour' },
  { id: 'maskDetail', name: 'Mask & detail' },
  { id: 'weather', name: 'Weather' },
  { id: 'fit', name: 'Fit' },
];
