/** What can be wrong with cloth that is to be mended. */
export const DAMAGES = ['hole', 'worn', 'seam', 'tear'] as const
export type Damage = (typeof DAMAGES)[number]
export const DAMAGE_WORDS: Readonly<Record<Damage, string>> = {
  hole: 'a hole',
  worn: 'a worn, thin place',
  tear: 'a tear with both its edges',
  seam: 'an open seam',
}
