/** Methods that change nothing. */
const SAFE = new Set(['GET', 'HEAD', 'OPTIONS'])

/** Computations that write nothing, open to scripts and spreadsheets that send no origin. */
const COMPUTES = /^\/api\/v1\/(identify|weigh|name|count|match)$/

/**
 * May this request go on? Anything that could write must come from a page of this very server: its `Origin` names the
 * same host as `Host`. A computation may also come without an origin, from a script, but not from a foreign page.
 * @param host the `Host` header, or null
 * @param origin the `Origin` header, or null
 */
export function originAllowed(method: string, path: string, host: string | null, origin: string | null): boolean {
  if (SAFE.has(method)) return true
  if (origin === null) return COMPUTES.test(path)
  try {
    return host !== null && new URL(origin).host === host
  } catch {
    return false
  }
}
