/** What is kept of the passphrase of a notebook that is open to the home network; empty where it is not. */
export const seal = (): string => process.env.ROUGH_SWATCH_SEAL ?? ''

export const isShared = (): boolean => seal() !== ''

/**
 * Where a phone reaches this program: the name by which it was asked for, which is one that the list of hosts allows,
 * or the address at which it is shared.
 * @param host as the browser sent it
 * @returns null where only this machine reaches it
 */
export function originForPhones(host: string | null): string | null {
  const isOwn = host === null || /^(?:localhost|127(?:\.\d+){3}|\[::1\])(?::\d+)?$/i.test(host)
  if (!isOwn) return `http://${host}`
  return process.env.ROUGH_SWATCH_SHARED?.replace(/\/$/, '') || null
}
