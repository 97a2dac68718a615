import { useQuery, useQueryClient } from '@tanstack/react-query';
import { commonAge } from '@zinc-ladder/core/weather/story/passTowards';
import { findTechnique } from '@zinc-ladder/core/weather/technique/techniques';
import { partLabel } from '@zinc-ladder/model/gather/plan/gatherPlan';
import { basesOfPlan, ladderColours, rehearsedPass } from '@zinc-ladder/model/gather/gatherWeather';
import type { Part } from '@zinc-ladder/model/records/prop/part';
import { useState } from 'react';
import { Link } from 'react-router';
import { changePass, newWeatherPlan } from '../../../data/changes/look/weatherChanges';
import { useTable } from '../../../data/queries';
import { useStore } from '../../../data/StoreContext';
import { useEdit } from '../../../features/edit/useEdit';
import { getWeatherApi, stopWeatherWorker } from '../../../workers/weather/weatherClient';
import type { AgeAnswer } from '../../../workers/weather/weatherApi';
import { nameOfAsk } from '../../../workers/weather/weatherAsk';
import { Button } from '../../../ui/Button';
import { Sheet } from '../../../ui/Sheet';
import { Why } from '../../../ui/Why';
import type { Weather } from '../useWeather';
import { useWeatherRound, weatherAskOf } from '../useWeather';
import { ageWords, percent } from '../words';
import { WideTable } from '../../../ui/WideTable';

/** What was told of all parts, for one state of their passes. */
interface Told {
  readonly key: string;
  readonly answers: ReadonlyMap<string, AgeAnswer>;
  readonly target: number | null;
}

/** The age of every part of the prop side by side, and what would bring each level. */
export function LevelTab({ weather }: { readonly weather: Weather }) {
  const { part, index, mirrored } = weather;
  const { db } = useStore();
  const round = useWeatherRound();
  const { plans } = round;
  const meshes = useTable('meshes');
  const edit = useEdit();
  const client = useQueryClient();
  const parts = [...index.parts.values()].filter((entry) => entry.propId === part.propId).toSorted((a, b) => a.position - b.position);
  const questions = parts.map((entry) => {
    const plan =
      plans.find((other) => other.partId === entry.id) ??
      newWeatherPlan('none', entry, index.ladderOfPart.get(entry.id)?.route?.finish ?? null);
    const reference = meshes.find((mesh) => mesh.partId === entry.id) ?? null;
    const colours = ladderColours(index.rungsOnPart(entry.id), index.products, reference ? plan.regions : []);
    return {
      part: entry,
      plan,
      reference,
      ask: weatherAskOf(entry, reference, plan, round),
      age: {
        bases: basesOfPlan(plan, colours),
        passes: plan.passes.map((pass) => rehearsedPass(pass, index.products, colours, mirrored)),
        mirrored,
      },
    };
  });
  const key = JSON.stringify(questions.map(({ ask, age }) => [ask && nameOfAsk(ask), age]));
  const [seen, setSeen] = useState<Told | null>(null);
  const query = useQuery({
    queryKey: ['weatherLevel', key],
    staleTime: Infinity,
    gcTime: 30_000,
    retry: false,
    networkMode: 'always',
    queryFn: async ({ signal }): Promise<Told> => {
      const answers = new Map<string, AgeAnswer>();
      const askAll = async (target: number | null): Promise<void> => {
        for (const { part: entry, ask, reference, age } of questions) {
          signal.throwIfAborted();
          const file = reference ? ((await db.attachments.get(reference.id))?.blob ?? null) : null;
          const answer: AgeAnswer = ask
            ? await getWeatherApi().standing(ask, file, age, target)
            : { kind: 'faulty', message: 'no mesh, and its size and shape are not known' };
          answers.set(entry.id, answer);
          setSeen({ key, answers: new Map(answers), target });
        }
      };
      await askAll(null);
      const ages = [...answers.values()].flatMap((answer) => (answer.kind === 'told' && answer.age > 0 ? [answer.age] : []));
      const target = ages.length > 1 ? commonAge(ages) : null;
      if (target !== null) await askAll(target);
      return { key, answers, target };
    },
  });
  // What was told so far is shown while the rest is looked at.
  const told = query.data ?? (seen?.key === key ? seen : null);
  const target = told?.target ?? null;
  return (
    <Sheet className="p-4" label="All parts level">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h2 className="font-label text-2xl font-semibold">
          {index.props.get(part.propId)?.name}:{' '}
          {target === null ? 'how old each part looks' : `most look ${Math.round(target)}, ${ageWords(target)}`}
        </h2>
        {query.isFetching && (
          <span className="text-dim flex items-center gap-2">
            {told?.answers.size ?? 0} of {parts.length} looked at
            <Button
              onClick={() => {
                stopWeatherWorker();
                void client.cancelQueries({ queryKey: ['weatherLevel'] });
              }}
            >
              Stop
            </Button>
          </span>
        )}
        {!query.isFetching && !query.data && <Button onClick={() => void query.refetch()}>Look at all parts</Button>}
        {query.error && (
          <span role="alert" className="text-oxide">
            {query.error.message}
          </span>
        )}
      </div>
      <WideTable label="Parts beside each other">
        <table className="w-full text-left">
          <thead>
            <tr className="text-dim">
              <th className="py-1 pr-4 font-normal">part</th>
              <th className="pr-4 font-normal">looks</th>
              <th className="w-1/3 pr-4 font-normal">
                <span className="sr-only">age drawn</span>
              </th>
              <th className="font-normal">brings it level</th>
            </tr>
          </thead>
          <tbody>
            {questions.map(({ part: entry, plan }) => (
              <Row
                key={entry.id}
                part={entry}
                isOpen={entry.id === part.id}
                answer={told?.answers.get(entry.id)}
                target={target}
                techniqueAt={(at) => findTechnique(plan.passes[at]?.techniqueId ?? '').name.toLowerCase()}
                onTake={(at, amount) => {
                  const pass = plan.passes[at];
                  if (pass) void edit(`Bring ${entry.name} level`, (change) => changePass(change, plan.id, pass.id, { amount }));
                }}
              />
            ))}
          </tbody>
        </table>
      </WideTable>
      <p className="text-dim mt-2 text-sm">
        Parts within 10 points look equally old. A part without a mesh is reckoned on its shape alone, and reads too new by what its
        recesses would add.
      </p>
    </Sheet>
  );
}

function Row({
  part,
  isOpen,
  answer,
  target,
  techniqueAt,
  onTake,
}: {
  readonly part: Part;
  readonly isOpen: boolean;
  readonly answer: AgeAnswer | undefined;
  readonly target: number | null;
  readonly techniqueAt: (at: number) => string;
  readonly onTake: (at: number, amount: number) => void;
}) {
  const isTold = answer?.kind === 'told';
  return (
    <tr className={`border-line border-t ${isOpen ? 'bg-band' : ''}`}>
      <th scope="row" className="py-1.5 pr-4 font-medium">
        <Link className="in-text underline underline-offset-4" to={`/weather/${part.id}`}>
          {partLabel(part)}
        </Link>
      </th>
      <td className="figure pr-4 whitespace-nowrap">
        {!answer ? (
          '…'
        ) : isTold ? (
          <Why
            name={`age of ${part.name}`}
            reason={{
              formula: '100 × (mean over zones of √m)², m = mean of ΔE ÷ (ΔE + 10) against the part’s own median colour',
              source: 'own model, measured on rendered parts; bounds guessed',
            }}
          >
            {Math.round(answer.age)}
          </Why>
        ) : (
          '—'
        )}{' '}
        {isTold && target !== null && answer.standing !== 'level' && (
          <span className="text-oxide font-sans">{answer.standing === 'tooNew' ? 'too new' : 'too old'}</span>
        )}
      </td>
      <td className="pr-4">
        {isTold && (
          <svg viewBox="0 0 100 10" className="h-4 w-full" preserveAspectRatio="none" aria-hidden="true">
            <rect width={Math.min(100, answer.age)} height="10" className="fill-edge" />
            {target !== null && <rect x={Math.max(0, target - 10)} width="20" height="10" className="fill-lime" opacity="0.35" />}
          </svg>
        )}
      </td>
      <td>
        {answer?.kind === 'faulty' && <span className="text-dim">{answer.message}</span>}
        {isTold && target !== null && answer.standing === 'level' && <span className="text-dim">level</span>}
        {isTold && target !== null && answer.standing !== 'level' && !answer.pass && (
          <span className="text-dim">no pass of its own would; lay out a story for it</span>
        )}
        {isTold && answer.pass && target !== null && (
          <Button className="text-sm" onClick={() => answer.pass && onTake(answer.pass.at, answer.pass.amount)}>
            {techniqueAt(answer.pass.at)} to {percent(answer.pass.amount)}: looks {Math.round(answer.pass.age)}
          </Button>
        )}
      </td>
    </tr>
  );
}
