import { CELLS } from '@zinc-ladder/core/light/batteryHours';
import { LED_COLOURS } from '@zinc-ladder/core/light/glowColour';
import { ohmsAMetre, ohmsPerLed } from '@zinc-ladder/core/light/wire';
import { skinOfLadder } from '@zinc-ladder/model/gather/light/skinOfLadder';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { LightPlan } from '@zinc-ladder/model/records/light/lightPlan';
import { LIGHT_KINDS, SUPPLY_IDS } from '@zinc-ladder/model/records/light/lightPlan';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useShopIndex } from '../../data/useShopIndex';
import { useEdit } from '../../features/edit/useEdit';
import { useMirrored } from '../../features/mirrored/useMirrored';
import { Button } from '../../ui/Button';
import { InlineField, InlineNumber, Labelled, SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';

type NumberKey = {
  [Key in keyof LightPlan]: LightPlan[Key] extends number | null ? Key : never;
}[keyof LightPlan];

const KIND_NAMES = { singles: 'single LEDs', strip: 'plain strip', addressable: 'addressable' } as const;
const COLOUR_NAMES = {
  warm: 'warm white',
  neutral: 'neutral white',
  cool: 'cool white',
  red: 'red',
  amber: 'amber',
  green: 'green',
  blue: 'blue',
} as const;

/** What is known of the lights, each value kept as it is typed. */
export function LightFields({ plan, parts }: { readonly plan: LightPlan; readonly parts: readonly Part[] }) {
  const edit = useEdit();
  const patch = (fields: Partial<LightPlan>): void =>
    void edit(`Change the lights ${plan.name}`, (change) => change.patch('lightPlans', plan.id, fields, plan));
  const number = (
    label: string,
    key: NumberKey,
    [min, max]: readonly [number, number],
    more: { readonly unit?: string; readonly isWhole?: boolean; readonly mayBeEmpty?: boolean } = {},
  ) => (
    <InlineNumber
      label={label}
      value={plan[key]}
      min={min}
      max={max}
      isMetric
      {...more}
      onKeep={(value) => (value !== null || more.mayBeEmpty) && patch({ [key]: value })}
    />
  );
  const percent = (label: string, key: 'usable' | 'brightness', least: number) => (
    <InlineNumber
      label={label}
      unit="%"
      value={Math.round(plan[key] * 1000) / 10}
      min={least}
      max={100}
      onKeep={(value) => value !== null && patch({ [key]: value / 100 })}
    />
  );
  const isFixed = plan.supplyId === 'fixed';
  return (
    <Sheet className="no-print grid min-w-0 gap-3 p-4 max-lg:order-last" label="What lights it">
      <div className="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-2">
        <InlineField
          label="Name"
          value={plan.name}
          maxLength={200}
          check={(text) => (text.trim() === '' ? 'A name is needed.' : null)}
          onKeep={(name) => patch({ name: name.trim() })}
        />
        <Button
          look="quiet"
          onClick={() => void edit(`Take the lights ${plan.name} away`, (change) => change.remove('lightPlans', plan.id))}
        >
          Take away
        </Button>
      </div>
      <SelectField
        label="In the part"
        value={plan.partId ?? ''}
        options={[['', 'none in particular'], ...parts.map((part) => [part.id, partLabel(part)] as const)]}
        onChange={(id) => patch({ partId: id === '' ? null : id })}
      />
      <h2 className="label border-line border-t pt-3">Supply</h2>
      <div className="grid grid-cols-2 items-end gap-3">
        <SelectField
          label="From"
          value={plan.supplyId}
          options={SUPPLY_IDS.map((id) => [id, id === 'fixed' ? 'a supply of fixed volts' : CELLS[id].name] as const)}
          onChange={(supplyId) => patch({ supplyId: supplyId as LightPlan['supplyId'], ...(supplyId === 'fixed' ? { cells: 1 } : {}) })}
        />
        {isFixed ? number('Volts', 'fixedVolts', [0, 60], { unit: 'V' }) : number('Cells in a row', 'cells', [1, 100], { isWhole: true })}
        {!isFixed && number('Each holds', 'milliampHours', [0.1, 1_000_000], { unit: 'mAh', mayBeEmpty: true })}
        {!isFixed && percent('Of it usable', 'usable', 5)}
        {percent('Run at', 'brightness', 1)}
      </div>
      <p className="text-dim text-sm">Low voltages only. Mains are not computed here: they are licensed practice.</p>
      <h2 className="label border-line border-t pt-3">LEDs</h2>
      <div className="grid grid-cols-2 items-end gap-3">
        <SelectField
          label="They come as"
          value={plan.kind}
          options={LIGHT_KINDS.map((kind) => [kind, KIND_NAMES[kind]] as const)}
          onChange={(kind) => patch({ kind: kind as LightPlan['kind'] })}
        />
        <SelectField
          label="Colour"
          value={plan.colour}
          options={LED_COLOURS.map((colour) => [colour, COLOUR_NAMES[colour]] as const)}
          onChange={(colour) => patch({ colour: colour as LightPlan['colour'] })}
        />
        {number('How many', 'leds', [0, 10_000], { isWhole: true })}
        {number('Each draws', 'milliampsEach', [0, 5000], { unit: 'mA' })}
        {plan.kind === 'singles' && number('In a row', 'inRow', [1, 100], { isWhole: true })}
        {plan.kind !== 'singles' && (
          <InlineNumber
            label="Its copper, Ω a metre"
            value={ohmsAMetre(plan.ohmsPerLed, plan.pitchMillimetres)}
            min={0}
            max={100}
            onKeep={(ohms) => ohms !== null && patch({ ohmsPerLed: Math.min(100, ohmsPerLed(ohms, plan.pitchMillimetres)) })}
          />
        )}
        {plan.kind !== 'singles' && number('Its marks are every, LEDs', 'cutEvery', [1, 100], { isWhole: true })}
        {plan.kind !== 'singles' && (
          <InlineField
            label="Fed at LED"
            value={plan.feeds.map((feed) => feed + 1).join(', ')}
            check={(text) => (readFeeds(text) ? null : 'Whole numbers from 1, such as 1, 40.')}
            onKeep={(text) => patch({ feeds: readFeeds(text) ?? plan.feeds })}
          />
        )}
        {number('Lead', 'leadMillimetres', [0, 100_000], { unit: 'mm' })}
        {number('Wire', 'squareMillimetres', [0.005, 100], { unit: 'mm²' })}
      </div>
      <h2 className="label border-line border-t pt-3">Skin</h2>
      <div className="grid grid-cols-2 items-end gap-3">
        {number('From LED to LED', 'pitchMillimetres', [0.1, 10_000], { unit: 'mm' })}
        {number('LEDs to skin', 'distanceMillimetres', [0, 10_000], { unit: 'mm' })}
        {number('Rows side by side', 'rows', [1, 100], { isWhole: true })}
        {plan.rows > 1 && number('From row to row', 'rowMillimetres', [0.1, 10_000], { unit: 'mm' })}
        {number('Beam, degrees', 'beamDegrees', [1, 170])}
        {number('Sheets of foam', 'foamSheets', [0, 20], { isWhole: true })}
        <Labelled label="Skin on white" hint={plan.skinHex === null ? 'clear' : plan.skinHex}>
          {({ id, describedBy }) => (
            <input
              id={id}
              aria-describedby={describedBy}
              type="color"
              className="border-edge h-9 w-16 border"
              value={plan.skinHex ?? '#ffffff'}
              onChange={(event) => patch({ skinHex: event.target.value.toLowerCase() })}
            />
          )}
        </Labelled>
        <div className="flex flex-wrap gap-2">
          {plan.skinHex !== null && <Button onClick={() => patch({ skinHex: null })}>It is clear</Button>}
          <SkinByLadder plan={plan} patch={patch} />
        </div>
        {number('Gives heat off by', 'heatAreaSquareCentimetres', [0.1, 1_000_000], { unit: 'cm²', mayBeEmpty: true })}
        {number('Flashes a second', 'flashHertz', [0.01, 1000], { mayBeEmpty: true })}
        {number('Dimmed by pulses, Hz', 'pulseHertz', [1, 1_000_000], { mayBeEmpty: true })}
      </div>
    </Sheet>
  );
}

/** Places counted from 1, as one types them; null: not such a list. */
function readFeeds(text: string): number[] | null {
  const numbers = text.split(/[,;\s]+/u).filter((part) => part !== '');
  if (numbers.length === 0 || numbers.length > 50 || !numbers.every((part) => /^\d{1,4}$/u.test(part) && Number(part) > 0)) return null;
  return [...new Set(numbers.map((part) => Number(part) - 1))].toSorted((a, b) => a - b);
}

/** Takes the skin's colour from the films its part's ladder lays. */
function SkinByLadder({ plan, patch }: { readonly plan: LightPlan; readonly patch: (fields: Partial<LightPlan>) => void }) {
  const index = useShopIndex();
  const mirrored = useMirrored().value;
  const skinHex = plan.partId === null ? null : skinOfLadder(index.rungsOnPart(plan.partId), index.products, mirrored);
  if (skinHex === null || skinHex === plan.skinHex) return null;
  return (
    <Button title={`${skinHex} on white paper, by the films of its ladder (Kubelka–Munk)`} onClick={() => patch({ skinHex })}>
      As its ladder lays it
    </Button>
  );
}
