/** Methods that change nothing. */
const SAFE = new Set(['GET', 'HEAD', 'OPTIONS'])

/** Open to scripts and spreadsheets, which send no origin; a browser always sends one with what could write. */
const FOR_SCRIPTS = /^\/api\/v1\/[a-z]+$/

/** Names of this very machine, whoever asks. */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]']

/** Where a server listens on every address of its machine. */
const EVERYWHERE = new Set(['0.0.0.0', '[::]'])

/**
 * Names that the program may be called by. A page of another site whose name was made to point here (DNS rebinding)
 * asks by its own name, and is turned away whatever it asks for.
 * @param configured `ROUGH_SWATCH_HOST`: names or addresses, by comma; the first is listened on
 * @param ownAddresses the addresses of this machine, allowed where it listens on all of them
 */
export function allowedHosts(configured: string | undefined, ownAddresses: readonly string[]): ReadonlySet<string> {
  const named = (configured ?? '')
    .split(',')
    .map((name) => bracketed(name.trim().toLowerCase()))
    .filter((name) => name !== '')
  const own = named.some((name) => EVERYWHERE.has(name)) ? ownAddresses.map(bracketed) : []
  return new Set([...LOOPBACK, ...named.filter((name) => !EVERYWHERE.has(name)), ...own])
}

/** Is this host one of ours, at whatever port? */
export function hostAllowed(host: string | null, allowed: ReadonlySet<string>): boolean {
  const name = host === null ? undefined : /^(\[[0-9a-f:.]+\]|[^:[\]/@\s]+)(:\d{1,5})?$/i.exec(host)?.[1]
  return name !== undefined && allowed.has(name.toLowerCase())
}

/**
 * May this request go on? Anything that could write must come from a page of this very server: its `Origin` names the
 * same host as `Host`. What is for scripts may also come without an origin, but not from a foreign page.
 * @param host the `Host` header, or null
 * @param origin the `Origin` header, or null
 * @param site the `Sec-Fetch-Site` header, or null: a browser says there that it is one, whatever else it leaves out
 */
export function originAllowed(
  method: string,
  path: string,
  host: string | null,
  origin: string | null,
  site: string | null = null,
): boolean {
  if (SAFE.has(method)) return true
  if (origin === null) return FOR_SCRIPTS.test(path) && (site === null || site === 'same-origin')
  try {
    return host !== null && new URL(origin).host === host
  } catch {
    return false
  }
}

/** An IPv6 address as it stands in a URL. */
function bracketed(name: string): string {
  return name.includes(':') && !name.startsWith('[') ? `[${name}]` : name
}
