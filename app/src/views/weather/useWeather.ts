import { useMirrored } from '../../features/mirrored/useMirrored';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Lab } from '@zinc-ladder/core/colour/lab';
import type { Finish } from '@zinc-ladder/core/ladder/finishes';
import { findFinish } from '@zinc-ladder/core/ladder/finishes';
import { ARMS_LENGTH_METRES } from '@zinc-ladder/core/surface/forecast/visibleValley';
import type { RehearsedPass } from '@zinc-ladder/core/weather/technique/rehearsedPass';
import type { LadderColours } from '@zinc-ladder/model/gather/gatherWeather';
import { lentPins, pinsOfPlan, toVector } from '@zinc-ladder/model/gather/gatherLife';
import { basesOfPlan, ladderColours, rehearsedPass } from '@zinc-ladder/model/gather/gatherWeather';
import type { MeshReference } from '@zinc-ladder/model/records/prop/meshReference';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import type { PlannedWeatherPass, WeatherPlan } from '@zinc-ladder/model/records/prop/weatherPlan';
import type { Stencil } from '@zinc-ladder/model/records/ladder/stencil';
import { useMemo, useState } from 'react';
import { newWeatherPlan } from '../../data/changes/look/weatherChanges';
import { useTable } from '../../data/queries';
import { useStore } from '../../data/StoreContext';
import type { ShopIndex } from '../../data/useShopIndex';
import { useShopIndex } from '../../data/useShopIndex';
import { askOf } from '../../workers/mesh/askMesh';
import { getWeatherApi, stopWeatherWorker } from '../../workers/weather/weatherClient';
import { tellFromWorker } from '../../workers/mesh/meshClient';
import type { OpenedOutcome, OpenedSurface, RehearsalAnswer, RehearsalAsk } from '../../workers/weather/weatherApi';
import type { WeatherAsk } from '../../workers/weather/weatherAsk';
import { nameOfAsk } from '../../workers/weather/weatherAsk';
import { useSettled } from '../../ui/fields/useSettled';

/** A part's weathering with all that is known of it. */
export interface Weather {
  readonly part: Part;
  readonly index: ShopIndex;
  /** as kept, or an empty one that is not kept yet */
  readonly plan: WeatherPlan;
  readonly isKept: boolean;
  readonly rungs: readonly Rung[];
  readonly finish: Finish | null;
  readonly colours: LadderColours;
  /** under all passes, where no region of another colour is */
  readonly base: Lab;
  /** that, and the colour of each region */
  readonly bases: readonly Lab[];
  readonly passes: readonly RehearsedPass[];
  readonly distanceMetres: number;
  readonly mirrored: number;
  /** pins that other parts of the prop lend it */
  readonly lent: WeatherAsk['lent'];
  readonly surface: OpenedSurface | null;
  readonly hasMesh: boolean;
  /** 0 … 1 while the surface is read */
  readonly progress: number | null;
  readonly problem: string | null;
  /** gives up reading a surface that takes too long */
  readonly stop: () => void;
  readonly readAgain: () => void;
  /** asks the desk; where another surface lies on it by now, this one is opened again first */
  readonly rehearse: (key: string, ask: RehearsalAsk) => Promise<RehearsalAnswer | null>;
}

const NONE_LENT: WeatherAsk['lent'] = { held: [], runs: [] };
const NO_REGIONS: WeatherPlan['regions'] = [];

/** What of the shop beside a part says how weather meets it. */
export interface WeatherRound {
  readonly parts: ReadonlyMap<string, Part>;
  readonly plans: readonly WeatherPlan[];
  readonly stencils: readonly Stencil[];
}

/** That, as it is kept now. */
export function useWeatherRound(): WeatherRound {
  const { parts } = useShopIndex();
  const plans = useTable('weatherPlans');
  const stencils = useTable('stencils');
  return useMemo(() => ({ parts, plans, stencils }), [parts, plans, stencils]);
}

/** What a surface is asked with; null where neither mesh nor shape is known. */
export function weatherAskOf(
  part: Part,
  reference: MeshReference | null,
  plan: WeatherPlan,
  { parts, plans, stencils }: WeatherRound,
): WeatherAsk | null {
  const [length, breadth, height] = part.sizeMillimetres ?? [];
  const shape = part.shapeId && length && breadth && height ? { id: part.shapeId, size: [length, breadth, height] as const } : null;
  if (!reference && !shape) return null;
  const pins = pinsOfPlan(plan);
  return {
    key: reference ? `${reference.id} ${reference.revision}` : `shape ${JSON.stringify(shape)}`,
    mesh: reference ? askOf(reference, part) : null,
    shape: reference ? null : shape,
    up: toVector(plan.up),
    heldPins: pins.held,
    runPins: pins.runs,
    lent: lentPins(part, plan, plans, parts),
    // A shape has no edges to end at.
    regionPins: reference
      ? plan.regions.map(({ place, edgeDegrees, reachMillimetres, stencilId, turnDegrees }) => {
          const stencil = stencils.find(({ id }) => id === stencilId);
          return {
            place: toVector(place),
            edgeDegrees,
            reachMillimetres,
            stencil: stencil
              ? {
                  key: `${stencil.id} ${stencil.revision}`,
                  outline: stencil.outline,
                  millimetresPerUnit: stencil.millimetresPerUnit,
                  turnDegrees,
                }
              : null,
          };
        })
      : [],
  };
}

/** Everything the view of a part's weathering needs. */
export function useWeather(part: Part): Weather {
  const { db } = useStore();
  const client = useQueryClient();
  const index = useShopIndex();
  const kept = useTable('weatherPlans').find((entry) => entry.partId === part.id);
  const reference = useTable('meshes').find((mesh) => mesh.partId === part.id) ?? null;
  const [progress, setProgress] = useState<number | null>(null);
  const rungs = index.rungsOf(part.id);
  const route = index.ladderOfPart.get(part.id)?.route ?? null;
  const plan = useMemo(() => kept ?? newWeatherPlan(`weather-${part.id}`.slice(0, 64), part, route?.finish ?? null), [kept, part, route]);
  const mirrored = useMirrored().value;
  const regions = reference ? plan.regions : NO_REGIONS;
  const colours = useMemo(() => ladderColours(index.rungsOnPart(part.id), index.products, regions), [index, part.id, regions]);
  const bases = useMemo(() => basesOfPlan(plan, colours), [plan, colours]);
  const passes = useMemo(
    () => plan.passes.map((pass) => rehearsedPass(pass, index.products, colours, mirrored)),
    [plan.passes, index.products, colours, mirrored],
  );
  const round = useWeatherRound();
  const ask = useMemo(() => weatherAskOf(part, reference, plan, round), [part, reference, plan, round]);
  const open = async (): Promise<OpenedOutcome | null> => {
    if (!ask) return null;
    const file = ask.mesh && reference ? ((await db.attachments.get(reference.id))?.blob ?? null) : null;
    setProgress(0);
    try {
      return await getWeatherApi().open(ask, file, tellFromWorker(setProgress));
    } finally {
      setProgress(null);
    }
  };
  const query = useQuery({
    queryKey: ['weatherSurface', ask && nameOfAsk(ask)],
    enabled: ask !== null,
    staleTime: Infinity,
    gcTime: 30_000,
    retry: false,
    networkMode: 'always',
    placeholderData: keepPreviousData,
    queryFn: () => open(),
  });
  return {
    part,
    index,
    plan,
    isKept: kept !== undefined,
    rungs,
    finish: route ? findFinish(route.finish) : null,
    colours,
    base: bases[0] ?? colours.over,
    bases,
    passes,
    distanceMetres: index.props.get(part.propId)?.viewingMetres ?? ARMS_LENGTH_METRES,
    mirrored,
    lent: ask?.lent ?? NONE_LENT,
    surface: query.data?.kind === 'opened' ? query.data : null,
    hasMesh: reference !== null,
    progress: query.isFetching ? (progress ?? 0) : null,
    problem:
      ask === null
        ? 'It has no mesh, and its size and shape are not known: give it one under Surface, and it is rehearsed on that.'
        : query.data?.kind === 'faulty'
          ? query.data.message
          : query.error
            ? query.error.message
            : null,
    stop: () => {
      stopWeatherWorker();
      for (const name of ['weatherSurface', 'weatherQuick', 'weatherFull']) void client.cancelQueries({ queryKey: [name] });
    },
    readAgain: () => void query.refetch(),
    rehearse: async (key, given) => {
      const answer = await getWeatherApi().rehearse(key, given);
      if (answer) return answer;
      // Another surface lies on the desk by now: this one is opened again first, unless it is another itself.
      const opened = await open();
      return opened?.kind === 'opened' && opened.key === key ? getWeatherApi().rehearse(key, given) : null;
    },
  };
}

/** A slider is at rest when it was not moved for so long. */
const RESTS_AFTER_MS = 350;

/**
 * What is reckoned of passes: quickly while they change, fully once they rest. Questions name the surface that is open, so that what was reckoned
 * before a pin was set is never taken for what is so after.
 *
 * @param mostOf place of the pass whose hand is asked for
 */
export function useRehearsal(
  weather: Weather,
  passes: readonly RehearsedPass[],
  mostOf: number | null = null,
): { readonly answer: RehearsalAnswer | null; readonly isFull: boolean } {
  const { surface, bases, distanceMetres, mirrored } = weather;
  const asked = useMemo(() => ({ passes, bases, distanceMetres, mirrored, mostOf }), [passes, bases, distanceMetres, mirrored, mostOf]);
  const settled = useSettled(asked, RESTS_AFTER_MS);
  const key = surface?.key ?? '';
  const usual = { enabled: surface !== null, staleTime: Infinity, gcTime: 10_000, retry: 1, networkMode: 'always' as const };
  const quick = useQuery({
    ...usual,
    queryKey: ['weatherQuick', key, asked],
    placeholderData: keepPreviousData,
    queryFn: () => weather.rehearse(key, { ...asked, mostOf: null, isQuick: true }),
  });
  const full = useQuery({
    ...usual,
    queryKey: ['weatherFull', key, settled],
    queryFn: () => weather.rehearse(key, { ...settled, isQuick: false }),
  });
  const isFull = settled === asked && full.data !== undefined && full.data !== null;
  return { answer: (isFull ? full.data : quick.data) ?? null, isFull };
}

/** The pass of a plan, and where it stands. */
export function passAt(plan: WeatherPlan, passId: string | null): { readonly pass: PlannedWeatherPass; readonly at: number } | null {
  const at = plan.passes.findIndex(({ id }) => id === passId);
  const pass = plan.passes[at];
  return pass ? { pass, at } : null;
}
