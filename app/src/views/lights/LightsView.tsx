import { readLights } from '@zinc-ladder/model/gather/light/readLights';
import { useNavigate, useParams } from 'react-router';
import { newId } from '../../base/newId';
import { addLights } from '../../data/changes/light/lightChanges';
import { useTable } from '../../data/queries';
import { NoSuchProp, PropPage } from '../../features/propPage/PropPage';
import { useEdit } from '../../features/edit/useEdit';
import { useTitle } from '../../features/title/pageTitle';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/fields/fields';
import { Sheet } from '../../ui/Sheet';
import { GlowSheet } from './GlowSheet';
import { GroupsSheet } from './GroupsSheet';
import { LeakSheet } from './LeakSheet';
import { LightFields } from './LightFields';
import { PowerSheet } from './PowerSheet';

/** How is it lit? Supply, current, hot spots, wires and heat of what lights a prop. */
export function LightsView() {
  const { propId = '', planId } = useParams();
  const navigate = useNavigate();
  const edit = useEdit();
  const prop = useTable('props').find(({ id }) => id === propId);
  const parts = useTable('parts');
  const plans = useTable('lightPlans').filter((plan) => plan.propId === propId);
  const plan = plans.find(({ id }) => id === planId) ?? plans[0];
  const part = parts.find(({ id }) => id === plan?.partId) ?? null;
  const reading = plan ? readLights(plan, part) : null;
  useTitle(prop ? `Lights of ${prop.name}` : 'Lights');
  if (!prop) return <NoSuchProp />;
  const add = (): void => {
    const id = newId();
    const name = plans.length === 0 ? 'Lights' : `Lights ${plans.length + 1}`;
    void edit(`Begin lights of ${prop.name}`, (change) => addLights(change, prop.id, name, id, null)).then((isDone) =>
      isDone ? navigate(`/lights/${prop.id}/${id}`) : undefined,
    );
  };
  return (
    <PropPage
      prop={prop}
      head={
        <>
          {plan && (
            <div className="w-64">
              <SelectField
                label="Lights"
                value={plan.id}
                options={plans.map(({ id, name }) => [id, name] as const)}
                onChange={(id) => void navigate(`/lights/${prop.id}/${id}`)}
              />
            </div>
          )}
          <Button onClick={add}>{plan ? 'Other lights' : 'Begin with a strip'}</Button>
        </>
      }
    >
      {!plan && (
        <Sheet className="p-4">
          <h2 className="font-label text-2xl font-semibold">Nothing lights it yet</h2>
          <p className="text-dim">
            Supply, LEDs, their skin and where their groups sit: from these come resistors, volts along a strip, hours, hot spots, the
            colour through the skin, the wiring drawing, and the rungs to fit it.
          </p>
        </Sheet>
      )}
      {plan && reading && (
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[20rem_minmax(0,1fr)]">
          <LightFields plan={plan} parts={parts.filter((one) => one.propId === prop.id)} />
          <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
            <PowerSheet plan={plan} reading={reading} />
            <GlowSheet plan={plan} reading={reading} />
            <LeakSheet plan={plan} parts={parts.filter((one) => one.propId === prop.id)} />
            <GroupsSheet plan={plan} reading={reading} part={part} />
          </div>
        </div>
      )}
    </PropPage>
  );
}
