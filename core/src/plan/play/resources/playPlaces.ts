import type { PlayHold, PlayTables } from '../playTables';
import { TimeHeap } from '../timeHeap';

/** Hands, rack and other places of a play: how much of each is taken, and when it is given back. */
export class PlayPlaces {
  /** what is taken of each resource */
  readonly usage: Float64Array;
  readonly capacity: Float64Array;
  private readonly releases = new TimeHeap();
  private resourceOf: number[] = [];
  private amountOf: number[] = [];
  private ownerOf: number[] = [];
  private readonly ownerUntil: Float64Array;

  constructor({ prepared, owners }: PlayTables) {
    const { resources } = prepared.problem;
    this.usage = new Float64Array(resources.length);
    this.capacity = Float64Array.from(resources, (resource) => resource.capacity);
    this.ownerUntil = new Float64Array(owners);
  }

  reset(): void {
    this.usage.fill(0);
    this.ownerUntil.fill(-1);
    this.releases.clear();
    this.resourceOf.length = 0;
    this.amountOf.length = 0;
    this.ownerOf.length = 0;
  }

  /** When something is given back next; Infinity: nothing is taken. */
  soonest(): number {
    return this.releases.soonest();
  }

  /** Whether anything is taken that will be given back. */
  isAnyTaken(): boolean {
    return this.releases.size > 0;
  }

  /** Gives back what has been taken until now. */
  release(now: number): void {
    while (this.releases.soonest() <= now) {
      const time = this.releases.soonest();
      const item = this.releases.pop();
      const owner = this.ownerOf[item] ?? -1;
      if (owner >= 0) {
        const until = this.ownerUntil[owner] ?? 0;
        // A later coat keeps it where it is.
        if (until > time) {
          this.releases.push(until, item);
          continue;
        }
        this.ownerUntil[owner] = -1;
      }
      const resource = this.resourceOf[item] ?? 0;
      this.usage[resource] = (this.usage[resource] ?? 0) - (this.amountOf[item] ?? 0);
    }
  }

  /** Takes some of a resource until a minute. */
  occupy(resource: number, amount: number, until: number, owner = -1): void {
    this.usage[resource] = (this.usage[resource] ?? 0) + amount;
    this.releases.push(until, this.resourceOf.length);
    this.resourceOf.push(resource);
    this.amountOf.push(amount);
    this.ownerOf.push(owner);
  }

  /** Holds a place for an owner (a part on the rack) until a minute, or longer where it has one already. */
  hold(owner: number, resource: number, amount: number, until: number): void {
    const held = this.ownerUntil[owner] ?? -1;
    if (held < 0) this.occupy(resource, amount, until, owner);
    this.ownerUntil[owner] = Math.max(held, until);
  }

  /** Whether each owner of some holds has its place already, or there is room for those that have none. */
  isRoomFor(holds: readonly PlayHold[]): boolean {
    for (let at = 0; at < holds.length; at += 1) {
      const hold = holds[at];
      if (!hold || this.isHeld(hold)) continue;
      let amount = hold.amount;
      for (let before = 0; before < at; before += 1) {
        const other = holds[before];
        if (other?.resource === hold.resource && !this.isHeld(other)) amount += other.amount;
      }
      if (!this.hasRoom(hold.resource, amount)) return false;
    }
    return true;
  }

  private isHeld({ owner }: PlayHold): boolean {
    return (this.ownerUntil[owner] ?? -1) >= 0;
  }

  /** Whether so much of a resource is free. */
  hasRoom(resource: number, amount: number): boolean {
    return (this.usage[resource] ?? 0) + amount <= (this.capacity[resource] ?? 0);
  }
}
