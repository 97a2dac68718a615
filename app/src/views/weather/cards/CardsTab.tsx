import { hexOfLab } from '@zinc-ladder/core/colour/lab';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import { toLab } from '@zinc-ladder/model/gather/film/gatherPaints';
import type { TechniqueCard } from '@zinc-ladder/model/records/colour/techniqueCard';
import { mixWords } from '@zinc-ladder/core/weather/technique/mixWords';
import { newId } from '../../../base/newId';
import { useTable } from '../../../data/queries';
import { useEdit } from '../../../features/edit/useEdit';
import { useClock } from '../../../clock/ClockContext';
import { Button } from '../../../ui/Button';
import { ConfirmLoss } from '../../../features/edit/ConfirmLoss';
import { InlineText, SelectField } from '../../../ui/fields/fields';
import { Sheet } from '../../../ui/Sheet';
import { SplitSwatch } from '../../../ui/swatch/SplitSwatch';
import { formatSpan } from '../../../base/formats';
import { useFormats } from '../../../features/formats/useFormats';
import type { Weather } from '../useWeather';
import { percent } from '../words';

/** What was tried, and what it did: a card from a pass in one press. */
export function CardsTab({ weather }: { readonly weather: Weather }) {
  const { plan, part, index, base, passes } = weather;
  const cards = useTable('techniqueCards');
  const edit = useEdit();
  const clock = useClock();
  const sorted = cards.toSorted((a, b) => b.madeAtMs - a.madeAtMs);
  const make = (passId: string): void => {
    const at = plan.passes.findIndex(({ id }) => id === passId);
    const [pass, rehearsed] = [plan.passes[at], passes[at]];
    if (!pass || !rehearsed) return;
    const technique = findTechnique(pass.techniqueId);
    const own = plan.readings.filter((reading) => reading.passId === passId && reading.coverage !== null);
    const last = own.at(-1);
    const card: TechniqueCard = {
      id: newId(),
      revision: 0,
      name: `${technique.name} on ${part.name}`.slice(0, 200),
      techniqueId: technique.id,
      triedOn: `${part.name}, ${index.props.get(part.propId)?.name ?? ''}`.slice(0, 200),
      baseLab: [...base],
      depositLab: [...rehearsed.lab],
      productId: pass.productId,
      amount: pass.amount,
      wiped: pass.wiped,
      sizeMillimetres: pass.sizeMillimetres,
      tool: technique.tool.slice(0, 200),
      mix: mixWords(technique),
      minutes: index.rungs.get(pass.rungId ?? '')?.minutes ?? null,
      coverageBefore: own.length > 1 ? (own.at(-2)?.coverage ?? null) : own.length === 1 ? 0 : null,
      coverageAfter: last?.coverage ?? null,
      half: last?.half ?? null,
      isGood: null,
      note: '',
      madeAtMs: Math.round(clock.now()),
    };
    void edit(`Make a card of ${technique.name.toLowerCase()}`, (change) => change.put('techniqueCards', card));
  };
  return (
    <div className="grid gap-4">
      <Sheet className="p-4" label="A card from a pass">
        <h2 className="label mb-2">A card from a pass of {part.name}</h2>
        {plan.passes.length === 0 ? (
          <p className="text-dim">This part has no pass yet: rehearse one first.</p>
        ) : (
          <div className="flex flex-wrap gap-2">
            {plan.passes.map((pass) => (
              <Button key={pass.id} onClick={() => make(pass.id)}>
                {findTechnique(pass.techniqueId).name}
              </Button>
            ))}
          </div>
        )}
      </Sheet>
      {sorted.length === 0 && (
        <p className="text-dim">
          No cards yet. A card says what was tried, on what, and what it did; those that worked give a technique your own values.
        </p>
      )}
      <div className="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
        {sorted.map((card) => (
          <CardSheet key={card.id} card={card} />
        ))}
      </div>
    </div>
  );
}

function CardSheet({ card }: { readonly card: TechniqueCard }) {
  const edit = useEdit();
  const formats = useFormats();
  const technique = findTechnique(card.techniqueId);
  const change = (what: string, fields: Partial<TechniqueCard>): void =>
    void edit(`${what} of ${card.name}`, (run) => run.patch('techniqueCards', card.id, fields, card));
  return (
    <Sheet className="grid content-start gap-2 p-4" label={card.name}>
      <h3 className="font-label text-lg font-semibold">{card.name}</h3>
      <SplitSwatch left={hexOfLab(toLab(card.baseLab))} right={hexOfLab(toLab(card.depositLab))} className="h-12 w-full" />
      <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-sm">
        <dt className="text-dim">Technique</dt>
        <dd>{technique.name}</dd>
        <dt className="text-dim">Tried on</dt>
        <dd>{card.triedOn || 'not said'}</dd>
        <dt className="text-dim">Mix, tool</dt>
        <dd>
          {card.mix}; {card.tool}
        </dd>
        <dt className="text-dim">Amount</dt>
        <dd className="figure">
          {percent(card.amount)}
          {technique.usualWiped === null ? '' : `, wiped ${percent(card.wiped)}`}, {formats.length(card.sizeMillimetres, 1)}
        </dd>
        <dt className="text-dim">Covered</dt>
        <dd className="figure">
          {card.coverageAfter === null
            ? 'not measured'
            : `${card.coverageBefore === null ? '' : `${percent(card.coverageBefore)} → `}${percent(card.coverageAfter)} ± ${percent(card.half ?? 0)}`}
        </dd>
        <dt className="text-dim">Hands</dt>
        <dd className="figure">{card.minutes === null ? 'not known' : formatSpan(card.minutes)}</dd>
        <dt className="text-dim">Made</dt>
        <dd className="figure">{formats.full(card.madeAtMs)}</dd>
      </dl>
      <SelectField
        label="Did it work"
        value={card.isGood === null ? '' : card.isGood ? 'yes' : 'no'}
        options={[
          ['', 'not said yet'],
          ['yes', 'worked: counts for the technique'],
          ['no', 'did not work'],
        ]}
        onChange={(value) => change('Verdict', { isGood: value === '' ? null : value === 'yes' })}
      />
      <InlineText label="Note" value={card.note} onKeep={(note) => change('Note', { note })} />
      <ConfirmLoss
        trigger={
          <Button look="quiet" className="justify-self-start text-sm">
            Take the card away
          </Button>
        }
        title={`Take ${card.name} away?`}
        detail="Its values no longer count for the technique. Undo brings it back."
        act="Take it away"
        onConfirm={() => void edit(`Take ${card.name} away`, (run) => run.remove('techniqueCards', card.id))}
      />
    </Sheet>
  );
}
