import { careOf } from '../fabric/care'
import { type PiecePlanned, type WashPlan } from './washing'
import { mustHave } from '../lists/items'
import { inKg, inCelsius } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

/** What is washed together. */
export interface Load {
  id: string
  pieces: string[]
  kg: number
  celsius: number
  text: Phrase
}

export interface Household {
  washerKg: number
  dryer: boolean
  lineMetres: number
  celsius: number
  humidityPercent: number
}

/** Gentle programmes take half a drum. Common practice. */
const GENTLE_SHARE = 0.5

interface Group {
  key: string
  words: Phrase
  mostKg: number
  celsius: number
  members: { id: string; kg: number }[]
}

/**
 * Loads by heat, colour and kind, none over the drum: what runs goes alone, red with red, dark with dark, white by
 * itself. First fit, the heaviest first.
 * @returns ids of pieces that fit no drum, too
 */
export function loadsOf(
  planned: readonly { piece: PiecePlanned; plan: WashPlan }[],
  { washerKg }: Household,
): { loads: Load[]; tooHeavy: string[] } {
  const groups = new Map<string, Group>()
  const tooHeavy: string[] = []
  for (const { piece, plan } of planned) {
    if (plan.way !== 'machine') continue
    const isGentle = careOf(piece.offer).isGentle
    const mostKg = washerKg * (isGentle ? GENTLE_SHARE : 1)
    const kg = piece.grams / 1000
    if (kg > mostKg) {
      tooHeavy.push(piece.id)
      continue
    }
    const colour = colourOf(piece)
    const key = `${plan.celsius} ${colour} ${isGentle ? 'gentle' : 'usual'}`
    const celsius = mustHave(plan.celsius)
    const words = phrase`${colourWords(colour)}, ${inCelsius(celsius)}${isGentle ? ', gentle' : ''}`
    const group = groups.get(key) ?? { key, words, mostKg, celsius, members: [] }
    group.members.push({ id: piece.id, kg })
    groups.set(key, group)
  }
  const loads = [...groups.values()].flatMap(packed)
  // Named by its heaviest piece: a load that is added or falls away does not rename the others.
  return { loads: loads.map((load) => ({ ...load, id: `load-${load.pieces[0]}` })), tooHeavy }
}

/** What may be washed with what: a cloth that runs, or may, goes by itself. */
function colourOf({ id, bleeds, shade, testSquare }: PiecePlanned): string {
  const mayRun = bleeds === true || (bleeds === null && shade === 'red' && testSquare === null)
  return mayRun ? `on its own ${id}` : shade === 'red' || shade === 'bright' ? 'bright' : shade
}

function colourWords(colour: string): string {
  if (colour.startsWith('alone')) return 'Alone: its dye may run'
  return { white: 'White', light: 'Light', dark: 'Dark', bright: 'Bright and red' }[colour] ?? colour
}

function packed({ words, mostKg, celsius, members }: Group): Omit<Load, 'id'>[] {
  const drums: { ids: string[]; kg: number }[] = []
  for (const { id, kg } of [...members].sort((a, b) => b.kg - a.kg)) {
    const drum = drums.find((one) => one.kg + kg <= mostKg + 1e-9)
    if (drum) {
      drum.ids.push(id)
      drum.kg += kg
    } else drums.push({ ids: [id], kg })
  }
  return drums.map(({ ids, kg }) => ({
    pieces: ids,
    kg: Math.round(kg * 1000) / 1000,
    celsius,
    text: phrase`${words}: ${inKg(Math.round(kg * 10) / 10)} of ${inKg(mostKg)}.`,
  }))
}
