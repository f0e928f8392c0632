import { type EnoughLeft } from '@/core/making/enoughFor'
import { type Enough, type EnoughVerdict } from '@/core/choose/enough/enough'
import { capitalise, formatNeeded, formatOwned, type UnitSystem } from '@/core/units/format'

export const ENOUGH_WORDS: Record<EnoughVerdict, string> = {
  enough: 'There is enough',
  perhaps: 'Perhaps enough: lay out the pieces',
  short: 'Not enough',
  'lay-it-out': 'Lay out the pieces to see',
  buy: 'To buy',
}

/** “There is enough: it takes about 2.4 m, and there are 3 m.” */
export function enoughWords(
  { verdict, needMm, haveMm, taken = [] }: Enough & Partial<Pick<EnoughLeft, 'taken'>>,
  units: UnitSystem,
): string {
  const takes = `you need about ${formatNeeded(needMm, units)}`
  const by = taken.map(({ project, mm }) => `${project}${mm === null ? '' : ` (${formatNeeded(mm, units)})`}`)
  const left = by.length > 0 ? ` left after what is reserved for ${by.join(' and ')}` : ''
  const has = haveMm === null ? 'its length is not known' : `you have ${formatOwned(haveMm, units)}${left}`
  return verdict === 'buy' ? `${capitalise(takes)}; ${has}.` : `${ENOUGH_WORDS[verdict]}: ${takes}, ${has}.`
}
