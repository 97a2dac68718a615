import type { Milestone } from '@zinc-ladder/core/cure/dryingData';
import { MILESTONES } from '@zinc-ladder/core/cure/dryingData';
import { learnDrying } from '@zinc-ladder/core/cure/learnDrying';
import { useState } from 'react';
import { useClock } from '../../clock/ClockContext';
import { tryFilm } from '../../data/changes/ladder/benchChanges';
import { useStore } from '../../data/StoreContext';
import type { ShopIndex } from '../../data/useShopIndex';
import { useEdit } from '../../features/edit/useEdit';
import { useNotices } from '../../features/notices/Notices';
import { STAGE_WORDS } from '../../features/film/stageWords';
import { useBenchMoment } from '../../features/rung/useBenchMoment';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/fields/fields';
import { formatSpan } from '../../base/formats';
import type { FilmAnswer } from '../../workers/plan/filmTypes';
import { getFilms } from '../../workers/plan/planClient';

/** A film that was tried by hand: what came of it teaches how its product dries in this shop. */
export function TriedFilm({ film, index }: { readonly film: FilmAnswer; readonly index: ShopIndex }) {
  const edit = useEdit();
  const clock = useClock();
  const { db } = useStore();
  const { tell, tellError } = useNotices();
  const moment = useBenchMoment();
  const stages = MILESTONES.filter((stage) => film.outlook.milestones[stage] !== null);
  const [isOpen, setOpen] = useState(false);
  const [chosen, setChosen] = useState<Milestone | null>(null);
  const product = index.products.get(index.rungs.get(film.rungId)?.productId ?? '');
  const usual = film.nextNeeds && stages.includes(film.nextNeeds) ? film.nextNeeds : stages[0];
  const stage = chosen ?? usual;
  if (!product || stage === undefined) return null;
  // With its part: several may dry with coats of one name.
  const named = index.rungTitle(film.rungId);
  const keep = async (isReached: boolean): Promise<void> => {
    try {
      const nowMs = Math.round(clock.now());
      const sight = await getFilms().sightShopFilm({ databaseName: db.name, nowMs }, film.rungId, stage);
      if (!sight) throw new Error('there is nothing to learn from this film: it is too fresh, or was worked on meanwhile');
      const after = formatSpan(Math.round((nowMs - film.outlook.laidAtMs) / 60_000));
      const text = isReached ? `${STAGE_WORDS[stage]} after ${after}` : `not ${STAGE_WORDS[stage]} yet after ${after}`;
      const sighting = { stage, isReached, ...sight };
      setOpen(false);
      if (!(await edit(`Try ${film.filmName}`, (change) => tryFilm(change, film.rungId, sighting, text, moment())))) return;
      const { factor, low, high } = learnDrying([...product.sightings, sighting]);
      tell(
        `${product.name}: ${text}`,
        `It dries in ${factor.toFixed(2)} × the label’s time here (${low.toFixed(2)}–${high.toFixed(2)}). Undo forgets it.`,
      );
    } catch (error) {
      tellError(error);
    }
  };
  if (!isOpen)
    return (
      <Button
        look="quiet"
        className="-my-2 -mr-3 text-sm forced-colors:m-0"
        aria-label={`I tried it: ${named}`}
        onClick={() => setOpen(true)}
      >
        I tried it
      </Button>
    );
  return (
    <div role="group" aria-label={`Tried: ${named}`} className="mt-1 flex w-full flex-wrap items-end gap-2">
      <div className="w-44">
        <SelectField
          label="Was it"
          value={stage}
          options={stages.map((id) => [id, STAGE_WORDS[id]])}
          onChange={(id) => setChosen(id as Milestone)}
        />
      </div>
      <Button onClick={() => void keep(true)}>It was</Button>
      <Button onClick={() => void keep(false)}>Not yet</Button>
      <Button look="quiet" onClick={() => setOpen(false)}>
        Leave it
      </Button>
    </div>
  );
}
