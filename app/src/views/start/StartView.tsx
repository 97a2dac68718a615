import { setArea } from '@zinc-ladder/core/batch/setArea';
import { placeOfZone } from '@zinc-ladder/core/climate/placeOfZone';
import { MATERIALS } from '@zinc-ladder/core/ladder/materials';
import { beadShareOf } from '@zinc-ladder/core/surface/measure/layerRidges';
import type { PartSize, ShapeId } from '@zinc-ladder/core/surface/measure/shapes';
import { SHAPES, surveyShape } from '@zinc-ladder/core/surface/measure/shapes';
import { growFor } from '@zinc-ladder/model/gather/grow/growRungs';
import type { LadderRoute } from '@zinc-ladder/model/records/ladder/ladder';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { Link, Navigate, useNavigate } from 'react-router';
import { SPRAY_WAYS, startFirstProp, USUAL_HOURS } from '../../data/changes/prop/firstProp';
import { KITS } from '../../data/changes/prop/kits';
import type { PartFields } from '../../data/changes/prop/partChanges';
import { NEW_PART } from '../../data/changes/prop/partChanges';
import { NEW_PROP } from '../../data/changes/prop/propChanges';
import { newId } from '../../base/newId';
import { useShop, useTable } from '../../data/queries';
import { useEdit } from '../../features/edit/useEdit';
import { MeshTrialField } from '../../features/meshPick/MeshTrialField';
import { nameOfFile } from '../../features/meshPick/nameOfFile';
import { useMeshTrial } from '../../features/meshPick/useMeshTrial';
import { useTitle } from '../../features/title/pageTitle';
import { Button } from '../../ui/Button';
import { counted } from '../../base/counted';
import { Labelled, SelectField } from '../../ui/fields/fields';
import { MomentField } from '../../features/formats/MomentField';
import { NumberBox, readTrial } from '../../ui/fields/NumberBox';
import { Sheet } from '../../ui/Sheet';
import { Swatch } from '../../ui/swatch/Swatch';
import { formatSpan } from '../../base/formats';
import { useFormats } from '../../features/formats/useFormats';
import { SprayOut } from './SprayOut';
import { NOTHING_TYPED, readYardTrial } from './yardTrial';
import { finishOptions, isSmoothed, ROUTE_OPTIONS, smoothingOptions, suggestRoute } from '../../features/rung/routeOptions';

/** From an empty shop to a first part with its ladder; a shop that has a prop never sees it. */
export function StartView() {
  useTitle('Your first prop');
  const shop = useShop();
  const hasProp = useTable('props').length > 0;
  if (hasProp) return <Navigate to="/bench" replace />;
  return shop ? <FirstProp shop={shop} /> : null;
}

/** What stands there first, metric as kept: round figures in either units. */
const FIRST = {
  metric: { viewing: '1.5', side: '60' },
  us: { viewing: '1.524', side: '63.5' },
} as const;

const SIDES = ['Length, mm', 'Breadth, mm', 'Height, mm'] as const;

function FirstProp({ shop }: { readonly shop: Shop }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const formats = useFormats();
  const [hoursId, setHours] = useState('both');
  const [sprayId, setSpray] = useState('yard');
  const [yard, setYard] = useState(NOTHING_TYPED);
  const [kitIds, setKits] = useState<readonly string[]>(['smoothing']);
  const [propName, setPropName] = useState('');
  const [dueMs, setDue] = useState<number | null>(null);
  const [viewing, setViewing] = useState<string>(FIRST[shop.units].viewing);
  const [partName, setPartName] = useState('');
  const [materialId, setMaterial] = useState<PartFields['materialId']>('rigid');
  const [layer, setLayer] = useState('0.2');
  const [count, setCount] = useState('1');
  const [shapeId, setShape] = useState<ShapeId>('box');
  const [sides, setSides] = useState<readonly string[]>(SIDES.map(() => FIRST[shop.units].side));
  const [chosenRoute, setRoute] = useState<LadderRoute | null>(null);
  const layerMillimetres = readTrial(layer, 0, 1) ?? NEW_PART.layerMillimetres;
  const mesh = useMeshTrial({ materialId, layerMillimetres });
  const material = MATERIALS.find((entry) => entry.id === materialId);
  const pieces = readTrial(count, 1, 500, true);
  const size = sides.map((side) => readTrial(side, 0.1, 5000));
  const isSized = mesh.trial !== null || size.every((side) => side !== null);
  const shape =
    isSized && !mesh.trial && material
      ? surveyShape(shapeId, size as unknown as PartSize, { layerMillimetres, beadShare: beadShareOf(material) })
      : null;
  const area = mesh.trial?.areaSquareCentimetres ?? (shape ? shape.areaSquareMillimetres / 100 : NEW_PART.areaSquareCentimetres);
  // The ladder grows from the ridges that the surface view will tell.
  const ridge = mesh.trial?.ridgeMicrometres ?? shape?.p95Micrometres ?? null;
  const part: PartFields = {
    ...NEW_PART,
    name: partName.trim() || (mesh.trial ? nameOfFile(mesh.trial.file.name) : ''),
    materialId,
    layerMillimetres,
    count: pieces ?? 1,
    areaSquareCentimetres: Math.max(1, Math.round(area)),
    ridgeMicrometres: ridge === null ? null : Math.round(ridge),
    ...(shape ? { shapeId, sizeMillimetres: size as number[] } : {}),
  };
  const route = chosenRoute ?? suggestRoute({ materialId });
  const asPart = { ...part, id: 'first', revision: 0, propId: 'first', position: 0 };
  const metres = readTrial(viewing, 0.05, 1000);
  const grown = growFor(asPart, route, { metres });
  const yardDay = readYardTrial(yard);
  const missing =
    propName.trim() === ''
      ? 'The prop needs a name.'
      : part.name === ''
        ? 'The part needs a name.'
        : !isSized || pieces === null || metres === null || yardDay === undefined
          ? 'A figure is not one that can be.'
          : grown.kind === 'refused'
            ? grown.reason
            : null;
  const go = async (): Promise<void> => {
    if (missing !== null || yardDay === undefined) return;
    const prop = { ...NEW_PROP, name: propName.trim(), dueMs, viewingMetres: metres ?? NEW_PROP.viewingMetres };
    const said = { hoursId, sprayId, place: placeOfZone(shop.timeZone), yardDay, kitIds, prop, part, route, mesh: mesh.trial };
    if (await edit(`Add ${prop.name}`, (change) => startFirstProp(change, shop, said, newId))) void navigate('/bench');
  };
  return (
    <form
      className="mx-auto grid max-w-5xl gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void go();
      }}
    >
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <p className="text-dim max-w-2xl">
          Four answers, and the bench tells you what to do with your hands. All of it can be changed later where it stands.
        </p>
        <Link to="/ladders" className="in-text underline underline-offset-4">
          Skip this
        </Link>
      </div>
      <div className="grid items-start gap-4 md:grid-cols-2">
        <div className="grid gap-4">
          <Step number={1} name="When you are at it">
            <SelectField
              label="Hands"
              value={hoursId}
              options={USUAL_HOURS.map(({ id, name }) => [id, name] as const)}
              onChange={setHours}
            />
            <SelectField
              label="Spraying"
              value={sprayId}
              options={SPRAY_WAYS.map(({ id, name }) => [id, name] as const)}
              onChange={setSpray}
            />
            <SprayOut shop={shop} hoursId={hoursId} sprayId={sprayId} trial={yard} onType={setYard} />
          </Step>
          <Step number={2} name="What you have">
            <ul className="grid gap-1">
              {KITS.map((kit) => (
                <li key={kit.id}>
                  <label className="flex min-h-11 cursor-pointer items-center gap-3">
                    <input
                      type="checkbox"
                      className="h-5 w-5"
                      checked={kitIds.includes(kit.id)}
                      onChange={(event) => setKits(event.target.checked ? [...kitIds, kit.id] : kitIds.filter((id) => id !== kit.id))}
                    />
                    <span className="min-w-0 flex-1">{kit.name}</span>
                    <span className="flex gap-0.5" aria-hidden="true">
                      {kit.products.flatMap(({ colourHex, name }) =>
                        colourHex === null ? [] : [<Swatch key={name} colourHex={colourHex} className="h-5 w-5" />],
                      )}
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </Step>
        </div>
        <div className="grid gap-4">
          <Step number={3} name="What you make">
            <Labelled label="Prop">
              {({ id }) => (
                <input
                  id={id}
                  className="field"
                  maxLength={200}
                  placeholder="a ship's bell"
                  value={propName}
                  onChange={(event) => setPropName(event.target.value)}
                />
              )}
            </Labelled>
            <div className="grid grid-cols-[2fr_1fr] gap-3">
              <MomentField label="Due" mayBeEmpty value={dueMs} onKeep={setDue} hint="It may have none." />
              <NumberBox label="Seen from, m" trial={{ text: viewing, set: setViewing }} min={0.05} max={1000} />
            </div>
          </Step>
          <Step number={4} name="Its first part">
            <div className="grid grid-cols-[2fr_1fr] gap-3">
              <Labelled label="Part">
                {({ id }) => (
                  <input
                    id={id}
                    className="field"
                    maxLength={200}
                    placeholder={mesh.trial ? nameOfFile(mesh.trial.file.name) : 'the bell'}
                    value={partName}
                    onChange={(event) => setPartName(event.target.value)}
                  />
                )}
              </Labelled>
              <NumberBox label="Pieces" trial={{ text: count, set: setCount }} min={1} max={500} isWhole />
            </div>
            <div className="grid grid-cols-[2fr_1fr] gap-3">
              <SelectField
                label="Made of"
                value={materialId}
                options={ROUTE_OPTIONS.material}
                onChange={(id) => {
                  const found = MATERIALS.find((entry) => entry.id === id);
                  if (!found) return;
                  setMaterial(found.id);
                  setLayer(String(found.usualLayerMillimetres));
                  setRoute(null);
                }}
              />
              {material?.isPrinted && <NumberBox label="Layer, mm" isMetric trial={{ text: layer, set: setLayer }} min={0} max={1} />}
            </div>
            <MeshTrialField mesh={mesh} />
            {!mesh.trial && (
              <div className="grid grid-cols-[1.5fr_1fr_1fr_1fr] gap-2">
                <SelectField
                  label="Or near to a"
                  value={shapeId}
                  options={SHAPES.map(({ id, name }) => [id, name] as const)}
                  onChange={(id) => setShape(id as ShapeId)}
                />
                {SIDES.map((label, at) => (
                  <NumberBox
                    key={label}
                    label={label}
                    trial={{ text: sides[at] ?? '', set: (text) => setSides(sides.map((side, other) => (other === at ? text : side))) }}
                    min={0.1}
                    max={5000}
                  />
                ))}
              </div>
            )}
            <div className="grid grid-cols-2 gap-3">
              <SelectField
                label="To look like"
                value={route.finish}
                options={finishOptions(materialId, route.finish)}
                onChange={(finish) => setRoute({ ...route, finish: finish as LadderRoute['finish'] })}
              />
              {isSmoothed({ materialId }, route) && (
                <SelectField
                  label="Smoothed by"
                  value={route.smoothing}
                  options={smoothingOptions(asPart, route)}
                  onChange={(smoothing) => setRoute({ ...route, smoothing: smoothing as LadderRoute['smoothing'] })}
                />
              )}
            </div>
          </Step>
        </div>
      </div>
      <div className="bg-page border-line sticky bottom-12 flex flex-wrap items-center gap-4 border-t py-2 md:bottom-0">
        <Button type="submit" look="primary" isLarge disabled={missing !== null}>
          Grow its ladder, to the bench
        </Button>
        <p role="status">
          {missing ??
            (grown.kind === 'grown'
              ? `${counted(grown.rungs.length, 'rung')} over ${formats.area(setArea(part.areaSquareCentimetres, part.count))}, ${formatSpan(grown.handsMinutes)} of hands. The first: ${grown.rungs[0]?.name ?? 'none'}.`
              : '')}
        </p>
      </div>
    </form>
  );
}

function Step({ number, name, children }: { readonly number: number; readonly name: string; readonly children: ReactNode }) {
  return (
    <Sheet className="grid gap-3 p-4" label={name}>
      <h2 className="font-label text-xl font-semibold">
        <span className="figure text-dim mr-2 text-base">{number}</span>
        {name}
      </h2>
      {children}
    </Sheet>
  );
}
