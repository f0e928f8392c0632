import { countNoun } from '@/core/units/format'
import { GUESS_STEPS, type Guessed } from '@/core/vocabulary/guessing'

/** Nearer than that is as good as any scale, per cent. */
const GOOD_PERCENT = 5

/** How far off one guess is, in a sentence. */
export function offWords(what: Guessed, said: number, truth: number): string {
  const steps = GUESS_STEPS[what]
  if (steps) {
    const off = Math.abs(said - truth)
    if (off === 0) return 'Right.'
    return `You said ${steps[said]}: ${countNoun(off, 'step')} off.`
  }
  if (truth === 0) return said === 0 ? 'Right.' : 'It does not stretch at all.'
  const percent = Math.round((said / truth - 1) * 100)
  if (Math.abs(percent) <= GOOD_PERCENT) return 'As accurate as a kitchen scale.'
  return `You guessed ${Math.abs(percent)} % too ${percent > 0 ? 'much' : 'little'}.`
}
