import type { Vector } from '@zinc-ladder/core/surface/mesh/vector';
import { FALLS_OVER_DEGREES, USUAL_FLOP } from '@zinc-ladder/core/colour/flop';
import { findFinish } from '@zinc-ladder/core/ladder/finishes';
import { USUAL_EDGE_DEGREES } from '@zinc-ladder/core/weather/region/colourRegions';
import { ARC_MINUTE_MILLIMETRES } from '@zinc-ladder/core/weather/seen/eyeDisc';
import { maskedProducts, metalsOf } from '@zinc-ladder/model/gather/gatherWeather';
import { useMemo, useState } from 'react';
import { addWeatherRegion } from '../../../data/changes/look/weatherChanges';
import { newId } from '../../../base/newId';
import { useFormats } from '../../../features/formats/useFormats';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { Why } from '../../../ui/Why';
import { Slider } from '../../../ui/fields/Slider';
import type { MeshLook } from '../../../ui/turntable/turntable';
import { AgeFigure } from './AgeFigure';
import { PassList } from './PassList';
import { PassSheet } from './PassSheet';
import { PinPanel } from './PinPanel';
import { RegionPanel } from './RegionPanel';
import { StorySheet } from './StorySheet';
import { useMeshPlace } from './useMeshPlace';
import { usePlanEdit } from '../usePlanEdit';
import type { Weather } from '../useWeather';
import { passAt, useRehearsal } from '../useWeather';
import { WeatherCanvas } from './WeatherCanvas';

/** Sheen of what is not known: that of a satin or matte coat. */
const USUAL_SHEEN = findFinish('satin').sheen;

/** The part as it would look, its passes, and where to stop with each. */
export function RehearseTab({ weather }: { readonly weather: Weather }) {
  const { plan, part } = weather;
  const formats = useFormats();
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [moved, setMoved] = useState<{
    readonly id: string;
    readonly fields: Partial<Record<'amount' | 'wiped' | 'sizeMillimetres', number>>;
  } | null>(null);
  const [lampDegrees, setLamp] = useState(40);
  const [without, setWithout] = useState(false);
  const [isSplit, setSplit] = useState(false);
  const [isFar, setFar] = useState(false);
  const [pinKind, setPinKind] = useState<'held' | 'runs' | 'region' | null>(null);
  const chosen = passAt(plan, chosenId) ?? passAt(plan, plan.passes[0]?.id ?? null);
  // What a slider holds is drawn at once, before it is kept.
  const passes = useMemo(
    () => weather.passes.map((pass, at) => (moved && plan.passes[at]?.id === moved.id ? { ...pass, ...moved.fields } : pass)),
    [weather.passes, plan.passes, moved],
  );
  const { answer, isFull } = useRehearsal(weather, passes);
  const placeAt = useMeshPlace(weather);
  const keep = usePlanEdit(weather);
  const addPin = async (look: MeshLook): Promise<void> => {
    const place = await placeAt(look);
    if (!place || !pinKind) return;
    const rounded = place.map((value) => Math.round(value * 100) / 100);
    if (pinKind === 'region') {
      const productId = nextMasked(weather);
      const region = {
        id: newId(),
        productId,
        lab: [...weather.base],
        place: rounded,
        edgeDegrees: USUAL_EDGE_DEGREES,
        reachMillimetres: null,
        stencilId: null,
        turnDegrees: 0,
      };
      await keep('Point at a region', (change, id) => addWeatherRegion(change, id, region));
      setPinKind(null);
      return;
    }
    await keep(pinKind === 'held' ? 'Pin where it is held' : 'Pin where it runs', (change, id) =>
      change
        .need('weatherPlans', id)
        .then(({ pins }) => change.patch('weatherPlans', id, { pins: [...pins, { id: newId(), kind: pinKind, place: rounded }] })),
    );
  };
  const metals = metalsOf(weather.colours);
  const isMetalSeen = weather.surface !== null && (metals !== 0 || passes.some((pass) => pass.metals));
  const hiddenAt = without && chosen ? chosen.at : -1;
  const drawn = useMemo(() => passes.map((pass, at) => (at === hiddenAt ? { ...pass, amount: 0 } : pass)), [passes, hiddenAt]);
  const setting = useMemo(
    () => ({ lampDegrees, isSplit, baseSheen: weather.finish?.sheen ?? USUAL_SHEEN }),
    [lampDegrees, isSplit, weather.finish],
  );
  return (
    <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_27rem]">
      <div className="grid grid-cols-1 min-w-0 gap-4">
        <Sheet className="p-4" label="Rehearsal">
          <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4">
            <h2 className="label">As it would look</h2>
            <p className="figure text-sm">
              {isMetalSeen && (
                <>
                  <Why
                    name="how metal is drawn"
                    reason={{
                      formula: `flop index = 2.69 (L*₁₅ − L*₁₁₀)^1.11 ÷ L*₄₅^0.86, by degrees from where a mirror would throw the light; between them what is over the floor falls to 1/e over ${FALLS_OVER_DEGREES}°`,
                      inputs: [
                        ['flop index', `${USUAL_FLOP}, guessed`],
                        ['the paint’s colour', 'as read at 45°'],
                      ],
                      source:
                        'Alman 1987, in ASTM E2194 (constants from memory). Flake paints have 10–15, and no two cans the same. Only the picture goes by it: coverage and contrast are reckoned as at 45°',
                    }}
                  >
                    metal drawn by flop {USUAL_FLOP}
                  </Why>{' '}
                  ·{' '}
                </>
              )}
              {weather.surface
                ? `${formats.area(weather.surface.areaSquareMillimetres / 100)}${weather.surface.isShape ? ', by its shape: no recesses known' : ''}`
                : ''}
            </p>
          </div>
          {weather.surface ? (
            <WeatherCanvas
              surface={weather.surface}
              up={plan.up as unknown as Vector}
              passes={drawn}
              bases={weather.bases}
              metals={metals}
              mirrored={weather.mirrored}
              setting={setting}
              label={`${part.name} with ${plan.passes.length} passes`}
              blurPixels={isFar ? blurOf(weather) : 0}
              onLook={pinKind ? (look) => void addPin(look) : null}
            />
          ) : (
            <div className="bg-band border-line flex h-[26rem] items-center justify-center border p-4">
              <Waiting weather={weather} />
            </div>
          )}
          <div className="mt-2 grid items-end gap-x-6 gap-y-2 sm:grid-cols-2">
            <Slider
              label="Lamp, round the part"
              value={lampDegrees}
              least={-180}
              most={180}
              step={5}
              words={(value) => `${value}°`}
              onMove={setLamp}
              onKeep={setLamp}
            />
            <div className="flex flex-wrap gap-2">
              <Toggle isOn={without} onPress={() => setWithout(!without)}>
                Without this pass
              </Toggle>
              <Toggle isOn={isSplit} onPress={() => setSplit(!isSplit)}>
                Half clean
              </Toggle>
              <Toggle isOn={isFar} onPress={() => setFar(!isFar)}>
                From {formats.distance(weather.distanceMetres)}
              </Toggle>
            </div>
          </div>
          <PinPanel weather={weather} pinKind={pinKind === 'region' ? null : pinKind} onPinKind={setPinKind} />
          <RegionPanel
            weather={weather}
            isPointing={pinKind === 'region'}
            onPointing={(isPointing) => setPinKind(isPointing ? 'region' : null)}
          />
        </Sheet>
        <AgeFigure answer={answer} isFull={isFull} />
      </div>
      <div className="grid grid-cols-1 min-w-0 gap-4">
        <StorySheet weather={weather} />
        <PassList weather={weather} sights={answer?.sights ?? []} chosenId={chosen?.pass.id ?? null} onChoose={setChosenId} />
        {chosen && (
          <PassSheet
            key={chosen.pass.id}
            weather={weather}
            pass={chosen.pass}
            at={chosen.at}
            answer={answer}
            isFull={isFull}
            onMove={(fields) => setMoved({ id: chosen.pass.id, fields })}
            onRest={() => setMoved(null)}
          />
        )}
      </div>
    </div>
  );
}

/** The first paint that the ladder lays inside a mask and that no region has yet. */
function nextMasked({ rungs, plan }: Weather): string | null {
  const placed = new Set(plan.regions.map(({ productId }) => productId));
  return maskedProducts(rungs).find((id) => !placed.has(id)) ?? null;
}

function Toggle({ isOn, onPress, children }: { readonly isOn: boolean; readonly onPress: () => void; readonly children: React.ReactNode }) {
  return (
    <Button aria-pressed={isOn} look={isOn ? 'primary' : 'plain'} className="text-sm" onClick={onPress}>
      {children}
    </Button>
  );
}

function Waiting({ weather }: { readonly weather: Weather }) {
  if (weather.problem)
    return (
      <p role="alert" className="text-oxide">
        {weather.problem}
      </p>
    );
  if (weather.progress === null)
    return (
      <p>
        Stopped. <Button onClick={weather.readAgain}>Read it again</Button>
      </p>
    );
  return (
    <div className="flex items-center gap-3">
      <progress className="accent-edge" max={1} value={weather.progress} aria-label="Looking where weather reaches" />
      <span className="text-dim">Looking where weather reaches it…</span>
      <Button onClick={weather.stop}>Stop</Button>
    </div>
  );
}

/** Pixels of the picture that a minute of arc takes where the whole part fills about two thirds of its height. */
const PICTURE_PIXELS = 280;

/** Half the breadth of what the eye sees as one spot, in the picture's pixels. */
function blurOf({ surface, distanceMetres }: Weather): number {
  if (!surface) return 0;
  const size = Math.hypot(...[0, 1, 2].map((axis) => (surface.max[axis] ?? 0) - (surface.min[axis] ?? 0)));
  return (distanceMetres * ARC_MINUTE_MILLIMETRES * PICTURE_PIXELS) / Math.max(1, size) / 2;
}
