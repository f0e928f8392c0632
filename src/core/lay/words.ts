import { type LayAnswer, type LayTask } from './types'

const LIES: Record<LayAnswer['layers'], string> = {
  single: 'in a single layer',
  'folded-lengthwise': 'folded lengthwise, selvedge to selvedge',
  'folded-crosswise': 'folded crosswise, end to end',
}

/** A lay in a sentence or two. */
export function layWords(answer: Omit<LayAnswer, 'text'>, task: LayTask): string {
  const { verdict, layers, usedLengthMm, unplaced, density, buy } = answer
  const share = `you use ${Math.round(density * 100)} % of it`
  const out = unplaced.reduce((sum, { copies }) => sum + copies.length, 0)
  const without = `${out === 1 ? 'One piece finds' : `${out} pieces find`} no room: ${namesOf(answer)}.`
  if (!task.cloth) return verdict === 'fits' ? `Everything fits on these fabrics; ${share}.` : without
  const length = `${(Math.ceil(usedLengthMm / 10) / 100).toFixed(2)} m`
  const wanted = buy ? ` Buy ${buy.metres} m.` : ''
  if (verdict === 'fits') return `Everything fits on ${length}, ${LIES[layers]}; ${share}.${wanted}`
  return `${without}${wanted}`
}

function namesOf({ unplaced }: Pick<LayAnswer, 'unplaced'>): string {
  return [...new Set(unplaced.map(({ id, why }) => `${id} (${why})`))].join(', ')
}
