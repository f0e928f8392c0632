import { idsOf } from './words'

/** How much of a cloth a fibre is, where nobody can say a percentage. */
export const SHARE_WORDS = {
  all: 'all of it',
  main: 'most of it',
  even: 'about half',
  minor: 'a smaller part',
} as const
export type Share = keyof typeof SHARE_WORDS
export const SHARES = idsOf(SHARE_WORDS)
