import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { createContext, use } from 'react';

const UnitsContext = createContext<Shop['units']>('metric');

/** Gives fields the units they show and are typed in; without it they are metric. */
export const UnitsProvider = UnitsContext.Provider;

/** The units fields show and are typed in; values are kept metric. */
export function useUnits(): Shop['units'] {
  return use(UnitsContext);
}
