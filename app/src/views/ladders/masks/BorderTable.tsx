import type { MaskPlan, MaskPlanBorder } from '@zinc-ladder/model/records/ladder/maskPlan';
import { Button } from '../../../ui/Button';
import { InlineNumber, SelectField } from '../../../ui/fields/fields';

/** Where regions meet: how long, straight or curved, along a panel line or free. */
export function BorderTable({
  plan,
  onChange,
}: {
  readonly plan: MaskPlan;
  readonly onChange: (what: string, borders: readonly MaskPlanBorder[]) => void;
}) {
  const names = plan.regions.map((region) => [region.id, region.name] as const);
  const patch = (at: number, fields: Partial<MaskPlanBorder>): void =>
    onChange(
      'Change a border',
      plan.borders.map((border, place) => (place === at ? { ...border, ...fields } : border)),
    );
  const [first, second] = plan.regions;
  return (
    <section aria-label="Borders">
      <h3 className="label mb-1">Where they meet</h3>
      <ul className="grid gap-2">
        {plan.borders.map((border, at) => (
          <li key={at} className="border-line grid grid-cols-2 items-end gap-2 border-t pt-2 sm:grid-cols-3">
            <SelectField
              label="Between"
              value={border.firstId}
              options={names.filter(([id]) => id !== border.secondId)}
              onChange={(firstId) => patch(at, { firstId })}
            />
            <SelectField
              label="and"
              value={border.secondId}
              options={names.filter(([id]) => id !== border.firstId)}
              onChange={(secondId) => patch(at, { secondId })}
            />
            <InlineNumber
              label="Long"
              unit="mm"
              value={border.lengthMillimetres}
              min={0}
              max={100_000}
              onKeep={(value) => value !== null && patch(at, { lengthMillimetres: value })}
            />
            <SelectField
              label="It is"
              value={border.form}
              options={[
                ['straight', 'straight'],
                ['curved', 'curved'],
              ]}
              onChange={(form) => patch(at, { form: form === 'curved' ? 'curved' : 'straight' })}
            />
            <SelectField
              label="along"
              value={border.place}
              options={[
                ['panelLine', 'a panel line'],
                ['free', 'nothing'],
              ]}
              onChange={(place) => patch(at, { place: place === 'free' ? 'free' : 'panelLine' })}
            />
            <Button
              look="quiet"
              aria-label={`Take away: border ${at + 1}`}
              onClick={() =>
                onChange(
                  'Take a border away',
                  plan.borders.filter((_, place) => place !== at),
                )
              }
            >
              ✕
            </Button>
          </li>
        ))}
      </ul>
      <Button
        className="mt-2"
        disabled={!first || !second}
        onClick={() =>
          first &&
          second &&
          onChange('Add a border', [
            ...plan.borders,
            { firstId: first.id, secondId: second.id, lengthMillimetres: 100, form: 'straight', place: 'panelLine' },
          ])
        }
      >
        Add a border
      </Button>
    </section>
  );
}
