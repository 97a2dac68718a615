import { useClock } from '../../clock/ClockContext';
import { useShop } from '../../data/queries';
import type { ShopIndex } from '../../data/useShopIndex';
import { usePersons } from '../../features/person/useAtBench';
import { Button } from '../../ui/Button';
import { toLocalInput } from '../../base/localInput';
import { download, fileName } from '../../base/download';
import type { PlannedShop } from '../../features/plan/planned';

/** The plan on paper and in a calendar. */
export function PlanFiles({
  plan,
  partIds,
  index,
  isForPaper,
}: {
  readonly plan: PlannedShop;
  readonly partIds: ReadonlySet<string>;
  readonly index: ShopIndex;
  readonly isForPaper: boolean;
}) {
  const shop = useShop();
  const clock = useClock();
  const names = new Map(usePersons().map(({ id, name }) => [id, name]));
  const save = async (): Promise<void> => {
    const { writePlanCalendar } = await import('@zinc-ladder/model/calendar/writePlanCalendar');
    const entries = plan.rungs
      .filter((time) => partIds.has(time.partId))
      .flatMap((time) =>
        time.chunks.map((chunk, order) => ({
          id: `${time.rungId}-${order}`,
          title: index.rungTitle(time.rungId),
          startMs: chunk.start,
          endMs: chunk.end,
          detail: [
            names.get(time.personId ?? ''),
            time.session && time.session.count > 1 ? `${time.session.toolName}: ${time.session.place + 1} of ${time.session.count}` : null,
          ]
            .filter((line) => line)
            .join('; '),
          closesMs: order === 0 ? time.windowClosesMs : null,
        })),
      );
    const name = shop?.name ?? 'Plan';
    const date = toLocalInput(clock.now(), shop?.timeZone ?? 'UTC').slice(0, 10);
    download(writePlanCalendar(name, entries, clock.now()), fileName(`${name} plan`, date, 'ics'), 'text/calendar');
  };
  return (
    <div className="flex gap-2 print:hidden">
      <Button onClick={() => void save()}>Save as calendar</Button>
      {isForPaper && <Button onClick={() => print()}>Print</Button>}
    </div>
  );
}
