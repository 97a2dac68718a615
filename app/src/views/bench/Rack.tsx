import { filmStateAt } from '@zinc-ladder/core/cure/cureClock';
import { rackPlacesTaken } from '@zinc-ladder/core/cure/rackTaken';
import { useNow } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import type { ShopIndex } from '../../data/useShopIndex';
import { callWords, gatherCalls } from '../../features/calls/calls';
import type { FilmAnswer } from '../../workers/plan/filmTypes';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { CureStrip } from '../../features/film/CureStrip';
import { STATE_WORDS } from '../../ui/swatch/Stipples';
import { useFormats } from '../../features/formats/useFormats';
import { Why } from '../../ui/Why';
import { TriedFilm } from './TriedFilm';

/** What is drying, soonest call first, each with its cure strip. */
export function Rack({ films, index }: { readonly films: readonly FilmAnswer[]; readonly index: ShopIndex }) {
  const now = useNow(15_000);
  const shop = useShop();
  const soft = films.filter((film) => filmStateAt(film.outlook, now) !== 'hard');
  const calls = new Map(
    gatherCalls(soft, now)
      .toReversed()
      .map((call) => [call.partId, call]),
  );
  const sorted = soft.toSorted((a, b) => (calls.get(a.partId)?.atMs ?? Infinity) - (calls.get(b.partId)?.atMs ?? Infinity));
  const taken = rackPlacesTaken(
    soft.map(({ outlook, rackPlaces }) => ({ handleMs: outlook.milestones.handle, places: rackPlaces })),
    now,
  );
  return (
    <>
      <h2 className="label mb-2">
        Drying ·{' '}
        <Why
          name="rack places"
          reason={{
            formula: 'sum of the places of parts that cannot be handled yet',
            inputs: [
              ['taken', String(taken)],
              ['rack', String(shop?.rackPlaces ?? 0)],
            ],
            source: 'places typed on each part, for the pieces that are wet; when it can be handled by the cure clock',
          }}
        >
          {taken} of {shop?.rackPlaces ?? 0} rack places
        </Why>
      </h2>
      {sorted.length === 0 && <p className="text-dim">Nothing is drying. A film that is logged shows here, from wet to hard.</p>}
      <ul className="grid gap-5">
        {sorted.map((film) => (
          <li key={film.partId}>
            <DryingPart film={film} index={index} nowMs={now} />
          </li>
        ))}
      </ul>
    </>
  );
}

function DryingPart({ film, index, nowMs }: { readonly film: FilmAnswer; readonly index: ShopIndex; readonly nowMs: number }) {
  const formats = useFormats();
  const part = index.parts.get(film.partId);
  const [call] = gatherCalls([film], nowMs);
  const coats = film.outlook.wetCoats > 1 ? ` · ${film.outlook.wetCoats} coats as one` : '';
  return (
    <article>
      <div className="mb-1 flex items-baseline justify-between gap-3">
        <h3 className="min-w-16 font-semibold">{part ? partLabel(part) : 'a part that is gone'}</h3>
        <p className="text-dim text-right text-sm">
          {film.filmName} · <span className="figure">{formats.moment(film.outlook.laidAtMs, nowMs)}</span>
          {coats}
        </p>
      </div>
      {film.outlook.tooColdMs !== null && (
        <p className="text-oxide">
          {film.outlook.tooColdMs <= nowMs ? 'Was too cold to form' : 'Will be too cold to form'}{' '}
          {formats.moment(film.outlook.tooColdMs, nowMs)}: it may crack or chalk. Bring it into the warm, and look before the next coat.
        </p>
      )}
      <CureStrip outlook={film.outlook} nowMs={nowMs} formats={formats} tint={film.colourHex} />
      <div className="mt-1 flex flex-wrap items-baseline justify-between gap-x-3">
        <span className={`figure ${call?.kind === 'closes' ? 'text-oxide font-medium' : ''}`}>
          {call ? `${callWords(call)} ${formats.moment(call.atMs, nowMs)}` : ''}
        </span>
        <span className="text-dim ml-auto">
          {call?.kind === 'closes' ? reopening(film, formats.moment, nowMs) : STATE_WORDS[filmStateAt(film.outlook, nowMs)]}
        </span>
        <TriedFilm film={film} index={index} />
      </div>
    </article>
  );
}

function reopening(film: FilmAnswer, moment: (ms: number, nowMs: number) => string, nowMs: number): string {
  if (film.nextIs === 'press') return 'then cement anew';
  if (film.nextIs === 'pull') {
    const { hard } = film.outlook.milestones;
    return hard === null ? 'then not at all' : `then not before ${moment(hard, nowMs)}`;
  }
  const later = film.outlook.recoatWindows.find((window) => window.opensMs > nowMs && window.closesMs === null);
  return later ? `then not before ${moment(later.opensMs, nowMs)}` : 'then not at all without a scuff';
}
