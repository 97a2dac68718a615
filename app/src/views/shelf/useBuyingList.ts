import type { BoughtPack, BuyingQuestion } from '@zinc-ladder/model/gather/shelf/buyingList';
import { askWhatToBuy } from '@zinc-ladder/model/gather/shelf/buyingList';
import type { ShelfLine } from '@zinc-ladder/model/gather/shelf/shelfLines';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { newId } from '../../base/newId';
import { useClock, useNow } from '../../clock/ClockContext';
import { dueOf, order } from '../../data/changes/shelf/buyChanges';
import { useTable } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import { askShelf } from '../../workers/shelf/shelfClient';

const NO_PACKS: readonly BoughtPack[] = [];

/** What covers lines of the shelf at least cost. */
export interface BuyingAnswer {
  readonly asked: BuyingQuestion;
  readonly bought: readonly BoughtPack[];
  /** null: not known yet, or there is none */
  readonly cost: number | null;
  readonly isLooking: boolean;
  readonly error: unknown;
  /** notes all of it as ordered */
  readonly note: (label: string) => void;
}

/** The packs that cover what is missing of some lines at least cost, found in a worker. */
export function useBuyingList(lines: readonly ShelfLine[] | null, shop: Shop): BuyingAnswer {
  const packs = useTable('packs');
  const suppliers = useTable('suppliers');
  const edit = useEdit();
  const clock = useClock();
  const now = useNow(300_000);
  const asked = useMemo(() => {
    const arrives = new Map(suppliers.map((supplier) => [supplier.id, dueOf(supplier, shop, now)]));
    return askWhatToBuy(lines ?? [], packs, suppliers, arrives);
  }, [lines, packs, suppliers, shop, now]);
  const query = useQuery({
    queryKey: ['what to buy', asked.needs, asked.packs, asked.suppliers],
    queryFn: ({ signal }) => askShelf((api) => api.buyPacks(asked.needs, asked.packs, asked.suppliers), signal),
    enabled: asked.needs.length > 0,
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
  const bought = (query.data?.packs ?? NO_PACKS) as readonly BoughtPack[];
  const packById = new Map(packs.map((pack) => [pack.id, pack]));
  const note = (label: string): void =>
    void edit(label, (change) =>
      order(
        change,
        bought.flatMap(({ packId, count }) => {
          const pack = packById.get(packId);
          return pack ? [{ ...pack, count }] : [];
        }),
        clock.now(),
        newId,
      ),
    );
  return { asked, bought, cost: query.data?.cost ?? null, isLooking: query.isFetching, error: query.error, note };
}
