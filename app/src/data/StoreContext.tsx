import type { ReactNode } from 'react';
import { createContext, useContext } from 'react';
import type { Store } from './edits/store';

const StoreContext = createContext<Store | null>(null);

/** Gives the store to everything below. */
export function StoreProvider({ store, children }: { readonly store: Store; readonly children: ReactNode }) {
  return <StoreContext value={store}>{children}</StoreContext>;
}

/** The store. */
export function useStore(): Store {
  const store = useContext(StoreContext);
  if (!store) throw new Error('no StoreProvider above');
  return store;
}
