import type { RequestHandler } from 'express';
import { isIP } from 'node:net';

/** Names that always mean this machine. */
const LOOPBACK: readonly string[] = ['localhost', '127.0.0.1', '::1'];
/** Addresses that mean every interface of this machine; no browser asks for them by name. */
const EVERY_INTERFACE: readonly string[] = ['0.0.0.0', '::'];

/** Whether a server listens on all interfaces. */
export function isEveryInterface(host: string): boolean {
  return EVERY_INTERFACE.includes(host);
}

/** The host of a `Host` header, without port and brackets, in lower case; null for none. */
export function hostOf(header: string | undefined): string | null {
  if (!header) return null;
  const [, bracketed, plain] = /^(?:\[([0-9a-f:.]+)\]|([^:]+))(?::\d{1,5})?$/iu.exec(header) ?? [];
  return (bracketed ?? plain)?.toLowerCase() ?? null;
}

/**
 * Refuses requests whose `Host` names something this server was not told to be. A page of another site can have its own name point at this machine
 * (DNS rebinding) and would then be let in as if it were the application.
 *
 * @param listening what the server listens on; on every interface its plain addresses are let in, which rebinding cannot use
 * @param allowed names it answers to beside those of this machine
 */
export function checkHost(listening: string, allowed: readonly string[]): RequestHandler {
  const names = new Set([...LOOPBACK, listening, ...allowed].map((name) => name.toLowerCase()));
  return (request, response, next) => {
    const host = hostOf(request.headers.host);
    if (host !== null && (names.has(host) || (isEveryInterface(listening) && isIP(host) !== 0))) next();
    else response.status(421).json({ error: 'this server does not go by that name; start it with --allow-host to let it in' });
  };
}
