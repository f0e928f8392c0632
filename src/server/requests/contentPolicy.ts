/**
 * Styles without a nonce that may come in: an empty one, which is filled rule by rule by script, and the one of React
 * Aria. A page that is not there is put together in the browser before its head says the nonce.
 */
const KNOWN_STYLES = [
  `'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='`,
  `'sha256-38RhXrc7EdReTKsOm23ZPOCUgniTUUcjky8QOOrQx6o='`,
].join(' ')

/**
 * What a page of this program may load and do, as the browser enforces it: scripts and styles of its own, named by a
 * nonce that is new for every answer; nothing from elsewhere; nobody may frame it.
 * @param nonce of this answer
 * @param isDevelopment the development build evaluates code and talks over a socket
 */
export function contentPolicy(nonce: string, isDevelopment: boolean): string {
  return [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}'${isDevelopment ? ` 'unsafe-eval'` : ''}`,
    `style-src 'self' 'nonce-${nonce}' ${KNOWN_STYLES}`,
    // Attributes cannot carry a nonce: React Aria and the drawings set positions by them.
    `style-src-attr 'unsafe-inline'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    `connect-src 'self'${isDevelopment ? ' ws:' : ''}`,
    `worker-src 'self'`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ')
}
