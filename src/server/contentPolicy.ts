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
    `style-src 'self' 'nonce-${nonce}'`,
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
