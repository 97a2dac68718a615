import { expose } from 'comlink';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { askOnce } from './askOnce';
import { createClient, WorkerFault } from './createClient';

interface Doubler {
  readonly double: (value: number) => number;
  readonly never: () => Promise<number>;
}

/** A worker of two message ports: what is posted on one side arrives on the other. */
class PortWorker extends EventTarget {
  private readonly channel = new MessageChannel();
  isEnded = false;

  constructor(readonly says: 'ready' | 'nothing' | 'error') {
    super();
    const { port1, port2 } = this.channel;
    port1.onmessage = (event: MessageEvent) => this.dispatchEvent(Object.assign(new Event('message'), { data: event.data as unknown }));
    const api: Doubler = { double: (value) => value * 2, never: () => new Promise(() => undefined) };
    if (says === 'ready') expose(api, port2 as never);
    port1.start();
    port2.start();
    if (says === 'ready') port2.postMessage('zinc-ladder worker ready');
    if (says === 'error') setTimeout(() => this.dispatchEvent(new Event('error')));
  }

  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.channel.port1.postMessage(message, transfer);
  }

  start(): void {
    // Ports want it called; a worker has it not.
  }

  terminate(): void {
    this.isEnded = true;
    this.channel.port1.close();
    this.channel.port2.close();
  }
}

const made: PortWorker[] = [];
const make = (says: PortWorker['says']) => (): Worker => {
  const worker = new PortWorker(says);
  made.push(worker);
  return worker as unknown as Worker;
};
const faultOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'answered',
    (error: unknown) => (error instanceof WorkerFault ? error.what : String(error)),
  );

afterEach(() => {
  vi.useRealTimers();
  for (const worker of made.splice(0)) worker.terminate();
});

describe('a worker’s client', () => {
  it('starts it when first asked, and asks the same again', async () => {
    const client = createClient<Doubler>(make('ready'));
    expect(made).toHaveLength(0);
    expect([await client.api.double(4), await client.api.double(5)]).toEqual([8, 10]);
    expect(made).toHaveLength(1);
  });
  it('that cannot be loaded is told, and made anew for the next question', async () => {
    let turn = 0;
    const client = createClient<Doubler>(() => make((turn += 1) === 1 ? 'error' : 'ready')());
    expect(await faultOf(client.api.double(1))).toBe('notStarted');
    expect(await client.api.double(3)).toBe(6);
    expect(made[0]?.isEnded).toBe(true);
  });
  it('that never says it is loaded is given up', async () => {
    vi.useFakeTimers();
    const client = createClient<Doubler>(make('nothing'));
    const asked = faultOf(client.api.double(1));
    await vi.advanceTimersByTimeAsync(31_000);
    expect(await asked).toBe('notStarted');
  });
  it('that dies at work ends all that was asked of it with words', async () => {
    const client = createClient<Doubler>(make('ready'));
    await client.api.double(1);
    const asked = [faultOf(client.api.never()), faultOf(client.api.never())];
    made[0]?.dispatchEvent(new Event('error'));
    expect(await Promise.all(asked)).toEqual(['ended', 'ended']);
    expect(await client.api.double(2)).toBe(4);
    expect(made).toHaveLength(2);
  });
  it('of one question ends with it, and when it is told to stop', async () => {
    expect(await askOnce<Doubler, number>(make('ready'), async (api) => api.double(7))).toBe(14);
    expect(made[0]?.isEnded).toBe(true);
    const stop = new AbortController();
    const asked = askOnce<Doubler, number>(make('ready'), async (api) => api.never(), stop.signal);
    stop.abort(new Error('stopped'));
    await expect(asked).rejects.toThrow('stopped');
    expect(made[1]?.isEnded).toBe(true);
  });
});
