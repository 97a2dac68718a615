import type { Fortune } from './fortune';
import { PlayCalendars } from './resources/playCalendars';
import { PlayCrew } from './resources/playCrew';
import { PlayPlaces } from './resources/playPlaces';
import type { PlayTables } from './playTables';
import { PlayTools } from './resources/playTools';
import { PlayWindows } from './playWindows';
import { TimeHeap } from './timeHeap';
import type { GuardedState } from './windowGuard';
import { LATER, NOW, WindowGuard } from './windowGuard';

/** One stretch of work in a play; recorded only when the caller asks for it. */
export interface PlayedStretch {
  readonly task: number;
  /** when the work itself begins, after getting ready */
  readonly start: number;
  readonly end: number;
  readonly setupMinutes: number;
  /** index of the doer's resource; −1 where there was nobody to choose from */
  readonly doer: number;
}

/** Minutes of scuffing where a window was missed for good, and how long such a film is left to harden first; guessed. */
const SCUFF_MINUTES = 5;
const SCUFF_AFTER_MINUTES = 1440;

/** What must be left of the hours in which something is begun that then goes on by itself, minutes. */
const LEAST_TO_BEGIN = 1;

/**
 * Plays an order of work along time. Whenever hands are free, the first task of the order that can begin is begun. The choice uses only
 * what a finisher would know at that moment (planned minutes, expected drying times, windows still open), never the luck drawn for this
 * play.
 *
 * Three things come before the order. A coat whose window for the next one would close with no chance to be there is not laid yet. Nothing
 * is begun that would keep hands beyond the last moment of a window that is running. What is locked to a time has its hands at that time.
 *
 * One player plays as often as it is asked to; what a play left is read from its fields until the next one.
 */
export class OrderPlayer implements GuardedState {
  /** when each task ends; the problem's horizon where it never came to be */
  readonly ends: Float64Array;
  /** recoat windows missed for good */
  missed = 0;
  /** tasks that never came to be */
  undone = 0;

  private readonly from: number;
  private readonly horizon: number;
  readonly left: Float64Array;
  private readonly waits: Int32Array;
  readonly earliest: Float64Array;
  readonly isBegun: Uint8Array;
  readonly isDone: Uint8Array;
  private readonly ready: Int32Array;
  private readySize = 0;
  private readonly sleepers = new TimeHeap();
  private readonly places: PlayPlaces;
  private readonly tools: PlayTools;
  readonly windows: PlayWindows;
  private readonly calendars: PlayCalendars;
  private readonly guard: WindowGuard;
  private readonly crew: PlayCrew;
  private guards = true;
  /** who would do the task that was looked at last, as an index of a resource, and in which calendar; −1 where there is nobody to choose from */
  private doer = -1;
  private doerCalendar = -1;
  /** when what is done ended; the horizon for all else */
  private readonly factEnds: Float64Array;
  /** who has begun each task */
  private readonly begunBy: Int32Array;
  /** when hours open next for work that may be begun sooner by somebody else, or in a session that other work opens */
  private alsoAt = Infinity;
  private readonly ranks: Float64Array;
  private fortune: Fortune | null = null;
  private record: PlayedStretch[] | null = null;

  constructor(readonly tables: PlayTables) {
    const { prepared, count } = tables;
    const { problem } = prepared;
    this.from = problem.fromMinute;
    this.horizon = problem.horizonMinute;
    this.ends = new Float64Array(count);
    this.ranks = new Float64Array(count);
    this.left = new Float64Array(count);
    this.waits = new Int32Array(count);
    this.earliest = new Float64Array(count);
    this.isBegun = new Uint8Array(count);
    this.isDone = new Uint8Array(count);
    this.begunBy = new Int32Array(count);
    this.factEnds = Float64Array.from(prepared.tasks, ({ fixed }, index) =>
      tables.isFact[index] ? (fixed?.end ?? this.from) : this.horizon,
    );
    this.ready = new Int32Array(count);
    this.places = new PlayPlaces(tables);
    this.tools = new PlayTools(tables);
    this.calendars = new PlayCalendars(tables);
    this.crew = new PlayCrew(tables, this.calendars, this.places.usage);
    this.windows = new PlayWindows(tables, (task, closes) => this.guard.lastChance(task, closes));
    this.guard = new WindowGuard(tables, this.calendars, this);
  }

  /**
   * Plays once.
   *
   * @param rank of each task, by index: of what can be begun the least goes first
   * @param fortune what comes true; null: minutes as planned, films as their clocks say, no window lost
   * @param skipped tasks left out with all that follows them, 1 where so
   * @param record where stretches of work are written down, in the order they were begun
   */
  play(rank: ArrayLike<number>, fortune: Fortune | null, skipped: Uint8Array | null = null, record: PlayedStretch[] | null = null): void {
    this.fortune = fortune;
    this.record = record;
    this.reset(rank, fortune);
    const { tables } = this;
    let open = 0;
    for (let index = 0; index < tables.count; index += 1) {
      if (skipped?.[index]) continue;
      if (tables.isFact[index]) continue;
      open += 1;
      if (this.waits[index] === 0) this.sleepers.push(this.earliest[index] ?? 0, index);
    }
    for (const index of tables.tellingFacts) this.finish(index, this.factEnds[index] ?? this.from, skipped);
    const { bottleneck } = tables;
    let now = this.from;
    let stalls = 0;
    while (open > 0 && now < this.horizon) {
      this.places.release(now);
      if (bottleneck >= 0 && !this.awaitsOthers())
        for (let comes = this.handsFullUntil(now); comes >= 0 && this.places.isAnyTaken(); comes = this.handsFullUntil(now)) {
          now = Math.min(comes, this.places.soonest());
          this.places.release(now);
        }
      while (this.sleepers.soonest() <= now) this.makeReady(this.sleepers.pop());
      let started = 0;
      let kept = 0;
      let isFull = false;
      this.alsoAt = Infinity;
      for (let at = 0; at < this.readySize; at += 1) {
        const index = this.ready[at] ?? 0;
        if (isFull) {
          // What everything needs is used up: the rest stays as it is.
          this.ready.copyWithin(kept, at, this.readySize);
          kept += this.readySize - at;
          break;
        }
        // What has no free hands or place is not looked at: most of what is ready, most of the time.
        const answer = this.hasFree(index) ? this.whenToBegin(index, now) : LATER;
        if (answer === LATER) {
          this.ready[kept] = index;
          kept += 1;
        } else if (answer !== NOW) {
          if (answer < Infinity) this.sleepers.push(answer, index);
        } else {
          started += 1;
          if (this.work(index, now, skipped)) open -= 1;
          isFull = bottleneck >= 0 && this.handsFullUntil(now) >= 0 && !this.awaitsOthers();
        }
      }
      this.readySize = kept;
      if (started > 0) {
        this.guards = true;
        stalls = 0;
        continue;
      }
      // A window that was just missed may be open again at once.
      if (this.sleepers.soonest() <= now && stalls < tables.count) {
        stalls += 1;
        continue;
      }
      const next = Math.min(this.places.soonest(), this.sleepers.soonest(), this.windows.nextClosing(now, this.isBegun), this.alsoAt);
      // A play ends whatever happens: time goes on by a minute at least.
      if (next < Infinity) now = next > now ? next : now + 1;
      else if (this.guards && this.readySize > 0) this.guards = false;
      else break;
    }
    this.undone = open;
  }

  /** Times a tool was got ready. */
  get setups(): number {
    return this.tools.setups;
  }

  /** Until when what nearly everything needs is used up; Infinity until something ends, -1 where it is not. */
  private handsFullUntil(now: number): number {
    const { bottleneck } = this.tables;
    const { usage, capacity } = this.places;
    if ((usage[bottleneck] ?? 0) >= (capacity[bottleneck] ?? 0)) return Infinity;
    return this.crew.busyUntil(now, this.fortune?.isLost ?? null);
  }

  /** Whether something that does not need it could be begun. */
  private awaitsOthers(): boolean {
    for (const index of this.tables.others) if (!this.isBegun[index] && this.waits[index] === 0) return true;
    return false;
  }

  private reset(rank: ArrayLike<number>, fortune: Fortune | null): void {
    const { tables } = this;
    this.ranks.set(rank);
    this.left.set(fortune ? fortune.minutes : tables.minutes);
    this.waits.set(tables.predecessors);
    this.earliest.set(tables.notBefore);
    this.windows.reset();
    this.isBegun.fill(0);
    this.isDone.set(tables.isFact);
    this.begunBy.fill(-1);
    this.ends.set(this.factEnds);
    this.places.reset();
    this.tools.reset();
    this.calendars.reset();
    this.readySize = 0;
    this.sleepers.clear();
    this.missed = 0;
    this.guards = true;
    // What is in hand or on a bed is there, wherever an order has it.
    for (const index of tables.underWay) this.ranks[index] = Number.NEGATIVE_INFINITY;
    for (const index of tables.locked) {
      // What is locked comes before all at its time.
      this.ranks[index] = Number.NEGATIVE_INFINITY;
      this.earliest[index] = Math.max(this.from, tables.prepared.tasks[index]?.fixed?.start ?? 0);
    }
  }

  /** Puts a task among those that could be begun, in the place its rank gives it. */
  private makeReady(index: number): void {
    const { ready, ranks } = this;
    const rank = ranks[index] ?? 0;
    let at = this.readySize;
    while (at > 0 && (ranks[ready[at - 1] ?? 0] ?? 0) > rank) {
      ready[at] = ready[at - 1] ?? 0;
      at -= 1;
    }
    ready[at] = index;
    this.readySize += 1;
  }

  /** Whether what a task uses is free, and somebody who can do it. */
  private hasFree(index: number): boolean {
    const demands = this.tables.demands[index] ?? NONE;
    for (let at = 0; at < demands.length; at += 2) if (!this.places.hasRoom(demands[at] ?? 0, demands[at + 1] ?? 0)) return false;
    return this.crew.hasDoer(index);
  }

  /** Of what has all it uses free: {@link NOW}, {@link LATER} (something is in the way that ends with some event), or the minute before which it need not be looked at. */
  private whenToBegin(index: number, now: number): number {
    const { tables } = this;
    const setup = this.tools.setupFor(index, now, this.earliest[index] ?? 0);
    if (setup < 0) return LATER;
    const earliest = this.earliest[index] ?? 0;
    // What rounding leaves of a wait is no wait.
    if (now + setup < earliest - 1e-6) return earliest - setup;
    // What was begun in its window and set down may go on after it.
    if (now + setup > (this.windows.closes[index] ?? Infinity) && !this.isBegun[index]) return this.missWindow(index, now, setup);
    const left = this.left[index] ?? 0;
    const chunk = tables.leastChunk[index] ?? -1;
    const work = chunk >= 0 ? Math.min(left, chunk) : (tables.minutes[index] ?? 0);
    const isLocked = tables.isLocked[index] === 1;
    const hasDoers = (tables.doers[index] ?? NONE).length > 0;
    // What is locked to a time is done then, whatever the hours say.
    const opening = isLocked || hasDoers ? NOW : this.openFor(tables.calendar[index] ?? -1, now, setup, work);
    if (opening !== NOW) return opening;
    const begun = isLocked ? NOW : this.openFor(tables.begunIn[index] ?? -1, now, 0, LEAST_TO_BEGIN, false);
    if (begun !== NOW) return begun;
    if (!this.places.isRoomFor(tables.holds[index] ?? [])) return LATER;
    this.doer = -1;
    if (isLocked) return NOW;
    if (hasDoers) {
      const answer = this.chooseDoer(index, now, setup, work);
      if (answer !== NOW) return answer;
    } else if (this.keptUntil(index, now) < now + setup + work) return LATER;
    return this.guards ? this.guard.whenToOpen(index, now, setup) : NOW;
  }

  /** The first of a task's doers who can begin it now; else {@link LATER}, or when the hours of one open. Who began it goes on with it. */
  private chooseDoer(index: number, now: number, setup: number, work: number): number {
    const doers = this.tables.doers[index] ?? NONE;
    const begunBy = this.begunBy[index] ?? -1;
    let soonest = Infinity;
    let isLater = false;
    for (let at = 0; at < doers.length; at += 2) {
      const doer = doers[at] ?? 0;
      const calendar = doers[at + 1] ?? -1;
      if (begunBy >= 0 && begunBy !== doer) continue;
      const opening = this.openFor(calendar, now, setup, work, begunBy === doer);
      if (opening !== NOW && opening !== LATER) {
        soonest = Math.min(soonest, opening);
        continue;
      }
      this.doer = doer;
      this.doerCalendar = calendar;
      if (opening === NOW && (this.places.usage[doer] ?? 0) === 0 && this.keptUntil(index, now) >= now + setup + work) return NOW;
      isLater = true;
    }
    this.doer = -1;
    if (!isLater && soonest === Infinity) {
      // Longer than any hours that are left: whoever is first begins it all the same.
      this.doer = doers[0] ?? -1;
      this.doerCalendar = doers[1] ?? -1;
      const opening = this.openFor(this.doerCalendar, now, setup, work);
      return opening === NOW && (this.places.usage[this.doer] ?? 0) > 0 ? LATER : opening;
    }
    if (!isLater) return soonest;
    this.alsoAt = Math.min(this.alsoAt, soonest);
    return LATER;
  }

  private openFor(calendar: number, now: number, setup: number, work: number, mayOverrun = true): number {
    const { tables } = this;
    if (calendar < 0) return NOW;
    const until = tables.windowsFrom[calendar + 1] ?? 0;
    const at = this.calendars.current(calendar, now, this.fortune?.isLost ?? null);
    if (at >= until) return Infinity;
    const start = tables.windowStart[at] ?? 0;
    if (start > now) return start;
    const room = (tables.windowEnd[at] ?? 0) - now;
    if (setup + work <= room) return NOW;
    for (let next = at + 1; next < until; next += 1) {
      const opens = tables.windowStart[next] ?? 0;
      if ((tables.windowEnd[next] ?? 0) - opens >= setup + work) {
        if (setup === 0 || work > room) return opens;
        // The session may be opened by other work meanwhile, and then this fits; if by none, it fits there.
        this.alsoAt = Math.min(this.alsoAt, opens);
        return LATER;
      }
    }
    // Longer than any window: begun when one opens, and finished beyond its end. A plan never does that.
    if (!this.fortune || !mayOverrun) return Infinity;
    if (now <= start) return NOW;
    return at + 1 < until ? (tables.windowStart[at + 1] ?? Infinity) : Infinity;
  }

  private missWindow(index: number, now: number, setup: number): number {
    let again = this.windows.miss(index);
    if (!(again < Infinity)) {
      this.missed += 1;
      again = now + SCUFF_AFTER_MINUTES;
      this.left[index] = (this.left[index] ?? 0) + SCUFF_MINUTES;
    }
    this.earliest[index] = Math.max(this.earliest[index] ?? 0, again);
    return Math.max(now, (this.earliest[index] ?? 0) - setup);
  }

  /** Until when hands may be kept from a minute on by a task, for what is locked to a time and for windows that are running. */
  private keptUntil(index: number, now: number): number {
    const { tables } = this;
    let until = Infinity;
    for (const locked of tables.locked) {
      if (locked === index || this.isBegun[locked]) continue;
      const begins = (this.earliest[locked] ?? 0) - (tables.setup[locked] ?? 0);
      if (begins > now && begins < until && this.isRival(index, locked, now, begins)) until = begins;
    }
    if (!this.guards) return until;
    const { closers, urgentBy } = this.windows;
    const own = urgentBy[index] ?? Infinity;
    for (let at = closers.length - 1; at >= 0; at -= 1) {
      const closer = closers[at] ?? 0;
      if (this.isBegun[closer]) {
        closers.splice(at, 1);
        continue;
      }
      const by = urgentBy[closer] ?? Infinity;
      // What still waits for something else is not waited for: that something may be what is asked about.
      if (closer === index || (this.waits[closer] ?? 0) > 0 || own <= by || by < now || by >= until) continue;
      if (this.isRival(index, closer, now, by)) until = by;
    }
    return until;
  }

  /** Whether two tasks cannot be worked on at once beside what is going on, the other begun by a minute at the latest. */
  private isRival(index: number, other: number, now: number, by: number): boolean {
    const mine = this.tables.demands[index] ?? NONE;
    const theirs = this.tables.demands[other] ?? NONE;
    for (let at = 0; at < mine.length; at += 2)
      for (let place = 0; place < theirs.length; place += 2) {
        const resource = mine[at] ?? 0;
        if (resource !== theirs[place]) continue;
        if (!this.places.hasRoom(resource, (mine[at + 1] ?? 0) + (theirs[place + 1] ?? 0))) return true;
      }
    return this.crew.isMissed(index, this.doer, other, now, by, this.fortune?.isLost ?? null);
  }

  /** Works on a task from now on, to its end or, where it may be set down, for as long as it may. True: it is done. */
  private work(index: number, now: number, skipped: Uint8Array | null): boolean {
    const { tables } = this;
    const setup = Math.max(0, this.tools.setupFor(index, now, this.earliest[index] ?? 0));
    const start = now + setup;
    const left = this.left[index] ?? 0;
    let end = start + left;
    if ((tables.leastChunk[index] ?? -1) >= 0) {
      const calendar = this.doer >= 0 ? this.doerCalendar : (tables.calendar[index] ?? -1);
      const closes =
        calendar < 0 ? Infinity : (tables.windowEnd[this.calendars.current(calendar, now, this.fortune?.isLost ?? null)] ?? Infinity);
      end = Math.min(end, Math.max(start + 1, Math.min(closes, this.keptUntil(index, now))));
      end = this.setDownFor(index, start, end);
    }
    // What rounding leaves is not work.
    const rest = left - (end - start);
    this.left[index] = rest > 1e-6 ? rest : 0;
    this.isBegun[index] = 1;
    this.tools.use(index, start, end, setup);
    const takes = tables.takes[index] ?? NONE;
    for (let at = 0; at < takes.length; at += 2) if (end > now) this.places.occupy(takes[at] ?? 0, takes[at + 1] ?? 0, end);
    this.begunBy[index] = this.doer;
    if (this.doer >= 0 && end > now) this.places.occupy(this.doer, 1, end);
    this.record?.push({ task: index, start, end, setupMinutes: setup, doer: this.doer });
    if (this.left[index] !== 0) {
      // What was set down is taken up by the same or other hands, but not by both at once.
      this.earliest[index] = end;
      this.sleepers.push(end, index);
      return false;
    }
    this.finish(index, end, skipped);
    return true;
  }

  /** When work that may be set down is set down, because something that comes before it in the order will be ready. */
  private setDownFor(index: number, start: number, end: number): number {
    const least = start + (this.tables.leastChunk[index] ?? 0);
    const rank = this.ranks[index] ?? 0;
    let until = end;
    for (let at = 0; at < this.sleepers.size; at += 1) {
      const time = this.sleepers.timeAt(at);
      if (time >= least && time < until && end - time >= 1 && (this.ranks[this.sleepers.itemAt(at)] ?? 0) < rank) until = time;
    }
    return until < end ? Math.min(end, Math.ceil(until)) : end;
  }

  private finish(index: number, end: number, skipped: Uint8Array | null): void {
    const { tables } = this;
    this.ends[index] = end;
    this.isDone[index] = 1;
    const { arcs } = tables;
    const last = arcs.from[index + 1] ?? 0;
    for (let arc = arcs.from[index] ?? 0; arc < last; arc += 1) {
      const to = arcs.to[arc] ?? 0;
      const opens = this.windows.opensAfter(arc, end, this.fortune);
      if (opens > (this.earliest[to] ?? 0)) this.earliest[to] = opens;
      if (arcs.hi[arc] !== Infinity) this.windows.open(arc, to, end, opens, this.fortune);
      const waits = (this.waits[to] ?? 1) - 1;
      this.waits[to] = waits;
      // What is got ready for may be begun before its wait is over.
      if (waits === 0 && !tables.isFact[to] && !skipped?.[to]) this.sleepers.push((this.earliest[to] ?? 0) - (tables.setup[to] ?? 0), to);
    }
    const window = tables.windows[index];
    if (window) this.guard.hurryBetween(window);
    for (const hold of tables.holds[index] ?? []) {
      const drawn = hold.film >= 0 ? (this.fortune?.drying[hold.film] ?? 1) : 1;
      const until = Math.min(this.horizon, Math.max(end + 1, Math.ceil(hold.clock.minuteAfter(end, hold.progress * drawn))));
      this.places.hold(hold.owner, hold.resource, hold.amount, until);
    }
  }
}

const NONE = new Int32Array(0);
