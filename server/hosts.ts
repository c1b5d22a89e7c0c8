/** The names of this very machine. */
export const LOOPBACK: ReadonlySet<string> = new Set(['localhost', '127.0.0.1', '[::1]']);

/**
 * Whether a request means this server: a page elsewhere can point a name of its own at this machine.
 * @param host the `Host` header, such as `127.0.0.1:4180`. @param own the names that are this server's.
 */
export function isOwnHost(host: string | undefined, own: ReadonlySet<string> = LOOPBACK): boolean {
  if (host === undefined || /[/\\@?#\s]/.test(host) || !URL.canParse(`http://${host}`)) return false;
  return own.has(new URL(`http://${host}`).hostname);
}

/**
 * Whether a page may open a link: one of this very server, or a program without a page.
 * @param origin the `Origin` header. @param host the `Host` header.
 */
export function isOwnOrigin(origin: string | undefined, host: string | undefined): boolean {
  if (origin === undefined) return true;
  return URL.canParse(origin) && new URL(origin).host === host;
}
