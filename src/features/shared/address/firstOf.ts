/** One value of an address's question, which may be asked twice or at any length. */
export function firstOf(sent: string | string[] | undefined, most: number): string {
  return ((Array.isArray(sent) ? sent[0] : sent) ?? '').slice(0, most)
}
