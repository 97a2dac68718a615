import type { Ladder } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import type { Prop } from '@zinc-ladder/model/records/prop/prop';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { printedPart } from '@zinc-ladder/core/plan/shop/partPrints';
import { rungsOnPart } from '@zinc-ladder/model/rungs/rungsOnPart';
import { useMemo } from 'react';
import { partLabel, rungPartLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { useTable } from './queries';

/** The shop's records by id, and the ways between them. */
export interface ShopIndex {
  readonly props: ReadonlyMap<string, Prop>;
  readonly parts: ReadonlyMap<string, Part>;
  readonly rungs: ReadonlyMap<string, Rung>;
  readonly products: ReadonlyMap<string, Product>;
  /** by ladder id */
  readonly ladders: ReadonlyMap<string, Ladder>;
  readonly ladderOfPart: ReadonlyMap<string, Ladder>;
  /** the part a rung stands on */
  readonly partOf: (rung: Pick<Rung, 'ladderId'>) => Part | undefined;
  /** rungs of a part, bottom first */
  readonly rungsOf: (partId: string) => readonly Rung[];
  /** all that is done on a part, bottom first: for what it was left out for, the rung of the part it is joined to */
  readonly rungsOnPart: (partId: string) => readonly Rung[];
  /** `Cap: P220` */
  readonly rungTitle: (rungId: string) => string;
}

/** The shop's records by id, live. */
export function useShopIndex(): ShopIndex {
  const props = useTable('props');
  const parts = useTable('parts');
  const rungs = useTable('rungs');
  const ladders = useTable('ladders');
  const joins = useTable('joins');
  const products = useTable('products');
  return useMemo(() => {
    const byId = <T extends { readonly id: string }>(list: readonly T[]): Map<string, T> =>
      new Map(list.map((record) => [record.id, record]));
    const partById = byId(parts);
    const rungById = byId(rungs);
    const ladderById = byId(ladders);
    const ladderOfPart = new Map(ladders.map((ladder) => [ladder.partId, ladder]));
    const rungsOf: ShopIndex['rungsOf'] = (partId) => (ladderOfPart.get(partId)?.rungIds ?? []).flatMap((id) => rungById.get(id) ?? []);
    const partOf: ShopIndex['partOf'] = (rung) => partById.get(ladderById.get(rung.ladderId)?.partId ?? '');
    return {
      props: byId(props),
      parts: partById,
      rungs: rungById,
      products: byId(products),
      ladders: ladderById,
      ladderOfPart,
      partOf,
      rungsOf,
      rungsOnPart: (partId) => rungsOnPart(rungsOf(partId), joins, rungById),
      rungTitle: (rungId) => {
        const printed = printedPart(rungId);
        const onPrinter = printed === null ? undefined : partById.get(printed);
        if (onPrinter) return `${partLabel(onPrinter)}: printing`;
        const rung = rungById.get(rungId);
        if (!rung) return 'a rung that is gone';
        const part = partOf(rung);
        return part ? `${rungPartLabel(rung, part)}: ${rung.name}` : rung.name;
      },
    };
  }, [props, parts, rungs, ladders, joins, products]);
}
