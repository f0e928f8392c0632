import { idsOf } from './words'

/** Paper that lies in most homes and that a home printer takes, mm, upright (ISO 216; ANSI/ASME Y14.1). */
export const PAPERS = {
  a4: { words: 'A4', width: 210, height: 297 },
  letter: { words: 'US Letter', width: 215.9, height: 279.4 },
} as const
export type PaperId = keyof typeof PAPERS
export const PAPER_IDS = idsOf(PAPERS)
