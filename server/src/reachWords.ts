import type { NetworkInterfaceInfo } from 'node:os';
import { isEveryInterface } from './hostCheck';

/** Who can reach a server that listens on a host, in one line; null on the loopback address, which nobody else can. */
export function reachWords(host: string, port: number, interfaces: NodeJS.Dict<NetworkInterfaceInfo[]>): string | null {
  if (['127.0.0.1', '::1', 'localhost'].includes(host)) return null;
  const own = Object.values(interfaces).flatMap((list) => (list ?? []).filter((entry) => !entry.internal && entry.family === 'IPv4'));
  const [first] = own;
  const at = isEveryInterface(host) ? (first?.address ?? host) : host;
  return `Anyone in the network can open it at http://${at}:${port}, without a password. Shops stay in each browser; the server keeps none.`;
}
