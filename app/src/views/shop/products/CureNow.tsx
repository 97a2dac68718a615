import { hexOfProduct } from '@zinc-ladder/model/gather/film/gatherPaints';
import { productDrying } from '@zinc-ladder/model/products/productDrying';
import type { Product } from '@zinc-ladder/model/records/shop/product';
import { useQuery } from '@tanstack/react-query';
import { useNow } from '../../../clock/ClockContext';
import { getFilms } from '../../../workers/plan/planClient';
import { useAir } from '../../../features/plan/usePlan';
import { CureStrip } from '../../../features/film/CureStrip';
import { useFormats } from '../../../features/formats/useFormats';

/** One coat of it, laid now, in the shop's air. */
export function CureNow({ product }: { readonly product: Product }) {
  const air = useAir();
  const now = useNow(300_000);
  const formats = useFormats();
  const drying = productDrying(product);
  const query = useQuery({
    queryKey: ['cureNow', product.id, product.revision, air?.measuredUntilMs, now],
    queryFn: async () => {
      if (!air) return null;
      const film = {
        partId: '',
        rungId: '',
        rackPlaces: 0,
        productId: product.id,
        filmName: product.name,
        colourHex: hexOfProduct(product),
        drying,
        coats: [{ atMs: now, thicknessMicrometres: drying.coatMicrometres }],
        forced: [],
        nextRungId: null,
        nextNeeds: null,
        nextIs: 'coat' as const,
      };
      const [answer] = await getFilms().readFilms({ air, nowMs: now, films: [film] });
      return answer?.outlook ?? null;
    },
    enabled: air !== null,
    staleTime: Infinity,
    networkMode: 'always',
  });
  const outlook = query.data;
  if (!outlook) return null;
  const [first, second] = outlook.recoatWindows;
  return (
    <div>
      <h3 className="label mb-1">A coat laid now, in the air of the shop</h3>
      <CureStrip outlook={outlook} nowMs={now} formats={formats} tint={hexOfProduct(product)} />
      {first && (
        <p className="mt-2">
          Recoat from <span className="figure">{formats.moment(first.opensMs, now)}</span>
          {first.closesMs === null ? (
            ', any time after'
          ) : (
            <>
              {' '}
              to <span className="figure text-oxide">{formats.moment(first.closesMs, now)}</span>
            </>
          )}
          {second && (
            <>
              , again from <span className="figure">{formats.moment(second.opensMs, now)}</span>
            </>
          )}
        </p>
      )}
      {outlook.milestones.hard === null && <p className="text-oxide">In this air it never gets hard: warm the shop.</p>}
    </div>
  );
}
