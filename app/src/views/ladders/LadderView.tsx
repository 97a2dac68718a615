import { stackFilms, stackHeight } from '@zinc-ladder/core/film/filmStack';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { Tabs } from 'radix-ui';
import { useEffect } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { NEW_RUNG } from '@zinc-ladder/model/gather/grow/growRungs';
import { addRung } from '../../data/changes/ladder/rungChanges';
import { newId } from '../../base/newId';
import { useTableQuery } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import type { ShopIndex } from '../../data/useShopIndex';
import { useShopIndex } from '../../data/useShopIndex';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { usePlan } from '../../features/plan/usePlan';
import { useTitle } from '../../features/title/pageTitle';
import { UndoBar } from '../../features/edit/UndoBar';
import { Button } from '../../ui/Button';
import { CoreSample } from '../../features/film/CoreSample';
import { Sheet } from '../../ui/Sheet';
import { useFormats } from '../../features/formats/useFormats';
import { toFilmRung } from '@zinc-ladder/model/gather/film/toFilmRung';
import { GrowPanel } from './grow/GrowPanel';
import { PartFace } from '../../features/partFace/PartFace';
import { JoinsPanel } from './joins/JoinsPanel';
import { LayersPanel } from './layers/LayersPanel';
import { MasksPanel } from './masks/MasksPanel';
import { PartPanel } from './part/PartPanel';
import { RecordPanel } from './record/RecordPanel';
import { RungList } from './rung/RungList';
import { RungSheet } from './rung/RungSheet';

/** One ladder, open: its rungs, the rung that is looked at, and the films it will carry. */
export function LadderView() {
  const { propId = '', partId = '' } = useParams();
  const query = useTableQuery('parts');
  const index = useShopIndex();
  const part = index.parts.get(partId);
  useTitle(part ? `${index.props.get(part.propId)?.name ?? ''} / ${partLabel(part)}` : 'Ladder');
  if (!part) {
    return query.isSuccess ? (
      <p>
        This part is not here.{' '}
        <Link className="in-text underline" to={`/ladders/${propId}`}>
          To the ladders
        </Link>
      </p>
    ) : null;
  }
  return <OpenLadder part={part} index={index} />;
}

function OpenLadder({ part, index }: { readonly part: Part; readonly index: ShopIndex }) {
  const [search] = useSearchParams();
  const { plan } = usePlan();
  const formats = useFormats();
  const edit = useEdit();
  const navigate = useNavigate();
  const ladder = index.ladderOfPart.get(part.id);
  const rungs = index.rungsOf(part.id);
  const nextId = rungs.find((rung) => rung.state === 'open' || rung.state === 'setDown' || rung.state === 'inHand')?.id ?? null;
  const open = rungs.find((rung) => rung.id === search.get('rung')) ?? rungs.find((rung) => rung.id === nextId) ?? rungs.at(-1);
  // One side is seen in a section: what lies on the underside is left out.
  const layers = stackFilms(
    index
      .rungsOnPart(part.id)
      .filter((rung) => rung.state !== 'leftOut' && rung.side !== 'under')
      .map((rung) => toFilmRung(rung, index)),
  );
  const total = stackHeight(layers);
  const base = `/ladders/${part.propId}/${part.id}`;
  const openId = open?.id;
  useEffect(() => {
    // On a phone the rung stands above its ladder: what is chosen further down is brought into sight.
    if (search.has('rung') && matchMedia('(max-width: 47.99rem)').matches) document.getElementById('view')?.scrollIntoView();
  }, [openId, search]);
  const startByHand = async (): Promise<void> => {
    const id = newId();
    if (
      ladder &&
      (await edit('Add a rung', (change) =>
        addRung(change, ladder.id, { ...NEW_RUNG, id, ladderId: ladder.id, name: 'cut', methodId: 'cut', band: 'cutBond' }, rungs.length),
      ))
    ) {
      void navigate(`${base}?rung=${id}`, { replace: true });
    }
  };
  if (!ladder) return <p role="alert">This part has no ladder record. Take the part away and add it again; the log is kept.</p>;
  const tab =
    'font-label text-dim data-[state=active]:border-ink data-[state=active]:text-ink min-h-11 cursor-pointer border-b-2 border-transparent px-3 text-lg font-semibold';
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[17rem_minmax(0,1fr)] lg:h-full lg:grid-cols-[17rem_minmax(0,1fr)_20rem] lg:items-stretch">
      <Sheet className="flex min-h-0 flex-col p-4" label="Ladder">
        <div className="mb-2 flex items-center justify-between gap-3">
          <Link to={`/ladders/${part.propId}`} className="text-dim underline underline-offset-4">
            All ladders of {index.props.get(part.propId)?.name}
          </Link>
          <PartFace part={part} className="h-14 w-14 shrink-0" />
        </div>
        <div className="min-h-0 overflow-auto">
          {rungs.length > 0 ? (
            <RungList
              ladderId={ladder.id}
              part={part}
              rungs={rungs}
              openId={open?.id ?? null}
              nextId={nextId}
              index={index}
              basePath={base}
            />
          ) : (
            <p className="text-dim mb-3">No rung yet. Grow the ladder from a route, or add rungs by hand.</p>
          )}
        </div>
        <div className="mt-3 flex items-center justify-between">
          <Button onClick={() => void startByHand()}>Add on top</Button>
          <UndoBar isCompact />
        </div>
      </Sheet>
      <Sheet className="min-h-0 overflow-auto px-5 pb-5 max-md:order-first" isActive label="Rung">
        <Tabs.Root key={rungs.length === 0 ? 'empty' : 'rungs'} defaultValue={rungs.length === 0 ? 'grow' : 'rung'}>
          <Tabs.List className="border-line mb-4 flex flex-wrap border-b" aria-label="Of this ladder">
            <Tabs.Trigger value="rung" className={tab} disabled={!open}>
              Rung
            </Tabs.Trigger>
            <Tabs.Trigger value="part" className={tab}>
              Part
            </Tabs.Trigger>
            <Tabs.Trigger value="grow" className={tab}>
              Grow
            </Tabs.Trigger>
            <Tabs.Trigger value="joins" className={tab}>
              Joins
            </Tabs.Trigger>
            <Tabs.Trigger value="layers" className={tab} disabled={rungs.length === 0}>
              Layers
            </Tabs.Trigger>
            <Tabs.Trigger value="masks" className={tab}>
              Masks
            </Tabs.Trigger>
            <Tabs.Trigger value="record" className={tab}>
              Record
            </Tabs.Trigger>
          </Tabs.List>
          <Tabs.Content value="rung" tabIndex={-1}>
            {open && <RungSheet key={open.id} rung={open} part={part} index={index} isNext={open.id === nextId} />}
          </Tabs.Content>
          <Tabs.Content value="part">
            <PartPanel part={part} />
          </Tabs.Content>
          <Tabs.Content value="grow">
            <GrowPanel key={ladder.revision} part={part} ladder={ladder} hasOpenRungs={nextId !== null} index={index} />
          </Tabs.Content>
          <Tabs.Content value="joins">
            <JoinsPanel part={part} index={index} />
          </Tabs.Content>
          <Tabs.Content value="layers">
            <LayersPanel part={part} ladderId={ladder.id} rungs={index.rungsOnPart(part.id)} index={index} />
          </Tabs.Content>
          <Tabs.Content value="masks">
            <MasksPanel part={part} ladderId={ladder.id} rungs={rungs} index={index} />
          </Tabs.Content>
          <Tabs.Content value="record">
            <RecordPanel part={part} index={index} />
          </Tabs.Content>
        </Tabs.Root>
        {plan === null && <p className="text-dim">Planning…</p>}
      </Sheet>
      <Sheet className="min-h-0 overflow-auto p-4 md:col-span-2 lg:col-span-1" label="Core sample">
        <div className="mb-2 flex items-baseline justify-between">
          <h2 className="label">Core sample, when climbed</h2>
          <span className="figure text-dim">{formats.film(total)}</span>
        </div>
        <CoreSample layers={layers} formats={formats} />
        <p className="text-dim mt-2 text-sm">
          To scale, in the colours of the products{rungs.some((rung) => rung.side === 'under') && '; the top side is shown'}. Sanding is
          taken to leave half of the film under it, in the lines (guessed).
        </p>
      </Sheet>
    </div>
  );
}
