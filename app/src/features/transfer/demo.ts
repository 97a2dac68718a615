import { workedMs } from '@zinc-ladder/model/gather/plan/gatherPlan';
import type { Rung } from '@zinc-ladder/model/records/ladder/rung';
import { readProjectFile } from '../../workers/files/readProjectFile';
import type { ShopClock } from '../../clock/shopClock';
import { gatherProject, importProject } from '../../data/whole/projectTransfer';
import { isMomentKept } from '@zinc-ladder/model/records/base/momentBounds';
import { ShopError } from '../../data/edits/shopError';
import type { Store } from '../../data/edits/store';

/** Longest wait for the server to say whether it has the demo, ms. It gave the page a moment ago: one that is slow is busy, not away. */
const ASKING_MS = 15_000;

/** Whether the server was started for the demo. A server that is not there says no. */
export async function isDemoServer(): Promise<boolean> {
  try {
    const response = await fetch('/api/health', { signal: AbortSignal.timeout(ASKING_MS) });
    return response.ok && ((await response.json()) as { demo?: boolean }).demo === true;
  } catch {
    return false;
  }
}

/** Whether this browser never held a shop. One that was emptied stays empty until the demo is asked for. */
async function isNewBrowser({ db }: Store): Promise<boolean> {
  return (await db.records('shop').count()) === 0 && (await db.meta.get('isDemo')) === undefined;
}

/**
 * Starts a new browser on the demo where the server was started for it. Of tabs that are opened together one fetches it, and the others wait: what
 * was done in the first of them meanwhile would be lost.
 *
 * @param show tells what it waits for
 */
export async function startOnDemo(store: Store, clock: ShopClock, show: (words: string) => void = () => undefined): Promise<void> {
  if (!(await isNewBrowser(store))) return;
  show('Opening…');
  if (!(await isDemoServer())) return;
  const load = async (): Promise<void> => {
    // What another tab wrote meanwhile may not have been heard of here yet.
    if (!(await isNewBrowser(store))) return store.tables.reload();
    show('Fetching the demo…');
    await loadDemo(store, clock);
  };
  const { locks } = (globalThis.navigator ?? {}) as Partial<Navigator>;
  // A page of a plain address in the network has none.
  await (locks ? locks.request('zinc-ladder demo', load) : load());
}

/** Loads the demo shop in place of what is there and turns the clock to its moment. Undo forgets what was before. */
export async function loadDemo(store: Store, clock: ShopClock): Promise<void> {
  const response = await fetch('/demo/tide-office.zip');
  if (!response.ok) throw new Error(`the server has no demo (${response.status})`);
  const bundle = await readProjectFile(await response.blob());
  const before = clock.offsetMs();
  const offset = offsetTo(clock, bundle.project.savedAtMs);
  // The clock first: a demo that is seen at another moment would be planned, and its air read, for that one.
  clock.setOffset(offset);
  try {
    // Kept with the records or not at all: a page that is closed while they come must find neither a clock turned nor a demo that is not there.
    await importProject(store, bundle, 'replace', [
      { key: 'isDemo', value: true },
      { key: 'clockOffsetMs', value: offset },
    ]);
  } catch (error) {
    clock.setOffset(before);
    throw error;
  }
  await store.forgetHistory();
}

/** Turns the shop's clock so that it now shows a moment; it runs on from there, and on reload too. Null: back to the wall clock. */
export async function setClock(store: Store, clock: ShopClock, momentMs: number | null): Promise<void> {
  const offset = momentMs === null ? 0 : offsetTo(clock, momentMs);
  await store.db.meta.put({ key: 'clockOffsetMs', value: offset });
  clock.setOffset(offset);
}

/** How far the shop's clock must be turned to show a moment now, ms. */
function offsetTo(clock: ShopClock, momentMs: number): number {
  return momentMs - (clock.now() - clock.offsetMs());
}

/** Moves the demo's records by whole days so that its moment falls on today, not later than now, and sets the clock to the wall's. */
export async function moveToToday(store: Store, clock: ShopClock): Promise<void> {
  const { shiftDates } = await import('@zinc-ladder/model/file/shiftDates');
  const shopNow = clock.now();
  const wallNow = shopNow - clock.offsetMs();
  if (!isMomentKept(wallNow)) throw new ShopError('clockWrong');
  // Rounded down: what is logged must not lie ahead of the clock.
  const days = Math.floor((wallNow - shopNow) / 86_400_000);
  const bundle = await gatherProject(store.db, Math.round(shopNow));
  const project = { ...bundle.project, rungs: bundle.project.rungs.map((rung) => putDownAt(rung, shopNow)) };
  // One transaction: records moved to today would lie weeks ahead of a clock that still shows the demo’s moment.
  await importProject(store, { ...bundle, project: shiftDates(project, days) }, 'replace', [{ key: 'clockOffsetMs', value: 0 }]);
  clock.setOffset(0);
}

/** What was in hand at the demo's moment was not worked on through the days that are skipped. */
function putDownAt(rung: Rung, nowMs: number): Rung {
  return rung.state === 'inHand' ? { ...rung, state: 'setDown', workedMs: Math.round(workedMs(rung, nowMs)), startedAtMs: null } : rung;
}

/** The clock of a shop of one's own: the wall's, and no demo any more. */
export async function leaveDemo(store: Store, clock: ShopClock): Promise<void> {
  await setClock(store, clock, null);
  await store.db.meta.put({ key: 'isDemo', value: false });
}
