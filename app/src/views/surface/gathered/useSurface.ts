import { LABEL_AIR } from '@zinc-ladder/core/climate/air';
import type { Engraving } from '@zinc-ladder/core/film/filmBudget';
import { countOpenFlaws } from '@zinc-ladder/core/inspection/openFlaws';
import { flawSeverity } from '@zinc-ladder/core/inspection/flawSeverity';
import type { Verdict } from '@zinc-ladder/core/inspection/verdict';
import { judgePasses } from '@zinc-ladder/core/inspection/verdict';
import type { Finish } from '@zinc-ladder/core/ladder/finishes';
import { finishAtAge } from '@zinc-ladder/core/ladder/finishes';
import type { RouteChoice } from '@zinc-ladder/core/ladder/growLadder';
import { findLoopTurns, isFillingOpen } from '@zinc-ladder/core/ladder/loopRungs';
import { findMaterial } from '@zinc-ladder/core/ladder/materials';
import type { PersonalRate } from '@zinc-ladder/core/log/personalRate';
import type { ForecastAsk, SchoolForecast, SchoolRefused } from '@zinc-ladder/core/surface/forecast/forecastSchools';
import { forecastSchools, USUAL_ENGRAVING } from '@zinc-ladder/core/surface/forecast/forecastSchools';
import type { ZoneSum } from '@zinc-ladder/core/surface/measure/layerRidges';
import { beadShareOf } from '@zinc-ladder/core/surface/measure/layerRidges';
import type { OwnCase } from '@zinc-ladder/core/surface/forecast/ownCases';
import { findOwnCases } from '@zinc-ladder/core/surface/forecast/ownCases';
import { paceMinutes } from '@zinc-ladder/core/surface/forecast/pacedMinutes';
import type { ShapeSurvey } from '@zinc-ladder/core/surface/measure/shapes';
import { surveyShape } from '@zinc-ladder/core/surface/measure/shapes';
import type { Visibility } from '@zinc-ladder/core/surface/forecast/visibleValley';
import { ARMS_LENGTH_METRES, visibleValley } from '@zinc-ladder/core/surface/forecast/visibleValley';
import { gatherPaces } from '@zinc-ladder/model/gather/plan/gatherPaces';
import { timedRungs } from '@zinc-ladder/model/gather/plan/timedRungs';
import { routeChoiceOf } from '@zinc-ladder/model/gather/grow/growRungs';
import type { Flaw } from '@zinc-ladder/model/records/prop/flaw';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import type { SurfacePass } from '@zinc-ladder/model/records/prop/surfacePass';
import { useMemo } from 'react';
import { useStandingEntries, useTable } from '../../../data/queries';
import { useShopIndex } from '../../../data/useShopIndex';
import { useSprayState } from '../../../features/plan/useSprayState';
import { suggestRoute } from '../../../features/rung/routeOptions';
import type { PartMesh } from '../mesh/usePartMesh';
import { usePartMesh } from '../mesh/usePartMesh';

/** A figure in use, and where it came from. */
export interface Used<Value> {
  readonly value: Value;
  readonly origin: string;
}

/** Everything the surface view shows of one part. */
export interface Surface {
  readonly part: Part;
  readonly mesh: PartMesh;
  /** what size and shape say, where there is no mesh */
  readonly shape: ShapeSurvey | null;
  readonly finish: Finish;
  readonly route: LadderRoute;
  readonly metres: number;
  readonly visible: Visibility;
  /** zones of mesh or shape; empty where neither is known */
  readonly zoneSums: readonly ZoneSum[];
  readonly ridge: Used<number>;
  readonly engraving: Used<Engraving>;
  readonly choice: RouteChoice;
  readonly ask: ForecastAsk;
  readonly forecasts: readonly (SchoolForecast | SchoolRefused)[];
  /** the school the ladder climbs by */
  readonly chosen: SchoolForecast | null;
  /** visible zones rougher than the forecast counts with */
  readonly ownCases: readonly OwnCase[];
  /** the finisher's own pace by method */
  readonly paces: ReadonlyMap<string, PersonalRate>;
  /** oldest first */
  readonly passes: readonly SurfacePass[];
  readonly hours: readonly number[];
  readonly flaws: readonly Flaw[];
  /** open flaws that show from where the prop is seen */
  readonly shownFlaws: readonly Flaw[];
  readonly openCounts: readonly number[];
  readonly verdict: Verdict;
}

/** Gathers what is known of a part's surface and has the core reckon with it. */
export function useSurface(part: Part): Surface {
  const mesh = usePartMesh(part);
  const index = useShopIndex();
  const spray = useSprayState();
  const allPasses = useTable('passes');
  const allFlaws = useTable('flaws');
  const entries = useStandingEntries();
  const rungs = useTable('rungs');
  const timed = useMemo(() => timedRungs(entries, rungs, allPasses), [entries, rungs, allPasses]);
  const ladder = index.ladderOfPart.get(part.id);
  const metres = index.props.get(part.propId)?.viewingMetres ?? ARMS_LENGTH_METRES;
  const temperatureCelsius = Math.round(spray?.temperatureCelsius ?? LABEL_AIR.temperatureCelsius);
  const relativeHumidityPercent = Math.round(spray?.relativeHumidityPercent ?? LABEL_AIR.relativeHumidityPercent);
  const { grooves, opened } = mesh;
  return useMemo(() => {
    const shape = shapeOf(part);
    const zoneSums = opened?.survey.ridges.zoneSums ?? shape?.zoneSums ?? [];
    const zones = zoneSums.map(({ zone, areaSquareMillimetres }) => ({ zone, share: areaSquareMillimetres }));
    const paces = gatherPaces(timed, zones);
    const route = ladder?.route ?? suggestRoute(part);
    const finish = finishAtAge(route.finish, route.age);
    const visible = visibleValley(finish, metres);
    const ridge = ridgeOf(part, opened?.survey.ridges.p95Micrometres ?? null, shape);
    const engraving = engravingOf(part, grooves);
    const choice = { ...routeChoiceOf(part, route), ridgeMicrometres: ridge.value };
    const ask = {
      wantedMicrometres: visible.valleyMicrometres,
      air: { temperatureCelsius, relativeHumidityPercent },
      engraving: engraving.value,
    };
    const forecasts = forecastSchools(choice, ask);
    const found = forecasts.find((entry) => entry.smoothing === route.smoothing);
    const chosen = found?.kind === 'forecast' ? found : null;
    const ownCases =
      chosen && !chosen.loops.ridgesStay && chosen.loops.loops > 0
        ? findOwnCases(zoneSums, choice, ridge.value, visible.valleyMicrometres)
        : [];
    const passes = allPasses.filter((pass) => pass.partId === part.id).toSorted((a, b) => a.atMs - b.atMs);
    const flaws = allFlaws.filter((flaw) => flaw.partId === part.id);
    const shown = flaws.filter((flaw) => flawSeverity(flaw.sizeMillimetres, finish, metres) !== 'hidden');
    const shownFlaws = shown.filter((flaw) => flaw.fixedPassId === null);
    const openCounts = countOpenFlaws(
      passes.map((pass) => pass.id),
      shown,
    );
    const own = (ladder?.rungIds ?? []).flatMap((id) => index.rungs.get(id) ?? []);
    const hours = passes.map((_, at) => passes.slice(0, at + 1).reduce((sum, pass) => sum + pass.minutes, 0) / 60);
    const verdict = judgePasses({
      passes: passes.map((pass, at) => ({
        hours: hours[at] ?? 0,
        valleyMicrometres: pass.valleyMicrometres,
        openFlaws: openCounts[at] ?? 0,
      })),
      wantedMicrometres: visible.valleyMicrometres,
      openFlaws: shownFlaws.length,
      openTurns: findLoopTurns(own).filter((turn) => turn.isOpen).length,
      isFillingOpen: isFillingOpen(own),
      forecast: {
        startMicrometres: ridge.value,
        endMicrometres: chosen?.loops.steps.at(-1)?.valleyMicrometres ?? visible.valleyMicrometres,
        passes: (chosen?.loops.steps.length ?? 4) - 1,
        hours: (chosen ? paceMinutes(chosen.rungs, paces).likely : 60) / 60,
      },
    });
    return {
      part,
      mesh,
      shape,
      zoneSums,
      finish,
      route,
      metres,
      visible,
      ridge,
      engraving,
      choice,
      ask,
      forecasts,
      chosen,
      ownCases,
      paces,
      passes,
      hours,
      flaws,
      shownFlaws,
      openCounts,
      verdict,
    };
  }, [part, mesh, opened, grooves, ladder, index.rungs, metres, temperatureCelsius, relativeHumidityPercent, timed, allPasses, allFlaws]);
}

function shapeOf(part: Part): ShapeSurvey | null {
  const [length, breadth, height] = part.sizeMillimetres ?? [];
  if (part.shapeId === null || length === undefined || breadth === undefined || height === undefined) return null;
  return surveyShape(part.shapeId, [length, breadth, height], {
    layerMillimetres: part.layerMillimetres,
    beadShare: beadShareOf(findMaterial(part.materialId)),
  });
}

/** What was measured or taken over wins over the mesh, the mesh over the shape, the shape over layer and material. */
function ridgeOf(part: Part, ofMesh: number | null, shape: ShapeSurvey | null): Used<number> {
  if (part.ridgeMicrometres !== null) return { value: part.ridgeMicrometres, origin: 'kept with the part' };
  if (ofMesh !== null) return { value: ofMesh, origin: 'from the mesh: 95 % of its area is smoother' };
  if (shape) return { value: shape.p95Micrometres, origin: 'from size and shape: 95 % of its area is smoother' };
  const material = findMaterial(part.materialId);
  return {
    value: material.ridgeShare * part.layerMillimetres * 1000,
    origin: `${material.ridgeShare} × layer, for a shape that is not known`,
  };
}

function engravingOf(part: Part, grooves: PartMesh['grooves']): Used<Engraving> {
  if (part.engraving) return { value: part.engraving, origin: 'typed' };
  const [narrowest] = grooves ?? [];
  if (narrowest) {
    const { widthMillimetres, depthMillimetres } = narrowest;
    return { value: { widthMillimetres, depthMillimetres }, origin: 'the narrowest groove of the mesh' };
  }
  return { value: USUAL_ENGRAVING, origin: 'none known: a usual one' };
}
