import type { RehearsalAnswer } from '../../../workers/weather/weatherApi';
import { Figure, Figures } from '../../../ui/Figure';
import { ageWords, percent } from '../words';

const ZONE_NAMES = { recess: 'recesses', edge: 'edges', top: 'tops', side: 'sides' } as const;

/** How old the part looks, and where its age lies. */
export function AgeFigure({ answer, isFull }: { readonly answer: RehearsalAnswer | null; readonly isFull: boolean }) {
  if (!answer) return null;
  const { age, zones } = answer.age;
  return (
    <section aria-label="Age of this part" aria-busy={!isFull}>
      <Figures columns={3}>
        <Figure
          label="Looks"
          value={`${Math.round(age)}, ${ageWords(age)}`}
          reason={{
            formula: '100 × (mean over zones of √m)², m = mean of ΔE ÷ (ΔE + 10), 0 under ΔE00 2, against the part’s own median colour',
            inputs: Object.entries(zones).map(([zone, value]) => [ZONE_NAMES[zone as keyof typeof ZONE_NAMES], value.toFixed(2)] as const),
            source: 'own model, measured on rendered parts; the bounds are guessed. Over half covered, the median flips and it falls again',
          }}
        />
        <Figure label="Differs from clean" value={percent(answer.changedShare)} />
        {(['recess', 'edge', 'top', 'side'] as const).map((zone) => (
          <Figure
            key={zone}
            label={`Variety, ${ZONE_NAMES[zone]}`}
            value={zones[zone] === undefined ? 'too few' : zones[zone].toFixed(2)}
          />
        ))}
      </Figures>
    </section>
  );
}
