/** What a page opened over a plain address (no TLS, not this machine) is not given by browsers; null on a secure one. */
export function missingWithoutTls(): string | null {
  if (window.isSecureContext !== false) return null;
  return 'Opened over a plain network address: browsers then allow no calls, no use without the server, no screen kept awake, and no backups by themselves. Everything else works; save files often.';
}
