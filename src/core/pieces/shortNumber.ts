/** Signs of a fabric's number: few to read aloud, and enough: of 20,000 fabrics some twelve pairs share one. */
const SIGNS = 6

/** The number of a fabric on its card: the end of its id, in capitals. @param id as records have it, hexadecimal */
export const shortNumberOf = (id: string): string => id.slice(-SIGNS).toUpperCase()

/**
 * The end of the id that a number stands for, as somebody types it: “No. 8203AB”, “8203 ab”.
 * @returns undefined where it is no number of a fabric
 */
export function readShortNumber(typed: string): string | undefined {
  const signs = typed.replace(/^\s*(?:no|nr|number)?[.:#\s]*/i, '').replace(/[\s-]/g, '')
  return /^[0-9a-f]{6}$/i.test(signs) ? signs.toLowerCase() : undefined
}
